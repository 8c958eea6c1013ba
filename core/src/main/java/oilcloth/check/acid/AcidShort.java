package oilcloth.check.acid;

import java.util.List;
import java.util.Set;
import oilcloth.acidity.AcidPerJar;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Message;
import oilcloth.check.Question;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.AcidRule;
import oilcloth.guide.Food;
import oilcloth.guide.Process;
import oilcloth.measure.JarSize;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Ingredient;

/** Less acid in the jar than tested. */
public final class AcidShort implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "acid.short",
            "Less acid in the jar than tested",
            "The tested amount is what brings the food safely below pH 4.6. Less may not be enough.",
            "Guide 3");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        boolean perJar = s.placement().open().stream().anyMatch(Process::needsAcidPerJar)
                || (!s.placement().isPlaced() && s.kind() == FoodKind.BORDERLINE);
        List<AcidRule> rules = s.acidRules();
        if (!perJar || rules.isEmpty()) {
            return;
        }
        for (JarSize jar : s.jars().isEmpty() ? Set.of(JarSize.PINT) : s.jars()) {
            AcidPerJar acid = AcidPerJar.of(s.recipe(), rules, jar);
            switch (acid.state()) {
                case NONE -> {}
                case UNMEASURED -> ask(out, "ask.acid-amount", acid);
                case JARS_UNKNOWN -> ask(out, "ask.jar-count", acid);
                case UNTESTED_FORM -> untested(s, out, rules, jar, acid);
                case KNOWN -> judge(s, out, rules, jar, acid);
            }
        }
    }

    private static void ask(Findings out, String code, AcidPerJar acid) {
        out.ask(new Question(
                code,
                Message.of(code),
                List.of(INFO.code()),
                List.of(),
                acid.acids().stream().map(Ingredient::range).toList()));
    }

    private static void untested(Subject s, Findings out, List<AcidRule> rules, JarSize jar, AcidPerJar acid) {
        out.add(Finding.of(INFO.code(), "form", Severity.DANGER, s.citePlaced(INFO))
                .at(acid.acids().get(0).range())
                .figure("requiredAcid", AcidWords.forms(rules, jar))
                .figure("jar", jar.label())
                .word("food", s.produce().main().map(Food::name).orElse("this food"))
                .fix(lemon(s, rules, jar)));
    }

    private static void judge(Subject s, Findings out, List<AcidRule> rules, JarSize jar, AcidPerJar acid) {
        boolean enough = acid.isEnough();
        Ingredient first = acid.acids().get(0);
        Finding.Builder finding = Finding.of(
                        INFO.code(),
                        enough ? "met" : "short",
                        enough ? Severity.MET : Severity.DANGER,
                        s.citePlaced(INFO))
                .at(first.range())
                .figure("statedShareOfTested", Math.round(acid.share() * 100) / 100.0)
                .figure("requiredAcid", AcidWords.forms(rules, jar))
                .figure("jar", jar.label())
                .word("percent", (int) Math.round(acid.share() * 100));
        out.add(enough ? finding : finding.fix(lemon(s, rules, jar)));
    }

    private static Edit lemon(Subject s, List<AcidRule> rules, JarSize jar) {
        return new Edit.AddAcidPerJar(
                s.guide().food("lemon juice, bottled"), rules.get(0).perJar(jar), jar);
    }
}
