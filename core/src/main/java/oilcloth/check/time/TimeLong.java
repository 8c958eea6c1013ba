package oilcloth.check.time;

import java.util.Optional;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Threshold;
import oilcloth.heat.Requirement;
import oilcloth.measure.JarSize;
import oilcloth.recipe.Fact;
import oilcloth.recipe.ProcessTime;

/** The stated time is well over the tested time. */
public final class TimeLong implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "time.long",
            "The stated time is well over the tested time",
            "It is safe, but the food goes soft and a jam may not set.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        if (!s.methodFits()) {
            return;
        }
        for (JarSize jar : s.jars()) {
            Optional<Fact<ProcessTime>> stated = Timing.stated(s, jar);
            Optional<Requirement> required = Timing.required(s, jar);
            if (stated.isPresent()
                    && required.isPresent()
                    && required.get().isOne()
                    && stated.get().value().least().minus(required.get().most())
                            > s.guide().figure(Threshold.TIME_LONG)) {
                out.add(Finding.of(
                                INFO.code(),
                                "long",
                                Severity.NOTE,
                                s.cite(required.get().deciding()))
                        .at(stated.get())
                        .figure("statedMinutes", stated.get().value().least().value())
                        .figure("requiredMinutes", required.get().most().value()));
                return;
            }
        }
    }
}
