package oilcloth.reading;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import oilcloth.guide.Food;
import oilcloth.guide.GuideSnapshot;
import oilcloth.measure.Amount;
import oilcloth.measure.Unit;
import oilcloth.text.Cue;

/** What the words around a juice or a vinegar say of its acid. */
final class AcidWords {
    private static final Cue BOTTLED = Cue.of(
            "\\bbottled\\b|\\b(from|out of) (a|the) bottle\\b|\\bstore[- ]bought\\b|\\breconstituted\\b|\\bfrom concentrate\\b");
    /** The bottle is named only to say that the juice is not from it. */
    private static final Cue NOT_BOTTLED = Cue.of(
            "(\\b(no|not|without|(?<!juice )(?<!lemon )out of(?! a)|never|hate|dislike|no more|instead of|rather than|in place of)|n['’]?t \\w+)"
                    + "( any)?( of)?( the| a)? (bottled?|store[- ]bought|reconstituted)\\b");

    /** "1 cup lime or lemon juice". */
    private static final Cue EITHER_JUICE =
            Cue.of("\\b(lemon|lime) ?(or|and|/|&|and/or|or/and) ?(lemon|lime) juice\\b");

    private static final Cue SQUEEZED = Cue.of(
            "(?<!not )(?<!n['’]t )\\b((?<!drained and )squeezed?(?! (dry|out)\\b)|fresh(ly)? squeezed|from (our|my|the) (lemons?|limes?|tree)|real lemons)\\b");

    private static final Cue FRESH = Cue.of(
            "\\bfresh(ly)?([- ]squeezed)?\\b|\\b(?<!drained and )squeezed?\\b(?! (dry|out)\\b)|\\b(from|off( of)?) (our|my|the|a|her|his) ((own|backyard|neighbou?r's|meyer|eureka|key|potted) )*(lemons?|limes?|trees?)\\b|\\breal lemons\\b");
    private static final Cue PERCENT = Cue.of(
            "(\\d+(?:\\.\\d+)?)\\s*(?:(?:to|-|–|or)\\s*(\\d+(?:\\.\\d+)?)\\s*)?(?:%|per ?cent|pct)|\\b(five|four|six) per ?cent|\\b(\\d+)[- ]grain");
    private static final Cue HOMEMADE = Cue.of(
            "\\b(home[- ]?made|my own|our own|own)\\b[^.;,]{0,24}\\bvinegar|\\b(apple )?(scrap|peel|core) vinegar|\\bvinegar,? (is |was )?(our own |my own )?home[- ]?made|\\bvinegar\\b[^.;]{0,24}\\b(i|we|he|she|they|(my|our|a) \\w+) (make|made|makes|ferment|ferments|brew|brews|brewed)\\b");

    private static final Cue CUT_UP = Cue.of(
            "\\b(zest|rind|peel|slic|chop|grat|minc|dic)\\w*|\\b(lemon|lime) (balm|basil|thyme|grass|verbena|pepper|extract|oil|leaf|leaves|mint|salt)\\b");

    private AcidWords() {}

    /** "Should I have added lemon?" says that none was. */
    private static final Cue ASKING = Cue.of(
            "\\b(want(s|ed)? to know|asks?|asked|wonders?|wondered) why (the |there's |there is |(i|we) (add|use|put)( in)?( the)? )(lemon|vinegar|acid|citric)\\b"
                    + "|\\b(i|we) (never|didn't|did not|used to not) (use|used|add|added|put|bother with|bothered with) (the |any )?(lemon|acid|citric|vinegar)( juice| acid)?( in)? (before|until|till) ((your|the|this) (class|course|workshop|leaflet|sheet|book|bulletin|newsletter|lesson|talk|handout)|(i|we) (took|read|heard|learned|came)|taking|reading)\\b(?![^.;]*\\b(didn't|did not|don't|still|neither|nor|either|this time)\\b)"
                    + "|\\b(should|shouldn't|must|do|need|could|can) (i|we|you)( have)?( to| need to)?( also| still)? (add|added|use|used|put|include)\\b[^?]*\\?"
                    + "|\\b(do|would|did|should|will) (i|we|you|they|these|it|mine) (really |still |even |always |actually )*(need|require|want|have to have)\\b[^?]*\\?|\\b(is|are|was) (the |any |that |extra |added )*((bottled )?lemon|lime|vinegar|citric|acid)( juice| acid)? (really |still |even |truly )*(needed|necessary|required|a must)\\b[^?]*\\?|\\b(can|could|may|should) (i|we|you) (just )?(skip|omit|leave (off|out)|do without|get by without|drop)\\b[^?]*\\?");

    /** "Do I need the lemon in these?": asked, and not done. */
    static boolean isAskedOf(Sentence s) {
        return s.has(ASKING);
    }

    /** "Lemon", which may stand for its juice. */
    static boolean isWholeFruit(Food food) {
        return food.name().equals("lemon") || food.name().equals("lime");
    }

    /** The food as the sentence around it makes it: bottled or fresh, bought or homemade. */
    static Food kind(GuideSnapshot guide, Sentence s, Food food, Optional<Amount> amount) {
        boolean whole = isWholeFruit(food);
        boolean counted = amount.filter(a -> a.unit() == Unit.EACH).isPresent();
        if (whole && !counted && s.has(EITHER_JUICE) && amount.isPresent() && !s.has(BOTTLED)) {
            return guide.food(food.name() + " juice, " + (s.has(FRESH) ? "fresh" : "kind unsaid"));
        }
        if (whole && !counted && s.has(BOTTLED) && !denied(s)) {
            return guide.food(food.name() + " juice, bottled");
        }
        if (whole && amount.isPresent() && s.low().contains("juice of")) {
            return guide.food(food.name() + " juice, fresh");
        }
        if (whole
                && (counted
                        || amount.map(a -> a.unit().kind() == Unit.Kind.VOLUME && s.has(FRESH))
                                .orElse(true))) {
            // "3 lemons", "2 Tbsp fresh lemon" are as much juice as they give, and it is fresh
            return guide.food(food.name() + " juice, fresh");
        }
        boolean spoons = amount.filter(a -> a.unit() == Unit.TABLESPOON || a.unit() == Unit.TEASPOON)
                .isPresent();
        if (whole && spoons && !s.has(CUT_UP)) {
            // "1 Tbsp lemon per pint"
            return guide.food(food.name() + " juice, kind unsaid");
        }
        if (food.name().endsWith("kind unsaid")) {
            String fruit = food.name().startsWith("lime") ? "lime" : "lemon";
            boolean bottled = s.has(BOTTLED);
            boolean denied = denied(s);
            if (bottled && !denied) {
                return guide.food(fruit + " juice, bottled");
            }
            if (s.has(FRESH) || bottled) {
                return guide.food(fruit + " juice, fresh");
            }
        }
        if (food.isVinegar() && s.has(HOMEMADE)) {
            return guide.food("vinegar, homemade");
        }
        return food;
    }

    /** "The lemon juice was from the tree", where its dose has been told: which it was, and nothing of the table. */
    static boolean tellsKind(Sentence s, Draft draft, Food food) {
        return (food.isCitrusJuice() || isWholeFruit(food))
                && (s.has(FRESH) || s.has(BOTTLED))
                && draft.ingredients.stream()
                        .anyMatch(i -> i.food().isCitrusJuice() && i.amount().isPresent());
    }

    private static boolean denied(Sentence s) {
        return s.has(NOT_BOTTLED) || s.has(SQUEEZED);
    }

    /** The acetic acid the sentence states for a vinegar, %. */
    static OptionalDouble strength(Sentence s, Food food) {
        return food.isVinegar() ? percent(s.low()) : OptionalDouble.empty();
    }

    /** The acetic acid a sentence states, the weakest of a range; "50 grain" is 5 %. */
    static OptionalDouble percent(String low) {
        Matcher m = PERCENT.matcher(low);
        if (!m.find()) {
            return OptionalDouble.empty();
        }
        if (m.group(1) != null) {
            return OptionalDouble.of(Double.parseDouble(m.group(1)));
        }
        if (m.group(3) != null) {
            return OptionalDouble.of(m.group(3).equals("four") ? 4 : m.group(3).equals("five") ? 5 : 6);
        }
        return OptionalDouble.of(Double.parseDouble(m.group(4)) / 10);
    }
}
