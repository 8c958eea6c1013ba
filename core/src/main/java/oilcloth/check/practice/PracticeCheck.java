package oilcloth.check.practice;

import java.util.List;
import java.util.Locale;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.PracticeRule;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Practice;

/** A practice recognised by its words; pattern, exception and examples are rows of the practices table. */
public final class PracticeCheck implements Check {
    private final PracticeRule rule;
    private final CheckInfo info;

    public PracticeCheck(PracticeRule rule) {
        this.rule = rule;
        this.info = new CheckInfo(rule.code(), rule.title(), rule.why(), rule.source());
    }

    @Override
    public CheckInfo info() {
        return info;
    }

    @Override
    public void look(Subject s, Findings out) {
        List<Practice> practices = s.recipe().practices().stream()
                .filter(p -> p.rule().code().equals(rule.code()))
                .toList();
        if (practices.isEmpty()) {
            return;
        }
        String main =
                s.produce().main().map(f -> f.name().toLowerCase(Locale.ROOT)).orElse("");
        boolean graverFood =
                rule.graver().filter(g -> g.words().matcher(main).find()).isPresent();
        for (Practice practice : practices) {
            boolean graver = practice.graver() || graverFood;
            if (!isOf(s, practice, main)) {
                continue;
            }
            String severity = graver ? rule.graver().orElseThrow().severity() : severity(s);
            if (!severity.equals(PracticeRule.NONE)) {
                out.add(finding(s, practice, Severity.valueOf(severity.toUpperCase(Locale.ROOT))));
            }
        }
    }

    /** Whether the recipe holds the food it is about, or it says so itself. */
    private boolean isOf(Subject s, Practice practice, String main) {
        return rule.food()
                .map(f -> f.matcher(main).find()
                        || f.matcher(practice.range().of(s.recipe().text())).find()
                        || s.recipe().ingredients().stream()
                                .anyMatch(i -> f.matcher(i.food().name()).find()))
                .orElse(true);
    }

    private String severity(Subject s) {
        boolean pressure = s.method().filter(m -> m == CanningMethod.PRESSURE).isPresent();
        String byKind =
                switch (s.kind()) {
                    case ACID -> rule.acidFood();
                    case ACIDIFIED, PICKLE -> rule.acidified();
                    case LOW_ACID, BORDERLINE -> rule.lowAcid();
                };
        return pressure ? rule.underPressure().orElse(byKind) : byKind;
    }

    private Finding.Builder finding(Subject s, Practice practice, Severity severity) {
        Finding.Builder finding = Finding.shared(rule.code(), "practice", severity, s.cite(rule.source()))
                .at(practice.range())
                .word("title", rule.title())
                .word("why", rule.why())
                .word("instead", rule.prevention());
        return severity == Severity.MET ? finding : finding.fix();
    }
}
