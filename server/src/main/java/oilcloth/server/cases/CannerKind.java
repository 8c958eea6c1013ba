package oilcloth.server.cases;

import java.util.Optional;
import oilcloth.guide.Gauge;
import oilcloth.recipe.CanningMethod;

/** The canner somebody owns. */
enum CannerKind {
    BOILING_WATER(CanningMethod.BOILING_WATER, null),
    STEAM(CanningMethod.STEAM, null),
    PRESSURE_WEIGHTED(CanningMethod.PRESSURE, Gauge.WEIGHTED),
    PRESSURE_DIAL(CanningMethod.PRESSURE, Gauge.DIAL);

    private final CanningMethod method;
    private final Gauge gauge;

    CannerKind(CanningMethod method, Gauge gauge) {
        this.method = method;
        this.gauge = gauge;
    }

    CanningMethod method() {
        return method;
    }

    Optional<Gauge> gauge() {
        return Optional.ofNullable(gauge);
    }
}
