package oilcloth.heat;

import oilcloth.measure.Altitude;
import oilcloth.measure.Minutes;

/**
 * What the other schools would add to a sea-level time for altitude. Shown beside the tested row; they never decide:
 * the second can fall below it (rules, section 10).
 */
public final class AltitudeSchools {
    /** Up to here no school adds anything. */
    private static final int FIRST_EDGE = 1_000;

    private static final int SHORT_PROCESS = 20;

    private AltitudeSchools() {}

    /** Five minutes more for each band: 1,001–3,000, 3,001–6,000, 6,001–8,000 and over 8,000 ft. */
    public static Minutes byBands(Minutes seaLevel, Altitude altitude) {
        int feet = altitude.feet();
        int add = feet <= FIRST_EDGE ? 0 : feet <= 3_000 ? 5 : feet <= 6_000 ? 10 : feet <= 8_000 ? 15 : 20;
        return Minutes.of(seaLevel.value() + add);
    }

    /** A minute more for each 1,000 ft begun, two where the process is over 20 minutes. */
    public static Minutes byThousands(Minutes seaLevel, Altitude altitude) {
        if (altitude.feet() <= FIRST_EDGE) {
            return seaLevel;
        }
        int thousands = (altitude.feet() + 999) / 1_000;
        return Minutes.of(seaLevel.value() + thousands * (seaLevel.value() > SHORT_PROCESS ? 2 : 1));
    }
}
