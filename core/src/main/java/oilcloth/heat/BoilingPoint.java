package oilcloth.heat;

import oilcloth.measure.Altitude;

/** Where water boils at an altitude; the fit of formulas.md, section 1, within 0.01 °F from 0 to 10,000 ft. */
public final class BoilingPoint {
    private BoilingPoint() {}

    /** Degrees Fahrenheit. */
    public static double fahrenheit(Altitude altitude) {
        double k = altitude.feet() / 1000.0;
        return 212 - 1.8144 * k - 0.00086 * k * k;
    }
}
