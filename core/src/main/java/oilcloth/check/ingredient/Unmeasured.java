package oilcloth.check.ingredient;

import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Acidity;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;

/** A handful, some, to taste. */
public final class Unmeasured implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "ingredient.unmeasured",
            "Something that bears on acid was not measured",
            "What nobody measured cannot be compared with what was tested.",
            "Guide 1");

    private static final Cue VAGUE = Cue.of(
            "\\b(handfuls?|some|a few|a bit of|a bunch of|a couple of|as many|as much|however (many|much)|lots of|plenty of|to taste|to your taste|until it looks right|as you like|what(ever)? i (had|have))\\b");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        boolean mixture = s.kind() == FoodKind.ACIDIFIED
                || s.kind() == FoodKind.PICKLE
                        && s.placement().recipe().filter(r -> r.isPacked()).isEmpty();
        if (!mixture) {
            return;
        }
        for (Ingredient i : s.recipe().inJar()) {
            boolean measured = i.mostVolume().isPresent() || i.perJar().isPresent();
            if (measured || !s.said().around(i.range(), VAGUE)) {
                continue;
            }
            boolean lowAcid = i.food().kind().isProduce() && i.food().acidity() != Acidity.HIGH;
            if (lowAcid && !FreshHerbGarlic.judges(i.food())) {
                out.add(Finding.of(INFO.code(), "produce", Severity.CORRECT, s.citePlaced(INFO))
                        .at(i.range())
                        .word("food", i.food().name())
                        .fix());
            } else if (i.food().isSeasoning()) {
                out.add(Finding.of(INFO.code(), "spice", Severity.NOTE, s.citePlaced(INFO))
                        .at(i.range())
                        .word("food", i.food().name()));
            }
        }
    }
}
