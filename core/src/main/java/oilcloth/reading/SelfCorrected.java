package oilcloth.reading;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.Lexicon;
import oilcloth.text.Cue;
import oilcloth.text.Folded;
import oilcloth.text.Range;
import oilcloth.text.Token;
import oilcloth.text.Tokens;

/**
 * What a writer takes back in the same breath: "15 - sorry, 20 minutes", "in quarts, I mean pints", "cabbage... no wait,
 * celery". What was said first is not told, where what stands behind it is of the same kind: both figures of one measure,
 * both jars, both foods of one class, both the one or the other way to pack.
 */
final class SelfCorrected {
    private static final String STRONG =
            "sorry|oops|whoops|(?:scratch|strike) that|correction|i mean|i meant|i should say|make that|or rather|my mistake|my bad|i tell a lie|take that back|excuse me|pardon(?: me)?|that's (?:wrong|not right)|hold on|hang on|(?<=no,? )wait(?! \\d)|wait(?= no\\b)|wait(?=[,.…!–—-])|wait(?= (?:it|that|they|these|this|i|we)\\b)";

    /** Neither takes anything back by itself unless a sign sets it off. */
    private static final String WEAK = "no|nope|nah|actually|er+|u+h+|u+m+";

    private static final String HESITATES = "oh|ah|hm+|well|but|let me see|let's see";

    private static final Cue TAKES_BACK = Cue.of(
            "( ?(?:\\.{2,}|…|[,;(–—.!?]|-{1,2}) ?| )((?:\\b(?:" + STRONG + "|" + WEAK
                    + "|" + HESITATES
                    + ")\\b[ ,.:;!…–—-]*)+)((?:it|that|this|these|those|they)(?:'s|'re| is| are| was| were)(?! the| not) |(?:i|we)(?: had| have|'d|'ve)? (?:used?|do|did|meant|put|give|gave|leave|left|make|made|fill|filled|pack|packed) )?(?:was |were )?(?:(?:at|in|for|about) )?");

    /** Groups of it: the sign before it, what takes back, and how what holds is told. */
    private static final int SIGN = 1;

    private static final int WORDS = 2;
    private static final int TOLD = 3;

    private static final Pattern IS_STRONG = Pattern.compile("\\b(" + STRONG + ")");
    private static final Pattern IS_WEAK = Pattern.compile("\\b(" + WEAK + ")\\b");

    /** "Corn, sorry, no beans this year": of what stands behind it. */
    private static final Pattern DENIES = Pattern.compile("\\b(no|nope|nah) *$");

    private static final Pattern ENDS_SENTENCE = Pattern.compile("(?<!\\.)[.!?] ?$");
    private static final Pattern ASKS = Pattern.compile("\\? ?$");

    /** "I mean ten." */
    private static final Pattern ENDS_CLAUSE = Pattern.compile(" ?([.,;:)!?–—]|$|- |and\\b|then\\b)");

    /** "Oops, 11 lb is what it should be", "I mean pints, some of them", "ten was it?": what was done nobody can tell. */
    private static final Pattern MAY_NOT_HOLD = Pattern.compile(
            " ?\\?|[^.;!?\\n]{0,24}?\\b(should|would|could|might|was it|is it|what|ought|supposed|wants?|needs?|says?|said|enough|plenty|guess|maybe|perhaps|probably|is (right|better|best)|some|mostly?|a few|half of|one of|two of)\\b");

    /** Words of which one holds and not the other. */
    private static final List<Set<String>> EITHER = List.of(
            Set.of("light", "medium", "heavy", "thin"),
            Set.of("raw", "hot", "cold"),
            Set.of("dial", "weighted"),
            Set.of("fresh", "bottled", "frozen", "dried"),
            Set.of("white", "cider", "malt"));

    private static final Set<String> PACK = Set.of("pack", "packed", "syrup", "gauge");

    private static final String JAR = "jar";
    private static final Set<String> JARS =
            Set.of("pint", "pints", "quart", "quarts", "pt", "pts", "qt", "qts", "gallon", "gallons");

    private static final Map<String, String> MEASURES = Map.ofEntries(
            Map.entry("psi", "MASS"),
            Map.entry("feet", "height"),
            Map.entry("ft", "height"),
            Map.entry("foot", "height"),
            Map.entry("'", "height"),
            Map.entry("inch", "length"),
            Map.entry("inches", "length"),
            Map.entry("in", "length"),
            Map.entry("\"", "length"));

    /** Characters in which what is taken back stands, and what holds. */
    private static final int REACH = 48;

    /** "11 pounds, dial. Oh wait, 12 pounds": tokens between the figure and its correction. */
    private static final int APART = 3;

    /**
     * Something that may be taken back, or hold instead.
     *
     * @param kind two of one kind may stand for each other; empty for a figure without its measure
     * @param words what it is called, where it is no figure
     * @param figure the figure of a measure
     */
    private record Said(String kind, String words, Range range, Optional<Range> figure) {
        boolean isOfTheKindOf(Said other) {
            boolean figures = figure.isPresent() && other.figure.isPresent();
            return kind.equals(other.kind) || figures && (kind.isEmpty() || other.kind.isEmpty());
        }
    }

    /** "Cabbage... no, NOT cabbage": named, and not put in. */
    private static final Pattern NOT_THAT = Pattern.compile(
            "\\b([a-z]{3,}) ?(?:\\.{2,}|…|[,;(–—-]{1,2}) ?(?:(?:oh|no|wait|sorry|oops),? )+not (?:the |any )?\\1\\b(?! (?:alone|only|just|this|any))");

    private SelfCorrected() {}

    /** The text without what is taken back in it, every letter else where it was. */
    static String without(String text, Lexicon lexicon) {
        String low = Folded.of(text, new Range(0, text.length()));
        if (!TAKES_BACK.in(low)) {
            return text;
        }
        StringBuilder told = new StringBuilder(text);
        NOT_THAT.matcher(low).results().forEach(n -> blank(told, new Range(n.start(), n.end())));
        Matcher m = TAKES_BACK.matcher(low);
        for (int from = 0; m.find(from); from = Math.max(m.end(WORDS), from + 1)) {
            boolean sentence = ENDS_SENTENCE.matcher(m.group(SIGN)).find();
            boolean setOff = !m.group(SIGN).isBlank()
                    && (!sentence
                            || m.group(TOLD) != null
                            || ASKS.matcher(m.group(SIGN)).find());
            if (IS_STRONG
                            .matcher(low)
                            .region(m.start(WORDS), m.end(WORDS))
                            .useTransparentBounds(true)
                            .find()
                    || setOff && IS_WEAK.matcher(m.group(WORDS)).find()) {
                correct(told, low, m, sentence, lexicon);
            }
        }
        return told.toString();
    }

    private static void correct(StringBuilder told, String low, Matcher m, boolean sentence, Lexicon lexicon) {
        String soFar = told.toString();
        int start = Math.max(low.lastIndexOf('\n', m.start()) + 1, m.start() - REACH);
        int newLine = low.indexOf('\n', m.end());
        int end = Math.min(newLine < 0 ? low.length() : newLine, m.end() + REACH);
        List<Token> before = Tokens.of(soFar, new Range(start, m.start()));
        List<Token> behind = Tokens.of(soFar, new Range(m.end(), end));
        boolean denies = m.group(TOLD) == null && DENIES.matcher(m.group(WORDS)).find();
        for (Said holds : first(behind, lexicon)) {
            if (denies && holds.figure().isEmpty()) {
                continue;
            }
            Optional<Said> taken = last(before, holds, lexicon);
            if (taken.isEmpty() || sentence && !taken.get().kind().equals(holds.kind())) {
                continue;
            }
            if (MAY_NOT_HOLD
                    .matcher(low)
                    .region(holds.range().end(), low.length())
                    .lookingAt()) {
                continue;
            }
            boolean bare = holds.kind().isEmpty() && !taken.get().kind().isEmpty();
            if (bare
                    && !ENDS_CLAUSE
                            .matcher(low)
                            .region(holds.range().end(), low.length())
                            .lookingAt()) {
                continue;
            }
            blank(told, taken.get().range());
            blank(told, new Range(m.start(), m.end()));
            if (bare) {
                measureAgain(told, low, taken.get(), holds);
            }
            if (m.group(SIGN).strip().equals("(")) {
                int close = low.indexOf(')', holds.range().end());
                if (close >= 0 && close < end) {
                    told.setCharAt(close, ' ');
                }
            }
            return;
        }
    }

    /** "Seven minutes, I mean ten": the measure stands only with what was taken back. */
    private static void measureAgain(StringBuilder told, String low, Said taken, Said holds) {
        Range all = new Range(taken.range().start(), holds.range().end());
        String figure = holds.range().of(low);
        String measure = low.substring(
                        taken.figure().orElseThrow().end(), taken.range().end())
                .strip();
        blank(told, all);
        told.replace(all.start(), all.start() + figure.length(), figure);
        told.replace(all.end() - measure.length(), all.end(), measure);
    }

    private static void blank(StringBuilder told, Range range) {
        for (int i = range.start(); i < range.end(); i++) {
            told.setCharAt(i, ' ');
        }
    }

    /** What may stand at the very start of the words behind the correction, the likeliest first. */
    private static List<Said> first(List<Token> behind, Lexicon lexicon) {
        if (behind.isEmpty()) {
            return List.of();
        }
        // "half pints" are no half of a pint here
        Optional<Said> jar = jar(behind, 0);
        Optional<Said> figure = jar.isPresent() ? jar : figure(behind, 0);
        return figure.map(List::of).orElseGet(() -> Stream.of(food(behind, lexicon), either(behind, 0))
                .flatMap(Optional::stream)
                .toList());
    }

    /** What stands last before the correction and is of the kind of what holds instead. */
    private static Optional<Said> last(List<Token> before, Said holds, Lexicon lexicon) {
        int size = before.size();
        if (holds.figure().isPresent()) {
            Optional<Said> last = Optional.empty();
            for (int i = 0; i < size; i++) {
                Optional<Said> said = figure(before, i);
                if (said.isPresent()) {
                    last = said;
                    i = next(before, said.get()) - 1;
                }
            }
            return last.filter(s -> size - next(before, s) <= APART && s.isOfTheKindOf(holds));
        }
        // the longest name first: "crab-apple? no, plums"
        for (int i = Math.max(0, size - APART - 2); i < size; i++) {
            Optional<Said> said = Stream.of(jar(before, i), foodAt(before, i, lexicon), either(before, i))
                    .flatMap(Optional::stream)
                    .filter(s -> isLast(before, s))
                    .filter(s -> s.isOfTheKindOf(holds) && !s.words().equals(holds.words()))
                    .findFirst();
            if (said.isPresent()) {
                return said;
            }
        }
        return Optional.empty();
    }

    /** Right before the correction; a jar may have what is in it behind it. */
    private static boolean isLast(List<Token> before, Said said) {
        int behind = before.size() - next(before, said);
        return behind == 0
                || behind == 1 && PACK.contains(before.get(before.size() - 1).norm())
                || said.kind().equals(JAR);
    }

    private static int next(List<Token> tokens, Said said) {
        int i = tokens.size();
        while (i > 0 && tokens.get(i - 1).range().start() >= said.range().end()) {
            i--;
        }
        return i;
    }

    private static Optional<Said> figure(List<Token> tokens, int at) {
        return Numbers.at(tokens, at).map(figure -> {
            Range number =
                    tokens.get(at).range().to(tokens.get(figure.next() - 1).range());
            int unit =
                    figure.next() < tokens.size() && tokens.get(figure.next()).is("-")
                            ? figure.next() + 1
                            : figure.next();
            if (unit >= tokens.size()) {
                return new Said("", "", number, Optional.of(number));
            }
            String word = tokens.get(unit).norm();
            Optional<Units.Found> measure = Units.at(tokens, unit);
            String kind = TimeWords.MINUTE.contains(word) || TimeWords.HOUR.contains(word)
                    ? "time"
                    : MEASURES.getOrDefault(
                            word, measure.map(u -> u.unit().kind().name()).orElse(""));
            int last =
                    measure.filter(u -> !kind.isEmpty()).map(Units.Found::next).orElse(unit + 1) - 1;
            return new Said(
                    kind,
                    "",
                    kind.isEmpty() ? number : number.to(tokens.get(last).range()),
                    Optional.of(number));
        });
    }

    private static Optional<Said> jar(List<Token> tokens, int at) {
        int jar = at;
        if (tokens.get(at).is("half") && at + 1 < tokens.size()) {
            jar += tokens.get(at + 1).is("-") && at + 2 < tokens.size() ? 2 : 1;
        }
        Range named = tokens.get(at).range().to(tokens.get(jar).range());
        String size = (jar > at ? "half " : "") + tokens.get(jar).norm();
        boolean half = jar == at && at > 0 && HALF.contains(tokens.get(at - 1).norm());
        return JARS.contains(tokens.get(jar).norm()) && !half
                ? Optional.of(new Said(JAR, size, named, Optional.empty()))
                : Optional.empty();
    }

    private static final Set<String> HALF = Set.of("half", "-");

    /** "Ground beef", "the pintos". */
    private static Optional<Said> food(List<Token> tokens, Lexicon lexicon) {
        int at = 0;
        while (at + 1 < tokens.size()
                && OF_A_FOOD.contains(tokens.get(at).norm())
                && lexicon.at(tokens, at).isEmpty()) {
            at++;
        }
        return foodAt(tokens, at, lexicon);
    }

    private static final Set<String> OF_A_FOOD = Set.of(
            "the", "some", "my", "ground", "chopped", "diced", "sliced", "fresh", "dried", "dry", "raw", "whole",
            "ripe");

    private static Optional<Said> foodAt(List<Token> tokens, int at, Lexicon lexicon) {
        return lexicon.at(tokens, at)
                .filter(m -> m.food().kind() != FoodClass.OTHER)
                .map(m -> new Said(
                        kind(m.food()),
                        m.food().name(),
                        tokens.get(at)
                                .range()
                                .to(tokens.get(at + m.length() - 1).range()),
                        Optional.empty()));
    }

    private static String kind(Food food) {
        return food.kind() == FoodClass.SEAFOOD
                ? FoodClass.MEAT.name()
                : food.kind().name();
    }

    private static Optional<Said> either(List<Token> tokens, int at) {
        for (int i = 0; i < EITHER.size(); i++) {
            if (EITHER.get(i).contains(tokens.get(at).norm())) {
                return Optional.of(new Said(
                        "either " + i, tokens.get(at).norm(), tokens.get(at).range(), Optional.empty()));
            }
        }
        return Optional.empty();
    }
}
