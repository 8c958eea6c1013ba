package oilcloth.check.headspace;

import java.util.Set;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.DenseFood;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Acidity;
import oilcloth.guide.FoodClass;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Facts;

/** Purées and mashes of low-acid food. */
public final class PackDense implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "pack.dense",
            "A purée or mash too dense for the heat",
            "In a thick mash heat creeps by conduction only. The middle of the jar stays too cool, however long the process.",
            "Guide 4");

    private static final Set<String> MASHED = Set.of("puree", "milled", "fine");
    private static final Set<String> SPREADS = Set.of("butter", "jam", "spread", "sauce", "pie-filling");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        if (s.placement().isPlaced()
                || s.method().filter(m -> m == CanningMethod.COLD_STORAGE).isPresent()) {
            return;
        }
        Set<String> forms = Facts.values(s.facts().forms());
        boolean dense = s.produce().main().filter(DenseFood::is).isPresent();
        boolean mashed = forms.stream().anyMatch(MASHED::contains)
                || dense && forms.stream().anyMatch(SPREADS::contains);
        boolean lowAcid = s.kind() == FoodKind.LOW_ACID
                && s.produce()
                        .main()
                        .filter(f -> f.acidity() == Acidity.LOW && f.kind() != FoodClass.TOMATO)
                        .isPresent();
        if (mashed && (lowAcid || dense)) {
            out.add(Finding.of(INFO.code(), "dense", Severity.DANGER, s.cite(INFO.source()))
                    .at(s.facts().forms().stream()
                            .filter(f -> MASHED.contains(f.value()) || SPREADS.contains(f.value()))
                            .findFirst())
                    .word("food", s.produce().main().orElseThrow().name())
                    .fix());
        }
    }
}
