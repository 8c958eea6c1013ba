package oilcloth.check.time;

import java.util.List;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Findings;
import oilcloth.check.Message;
import oilcloth.check.Question;
import oilcloth.check.Subject;
import oilcloth.guide.Method;
import oilcloth.recipe.Assertion;
import oilcloth.recipe.CanningMethod;

/** Nobody said how high the kitchen lies. */
public final class AltitudeUnknown implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "time.altitude-unknown",
            "Nobody said how high the kitchen lies",
            "Water boils cooler the higher you are, so the time or the pressure must go up.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    /** One altitude from each band of the boiling-water table. */
    private static final List<Integer> ONE_OF_EACH_BAND = List.of(500, 2_000, 4_500, 7_000);

    @Override
    public void look(Subject s, Findings out) {
        if (s.altitude().isPresent()
                || s.method().filter(m -> m == CanningMethod.COLD_STORAGE).isPresent()) {
            return;
        }
        List<Question.Answer> answers = ONE_OF_EACH_BAND.stream()
                .map(ft -> new Question.Answer(
                        Message.of("ask.altitude." + ft),
                        new Assertion(Assertion.Field.ALTITUDE_FEET, Integer.toString(ft))))
                .toList();
        List<String> codes =
                s.placement().method().filter(m -> m == Method.PRESSURE).isPresent()
                        ? List.of("time.pressure")
                        : List.of("time.short");
        out.ask(new Question("ask.altitude", Message.of("ask.altitude"), codes, answers, List.of()));
    }
}
