package oilcloth.lookup;

import java.util.List;

/**
 * What to ask before answering.
 *
 * @param what pack, liquid, form, recipe, food, jar or altitude
 * @param choices what the caller may answer, in order
 * @param between the figures it decides between, in words: {@code 35 and 40 minutes}; blank where it decides all
 */
public record CounterQuestion(What what, List<Choice> choices, String between) {
    /** What the answer depends on. */
    public enum What {
        FOOD,
        RECIPE,
        FORM,
        LIQUID,
        PACK,
        JAR,
        ALTITUDE;

        public String id() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    /** One answer. @param words what to add to the question to choose it */
    public record Choice(String label, String words) {}

    public CounterQuestion {
        choices = List.copyOf(choices);
    }
}
