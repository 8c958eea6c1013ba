package oilcloth.placing;

/** What a jar of it can do to somebody: decides how grave a departure is. */
public enum FoodKind {
    /** Plain vegetables, meat, fish, soup: pressure only. */
    LOW_ACID,
    /** Tomatoes, figs, Asian pears: acid must be added. */
    BORDERLINE,
    /** Salsa, relish, chutney, ketchup: low-acid food made safe by measured acid. */
    ACIDIFIED,
    /** Vegetables under a brine. */
    PICKLE,
    /** Fruit, jam and jelly: acid by nature. */
    ACID;

    public boolean isAcid() {
        return this == ACID;
    }

    /** Low-acid, tomatoes, acidified mixtures and pickles: a departure may be deadly. */
    public boolean isGrave() {
        return this != ACID;
    }
}
