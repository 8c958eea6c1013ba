package oilcloth.measure;

import java.util.Locale;
import java.util.Map;

/** Kitchen fractions, in and out: {@code 1 1/2}, {@code 1½}, {@code 1.5} are one figure. */
public final class Fractions {
    private static final Map<Character, Double> VULGAR = Map.ofEntries(
            Map.entry('½', 1 / 2.0),
            Map.entry('⅓', 1 / 3.0),
            Map.entry('⅔', 2 / 3.0),
            Map.entry('¼', 1 / 4.0),
            Map.entry('¾', 3 / 4.0),
            Map.entry('⅕', 1 / 5.0),
            Map.entry('⅖', 2 / 5.0),
            Map.entry('⅗', 3 / 5.0),
            Map.entry('⅘', 4 / 5.0),
            Map.entry('⅙', 1 / 6.0),
            Map.entry('⅚', 5 / 6.0),
            Map.entry('⅛', 1 / 8.0),
            Map.entry('⅜', 3 / 8.0),
            Map.entry('⅝', 5 / 8.0),
            Map.entry('⅞', 7 / 8.0));

    private static final double[] STEPS = {
        0, 1 / 8.0, 1 / 4.0, 1 / 3.0, 3 / 8.0, 1 / 2.0, 5 / 8.0, 2 / 3.0, 3 / 4.0, 7 / 8.0, 1
    };
    private static final String[] SIGNS = {"", "⅛", "¼", "⅓", "⅜", "½", "⅝", "⅔", "¾", "⅞", ""};

    /** No sign of a fraction stands before it. */
    private static final char FIRST_SIGN = 0x80;

    private Fractions() {}

    public static boolean isVulgar(char c) {
        return c >= FIRST_SIGN && VULGAR.containsKey(c);
    }

    /** The value of a vulgar fraction sign. */
    public static double vulgar(char c) {
        return VULGAR.get(c);
    }

    /** A figure as cooks write it, to the nearest eighth or third below ten, else one decimal at most. */
    public static String format(double value) {
        if (value >= 10 || value < 0) {
            return value == Math.rint(value)
                    ? String.format(Locale.ROOT, "%,d", (long) value)
                    : String.format(Locale.ROOT, "%.1f", value);
        }
        int whole = (int) Math.floor(value);
        double rest = value - whole;
        int best = 0;
        for (int i = 1; i < STEPS.length; i++) {
            if (Math.abs(STEPS[i] - rest) < Math.abs(STEPS[best] - rest)) {
                best = i;
            }
        }
        if (Math.abs(STEPS[best] - rest) > 0.021) {
            return String.format(Locale.ROOT, "%.2f", value).replaceAll("0$", "");
        }
        int shown = best == STEPS.length - 1 ? whole + 1 : whole;
        String sign = SIGNS[best];
        return sign.isEmpty() ? Integer.toString(shown) : (shown == 0 ? sign : shown + sign);
    }
}
