package oilcloth.check.practice;

import java.util.Locale;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.PracticeRule;
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
        for (Practice practice : s.recipe().practices()) {
            if (practice.rule().code().equals(rule.code())) {
                String severity = s.kind().isAcid() ? rule.acidFood() : rule.lowAcid();
                out.add(Finding.shared(
                                rule.code(),
                                "practice",
                                Severity.valueOf(severity.toUpperCase(Locale.ROOT)),
                                s.cite(rule.source()))
                        .at(practice.range())
                        .word("title", rule.title())
                        .word("why", rule.why())
                        .word("instead", rule.prevention())
                        .fix());
            }
        }
    }
}
