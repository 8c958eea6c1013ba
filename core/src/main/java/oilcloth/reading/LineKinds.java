package oilcloth.reading;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.guide.FoodClass;
import oilcloth.guide.Lexicon;
import oilcloth.text.Cue;
import oilcloth.text.Range;
import oilcloth.text.Sentences;
import oilcloth.text.Token;

/** What a line by itself is: the name of the dish, a heading, a line of the list. */
final class LineKinds {
    private static final int TITLE_LENGTH = 90;
    private static final int ITEM_LENGTH = 160;
    private static final Cue BULLET = Cue.of("^\\s*([-*•·–▢□+>]|\\[ ?\\])\\s+");
    private static final Pattern GREETING = Pattern.compile(
            "(?i)^(hi|hello|dear|good (morning|day|evening|afternoon)|thanks|thank you|greetings|to whom|from:|to:|date:|sent:|cc:|re: ?$)\\b.*");
    private static final Pattern SUBJECT = Pattern.compile("(?i)^(subject|title|name|recipe|re|fwd?)\\s*:\\s*");
    private static final Pattern HEADING = Pattern.compile("(?i)^[#*_ ]*(for the |the )?[a-z' /&-]{2,40}:[*_ ]*$");

    private static final Pattern PROCESS_WORDS = Pattern.compile(
            "(?i)\\b(process|canner|bath|headspace|psi|simmer|boil|pack|fill|pour|stir|add|combine|bring|wash|peel|cool|makes|yield)\\w*\\b");

    private final Lexicon lexicon;
    private final IngredientFinder ingredients;

    LineKinds(Lexicon lexicon, IngredientFinder ingredients) {
        this.lexicon = lexicon;
        this.ingredients = ingredients;
    }

    static boolean isHeading(String words) {
        return HEADING.matcher(words).matches();
    }

    /** "Whole-kernel corn: 3 quarts" among others of its kind: no title, whatever else it may look like. */
    boolean isOfList(Written whole, Range line) {
        if (!whole.listsAmountsLast()) {
            return false;
        }
        Sentence s = new Sentence(whole, line, true);
        return AmountLast.is(s, lexicon)
                && FormWords.HEARD_IN_BODY.stream()
                        .noneMatch(f -> s.find(f.pattern()).isPresent());
    }

    /** "This is my procedure for pears:" */
    private static final Pattern HOW_FOR = Pattern.compile(
            "(?i)^((this is|here is|here's|here are|below is) )?(my|our|the) (\\w+ ){0,2}(procedure|method|recipe|directions|way|steps|process)( for| of| to can| with)? (?<dish>[a-z' -]{3,40}):$");

    /** The dish a line announces, within it. */
    Optional<Range> dishAnnounced(String words) {
        Matcher about = HOW_FOR.matcher(words);
        return about.matches() && namesProduce(about.group("dish"))
                ? Optional.of(new Range(about.start("dish"), about.end("dish")))
                : Optional.empty();
    }

    private static final Pattern ANY_HEADING = Pattern.compile("(?m)" + HEADING.pattern());

    /** "Green beans:" over all there is, and no name of a part among others. */
    boolean isOnlyHeading(String words, String text) {
        return isHeading(words)
                && !PART.matcher(words).find()
                && namesProduce(words)
                && ANY_HEADING
                        .matcher(text)
                        .results()
                        .noneMatch(h -> !h.group().strip().equals(words.strip()) && namesProduce(h.group()));
    }

    private boolean namesProduce(String words) {
        return ingredients.foodsOf(new Sentence(words, new Range(0, words.length()), false)).stream()
                .anyMatch(f -> f.kind().isProduce() || f.kind() == FoodClass.MEAT);
    }

    /** Whether a line by itself names the dish. */
    boolean isTitle(String words) {
        String bare = SUBJECT.matcher(words).replaceFirst("").strip();
        if (bare.isEmpty()
                || bare.length() > TITLE_LENGTH
                || SeveralRecipes.MEASURED.matcher(bare).find()
                || GREETING.matcher(bare).matches()
                || bare.endsWith(",")) {
            return false;
        }
        boolean labelled = SUBJECT.matcher(words).find();
        boolean sentence =
                bare.endsWith(".") || bare.endsWith("?") || bare.endsWith("!") || bare.split("\\s+").length > 12;
        Sentence s = new Sentence(bare, new Range(0, bare.length()), false);
        // "7 quarts of cherry pie filling:" is what comes out of it
        boolean makes = bare.endsWith(":") && ProductName.namesForm(s);
        boolean amount = !makes
                && Amounts.at(s.tokens(), 0)
                        .map(a -> a.unitSaid() || s.token(0).isNumber())
                        .orElse(false);
        return !amount
                && (labelled || !sentence)
                && !BULLET.in(words)
                && (!HEADING.matcher(words).matches() || namesDish(s, words))
                && !words.contains(";")
                && (!ingredients.foodsOf(s).isEmpty() || ProductName.namesForm(s));
    }

    private static final Pattern PART = Pattern.compile(
            "(?i)^\\W*(for )?(the )?(\\w+ )?(ingredients|brine|syrup|sauce|spices|directions|for)\\b|\\bfor\\b");

    /** "Tomato & veg juice:", but not "For the juice:". */
    private boolean namesDish(Sentence s, String words) {
        return ProductName.namesForm(s)
                && !PART.matcher(words).find()
                && !ingredients.foodsOf(s).isEmpty();
    }

    static boolean namesForm(String bare) {
        return ProductName.namesForm(new Sentence(bare, new Range(0, bare.length()), false));
    }

    /** Whether a line stands in a list, where a bare name is an ingredient. */
    boolean isItem(String text, Range line) {
        String words = line.of(text);
        boolean bullet = BULLET.in(words);
        if (words.length() > ITEM_LENGTH) {
            return false;
        }
        Sentence s = new Sentence(text, line, true);
        int at = 0;
        while (at < s.size() && s.token(at).kind() == Token.Kind.SIGN && at < 3) {
            at++;
        }
        if (at >= s.size()) {
            return false;
        }
        if (s.token(at).isNumber()
                && (s.is(at + 1, ")")
                        || (s.is(at + 1, ".")
                                && at + 2 < s.size()
                                && !s.token(at + 2).isNumber()
                                && s.token(at).raw().length() <= 2))) {
            return false;
        }
        Optional<Amounts.Found> amount = Amounts.at(s.tokens(), at);
        if (amount.isPresent() && (amount.get().unitSaid() || s.token(at).isNumber())) {
            int next = amount.get().next();
            boolean time = next < s.size()
                    && (s.token(next).norm().startsWith("min")
                            || s.token(next).norm().startsWith("hour")
                            || s.is(next, "hr")
                            || s.is(next, "hrs"));
            return !time
                    && Sentences.of(text, line).size() <= 2
                    && !(words.length() > 60
                            && PROCESS_WORDS.matcher(words).results().count() > 1);
        }
        if (AmountLast.is(s, lexicon)) {
            return true;
        }
        boolean shortLine = s.size() <= 8 && !PROCESS_WORDS.matcher(words).find();
        return shortLine && (bullet || s.food(lexicon, at).isPresent()) && !words.endsWith("?") && !words.endsWith("!");
    }
}
