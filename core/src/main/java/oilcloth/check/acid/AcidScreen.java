package oilcloth.check.acid;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import oilcloth.acidity.AcidSum;
import oilcloth.acidity.Brine;
import oilcloth.acidity.PhScreen;
import oilcloth.check.Aspect;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Acidity;
import oilcloth.guide.FamilyLimit;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.CanningMethod;

/** An acidified mixture without a tested relative. */
public final class AcidScreen implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "acid.screen",
            "An acidified mixture without a tested relative",
            "No tested recipe vouches for these proportions, and arithmetic alone cannot.",
            "Guide 1");

    /** A recipe that only misses by rounding does not miss. */
    private static final double ROUNDING = 0.99;

    private static final double MOST_SHOWN = 999;

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public boolean looksLast() {
        return true;
    }

    @Override
    public void look(Subject s, Findings out) {
        boolean cold = s.method().filter(m -> m == CanningMethod.COLD_STORAGE).isPresent();
        boolean mixture = s.kind() == FoodKind.ACIDIFIED
                || s.kind() == FoodKind.PICKLE
                || (!s.placement().family().isEmpty()
                        && s.kind() != FoodKind.LOW_ACID
                        && s.produce().foods().stream().anyMatch(f -> f.acidity() != Acidity.HIGH));
        if (s.placement().isPlaced() || !mixture || cold || s.produce().isEmpty()) {
            return;
        }
        boolean graver =
                out.found().stream().anyMatch(f -> f.aspect() == Aspect.ACID && f.severity() == Severity.DANGER);
        if (graver) {
            return;
        }
        AcidSum sum = AcidSum.of(s.recipe());
        // acid in each jar is not in the sum, and a fig jam has no family of tested mixtures to be held to
        boolean comparable = sum.known()
                && (s.kind() == FoodKind.ACIDIFIED || s.kind() == FoodKind.PICKLE)
                && s.recipe().acids().stream().noneMatch(i -> i.perJar().isPresent());
        FamilyLimit limit = s.guide()
                .limit(s.placement().family())
                .or(() -> s.guide().limit("pickle"))
                .orElseThrow();
        Map<String, Double> missed = comparable ? missed(sum, Brine.of(s.recipe()), limit) : Map.of();
        String variant =
                !missed.isEmpty() ? "limits" : sum.known() && !PhScreen.of(sum).raisesFlag() ? "unmatched" : "screen";
        Finding.Builder finding = Finding.of(INFO.code(), variant, Severity.CORRECT, s.cite(INFO.source()));
        missed.forEach(finding::figure);
        s.recipe().acids().forEach(i -> finding.at(i.range()));
        out.add(finding.fix());
    }

    /** Stated figures on the wrong side of the family's weakest tested ones, each followed by that limit. */
    private static Map<String, Double> missed(AcidSum sum, Optional<Brine> brine, FamilyLimit limit) {
        Map<String, Double> missed = new LinkedHashMap<>();
        if (sum.lowAcidCups() > 0 && sum.ratio() > limit.lowAcidCupsPerCupAcidMax()) {
            missed.put("statedCupsPerCupAcid", round(Math.min(sum.ratio(), MOST_SHOWN)));
            missed.put("familyCupsPerCupAcid", limit.lowAcidCupsPerCupAcidMax());
        }
        if (brine.isPresent()
                && limit.brinePercentMin().isPresent()
                && brine.get().percent() < limit.brinePercentMin().getAsDouble() * ROUNDING) {
            missed.put("statedBrinePercent", round(brine.get().percent()));
            missed.put("familyBrinePercent", limit.brinePercentMin().getAsDouble());
        }
        if (sum.equivalentPercent() < limit.equivalentPercentMin() * ROUNDING) {
            missed.put("statedAcidPercent", round(sum.equivalentPercent()));
            missed.put("familyAcidPercent", limit.equivalentPercentMin());
        }
        if (sum.hydrogenPerKg() < limit.hydrogenPerKgMin() * ROUNDING) {
            missed.put("statedAcidPerKg", round(sum.hydrogenPerKg()));
            missed.put("familyAcidPerKg", limit.hydrogenPerKgMin());
        }
        return missed;
    }

    private static double round(double value) {
        return Math.round(value * 100) / 100.0;
    }
}
