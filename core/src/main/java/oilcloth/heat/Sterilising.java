package oilcloth.heat;

import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Threshold;
import oilcloth.measure.Altitude;
import oilcloth.measure.Minutes;

/** When jars must be boiled empty first, and for how long (Guide 1). */
public final class Sterilising {
    private Sterilising() {}

    /** A process of this length sterilises the jar along with the food. */
    public static Minutes notNeededFrom(GuideSnapshot guide) {
        return Minutes.of((int) guide.figure(Threshold.STERILISE_BELOW));
    }

    public static boolean needed(Minutes process, GuideSnapshot guide) {
        return process.compareTo(notNeededFrom(guide)) < 0;
    }

    /** Ten minutes up to 1,000 ft, and one more for each further 1,000 ft begun. */
    public static Minutes minutes(Altitude altitude) {
        int above = Math.max(0, altitude.feet() - 1_000);
        return Minutes.of(10 + (above + 999) / 1_000);
    }
}
