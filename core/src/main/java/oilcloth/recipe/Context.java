package oilcloth.recipe;

import java.time.Instant;
import java.util.Optional;
import oilcloth.guide.Gauge;
import oilcloth.measure.Altitude;

/**
 * What is known beside the text: where, with which canner, and when the jars came out.
 *
 * @param jarsOut when the jars left the canner; the stage "made today" is derived from it, never stored
 * @param now the clock of this review
 */
public record Context(
        Optional<Altitude> altitude,
        Optional<CanningMethod> canner,
        Optional<Gauge> gauge,
        Stage stage,
        Optional<Instant> jarsOut,
        Instant now) {

    /** How far the canner has got. */
    public enum Stage {
        PLANNING("planning"),
        MADE_TODAY("made-today"),
        ON_SHELF("on-shelf"),
        OPENED("opened");

        private final String id;

        Stage(String id) {
            this.id = id;
        }

        public String id() {
            return id;
        }

        public static Optional<Stage> ofId(String id) {
            return java.util.Arrays.stream(values())
                    .filter(s -> s.id.equals(id))
                    .findFirst();
        }
    }

    public static Context planning(Altitude altitude) {
        return new Context(
                Optional.ofNullable(altitude),
                Optional.empty(),
                Optional.empty(),
                Stage.PLANNING,
                Optional.empty(),
                Instant.EPOCH);
    }

    public Context withStage(Stage other, Instant out, Instant clock) {
        return new Context(altitude, canner, gauge, other, Optional.ofNullable(out), clock);
    }

    public Context at(Altitude other) {
        return new Context(Optional.of(other), canner, gauge, stage, jarsOut, now);
    }
}
