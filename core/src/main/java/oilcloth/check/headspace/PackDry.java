package oilcloth.check.headspace;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.FoodClass;
import oilcloth.guide.Pack;
import oilcloth.guide.Process;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.Fact;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;

/** Vegetables, or hot meat, packed dry where the tested process covers them with liquid. */
public final class PackDry implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "pack.dry",
            "Packed without the liquid that was tested",
            "The liquid carries the heat into the jar. Without it the middle stays cooler for longer.",
            "Guide 4");

    private static final Set<FoodClass> MEATS = Set.of(FoodClass.MEAT, FoodClass.SEAFOOD);

    /** "Nothing else added" may still have been covered. */
    private static final Cue DENIED = Cue.of("\\b(dry|no|not|without|don'?t|didn'?t|nothing (over|on|poured))\\b");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        boolean lowAcid = s.kind() == FoodKind.LOW_ACID;
        if (!lowAcid && s.kind() != FoodKind.PICKLE) {
            return;
        }
        List<Fact<String>> liquids = s.facts().liquids();
        boolean covered = liquids.stream().anyMatch(l -> !l.value().equals("none"))
                || s.recipe().inJar().stream().anyMatch(PackDry::covers);
        boolean meat = s.produce().main().filter(f -> MEATS.contains(f.kind())).isPresent();
        // raw meat and fish make their own juice, and were tested so
        boolean testedDry = meat
                && !(s.placement().isPlaced() && s.placement().open().stream().allMatch(PackDry::isCovered));
        if (covered || testedDry) {
            return;
        }
        liquids.stream()
                .filter(l -> l.range()
                        .filter(r -> DENIED.in(r.of(s.recipe().text()).toLowerCase(Locale.ROOT)))
                        .isPresent())
                .findFirst()
                .ifPresent(l -> out.add(
                        Finding.of(INFO.code(), "dry", lowAcid ? Severity.DANGER : Severity.CORRECT, s.citePlaced(INFO))
                                .at(l)
                                .fix()));
    }

    private static boolean covers(Ingredient i) {
        return i.food().kind() == FoodClass.WATER || i.food().isVinegar() || PackLiquid.isLiquid(i.food());
    }

    private static boolean isCovered(Process process) {
        return process.pack() == Pack.HOT;
    }
}
