package oilcloth.check.acid;

import java.util.Set;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Acidity;
import oilcloth.guide.FoodClass;
import oilcloth.measure.Volume;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Facts;
import oilcloth.text.Cue;

/** Jelly from corncobs, flowers, herbs, peppers, garlic or vegetables below the tested acid. */
public final class LowAcidJelly implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "acid.low-acid-jelly",
            "A jelly of something that is low in acid",
            "Flowers, herbs, corncobs, peppers and garlic have no acid of their own; sugar does not make them safe.",
            "Guide 7");

    private static final Cue NAMED = Cue.of(
            "\\b(corn ?cob|dandelion|violet|lilac|rose petal|rose|flower|lavender|hibiscus|herb|basil|rosemary|thyme|sage|garlic|onion|pepper|carrot|zucchini|tea|coffee)s? (jelly|jam)\\b");
    private static final Cue JELLY = Cue.of("\\bjelly\\b");
    /** Cups of peppers to a cup of vinegar in the tested pepper jelly. */
    private static final double LEAST_RATIO = 3.7;

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        boolean jelly = Facts.values(s.facts().forms()).stream().anyMatch(Set.of("jelly", "jam")::contains);
        if (!jelly
                || s.placement().isPlaced()
                || s.method().filter(m -> m == CanningMethod.COLD_STORAGE).isPresent()) {
            return;
        }
        // "Chamomile jelly": no fruit and no vegetable in it is as good as none with acid
        boolean named =
                s.said().opening(NAMED) || s.produce().isEmpty() && s.said().opening(JELLY);
        boolean lowAcid =
                s.produce().foods().stream().anyMatch(f -> f.acidity() == Acidity.LOW && f.kind() != FoodClass.NUT);
        double acid = s.recipe().acids().stream()
                .mapToDouble(i -> i.leastVolume().map(Volume::cups).orElse(0.0))
                .sum();
        double solids = s.produce().ingredients().stream()
                .filter(i -> i.food().acidity() == Acidity.LOW)
                .mapToDouble(i -> i.mostVolume().map(Volume::cups).orElse(1.0))
                .sum();
        if ((named || lowAcid) && acid * LEAST_RATIO < Math.max(solids, 1)) {
            out.add(Finding.of(INFO.code(), "jelly", Severity.DANGER, s.cite(INFO.source()))
                    .at(s.facts().forms().stream()
                            .filter(f -> f.value().equals("jelly") || f.value().equals("jam"))
                            .findFirst())
                    .fix());
        }
    }
}
