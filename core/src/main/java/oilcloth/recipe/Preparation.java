package oilcloth.recipe;

/**
 * Something told of the food before it is filled.
 *
 * @param figure minutes of {@link Kind#HEATED} and {@link Kind#SOAKED}, days of {@link Kind#STOOD}, inches of
 *     {@link Kind#CUT}, else 0
 */
public record Preparation(Kind kind, double figure) {
    /** What was told. */
    public enum Kind {
        /** Boiled, simmered, steamed or blanched so many minutes. */
        HEATED,
        /** Said not to be. */
        UNHEATED,
        /** Left in water so many minutes. */
        SOAKED,
        /** Left so many days: to ferment, or to age. */
        STOOD,
        /** Dry beans said to go into the jars dry. */
        UNSOAKED,
        /** Cut into pieces so large. */
        CUT
    }
}
