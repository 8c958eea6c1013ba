package oilcloth.arithmetic;

import oilcloth.heat.BoilingPoint;
import oilcloth.measure.Altitude;

/** Where jelly without added pectin sets: eight degrees Fahrenheit over the local boiling point (Guide 7). */
public final class JellyPoint {
    private static final double OVER_BOILING = 8;

    private JellyPoint() {}

    /** Degrees Fahrenheit. */
    public static double fahrenheit(Altitude altitude) {
        return BoilingPoint.fahrenheit(altitude) + OVER_BOILING;
    }
}
