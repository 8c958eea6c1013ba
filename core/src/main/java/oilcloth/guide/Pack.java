package oilcloth.guide;

/** How the food goes into the jar: heated first, or as it is. */
public enum Pack {
    HOT,
    RAW;

    public String id() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
