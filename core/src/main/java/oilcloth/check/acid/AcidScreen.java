package oilcloth.check.acid;

import oilcloth.check.Aspect;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Acidity;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.CanningMethod;

/** An acidified mixture without a tested relative. */
public final class AcidScreen implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "acid.screen",
            "An acidified mixture without a tested relative",
            "No tested recipe vouches for these proportions, and arithmetic alone cannot.",
            "Guide 1");

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
        if (!graver) {
            out.add(Finding.of(INFO.code(), "unmatched", Severity.CORRECT, s.cite(INFO.source()))
                    .fix());
        }
    }
}
