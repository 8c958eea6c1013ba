package oilcloth.measure;

/** A kitchen unit, and what one of it is: millilitres, grams, or a count of something. */
public enum Unit {
    TEASPOON("tsp", Kind.VOLUME, Volume.ML_PER_CUP / 48),
    TABLESPOON("Tbsp", Kind.VOLUME, Volume.ML_PER_CUP / 16),
    CUP("cup", Kind.VOLUME, Volume.ML_PER_CUP),
    FLUID_OUNCE("fl oz", Kind.VOLUME, Volume.ML_PER_CUP / 8),
    PINT("pint", Kind.VOLUME, Volume.ML_PER_CUP * 2),
    QUART("quart", Kind.VOLUME, Volume.ML_PER_CUP * 4),
    GALLON("gallon", Kind.VOLUME, Volume.ML_PER_CUP * 16),
    MILLILITRE("ml", Kind.VOLUME, 1),
    DECILITRE("dl", Kind.VOLUME, 100),
    LITRE("l", Kind.VOLUME, 1000),
    /** A jigger of spirits, an ounce and a half of the bar. */
    SHOT("shot", Kind.VOLUME, Volume.ML_PER_CUP * 3 / 16),
    PINCH("pinch", Kind.VOLUME, 0.4),
    DROP("drop", Kind.VOLUME, 0.05),
    OUNCE("oz", Kind.MASS, 28.3495),
    POUND("lb", Kind.MASS, 453.592),
    GRAM("g", Kind.MASS, 1),
    KILOGRAM("kg", Kind.MASS, 1000),
    EACH("", Kind.COUNT, 1),
    CLOVE("clove", Kind.COUNT, 1),
    HEAD("head", Kind.COUNT, 1),
    STALK("stalk", Kind.COUNT, 1),
    SPRIG("sprig", Kind.COUNT, 1),
    STICK("stick", Kind.COUNT, 1),
    SLICE("slice", Kind.COUNT, 1),
    EAR("ear", Kind.COUNT, 1),
    /** "One part to two": means something only beside another part. */
    PART("part", Kind.PACK, 1),
    BUNCH("bunch", Kind.PACK, 1),
    HANDFUL("handful", Kind.PACK, 1),
    CAN("can", Kind.PACK, 1),
    PACKAGE("package", Kind.PACK, 1),
    BUSHEL("bushel", Kind.PACK, 1),
    /** A quarter bushel; what it weighs depends on the produce. */
    PECK("peck", Kind.PACK, 1);

    /** What sort of measure this is; a pack's content is not known from its name. */
    public enum Kind {
        VOLUME,
        MASS,
        COUNT,
        PACK
    }

    private final String label;
    private final Kind kind;
    private final double inBase;

    Unit(String label, Kind kind, double inBase) {
        this.label = label;
        this.kind = kind;
        this.inBase = inBase;
    }

    public String label() {
        return label;
    }

    public Kind kind() {
        return kind;
    }

    /** Millilitres, grams or one, by {@link #kind()}. */
    public double inBase() {
        return inBase;
    }
}
