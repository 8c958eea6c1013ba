package oilcloth.guide;

/** The two tables of tested processes. */
public enum Method {
    BOILING("boiling-water"),
    PRESSURE("pressure");

    private final String id;

    Method(String id) {
        this.id = id;
    }

    public String id() {
        return id;
    }
}
