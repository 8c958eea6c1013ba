package oilcloth.review;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import oilcloth.check.Check;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Message;
import oilcloth.check.Question;
import oilcloth.check.Registry;
import oilcloth.check.Said;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.GuideSnapshot;
import oilcloth.jars.JarAdvice;
import oilcloth.measure.JarSize;
import oilcloth.placing.Placement;
import oilcloth.placing.Placer;
import oilcloth.placing.SoakWater;
import oilcloth.reading.RecipeReader;
import oilcloth.recipe.Assertion;
import oilcloth.recipe.Assertions;
import oilcloth.recipe.Context;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Recipe;
import oilcloth.text.Range;

/**
 * Reads, places, checks, asks, calls. The same text, assertions, guide and context give the same answer. Immutable and
 * safe to share between threads.
 */
public final class Engine {
    private final GuideSnapshot guide;
    private final RecipeReader reader;
    private final Placer placer;
    private final List<Check> checks;

    public Engine(GuideSnapshot guide) {
        this(guide, Registry.checks(guide));
    }

    Engine(GuideSnapshot guide, List<Check> checks) {
        this.guide = guide;
        this.reader = new RecipeReader(guide);
        this.placer = new Placer(guide);
        this.checks = checks;
    }

    public GuideSnapshot guide() {
        return guide;
    }

    public Review review(String text, Context context) {
        return review(text, List.of(), context);
    }

    /** @throws IllegalArgumentException when an assertion's value does not fit its field */
    public Review review(String text, List<Assertion> assertions, Context context) {
        List<Range> recipes = reader.recipes(text);
        if (recipes.size() > 1) {
            Facts shared = reader.read(text).facts();
            List<Review> parts = recipes.stream()
                    .map(r -> inTheSameKitchen(only(text, r), shared))
                    .map(r -> one(r, assertions, context).withText(text))
                    .toList();
            Review gravest = parts.stream()
                    .max(Comparator.comparing(Review::call).thenComparing(Review::worstOpen))
                    .orElseThrow();
            return gravest.withParts(parts);
        }
        Recipe asRead = reader.read(text);
        Review whole = one(asRead, assertions, context);
        List<Review> byJar = byJar(whole, asRead, assertions, context);
        return byJar.size() > 1 ? whole.withParts(byJar) : whole;
    }

    private Review one(Recipe asRead, List<Assertion> assertions, Context context) {
        return review(asRead, Assertions.apply(asRead, assertions, guide), assertions, context);
    }

    /** "We live at 450 feet", "my canner has a dial" told once holds for every recipe of the letter that tells no other. */
    private static Recipe inTheSameKitchen(Recipe part, Facts shared) {
        Facts facts = part.facts().copy();
        if (facts.altitude().isEmpty()) {
            shared.altitude().ifPresent(facts::altitude);
        }
        if (facts.gauge().isEmpty()) {
            shared.gauge().ifPresent(facts::gauge);
        }
        return part.withFacts(facts);
    }

    /** One recipe of the text, blank before it, so that every range stays true. */
    private Recipe only(String text, Range recipe) {
        return reader.read(recipe.of(text)).moved(recipe.start());
    }

    /** "20 minutes for pints, 25 for quarts": the same recipe, once for each jar that has a time of its own. */
    private List<Review> byJar(Review whole, Recipe asRead, List<Assertion> assertions, Context context) {
        Set<JarSize> jars = new LinkedHashSet<>();
        whole.recipe().facts().times().forEach(t -> t.value().jar().ifPresent(jars::add));
        if (jars.size() < 2) {
            return List.of();
        }
        return jars.stream()
                .map(j -> one(asRead, Assertions.with(assertions, new Assertion(Assertion.Field.JAR, j.id())), context))
                .toList();
    }

    /** Reviews a recipe already read, as after applying edits. */
    public Review review(Recipe recipe, List<Assertion> assertions, Context context) {
        return review(recipe, recipe, assertions, context);
    }

    private Review review(Recipe asRead, Recipe recipe, List<Assertion> assertions, Context context) {
        Glance looked = look(recipe, context, new Said(recipe));
        List<Asked> asked = new ArrayList<>();
        for (Question question : looked.findings.questions()) {
            asked.add(new Asked(
                    question,
                    question.answers().stream()
                            .map(a -> new Asked.Answered(
                                    a.text(),
                                    a.assertion(),
                                    look(
                                                    Assertions.apply(recipe, List.of(a.assertion()), guide),
                                                    context,
                                                    looked.subject.said())
                                            .call()))
                            .toList()));
        }
        Call call = looked.call();
        Call gravest = looked.subject.kind().isGrave() ? Call.STOP : Call.CORRECT;
        Call worst = call;
        for (Asked a : asked) {
            worst = worst.worse(a.worst(a.question().couldBecome().isEmpty() ? Call.ASK : gravest));
        }
        asked.sort(Comparator.comparing((Asked a) -> a.worst(gravest)).reversed());
        List<Finding> findings = new ArrayList<>(looked.findings.found());
        findings.sort(Comparator.comparingInt((Finding f) -> f.evidence().isEmpty()
                        ? Integer.MAX_VALUE
                        : f.evidence().get(0).start())
                .thenComparing(Comparator.comparing(Finding::severity).reversed()));
        return new Review(
                looked.subject,
                Subject.settled(asRead, context),
                recipe.text(),
                List.of(),
                List.copyOf(assertions),
                call,
                worst,
                List.copyOf(findings),
                List.copyOf(asked),
                Required.of(looked.subject),
                JarAdvice.of(looked.subject, findings, call == Call.SOUND));
    }

    /** What one look finds: the findings, and what is still to be asked, without reviewing the answers. */
    public record Glance(Subject subject, Findings findings) {
        public Call call() {
            if (findings.found().stream().anyMatch(f -> f.severity() == Severity.DANGER)) {
                return Call.STOP;
            }
            if (findings.found().stream().anyMatch(f -> f.severity() == Severity.CORRECT)) {
                return Call.CORRECT;
            }
            return findings.questions().isEmpty() && subject.placement().isPlaced() ? Call.SOUND : Call.ASK;
        }
    }

    /** A look at a recipe already read and edited, for trying many. */
    public Glance glance(Recipe recipe, Context context) {
        return look(recipe, context, new Said(recipe));
    }

    /** @param said the words of this recipe, or of another reading of its text */
    private Glance look(Recipe asRead, Context context, Said said) {
        Recipe read = Subject.settled(asRead, context);
        Placement first = placer.place(read, Subject.methodOf(read, context));
        Recipe recipe = SoakWater.settle(read, first, guide);
        Placement placement = recipe == read ? first : placer.place(recipe, Subject.methodOf(recipe, context));
        Subject subject = new Subject(recipe, placement, context, guide, said.of(recipe));
        Findings findings = new Findings();
        for (Check check : checks) {
            try {
                check.look(subject, findings);
            } catch (RuntimeException e) {
                findings.ask(new Question(
                        "ask.check-failed",
                        new Message(
                                "ask.check-failed", Map.of("code", check.info().code())),
                        List.of(check.info().code()),
                        List.of(),
                        List.of()));
            }
        }
        Needs.ask(subject, findings);
        return new Glance(subject, findings);
    }
}
