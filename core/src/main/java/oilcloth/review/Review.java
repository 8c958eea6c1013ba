package oilcloth.review;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import oilcloth.check.Aspect;
import oilcloth.check.Finding;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Process;
import oilcloth.guide.RowKey;
import oilcloth.jars.JarAdvice;
import oilcloth.measure.JarSize;
import oilcloth.placing.Placement;
import oilcloth.recipe.Assertion;
import oilcloth.recipe.Context;
import oilcloth.recipe.Recipe;

/**
 * A recipe, reviewed: the call, the worst it may still be, and everything they rest on.
 *
 * @param asRead the recipe as the text alone says it, before anything was asserted
 * @param text the whole text as received; every range points into it
 * @param parts where a text holds several recipes, or one with a time for each of several jars: each by itself; this
 *     review is then the gravest recipe, or all jars together
 * @param findings in reading order of their evidence, unsaid things last; met ones included
 * @param jars what to do with jars already made; empty while planning
 */
public record Review(
        Subject subject,
        Recipe asRead,
        String text,
        List<Review> parts,
        List<Assertion> assertions,
        Call call,
        Call worstOpen,
        List<Finding> findings,
        List<Asked> questions,
        Optional<Required> required,
        Optional<JarAdvice> jars) {

    /** Stored with every review, so that it can be told which engine said what. */
    public static final String ENGINE_VERSION = "0.1.0";

    Review withText(String whole) {
        return new Review(
                subject, asRead, whole, parts, assertions, call, worstOpen, findings, questions, required, jars);
    }

    Review withParts(List<Review> several) {
        return new Review(
                subject, asRead, text, several, assertions, call, worstOpen, findings, questions, required, jars);
    }

    /** The recipes of the letter, each by itself; one with times for several jars is one recipe. */
    public List<Review> recipes() {
        return parts.stream().map(p -> p.recipe().text()).distinct().count() > 1 ? parts : List.of(this);
    }

    public Recipe recipe() {
        return subject.recipe();
    }

    public Placement placement() {
        return subject.placement();
    }

    public GuideSnapshot guide() {
        return subject.guide();
    }

    public Context context() {
        return subject.context();
    }

    /** True when nothing in the text looks like food being preserved: the caller should say so and stop. */
    public boolean isNoRecipe() {
        return subject.produce().isEmpty()
                && recipe().ingredients().isEmpty()
                && recipe().facts().times().isEmpty()
                && recipe().facts().methods().isEmpty();
    }

    /** The rows of the guide this review rests on: process by jar, tested recipe, acid per jar. */
    public Set<RowKey> rows() {
        Set<RowKey> rows = new LinkedHashSet<>();
        for (Process process : placement().open()) {
            Set<JarSize> jars = subject.jars().isEmpty() ? process.rows().keySet() : subject.jars();
            jars.stream().flatMap(j -> process.rowFor(j).stream()).forEach(r -> rows.add(process.rowKey(r.jar())));
            if (process.needsAcidPerJar()) {
                subject.acidRules().forEach(a -> rows.add(a.key()));
            }
        }
        placement().recipe().ifPresent(r -> rows.add(r.key()));
        return rows;
    }

    /** The findings that need something done, the gravest first. */
    public List<Finding> open() {
        return findings.stream()
                .filter(f -> f.severity() != Severity.MET)
                .sorted(Comparator.comparing(Finding::severity).reversed())
                .toList();
    }

    /** The gravest severity by aspect; aspects nothing was looked at in are absent. */
    public Map<Aspect, Severity> aspects() {
        Map<Aspect, Severity> worst = new EnumMap<>(Aspect.class);
        findings.forEach(f -> worst.merge(f.aspect(), f.severity(), (a, b) -> a.compareTo(b) >= 0 ? a : b));
        return worst;
    }
}
