package oilcloth.check;

import java.util.Locale;

/** How grave a finding is, the lightest first. */
public enum Severity {
    MET,
    NOTE,
    CAUTION,
    CORRECT,
    DANGER;

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
