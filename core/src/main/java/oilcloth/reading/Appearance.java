package oilcloth.reading;

import java.util.BitSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import oilcloth.guide.FoodClass;
import oilcloth.guide.Lexicon;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/**
 * How the jars turned out, told behind the recipe or asked about: "they floated, and the syrup is cloudy at the bottom".
 * Such a sentence changes nothing of what was done, if all its words are known to be of that kind: the lists hold no sign of
 * spoilage, no step, no amount and nothing of how full, hot or covered a jar was. One strange word, and it is read on.
 */
final class Appearance {
    private static final Map<String, WordList> WORDS = WordList.sections("appearance-words.txt");
    private static final WordList TURNS = WORDS.get("turns");
    private static final WordList IS = WORDS.get("is");
    private static final WordList WITH = WORDS.get("with");
    private static final PatternFile PHRASES = PatternFile.load("appearance-phrases.txt");
    /** Behind, before and between the looks. */
    private static final List<Cue> BESIDE = PHRASES.cues("beside");

    private static final List<Cue> LOOKS = PHRASES.cues("looks");

    /** What known words say together that is no matter of looks: lids up, liquid gone, how the food was before, skins left on. */
    private static final Cue MATTERS = PHRASES.any("matters");

    /** What is white of these may be the kind of fruit, and that is a danger. */
    private static final Set<String> WHITE_KINDS = Set.of("peach", "nectarine");

    private final Lexicon lexicon;

    Appearance(Lexicon lexicon) {
        this.lexicon = lexicon;
    }

    /**
     * Whether a sentence tells of nothing but the looks.
     *
     * @param done whether jars have been filled and timed: before, "soft" and "brown" may be how the food came
     */
    boolean isTold(Sentence s, Draft draft, boolean done) {
        if (s.has(MATTERS)) {
            return false;
        }
        BitSet told = new BitSet(s.size());
        LOOKS.forEach(p -> s.mark(p, told));
        boolean turns = false;
        boolean is = done && !told.isEmpty();
        BESIDE.forEach(p -> s.mark(p, told));
        for (int i = 0; i < s.size(); i += lengthAt(s, i)) {
            String word = s.token(i).norm();
            if (told.get(i) || !s.token(i).isWord() && !s.token(i).isNumber()) {
                continue;
            }
            if (s.token(i).isNumber()) {
                if (!counts(s, i)) {
                    return false;
                }
            } else if (isAnotherFood(s, i, draft)) {
                return false;
            } else if (TURNS.hasForm(word) || isByNature(word, draft)) {
                turns = true;
            } else if (IS.hasForm(word)) {
                is |= done;
            } else if (!WITH.hasForm(word) && !isListed(s, i, draft)) {
                return false;
            }
        }
        return (turns || is) && !(saysWhite(s) && isOfWhiteKinds(draft));
    }

    private static final Set<String> COUNTED =
            Set.of("jar", "jars", "pints", "quarts", "of", "lids", "out", "weeks", "months", "days", "years", "or");

    /** "3 of the 7 jars". */
    private static boolean counts(Sentence s, int i) {
        return i + 1 < s.size() && COUNTED.contains(s.token(i + 1).norm());
    }

    /** A sign of spoilage that is none here: okra makes its liquid slimy. */
    static boolean isByNature(String sign, Draft draft) {
        return sign.toLowerCase(Locale.ROOT).startsWith("slim")
                && draft.ingredients.stream().anyMatch(i -> i.food().group().equals("okra"));
    }

    private int lengthAt(Sentence s, int i) {
        return s.food(lexicon, i).map(Lexicon.Match::length).orElse(1);
    }

    private static final String SIGHT = "\\b(bits|specks?|flecks?|dots?|crumbs|pieces|powder|sediment|haze|colou?r)\\b";

    private static final Cue SEEN = Cue.of(SIGHT);

    /** What one sees in a jar and names: "the red specks are bacon". */
    private static final Cue NAMED =
            Cue.of(SIGHT + "( \\w+){0,5} (is|are|was|were|comes?|came)( from| just| only| all| bits of| pieces of)* $");

    /** Tokens before the food. */
    private static final int REACH = 12;

    /** A food that is not of the recipe and is seen in the jars. */
    Optional<Range> another(Sentence s, Draft draft) {
        if (draft.facts.times().isEmpty() || !s.has(SEEN)) {
            return Optional.empty();
        }
        BitSet told = new BitSet(s.size());
        LOOKS.forEach(p -> s.mark(p, told));
        BESIDE.forEach(p -> s.mark(p, told));
        return IntStream.range(0, s.size())
                .filter(i -> !told.get(i) && isAnotherFood(s, i, draft))
                .filter(i -> s.isBefore(i, REACH, NAMED))
                .mapToObj(i -> s.span(i, i + 1))
                .findFirst();
    }

    private static final Set<String> IN_ANY_JAR =
            Set.of("liquid", "syrup", "juice", "brine", "bone", "bones", "peel", "broth");

    /** Foods, and colours. */
    private static final Set<String> COLOURS = Set.of("orange", "olive", "caramel", "salmon", "chestnut", "chocolate");

    /** Said to be in the jar, perhaps, and not of the recipe: "there's peas in it for color". */
    private boolean isAnotherFood(Sentence s, int i, Draft draft) {
        return s.food(lexicon, i).isPresent()
                && (!COLOURS.contains(s.token(i).norm()) || s.is(i + 1, "oil"))
                && !IN_ANY_JAR.contains(s.token(i).norm())
                && draft.ingredients.stream().anyMatch(known -> !s.range().contains(known.range()))
                && !(s.is(i, "meat")
                        && draft.ingredients.stream()
                                .anyMatch(known -> known.food().kind() == FoodClass.MEAT))
                && !isListed(s, i, draft);
    }

    private boolean isListed(Sentence s, int i, Draft draft) {
        return s.food(lexicon, i)
                .filter(m -> draft.ingredients.stream()
                        .filter(known -> !s.range().contains(known.range()))
                        .anyMatch(known -> known.food().group().equals(m.food().group())))
                .isPresent();
    }

    private static boolean saysWhite(Sentence s) {
        return s.tokens().stream().anyMatch(t -> t.norm().startsWith("white"));
    }

    private static boolean isOfWhiteKinds(Draft draft) {
        return draft.ingredients.stream()
                .anyMatch(i -> WHITE_KINDS.contains(i.food().group()));
    }
}
