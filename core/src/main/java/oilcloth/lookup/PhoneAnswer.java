package oilcloth.lookup;

import java.util.List;
import java.util.Optional;
import oilcloth.guide.Kitchen;
import oilcloth.reading.Spoken;

/**
 * What can be said to a question: answers that hold as asked, what to ask back, and where there is no tested process
 * why not and what instead.
 *
 * @param also tested processes of the same food by another method, or of the recipes it is used in
 * @param notUnderstood words that played no part
 */
public record PhoneAnswer(
        Spoken understood,
        List<Answer> answers,
        List<CounterQuestion> ask,
        Optional<None> none,
        List<Answer> also,
        List<String> notUnderstood) {

    /** Why there is no answer. */
    public record None(Why why, Optional<Kitchen.NoProcess> rule, String detail) {}

    /** The kinds of no. */
    public enum Why {
        /** The question names no food this guide knows. */
        NOT_UNDERSTOOD,
        /** A rule says why this food or form is not canned. */
        REFUSED,
        /** The food is known and no process for it stands in this library. */
        NO_PROCESS,
        /** The food is low in acid: boiling water or steam will not do. */
        PRESSURE_ONLY,
        /** The food has no pressure process. */
        BOILING_ONLY,
        /** No process in a jar so large. */
        JAR_TOO_LARGE;

        public String id() {
            return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
        }
    }
}
