package oilcloth.recipe;

import java.util.function.UnaryOperator;
import oilcloth.guide.PracticeRule;
import oilcloth.text.Range;

/**
 * A practice the text describes in words the guide knows.
 *
 * @param graver whether its sentence holds words that make it graver
 */
public record Practice(PracticeRule rule, Range range, boolean graver) {
    Practice moved(UnaryOperator<Range> to) {
        return new Practice(rule, to.apply(range), graver);
    }
}
