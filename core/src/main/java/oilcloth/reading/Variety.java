package oilcloth.reading;

import java.util.List;
import java.util.Locale;
import oilcloth.guide.GuideSnapshot;
import oilcloth.text.Cue;

/** A kind that is no safer than another food, told apart from its name: "Peaches … White-fleshed, which is all we grow". */
enum Variety {
    WHITE_PEACH(
            "peach, white",
            List.of("peach, yellow", "nectarine"),
            "white[- ]?flesh(ed)?|(?<!egg )(white|pale) (ones?|kinds?|sorts?|variety|varieties|types?)|(flesh|inside) (is|are|was|were) white"),
    ASIAN_PEAR(
            "asian pear",
            List.of("pear"),
            "asian (ones?|kinds?|sorts?|variety|varieties|types?)|nashis?|apple[- ]pears?");

    private final String food;
    private final List<String> of;
    private final Cue told;

    Variety(String food, List<String> of, String words) {
        this.food = food;
        this.of = of;
        this.told = Cue.of("(?<!\\b(not|never|no|avoid|the) )\\b(?:" + words
                + ")\\b|\\b(are|were|is|was|use|used|mine|got) the (?:" + words + ")\\b");
    }

    static void settle(String text, Draft draft, GuideSnapshot guide) {
        String low = text.toLowerCase(Locale.ROOT);
        for (Variety variety : values()) {
            if (variety.told.matcher(low).find()) {
                draft.ingredients.replaceAll(
                        i -> variety.of.contains(i.food().name()) ? i.withFood(guide.food(variety.food)) : i);
                draft.titleFoods.replaceAll(f -> variety.of.contains(f.name()) ? guide.food(variety.food) : f);
            }
        }
    }
}
