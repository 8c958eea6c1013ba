package oilcloth.check.time;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Message;
import oilcloth.check.Question;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.heat.Requirement;
import oilcloth.heat.Sterilising;
import oilcloth.measure.JarSize;
import oilcloth.measure.Minutes;
import oilcloth.recipe.Assertion;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Fact;
import oilcloth.recipe.ProcessTime;

/** A process under ten minutes in jars that were not boiled first. */
public final class Sterilise implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "time.sterilise",
            "A process under ten minutes in jars that were not boiled first",
            "A short process does not sterilise the jar, so the jar must be sterile before it is filled.",
            "Guide 1");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        if (!s.methodFits()
                || s.method().filter(m -> m == CanningMethod.PRESSURE).isPresent()
                || s.altitude().isEmpty()) {
            return;
        }
        for (JarSize jar : s.jars()) {
            Optional<Fact<ProcessTime>> stated = Timing.stated(s, jar);
            Optional<Requirement> required = Timing.required(s, jar);
            if (stated.isEmpty()
                    || required.isEmpty()
                    || !Sterilising.needed(required.get().most(), s.guide())
                    || !Sterilising.needed(stated.get().value().least(), s.guide())) {
                continue;
            }
            judge(s, out, stated.get(), required.get());
            return;
        }
    }

    private static void judge(Subject s, Findings out, Fact<ProcessTime> stated, Requirement required) {
        Minutes needed = Sterilising.minutes(s.altitude().orElseThrow());
        Optional<Fact<Minutes>> done = s.facts().sterilised();
        if (done.isEmpty()) {
            out.ask(new Question(
                    "ask.sterilised",
                    new Message("ask.sterilised", Map.of("minutes", needed.value())),
                    List.of(INFO.code()),
                    List.of(
                            new Question.Answer(
                                    new Message("ask.sterilised.yes", Map.of("minutes", needed.value())),
                                    new Assertion(Assertion.Field.STERILISED, Integer.toString(needed.value()))),
                            new Question.Answer(
                                    Message.of("ask.sterilised.no"), new Assertion(Assertion.Field.STERILISED, "1"))),
                    stated.range().map(List::of).orElse(List.of())));
            return;
        }
        // "sterilised" without a time is taken at its word
        boolean enough = done.get().value().value() == 0 || done.get().value().compareTo(needed) >= 0;
        Finding.Builder finding = Finding.of(
                        INFO.code(),
                        enough ? "met" : "short",
                        enough ? Severity.MET : Severity.CORRECT,
                        s.cite(required.deciding()))
                .at(enough ? done.get() : stated)
                .figure("statedMinutes", stated.value().least().value())
                .figure("boilEmptyMinutes", needed.value());
        out.add(enough ? finding : finding.fix(new Edit.SetMinutes(Sterilising.notNeededFrom(s.guide()))));
    }
}
