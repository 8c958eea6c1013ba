package oilcloth.recipe;

import java.util.function.UnaryOperator;
import oilcloth.text.Range;

/**
 * Words that were not understood.
 *
 * @param bears whether they could bear on safety in any recipe
 * @param form whether they may say how a food was cut or cooked, which bears on safety where only one form was tested
 */
public record Unread(Range range, boolean bears, boolean form) {
    public Unread(Range range, boolean bears) {
        this(range, bears, false);
    }

    Unread moved(UnaryOperator<Range> to) {
        return new Unread(to.apply(range), bears, form);
    }

    public static Unread form(Range range) {
        return new Unread(range, false, true);
    }
}
