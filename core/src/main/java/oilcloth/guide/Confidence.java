package oilcloth.guide;

import java.util.Locale;

/** How sure the figures' compilers were of a row. */
public enum Confidence {
    HIGH,
    MEDIUM,
    LOW;

    static Confidence ofId(String id) {
        return valueOf(id.toUpperCase(Locale.ROOT));
    }
}
