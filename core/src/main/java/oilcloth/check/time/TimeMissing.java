package oilcloth.check.time;

import java.util.Locale;
import java.util.Optional;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.heat.Requirement;
import oilcloth.measure.JarSize;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Unread;
import oilcloth.text.Cue;

/** A process is named and no time is given. */
public final class TimeMissing implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "time.missing",
            "A process is named and no time is given",
            "Without a time nobody can tell whether the jars were heated enough.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    private static final Cue MINUTES = Cue.of("\\b(min|mins|minutes?|hours?|hrs?|times?|timers?|clock)\\b");

    private static final Cue COOKING = Cue.of("\\b(cook|simmer|soak|stew|steam|blanch)\\w*");

    /** Whether words that nobody could read may tell the time: then it is not missing, it is asked about. */
    private static boolean isAskedAbout(Subject s) {
        return s.recipe().unread().stream()
                .filter(Unread::bears)
                .map(u -> u.range().of(s.recipe().text()).toLowerCase(Locale.ROOT))
                .anyMatch(words -> MINUTES.in(words) && !COOKING.in(words));
    }

    @Override
    public void look(Subject s, Findings out) {
        boolean processed = s.method()
                .map(m -> m == CanningMethod.BOILING_WATER || m == CanningMethod.STEAM || m == CanningMethod.PRESSURE)
                .orElse(false);
        if (!processed || !s.placement().isPlaced() || !s.methodFits() || isAskedAbout(s)) {
            return;
        }
        for (JarSize jar : s.jars().isEmpty() ? Timing.jars(s).subList(0, 1) : Timing.jars(s)) {
            Optional<Requirement> required = Timing.required(s, jar);
            if (Timing.stated(s, jar).isPresent() || required.isEmpty()) {
                continue;
            }
            Finding.Builder finding = Finding.of(
                            INFO.code(),
                            "missing",
                            Severity.CORRECT,
                            s.cite(required.get().deciding()))
                    .at(s.facts().methods().stream().findFirst())
                    .figure("requiredMinutes", required.get().most().value())
                    .figure("jar", jar.id())
                    .word("required", required.get().words());
            out.add(
                    required.get().isOne()
                            ? finding.fix(new Edit.SetMinutes(required.get().most()))
                            : finding.fix());
            return;
        }
    }
}
