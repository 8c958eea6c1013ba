package oilcloth.check.ingredient;

import java.util.Locale;
import java.util.regex.Matcher;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.FoodClass;
import oilcloth.measure.Volume;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;

/** Iodised, table, kosher and sea salt in pickles and ferments. */
public final class SaltKind implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "ingredient.salt-kind",
            "A salt that clouds, or is measured by another volume",
            "Table salt clouds the brine, and flaked salts weigh less by the spoon. Canning salt is what was tested.",
            "Guide 6");

    private static final Cue KIND = Cue.of("(?<!non-)(?<!un)\\b(iodi[sz]ed|table|kosher|sea|himalayan|rock)\\b");
    /** A cup of light flaked salt weighs a little over half of a cup of canning salt. */
    private static final double KOSHER_TO_CANNING = 0.55;

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        boolean ferment = s.placement().recipe().filter(r -> r.isFermented()).isPresent();
        if (s.kind() != FoodKind.PICKLE && s.kind() != FoodKind.ACIDIFIED && !ferment) {
            return;
        }
        for (Ingredient i : s.recipe().ingredients()) {
            if (i.food().kind() != FoodClass.SALT) {
                continue;
            }
            Matcher kind = KIND.matcher(i.range().of(s.recipe().text()).toLowerCase(Locale.ROOT));
            if (!kind.find()) {
                continue;
            }
            boolean kosher = kind.group().startsWith("kosher");
            Finding.Builder finding = Finding.of(
                            INFO.code(), kosher ? "kosher" : "table", Severity.CAUTION, s.citePlaced(INFO))
                    .at(i.range());
            if (kosher) {
                double tablespoons = i.mostVolume().map(Volume::cups).orElse(0.0) * 16;
                finding.figure("statedTbsp", round(tablespoons))
                        .figure("canningSaltTbsp", round(tablespoons * KOSHER_TO_CANNING));
            }
            out.add(finding.fix());
        }
    }

    private static double round(double value) {
        return Math.round(value * 4) / 4.0;
    }
}
