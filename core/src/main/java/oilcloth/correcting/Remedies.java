package oilcloth.correcting;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import oilcloth.check.Finding;
import oilcloth.check.Message;
import oilcloth.check.Question;
import oilcloth.check.Subject;
import oilcloth.guide.Food;
import oilcloth.measure.JarSize;
import oilcloth.measure.Minutes;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Follow;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Practice;
import oilcloth.review.Engine;
import oilcloth.text.Range;

/**
 * The ways one finding, or one open question that is the canner's to choose, can be mended. None of them asserts a fact
 * nobody told, deletes or replaces the main food, or speaks of jars already made.
 */
final class Remedies {
    private final Subject s;

    private Remedies(Engine.Glance glance) {
        this.s = glance.subject();
    }

    static List<Remedy> of(Finding finding, Engine.Glance glance) {
        return new Remedies(glance).of(finding);
    }

    static List<Remedy> of(Question question, Engine.Glance glance) {
        return new Remedies(glance).of(question);
    }

    private List<Remedy> of(Finding f) {
        return switch (f.code()) {
            case "acid.missing", "acid.short", "acid.bulk" -> AcidRemedies.perJar(s);
            case "acid.fresh-citrus" -> AcidRemedies.bottled(s, f);
            case "acid.vinegar-ratio" -> AcidRemedies.ratio(s);
            case "ingredient.low-acid-raised" -> AcidRemedies.raised(s, f);
            case "acid.brine-weak" -> AcidRemedies.brine(s, f);
            case "acid.vinegar-strength" -> AcidRemedies.strength(s);
            case "acid.produce", "acid.screen", "acid.low-acid-jelly" -> List.of();
            case "ingredient.substitution", "method.no-process", "pack.dense" -> List.of();
                // what a kitchen, a canner or a food is like is no habit: striking the words would only hide it
            case "time.off-table", "time.altitude-unknown", "vessel.gauge" -> List.of();
            case "ingredient.wild-mushroom", "ingredient.raw-toxic", "acid.ferment-unproven" -> List.of();
            case "source.outdated", "source.unverified", "source.met" -> List.of();
            case "ingredient.sugar-cut",
                    "ingredient.salt-cut",
                    "ingredient.unmeasured",
                    "ingredient.fresh-herb-garlic",
                    "ingredient.preserve" -> asTested(f);
            case "ingredient.thickener", "ingredient.fat" -> isListed(f) ? asTested(f) : otherwise(f);
            case "ingredient.salt-kind" -> saltKind(f);
            case "time.short", "time.missing" -> time();
            case "time.jar" -> jar();
            case "time.pressure" -> pressure(f);
            case "time.sterilise" -> List.of(
                    Remedy.of(1.2, price("sterilise"), new Edit.SetMinutes(Minutes.of(10))),
                    Remedy.of(1.5, price("sterilise-jars"), new Follow(Follow.Step.STERILISE, "10")));
            case "method.low-acid-boiling" -> process();
            case "method.steam-limit" -> s.kind() == FoodKind.LOW_ACID ? process() : otherwise(f);
            case "pack.dry" -> {
                List<Edit> edits = new ArrayList<>();
                told(f).forEach(r -> edits.add(new Edit.LeaveOff(r)));
                edits.add(new Follow(Follow.Step.LIQUID, "water"));
                yield List.of(new Remedy(edits, 1.2, price("liquid")));
            }
            case "pack.liquid" -> List.of(Remedy.of(1.2, price("liquid"), liquidEdits(f)));
            case "pack.raw" -> List.of(Remedy.of(1.5, price("pack"), new Follow(Follow.Step.PACK, "hot")));
            case "headspace.small", "headspace.large", "headspace.missing" -> headspace();
            default -> otherwise(f);
        };
    }

    /** Practices are left off; things added are left out; a method without a process gives way to the tested one. */
    private List<Remedy> otherwise(Finding f) {
        List<Edit> edits = new ArrayList<>();
        if (f.code().startsWith("ingredient.")) {
            List<Ingredient> named = s.recipe().ingredients().stream()
                    .filter(i -> f.evidence().contains(i.range()))
                    .toList();
            boolean main = named.stream().anyMatch(i -> isMain(i.food()));
            if (main) {
                return List.of();
            }
            named.forEach(i -> edits.add(new Edit.Remove(i.range(), i.food())));
            if (!edits.isEmpty()) {
                double cost = named.stream()
                        .mapToDouble(i -> i.food().kind().isProduce() ? 3 : 1)
                        .sum();
                return List.of(new Remedy(
                        edits,
                        cost,
                        new Message(
                                "price.remove",
                                Map.of("food", Words.of(named.get(0).food())))));
            }
        }
        told(f).forEach(r -> edits.add(new Edit.LeaveOff(r)));
        if (f.code().startsWith("method.") || f.code().equals("jar.not-canning")) {
            edits.addAll(tested());
        }
        return edits.isEmpty() ? List.of() : List.of(new Remedy(edits, 0.6, price("leave-off")));
    }

    /** Wherever the text tells of it. */
    private Set<Range> told(Finding f) {
        Set<Range> told = new LinkedHashSet<>();
        f.evidence().forEach(r -> told.add(Clauses.around(s.recipe(), r)));
        for (Practice practice : s.recipe().practices()) {
            if (practice.rule().code().equals(f.code())) {
                Optional<Range> said = s.said().anywhere(practice.rule().pattern());
                while (said.isPresent()) {
                    told.add(Clauses.around(s.recipe(), said.get()));
                    said = s.said().after(practice.rule().pattern(), said.get().end() + 1);
                }
            }
        }
        return told;
    }

    private boolean isMain(Food food) {
        return s.produce().main().filter(food::equals).isPresent();
    }

    /** Method, time and pressure of the tested process; nothing where none is placed. */
    private List<Edit> tested() {
        Optional<Tested> tested = Tested.of(s);
        return tested.map(Tested::edits).orElse(List.of());
    }

    private List<Remedy> process() {
        List<Edit> edits = tested();
        if (edits.isEmpty() || s.strictest().isEmpty()) {
            return List.of();
        }
        return List.of(new Remedy(edits, 6, price("pressure")));
    }

    private List<Remedy> time() {
        List<Remedy> remedies = new ArrayList<>();
        Tested.of(s).flatMap(Tested::minutes).ifPresent(m -> {
            int stated = s.facts().times().stream()
                    .mapToInt(t -> t.value().least().value())
                    .min()
                    .orElse(m.value());
            int more = Math.max(0, m.value() - stated);
            remedies.add(new Remedy(
                    List.of(new Edit.SetMinutes(m)),
                    1 + more / 30.0,
                    new Message("price.minutes", Map.of("more", more))));
            Tested.smallerJar(s, Minutes.of(Math.max(1, stated)))
                    .ifPresent(j -> remedies.add(new Remedy(
                            List.of(new Edit.SetJar(j)), 2, new Message("price.jar", Map.of("jar", j.label())))));
        });
        return remedies;
    }

    private List<Remedy> jar() {
        return s.strictest().stream()
                .map(p -> p.rows().lastKey())
                .map(j ->
                        new Remedy(List.of(new Edit.SetJar(j)), 2, new Message("price.jar", Map.of("jar", j.label()))))
                .toList();
    }

    private List<Remedy> pressure(Finding f) {
        List<Edit> edits = new ArrayList<>(f.correction().map(c -> c.edits()).orElse(List.of()));
        if (edits.isEmpty()) {
            told(f).forEach(r -> edits.add(new Edit.LeaveOff(r)));
            edits.add(new Follow(Follow.Step.VENT, "yes"));
        }
        return List.of(new Remedy(edits, 1, price("psi")));
    }

    private Edit[] liquidEdits(Finding f) {
        List<Edit> edits = new ArrayList<>();
        s.facts().liquids().stream()
                .flatMap(l -> l.range().stream())
                .filter(f.evidence()::contains)
                .forEach(r -> edits.add(new Edit.LeaveOff(r)));
        // raw meat and fish are packed without any
        if (!s.produce().hasMeat()) {
            edits.add(new Follow(Follow.Step.LIQUID, "water"));
        }
        s.recipe().ingredients().stream()
                .filter(i -> f.evidence().contains(i.range()) && !isMain(i.food()))
                .forEach(i -> edits.add(new Edit.Remove(i.range(), i.food())));
        return edits.toArray(Edit[]::new);
    }

    private List<Remedy> headspace() {
        return s.strictest().stream()
                .map(p -> Remedy.of(
                        0.5,
                        price("headspace"),
                        new Edit.SetHeadspace(p.anyRow().headspace())))
                .toList();
    }

    /** More of what the tested recipe has, rather than something it lacks. */
    private boolean isListed(Finding f) {
        return s.recipe().ingredients().stream()
                .anyMatch(i -> f.evidence().contains(i.range())
                        && !s.placement().unlisted().contains(i));
    }

    /** Back to what the tested recipe has of it, at this batch's size. */
    private List<Remedy> asTested(Finding f) {
        return s.recipe().ingredients().stream()
                .filter(i -> f.evidence().contains(i.range()))
                .findFirst()
                .flatMap(i -> Tested.amountOf(s, i)
                        .map(a -> new Remedy(
                                List.of(new Edit.SetIngredient(i.range(), i.food(), a)),
                                1.2,
                                new Message("price.as-tested", Map.of("food", Words.of(i.food()))))))
                .stream()
                .toList();
    }

    private List<Remedy> saltKind(Finding f) {
        return s.recipe().ingredients().stream()
                .filter(i -> f.evidence().contains(i.range()) && i.amount().isPresent())
                .map(i -> Remedy.of(
                        0.8,
                        price("salt"),
                        new Edit.SetIngredient(
                                i.range(),
                                s.guide().food("salt, canning"),
                                i.amount().orElseThrow())))
                .toList();
    }

    /** A question is mended by a choice of the canner's: which jar, which canner, how it is packed. */
    private List<Remedy> of(Question q) {
        return switch (q.code()) {
            case "ask.jar" -> s.strictest().stream()
                    .flatMap(p -> p.jars().stream())
                    .map(j -> Remedy.of(
                            0.8 + largeJar(j),
                            new Message("price.choose-jar", Map.of("jar", j.label())),
                            new Edit.SetJar(j)))
                    .toList();
            case "ask.method", "ask.time" -> tested().isEmpty()
                    ? List.of()
                    : List.of(new Remedy(tested(), 1, price("process")));
            case "ask.pack" -> List.of(
                    Remedy.of(0.8, price("pack"), new Follow(Follow.Step.PACK, "hot")),
                    Remedy.of(1, price("pack-raw"), new Follow(Follow.Step.PACK, "raw")));
            case "ask.liquid" -> q.answers().stream()
                    .map(a -> Remedy.of(
                            0.9,
                            price("liquid"),
                            new Follow(Follow.Step.LIQUID, a.assertion().value())))
                    .toList();
            case "ask.vented" -> List.of(Remedy.of(0.4, price("vent"), new Follow(Follow.Step.VENT, "yes")));
            case "ask.psi" -> Tested.of(s).flatMap(Tested::pressure).stream()
                    .map(p -> Remedy.of(0.5, price("psi"), new Edit.SetPressure(p)))
                    .toList();
            case "ask.sterilised" -> List.of(
                    Remedy.of(0.6, price("sterilise-jars"), new Follow(Follow.Step.STERILISE, "10")));
            case "ask.lemon-kind" -> AcidRemedies.bottled(s, q.evidence());
            case "ask.vinegar-strength" -> List.of(
                    Remedy.of(0.5, price("five-percent"), new Follow(Follow.Step.VINEGAR_PERCENT, "5")));
            case "ask.acid-amount", "ask.jar-count" -> AcidRemedies.perJar(s);
            case "ask.headspace" -> headspace();
            default -> List.of();
        };
    }

    private static double largeJar(JarSize jar) {
        return jar == JarSize.PINT ? 0 : 0.1 * Math.abs(jar.pints() - 1);
    }

    private static Message price(String id) {
        return Message.of("price." + id);
    }
}
