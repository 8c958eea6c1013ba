package oilcloth.plan;

import oilcloth.heat.BoilingPoint;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;
import oilcloth.measure.Minutes;

/**
 * How fast the canner heats on this burner at this altitude, from the heat the water and the jars take up. The burners'
 * figures are ours: what reaches the water of a small, a usual and a strong household burner.
 */
public record Stove(Burner burner, Altitude altitude, boolean pressure) {
    /** @see Stove */
    public enum Burner {
        SMALL(1_000),
        USUAL(1_700),
        STRONG(2_600);

        private final int watts;

        Burner(int watts) {
            this.watts = watts;
        }
    }

    private static final double JOULES_PER_LITRE_AND_DEGREE = 4_186;
    /** Litres in the canner at the start: 12 quarts in a boiling-water canner, 3 in a pressure canner. */
    private static final double BOILING_WATER = 11.4;

    private static final double PRESSURE_WATER = 2.8;
    private static final double TAP = 15.5;
    /** 180 °F, for hot-packed jars. */
    private static final double HOT_PACK = 82;
    /** 140 °F, for raw-packed jars. */
    private static final double RAW_PACK = 60;
    /** Jars and the metal take up heat beside the water. */
    private static final double BESIDE_WATER = 1.15;

    private static final double CELSIUS_AT_PRESSURE = 116;

    /** From cold to where the first jars may go in. */
    Minutes toReady(boolean hotPack) {
        double to = pressure ? boiling() : hotPack ? HOT_PACK : RAW_PACK;
        return minutes(pressure ? PRESSURE_WATER : BOILING_WATER, to - TAP);
    }

    /** From the last jar in to a full boil, or from the closed vent to pressure. */
    Minutes comeUp(int jars, JarSize jar, boolean hotPack) {
        double litres = jars * jar.volume().millilitres() / 1_000;
        double food = hotPack ? HOT_PACK - 10 : 25;
        double to = pressure ? CELSIUS_AT_PRESSURE : boiling();
        double water = pressure ? PRESSURE_WATER : Math.max(BOILING_WATER - litres / 3, BOILING_WATER / 2);
        double waterFrom = pressure ? boiling() : hotPack ? HOT_PACK : RAW_PACK;
        return minutes(1, litres * (to - food) + water * (to - waterFrom));
    }

    private double boiling() {
        return (BoilingPoint.fahrenheit(altitude) - 32) / 1.8;
    }

    private Minutes minutes(double litres, double degrees) {
        double joules = litres * Math.max(0, degrees) * JOULES_PER_LITRE_AND_DEGREE * BESIDE_WATER;
        return Minutes.of((int) Math.max(1, Math.ceil(joules / burner.watts / 60)));
    }
}
