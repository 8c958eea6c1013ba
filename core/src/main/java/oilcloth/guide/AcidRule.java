package oilcloth.guide;

import oilcloth.measure.Amount;
import oilcloth.measure.JarSize;

/** The tested acid of one form for one food: an amount per pint, in proportion for other jars. */
public record AcidRule(String foodGroup, Form form, Amount perPint, String source, Proof proof) {
    /** The three acidulants an educator may offer, each only where it was tested. */
    public enum Form {
        LEMON("bottled lemon juice"),
        CITRIC("citric acid"),
        VINEGAR("5 % vinegar");

        private final String label;

        Form(String label) {
            this.label = label;
        }

        public String id() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }

        public String label() {
            return label;
        }

        /** The form a food of the table counts as, or null when it is no acidulant. */
        public static Form of(Food food) {
            if (food.isVinegar()) {
                return VINEGAR;
            }
            if (food.isCitrusJuice()) {
                return LEMON;
            }
            return food.name().equals("citric acid") ? CITRIC : null;
        }
    }

    public RowKey key() {
        return new RowKey(RowKey.Table.ACID, foodGroup + "/" + form.id());
    }

    public Amount perJar(JarSize jar) {
        // The table gives pints and quarts, exactly 1 to 2; the other jars follow their nominal size.
        return perPint.times(
                switch (jar) {
                    case QUARTER_PINT -> 0.25;
                    case HALF_PINT -> 0.5;
                    case TWELVE_OUNCE -> 0.75;
                    case PINT -> 1;
                    case PINT_AND_HALF -> 1.5;
                    case QUART -> 2;
                    case HALF_GALLON -> 4;
                    case GALLON -> 8;
                });
    }
}
