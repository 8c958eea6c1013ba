package oilcloth.guide;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;

/** One row of a guide table by column name, and where it stands, so that an error can name file and line. */
final class Row {
    private final String file;
    private final long line;
    private final Map<String, String> values;

    Row(String file, long line, Map<String, String> values) {
        this.file = file;
        this.line = line;
        this.values = Map.copyOf(values);
    }

    /** The value of a column, or blank where the row has none. */
    String get(String column) {
        return values.getOrDefault(column, "");
    }

    Set<String> columns() {
        return values.keySet();
    }

    long line() {
        return line;
    }

    Row with(Map<String, String> changed) {
        Map<String, String> all = new HashMap<>(values);
        all.putAll(changed);
        return new Row(file, line, all);
    }

    int integer(String column) {
        return parse(column, Integer::valueOf);
    }

    double number(String column) {
        return parse(column, Double::valueOf);
    }

    OptionalDouble optionalNumber(String column) {
        return get(column).isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(number(column));
    }

    /** A figure, or empty where the table says in words or by a blank that there is none. */
    Optional<Integer> figure(String column) {
        return get(column).matches("\\d+") ? Optional.of(integer(column)) : Optional.empty();
    }

    OptionalInt optionalInteger(String column) {
        return get(column).isEmpty() ? OptionalInt.empty() : OptionalInt.of(integer(column));
    }

    /** @throws BadRow when what the column says is none of the values {@code known} knows */
    <T> T parse(String column, Function<String, T> known) {
        try {
            return known.apply(get(column));
        } catch (RuntimeException e) {
            throw bad("“" + get(column) + "” is no " + column);
        }
    }

    BadRow bad(String what) {
        return new BadRow(file, line, what);
    }

    /** An error in a guide table, with the file and the line it stands in. */
    static final class BadRow extends IllegalArgumentException {
        BadRow(String file, long line, String what) {
            super(file + (line > 0 ? ", line " + line : "") + ": " + what);
        }
    }
}
