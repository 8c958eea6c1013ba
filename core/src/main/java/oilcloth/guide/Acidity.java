package oilcloth.guide;

/** Where a food stands by the pH 4.6 line that divides the methods. */
public enum Acidity {
    /** Naturally at or below 4.6. */
    HIGH,
    /** Straddles the line: acidify first. */
    BORDERLINE,
    /** Above 4.6: pressure only, or a tested acidified recipe. */
    LOW,
    /** Sugar, salt, water: neither here nor there. */
    NEUTRAL
}
