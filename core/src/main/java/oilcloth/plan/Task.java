package oilcloth.plan;

/**
 * A bar on the clock.
 *
 * @param job which recipe of the day, from 0
 * @param from minutes from the start of the day's work
 * @param to later than {@code from}
 * @param words what is done
 */
public record Task(int job, Kind kind, int from, int to, String words) {
    /** What is done, and whether somebody's hands are in it. */
    public enum Kind {
        PREPARE(true),
        WAIT(false),
        COOK(true),
        HEAT(false),
        FILL(true),
        COME_UP(false),
        PROCESS(false),
        COOL_DOWN(false),
        LIFT(true),
        REST(false),
        SEALS(true);

        private final boolean hands;

        Kind(boolean hands) {
            this.hands = hands;
        }

        public boolean isHandsOn() {
            return hands;
        }

        public String id() {
            return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
        }
    }

    public Task {
        if (from < 0 || to <= from) {
            throw new IllegalArgumentException(words + " ends before it begins");
        }
    }
}
