package oilcloth.reading;

import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import oilcloth.guide.Lexicon;
import oilcloth.recipe.Unread;
import oilcloth.text.Cue;

/**
 * Fail safe for steps: what is done to the food in words nobody knows. A tested time holds for the form that was tested;
 * "riced", "zapped to a slush" or "cut in ribbons" may lie tighter in the jar, so a step not understood blocks "sound".
 */
final class StepWords {
    private static final WordList KNOWN = WordList.load("step-words.txt");
    private static final WordList PLAIN = WordList.load("plain-words.txt");

    /** Who does it, or what it follows: a verb stands here. */
    private static final Cue VERB_PLACE = Cue.of("and|then|i|we|you|she|he|mom|grandma|just|or|&|to|,|;|:|\\.|\\(");

    /** What it is done to. */
    private static final Set<String> OBJECTS =
            Set.of("them", "it", "everything", "all", "these", "those", "the", "my", "your", "our", "each", "both");

    private static final Set<String> FOOD_PRONOUNS =
            Set.of("them", "it", "everything", "mixture", "fruit", "vegetables", "meat");
    private static final Set<String> CLAUSE_END = Set.of(",", ";", ".", ":", "(", ")", "but", "because", "so");

    /** "cut into ribbons", "cooked to a mush": the shape it ends in. */
    private static final Cue SHAPE = Cue.of(
            "\\b(?:cut|cutting|slice|sliced|chop|chopped|cook|cooked|boil|boiled|simmer|simmered|turn|turned|work|worked|run|ran|made|make|broken|break|reduced?|down)\\b"
                    + "(?: (?:it|them|up|down|the [a-z]+|all))* (?:into|in|to)(?: (?:a|an|the|about|small|smaller|large|big|thin|thick|fine|nice|even|bite|bite-size|bite-sized|long|short|smooth|soft|little|neat|half|halves|of|inch|1|2|3|4|-|/|\"|and|or))* ([a-z]{3,})\\b");

    private static final Set<String> SHAPES = words(
            ("pieces piece chunks cubes cube slices slice halves quarters spears strips rounds wedges rings lengths dice florets coins sections segments eighths thirds "
                    + "sticks fourths half quarter jars jar pot kettle pan pans bowl water boil boiling syrup juice brine size sizes inch inches thickness thirds crock oven "
                    + "canner order taste sauce puree paste mush jam jelly butter third batches small hot cold own their its this that medium high low heat simmer soft tender "
                    + "gallon quart quarts pint pints qt qts pt pts liquid broth stock water vinegar day days stages season bits boil point gel degree degrees thick thicken sugar salt for over"));

    private final Lexicon lexicon;

    StepWords(Lexicon lexicon) {
        this.lexicon = lexicon;
    }

    private static Set<String> words(String list) {
        return Set.copyOf(List.of(list.split(" ")));
    }

    static boolean isKnown(String word) {
        if (KNOWN.hasForm(word)) {
            return true;
        }
        for (String prefix : new String[] {"un", "re", "pre", "over", "under"}) {
            if (word.startsWith(prefix)
                    && word.length() >= prefix.length() + 3
                    && isKnown(word.substring(prefix.length()))) {
                return true;
            }
        }
        int dash = word.lastIndexOf('-');
        return dash > 0 && isKnown(word.substring(dash + 1));
    }

    /** A word of the kitchen, or of every day, whose effect is known. */
    static boolean isPlain(String word) {
        return isKnown(word) || isManner(word) || PLAIN.has(word) || Vocabulary.KITCHEN.contains(word);
    }

    /** "easily", "lengthwise": how it is done; an adverb makes no other form of a food. */
    static boolean isManner(String word) {
        return word.length() > SHORTEST_ADVERB
                && (word.endsWith("ly") && !word.endsWith("elly") || word.endsWith("wise"));
    }

    private static final int SHORTEST_ADVERB = 5;

    void read(Sentence s, Draft draft) {
        boolean food = namesFood(s);
        int named = 0;
        for (int i = 0; i < s.size(); i++) {
            String word = s.token(i).norm();
            int from = i;
            named = Math.max(
                    named, s.food(lexicon, i).map(m -> from + m.length()).orElse(0));
            // "black-eyed peas": the second word of a name is no verb
            if (i < named || !s.token(i).isWord() || word.length() < 4 || word.indexOf('\'') > 0 || isKnown(word)) {
                continue;
            }
            boolean done = word.endsWith("ed")
                    && !Talk.isCommon(word)
                    && (clauseNamesFood(s, i) || food && (i == 0 || s.is(i - 1, ",")));
            boolean told = !PLAIN.has(word)
                    && (i == 0 || VERB_PLACE.is(s.token(i - 1).norm()))
                    && object(s, i + 1)
                    && !Talk.isAbout(word)
                    && !EverydayWords.has(word);
            // "creamed corn" has a process of its own
            if (s.food(lexicon, i).isPresent() || s.negatedToken(i) || s.is(i, "creamed") && s.is(i + 1, "corn")) {
                continue;
            }
            if (done || told || isUnknownFood(s, i, word)) {
                draft.unread.add(new Unread(s.span(i, Math.min(s.size(), i + 2)), true));
            } else if (isStrange(s, i, word) && (clauseNamesFood(s, i) || food && isAboutFood(s, i))) {
                draft.unread.add(Unread.form(s.span(i, i + 1)));
            }
        }
        shapes(s, draft);
    }

    /** What is done to produce, and to nothing else in a kitchen. */
    private static final Cue PREPARES = Cue.of(
            "(wash|rins|trim(m|s)?|peel|par|slic|chop|shell|snap|dic|pitt?|cor|stemm?|hull|husk|shred|grat|quarter|halv|shuck|scrub)(e|ed|ing|s|es)?");

    /** "Washed and trimmed zorbels, raw in pints": a crop nobody knows. */
    private boolean isUnknownFood(Sentence s, int i, String word) {
        int verb = i - 1;
        while (verb >= 0 && BEFORE_A_CROP.contains(s.token(verb).norm())) {
            verb--;
        }
        return verb >= 0
                && word.endsWith("s")
                && PREPARES.is(s.token(verb).norm())
                && (i + 1 >= s.size() || CLAUSE_END.contains(s.token(i + 1).norm()))
                && isStrange(s, i, word);
    }

    private static final Set<String> BEFORE_A_CROP =
            words("the my our some these those a few of fresh young small ripe");

    /** "Doris adds water": what stands behind a name at the head of a sentence. */
    private static final Set<String> SOMEBODY_DOES = words(
            "adds puts does says swears leaves likes uses makes cans thinks told said did came gave helped wants brought"
                    + " and called wrote loves tells showed asked");

    /** No name, no abbreviation, no plain word: it may say what the food was made into. */
    /** "My daughter Cassie … Cassie ate half": written large within a sentence, too. */
    private static boolean isNamedElsewhere(Sentence s, int i) {
        String name = s.token(i).raw();
        String whole = s.whole();
        for (int at = whole.indexOf(name); at >= 0; at = whole.indexOf(name, at + 1)) {
            boolean within = at > 1
                    && whole.charAt(at - 1) == ' '
                    && (Character.isLowerCase(whole.charAt(at - 2)) || whole.charAt(at - 2) == ',');
            if (within
                    && (at + name.length() == whole.length()
                            || !Character.isLetter(whole.charAt(at + name.length())))) {
                return true;
            }
        }
        return false;
    }

    private boolean isStrange(Sentence s, int i, String word) {
        // a capital is a name, except in a title, where it may be "Carrot Ribbons"
        boolean capital = Character.isUpperCase(s.token(i).raw().charAt(0));
        boolean name = capital
                && (i > 0
                        ? !produce(s, i - 1)
                        : s.size() > 1 && SOMEBODY_DOES.contains(s.token(1).norm()) || isNamedElsewhere(s, i));
        return !name
                && !s.isClaimed(i)
                && !PLAIN.has(word)
                && !isManner(word)
                && !SlipOfThePen.of(word, StepWords::isPlain)
                && !Talk.isCommon(word)
                && !Vocabulary.KITCHEN.contains(word)
                && !SHAPES.contains(word)
                && !isPlaceOrThing(s, i)
                && !PouredOff.drainsFat(s, i)
                && !(FLAMES.contains(word) && s.has(BLISTERS))
                && !(word.endsWith("s")
                        && (PLAIN.has(word.substring(0, word.length() - 1))
                                || Vocabulary.KITCHEN.contains(word.substring(0, word.length() - 1))))
                && Units.at(s.tokens(), i).isEmpty()
                && JarMentions.at(s, i).isEmpty()
                && !isComparedPlain(word)
                && !EverydayWords.has(word);
    }

    /** "Smaller ones taste sweeter". */
    private static boolean isComparedPlain(String word) {
        int ending = word.endsWith("er") ? 2 : word.endsWith("est") ? 3 : 0;
        String base = word.substring(0, word.length() - ending);
        return ending > 0 && (isPlain(base) || isPlain(base + "e"));
    }

    /** "Roasted on the grill till the skins blistered": how peppers are peeled. */
    private static final Set<String> FLAMES = words("grill griddle campfire burner flame");

    private static final Cue BLISTERS =
            Cue.of("\\b(skins?|peppers?|chiles?|chilies)\\b.*\\b(blister|char|blacken)\\w*");

    private static final Set<String> ARTICLES = words("the a an my our your his her their");
    private static final Set<String> AT_A_PLACE =
            words("across from for at by near under over behind beside past around because when while way");

    /** "Hi, this is lorna out on the county road". */
    private static final Set<String> CALLS_FROM = words("out over calling again here down up");

    /** "Across the grain", "the way our homemakers club does": no tool and no shape stands there. */
    private static boolean isPlaceOrThing(Sentence s, int i) {
        String word = s.token(i).norm();
        boolean tool = word.endsWith("er") || word.endsWith("or");
        boolean speaker = s.is(i - 2, "this")
                && s.is(i - 1, "is")
                && i + 1 < s.size()
                && CALLS_FROM.contains(s.token(i + 1).norm());
        return speaker
                || i > 1
                        && !tool
                        && ARTICLES.contains(s.token(i - 1).norm())
                        && (AT_A_PLACE.contains(s.token(i - 2).norm()) || s.is(i - 2, "of") && s.is(i - 3, "out"));
    }

    private void shapes(Sentence s, Draft draft) {
        if (!s.has(SHAPE)) {
            return;
        }
        Matcher shape = SHAPE.matcher(s.low());
        while (shape.find()) {
            String word = shape.group(1);
            if (SHAPES.contains(word) || isPlain(word)) {
                continue;
            }
            int offset = s.range().start() + shape.start(1);
            for (int i = 0; i < s.size(); i++) {
                if (s.token(i).range().start() == offset && s.food(lexicon, i).isEmpty()) {
                    draft.unread.add(new Unread(s.span(i, i + 1), true));
                }
            }
        }
    }

    private boolean object(Sentence s, int i) {
        boolean named = i + 1 < s.size() && IDLE_OBJECTS.contains(s.token(i + 1).norm());
        return i < s.size() && (OBJECTS.contains(s.token(i).norm()) && !named || produce(s, i));
    }

    private boolean produce(Sentence s, int i) {
        return s.food(lexicon, i).filter(m -> m.food().kind().isProduce()).isPresent();
    }

    private boolean namesFood(Sentence s) {
        for (int i = 0; i < s.size(); i++) {
            if (produce(s, i)) {
                return true;
            }
        }
        return false;
    }

    /** "carrots, beaten till fluffy, …": a short clause of the same sentence, unless it speaks of jars or canner. */
    private static boolean isAboutFood(Sentence s, int at) {
        int from = at;
        while (from > 0
                && at - from < LONGEST_CLAUSE
                && !CLAUSE_END.contains(s.token(from - 1).norm())) {
            from--;
        }
        int to = at;
        while (to < s.size()
                && to - at < LONGEST_CLAUSE
                && !CLAUSE_END.contains(s.token(to).norm())) {
            to++;
        }
        for (int i = from; i < to; i++) {
            if (NOT_FOOD.contains(s.token(i).norm())) {
                return false;
            }
        }
        return to - from <= SHORT_CLAUSE;
    }

    /** Words; so that a text without a comma takes no longer. */
    private static final int LONGEST_CLAUSE = 30;

    private static final int SHORT_CLAUSE = 9;
    private static final Set<String> IDLE_OBJECTS =
            words("bubbles air steam timer band bands burner foam gasket seal rubber vent petcock");

    private static final Set<String> NOT_FOOD = words(
            "i we jar jars lid lids canner canned gauge pressure process processed weight ring rings band bands rim rims elevation altitude live lives town county kitchen stove book recipe she he they");

    /** From one comma to the next: is it the food that something was done to? */
    private boolean clauseNamesFood(Sentence s, int at) {
        for (int step : new int[] {-1, 1}) {
            for (int i = at + step;
                    i >= 0
                            && i < s.size()
                            && Math.abs(i - at) < LONGEST_CLAUSE
                            && !CLAUSE_END.contains(s.token(i).norm());
                    i += step) {
                if (FOOD_PRONOUNS.contains(s.token(i).norm()) || produce(s, i)) {
                    return true;
                }
            }
        }
        return false;
    }
}
