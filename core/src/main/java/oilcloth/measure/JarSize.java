package oilcloth.measure;

import java.util.Arrays;
import java.util.Optional;

/** The usual home canning jars, smallest first, with the nominal volume each holds. */
public enum JarSize {
    QUARTER_PINT("quarter-pint", "quarter-pint (4 oz)", 118),
    HALF_PINT("half-pint", "half-pint", 237),
    TWELVE_OUNCE("12-oz", "12-ounce jar", 355),
    PINT("pint", "pint", 473),
    PINT_AND_HALF("pint-and-half", "1½-pint (24 oz)", 710),
    QUART("quart", "quart", 946),
    HALF_GALLON("half-gallon", "half-gallon", 1893),
    GALLON("gallon", "gallon", 3785);

    private final String id;
    private final String label;
    private final int millilitres;

    JarSize(String id, String label, int millilitres) {
        this.id = id;
        this.label = label;
        this.millilitres = millilitres;
    }

    /** The stable name used in data, JSON and on the command line, e.g. {@code half-pint}. */
    public String id() {
        return id;
    }

    public String label() {
        return label;
    }

    public Volume volume() {
        return Volume.ofMillilitres(millilitres);
    }

    public boolean largerThan(JarSize other) {
        return compareTo(other) > 0;
    }

    /** Acid is prescribed per pint; other jars take it in proportion to what they hold. */
    public double pints() {
        return millilitres / 473.0;
    }

    public static Optional<JarSize> ofId(String id) {
        return Arrays.stream(values()).filter(j -> j.id.equals(id)).findFirst();
    }
}
