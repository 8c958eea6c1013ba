package oilcloth.guide;

import java.util.Locale;

/** Whether this office has read a row against its own printed copy. */
public enum Proof {
    UNREAD,
    AGREES,
    OVERRIDDEN;

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
