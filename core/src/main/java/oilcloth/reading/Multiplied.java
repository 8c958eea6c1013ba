package oilcloth.reading;

import java.util.Optional;
import java.util.regex.Matcher;
import oilcloth.guide.Acidity;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.Lexicon;
import oilcloth.recipe.Unread;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/**
 * "I double the mushrooms", "an extra pint of peppers", "twice the suet": more or less of something listed than its figure
 * tells, so that figure is not known any more. Asked about where the food bears on acid, density or fat.
 */
final class Multiplied {
    private static final Cue FACTOR = Cue.of(
            "\\b(doubl(e|ed|ing)|tripl(e|ed|ing)|halv(e|ed|ing)|twice|(half|two|three|four|five|\\d) times (as|the)|half again|extra|additional)\\b(?! (virgin|large|fancy|fine|lean|light|time|minutes?|wide|firm|thick|hot|ripe))");

    /** Tokens between the factor and the food: "twice as much of the diced green". */
    private static final int REACH = 7;

    private final Lexicon lexicon;

    Multiplied(Lexicon lexicon) {
        this.lexicon = lexicon;
    }

    /** Asks after nothing before an ingredient has been given its amount: then there is nothing to double. */
    void read(Sentence s, Draft draft) {
        if (!s.has(FACTOR)
                || draft.ingredients.stream().noneMatch(i -> i.amount().isPresent())) {
            return;
        }
        Matcher factors = FACTOR.matcher(s.low());
        while (factors.find()) {
            if (s.negatedAt(factors.start())) {
                continue;
            }
            Range factor =
                    new Range(factors.start(), factors.end()).shift(s.range().start());
            // "halve the tomatoes" cuts them
            boolean halves = s.low().startsWith("halv", factors.start());
            named(s, s.first(factor) + 1, halves)
                    .ifPresent(food -> draft.unread.add(new Unread(factor.to(food), true)));
        }
    }

    /** The food that matters next in the same clause. */
    private Optional<Range> named(Sentence s, int from, boolean acidOnly) {
        for (int i = from; i < Math.min(s.size(), from + REACH) && !s.is(i, ",") && !s.is(i, ";"); i++) {
            Optional<Lexicon.Match> found = s.food(lexicon, i);
            if (found.isPresent()) {
                int end = i + found.get().length();
                return Optional.of(s.span(i, end))
                        .filter(r -> found.get().food().isAcidulant()
                                || !acidOnly && matters(found.get().food()));
            }
        }
        return Optional.empty();
    }

    private static boolean matters(Food food) {
        boolean sour = food.kind() == FoodClass.FRUIT && food.acidity() == Acidity.HIGH;
        boolean free = food.isSeasoning()
                || food.kind() == FoodClass.SALT
                || food.kind() == FoodClass.SWEETENER
                || food.kind() == FoodClass.PECTIN;
        return !sour && !free;
    }
}
