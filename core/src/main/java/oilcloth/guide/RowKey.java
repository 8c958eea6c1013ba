package oilcloth.guide;

import java.util.Arrays;
import java.util.Locale;

/**
 * Names one thing an office can read against print: a process in one jar, an amount of acid, a tested recipe.
 *
 * @param id {@code pears-hot/pint}, {@code tomato/lemon}, {@code corn-relish}
 */
public record RowKey(Table table, String id) {
    /** The tables whose rows can be proofread. */
    public enum Table {
        BOILING,
        PRESSURE,
        ACID,
        RECIPE;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }

        static Table of(Method method) {
            return method == Method.BOILING ? BOILING : PRESSURE;
        }
    }

    /** As in addresses and files: {@code boiling:pears-hot/pint}. */
    public String text() {
        return table.id() + ":" + id;
    }

    /** @throws IllegalArgumentException for a text that names no table */
    public static RowKey ofText(String text) {
        int colon = text.indexOf(':');
        return Arrays.stream(Table.values())
                .filter(t -> colon > 0 && t.id().equals(text.substring(0, colon)))
                .findFirst()
                .map(t -> new RowKey(t, text.substring(colon + 1)))
                .orElseThrow(() -> new IllegalArgumentException("“" + text + "” names no row of the guide"));
    }
}
