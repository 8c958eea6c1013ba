package oilcloth.measure;

/** Height above sea level in whole feet, -1,400 (the lowest dry land) to 16,000. */
public record Altitude(int feet) {
    public static final int LOWEST_FEET = -1_400;
    public static final int HIGHEST_FEET = 16_000;
    private static final double FEET_PER_METRE = 3.280839895;

    /** @throws IllegalArgumentException outside the range */
    public Altitude {
        if (feet < LOWEST_FEET || feet > HIGHEST_FEET) {
            throw new IllegalArgumentException(
                    "an altitude lies between " + LOWEST_FEET + " and " + HIGHEST_FEET + " ft: " + feet);
        }
    }

    public static Altitude ofFeet(int feet) {
        return new Altitude(feet);
    }

    /** Rounds up to the next whole foot: near a band's edge the higher band is the safe one. */
    public static Altitude ofMetres(double metres) {
        return new Altitude((int) Math.ceil(metres * FEET_PER_METRE - 1e-6));
    }

    public int metres() {
        return (int) Math.round(feet / FEET_PER_METRE);
    }
}
