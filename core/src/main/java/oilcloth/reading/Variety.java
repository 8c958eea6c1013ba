package oilcloth.reading;

import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.stream.Stream;
import oilcloth.guide.Food;
import oilcloth.guide.GuideSnapshot;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;

/** A kind that is no safer than another food, told apart from its name: "Peaches … White-fleshed, which is all we grow". */
enum Variety {
    WHITE_PEACH(
            "peach, white",
            List.of("peach, yellow", "nectarine"),
            "\\b(white[- ]?flesh(ed)?|(white|pale) (ones?|kinds?|sorts?|variety|varieties|types?)|(flesh|inside) (is|are|was|were) white|(is|are|was|were|they're) white (inside|fleshed|within|through))\\b"),
    ASIAN_PEAR(
            "asian pear",
            List.of("pear"),
            "\\b(asian (ones?|kinds?|sorts?|variety|varieties|types?)|nashis?|apple[- ]pears?)\\b");

    /** "Never the white ones", "do not use white-flesh peaches". */
    private static final Cue REFUSED = Cue.of("\\b(not|never|no|avoid|\\w+n't)\\b( \\w+){0,2} $");

    private static final int REACH = 24;

    private final String food;
    private final List<String> of;
    private final Cue told;

    Variety(String food, List<String> of, String told) {
        this.food = food;
        this.of = of;
        this.told = Cue.of(told);
    }

    static void settle(String text, Draft draft, GuideSnapshot guide) {
        for (Variety variety : values()) {
            boolean named = Stream.concat(
                            draft.titleFoods.stream(),
                            draft.ingredients.stream().map(Ingredient::food))
                    .map(Food::name)
                    .anyMatch(variety.of::contains);
            if (named && variety.isTold(text.toLowerCase(Locale.ROOT))) {
                draft.ingredients.replaceAll(
                        i -> variety.of.contains(i.food().name()) ? i.withFood(guide.food(variety.food)) : i);
                draft.titleFoods.replaceAll(f -> variety.of.contains(f.name()) ? guide.food(variety.food) : f);
            }
        }
    }

    private boolean isTold(String low) {
        Matcher kind = told.matcher(low);
        return kind.find()
                && !REFUSED.matcher(low.substring(Math.max(0, kind.start() - REACH), kind.start()))
                        .find();
    }
}
