package oilcloth.recipe;

import java.util.Optional;
import java.util.function.UnaryOperator;
import oilcloth.text.Range;

/**
 * Something the text states, or somebody asserted.
 *
 * @param range where the text says it; empty when it was asserted, not read
 */
public record Fact<T>(T value, Optional<Range> range) {
    public static <T> Fact<T> read(T value, Range range) {
        return new Fact<>(value, Optional.of(range));
    }

    Fact<T> moved(UnaryOperator<Range> to) {
        return new Fact<>(value, range.map(to));
    }

    public static <T> Fact<T> asserted(T value) {
        return new Fact<>(value, Optional.empty());
    }
}
