package oilcloth.review;

import java.util.Locale;

/** The call on a whole recipe, the best first. */
public enum Call {
    SOUND,
    ASK,
    CORRECT,
    STOP;

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    Call worse(Call other) {
        return compareTo(other) >= 0 ? this : other;
    }
}
