package oilcloth.review;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import oilcloth.acidity.Brine;
import oilcloth.acidity.Proportions;
import oilcloth.check.Findings;
import oilcloth.check.Message;
import oilcloth.check.Question;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Confidence;
import oilcloth.guide.FoodClass;
import oilcloth.guide.Process;
import oilcloth.guide.ProcessRow;
import oilcloth.guide.Proof;
import oilcloth.guide.TestedRecipe;
import oilcloth.heat.Requirement;
import oilcloth.measure.JarSize;
import oilcloth.measure.Volume;
import oilcloth.recipe.Assertion;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Fact;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Ingredient;

/** What "sound" needs to know, asked for when it is not known. Whatever is asked here keeps a recipe from being sound. */
final class Needs {
    /** Share of the tested brine, for the same vegetables, under which it is asked whether it covers. */
    private static final double LEAST_COVER = 0.75;

    private Needs() {}

    static void ask(Subject s, Findings out) {
        method(s, out);
        if (s.placement().isPlaced()) {
            jar(s, out);
            process(s, out);
            proportions(s, out);
            proof(s, out);
            FoodNeeds.titled(s, out);
            StepNeeds.ask(s, out);
            RowNeeds.ask(s, out);
        } else {
            out.ask(new Question(
                    "ask.placing",
                    Message.of(s.produce().isEmpty() ? "ask.placing.food" : "ask.placing"),
                    List.of("acid.produce"),
                    List.of(),
                    List.of()));
        }
        FoodNeeds.unlisted(s, out);
        UnreadNeeds.ask(s, out);
        secondJar(s, out);
    }

    static Question plain(String code, Message text, List<String> couldBecome, Fact<?> fact) {
        return new Question(
                code,
                text,
                couldBecome,
                List.of(),
                fact == null ? List.of() : fact.range().map(List::of).orElse(List.of()));
    }

    private static void method(Subject s, Findings out) {
        Optional<CanningMethod> method = s.method();
        boolean oven = out.found().stream()
                .anyMatch(f -> f.code().startsWith("method.") && f.severity().compareTo(Severity.CORRECT) >= 0);
        if (method.isEmpty() && !oven) {
            List<Question.Answer> answers = Stream.of(
                            CanningMethod.BOILING_WATER, CanningMethod.PRESSURE, CanningMethod.OPEN_KETTLE)
                    .map(m -> new Question.Answer(
                            Message.of("ask.method." + m.id()), new Assertion(Assertion.Field.METHOD, m.id())))
                    .toList();
            out.ask(new Question(
                    "ask.method",
                    Message.of("ask.method"),
                    List.of("method.low-acid-boiling", "method.open-kettle"),
                    answers,
                    List.of()));
        } else if (method.filter(m -> m == CanningMethod.COLD_STORAGE).isPresent()) {
            out.ask(plain(
                    "ask.cold-storage",
                    Message.of("ask.cold-storage"),
                    List.of(),
                    s.facts().methods().stream()
                            .filter(m -> m.value() == CanningMethod.COLD_STORAGE)
                            .findFirst()
                            .orElse(null)));
        }
    }

    private static void jar(Subject s, Findings out) {
        if (s.jars().isEmpty()) {
            Set<JarSize> offered = new LinkedHashSet<>();
            s.placement().open().forEach(p -> offered.addAll(p.jars()));
            offered.add(JarSize.QUART);
            List<Question.Answer> answers = offered.stream()
                    .map(j -> new Question.Answer(
                            new Message("ask.jar.answer", Map.of("jar", j.label())),
                            new Assertion(Assertion.Field.JAR, j.id())))
                    .toList();
            out.ask(new Question(
                    "ask.jar", Message.of("ask.jar"), List.of("time.short", "time.jar"), answers, List.of()));
        }
    }

    /** Pack, liquid or form, where the processes still open ask for different times and the stated one does not cover all. */
    private static void process(Subject s, Findings out) {
        List<Process> open = s.placement().open();
        if (open.size() < 2 || !s.methodFits()) {
            return;
        }
        List<JarSize> jars = s.jars().isEmpty() ? open.get(0).jars() : List.copyOf(s.jars());
        boolean differ = jars.stream().anyMatch(j -> Requirement.of(s.rows(j), s.altitude())
                .map(r -> !r.isOne() && !covered(s, r))
                .orElse(false));
        boolean rowsDiffer = s.altitude().isPresent()
                || jars.stream()
                        .anyMatch(j -> s.rows(j).stream()
                                        .map(ProcessRow::minutes)
                                        .distinct()
                                        .count()
                                > 1);
        if (!differ || !rowsDiffer) {
            return;
        }
        String bounds = jars.stream()
                .flatMap(j -> Requirement.of(s.rows(j), s.altitude()).stream())
                .map(Requirement::words)
                .findFirst()
                .orElse("");
        if (open.stream().map(Process::pack).distinct().count() > 1) {
            out.ask(choice("ask.pack", Assertion.Field.PACK, List.of("hot", "raw"), bounds));
        }
        Set<String> ids = new LinkedHashSet<>(open.stream().map(Process::id).toList());
        List<String> liquids = Stream.of("water", "juice", "none")
                .filter(l -> ids.stream().anyMatch(i -> names(i, l)))
                .toList();
        if (liquids.size() > 1) {
            out.ask(choice("ask.liquid", Assertion.Field.LIQUID, liquids, bounds));
        }
        Set<String> forms = new LinkedHashSet<>(s.guide().placing().stream()
                .filter(r -> open.contains(r.process()))
                .map(r -> r.form())
                .toList());
        if (forms.size() > 1) {
            out.ask(choice("ask.form", Assertion.Field.FORM, List.copyOf(forms), bounds));
        }
    }

    private static boolean names(String id, String liquid) {
        return id.contains("-" + (liquid.equals("none") ? "no-liquid" : liquid));
    }

    private static boolean covered(Subject s, Requirement r) {
        return !s.facts().times().isEmpty()
                && s.facts().times().stream().allMatch(t -> t.value().least().compareTo(r.most()) >= 0);
    }

    private static Question choice(String code, Assertion.Field field, List<String> values, String bounds) {
        return new Question(
                code,
                new Message(code, Map.of("bounds", bounds)),
                List.of("time.short"),
                values.stream()
                        .map(v -> new Question.Answer(Message.of(code + "." + v), new Assertion(field, v)))
                        .toList(),
                List.of());
    }

    private static void proportions(Subject s, Findings out) {
        Optional<TestedRecipe> tested = s.placement().recipe();
        if (tested.isEmpty()) {
            return;
        }
        Proportions p = Proportions.of(s.recipe(), tested.get(), s.guide());
        water(s, tested.get(), p, out);
        sugar(s, tested.get(), p, out);
        if (tested.get().isPacked()) {
            cover(s, tested.get(), p, out);
        }
        if (tested.get().isPacked() || tested.get().isFermented()) {
            return;
        }
        p.unmeasured().stream()
                .filter(i -> !tested.get()
                        .isNamedAfter(
                                i.food(), s.recipe().text().substring(i.range().end())))
                .forEach(i -> out.ask(new Question(
                        "ask.amount",
                        new Message("ask.amount", Map.of("food", i.food().name())),
                        List.of("ingredient.low-acid-raised"),
                        List.of(),
                        List.of(i.range()))));
        if (p.isIncomparable() && p.acidTestedCups() == 0) {
            out.ask(plain("ask.amount", Message.of("ask.amounts"), List.of("ingredient.low-acid-raised"), null));
        }
    }

    /** Water beyond the tested share thins the acid, or the heat penetration nobody measured with it. */
    private static void water(Subject s, TestedRecipe tested, Proportions p, Findings out) {
        double allowed = tested.ingredients().stream()
                        .filter(l -> !l.aside()
                                && l.role().equals("water")
                                && l.amount().isPresent())
                        .mapToDouble(l -> l.amount().get().high()
                                * l.amount().get().unit().inBase())
                        .sum()
                * p.scale()
                * p.tolerance();
        List<Ingredient> waters = s.recipe().inJar().stream()
                .filter(i -> i.food().name().equals("water")
                        && i.amount().isPresent()
                        && i.perJar().isEmpty())
                .toList();
        double poured = waters.stream()
                .mapToDouble(i -> i.leastVolume().map(Volume::millilitres).orElse(0.0))
                .sum();
        if (poured > allowed + Volume.ofCups(0.25).millilitres()) {
            out.ask(new Question(
                    "ask.water",
                    Message.of("ask.water"),
                    List.of("acid.brine-weak"),
                    List.of(),
                    waters.stream().map(Ingredient::range).toList()));
        }
    }

    /** Sugar may be changed, but several times as much makes a syrup that heats another way: a candied product. */
    private static void sugar(Subject s, TestedRecipe tested, Proportions p, Findings out) {
        double listed = tested.ingredients().stream()
                .filter(l -> l.role().equals("sweetener")
                        && l.amount().isPresent()
                        && !l.foods().isEmpty())
                .mapToDouble(l -> l.foods()
                        .get(0)
                        .volume(l.amount().get(), l.amount().get().high())
                        .map(Volume::cups)
                        .orElse(0.0))
                .sum();
        double mine = s.recipe().inJar().stream()
                .filter(i ->
                        i.food().kind() == FoodClass.SWEETENER && i.perJar().isEmpty())
                .mapToDouble(i -> i.leastVolume().map(Volume::cups).orElse(0.0))
                .sum();
        if (p.acidTestedCups() > 0 && mine > 2 * listed * p.scale() + 1) {
            out.ask(plain("ask.sugar", Message.of("ask.sugar"), List.of("ingredient.added"), null));
        }
    }

    /** A brine that cannot cover what is packed means less acid in the jar than its strength tells. */
    private static void cover(Subject s, TestedRecipe tested, Proportions p, Findings out) {
        Optional<Brine> mine = Brine.of(s.recipe());
        Optional<Brine> theirs = Brine.of(tested);
        if (mine.isEmpty() || theirs.isEmpty() || p.allSolids().most() == 0 || p.testedAllSolids() == 0) {
            return;
        }
        double share = mine.get().total().cups() / p.allSolids().most();
        if (share < LEAST_COVER * theirs.get().total().cups() / p.testedAllSolids()) {
            out.ask(plain("ask.cover", Message.of("ask.cover"), List.of("acid.vinegar-ratio"), null));
        }
    }

    private static void proof(Subject s, Findings out) {
        ProcessRow row = s.jars().stream()
                .findFirst()
                .flatMap(j -> s.rows(j).stream().findFirst())
                .orElse(s.strictest().orElseThrow().anyRow());
        boolean doubtfulRow = row.confidence() != Confidence.HIGH && row.proof() == Proof.UNREAD;
        boolean doubtfulRecipe = s.placement()
                .recipe()
                .filter(r -> r.confidence() != Confidence.HIGH && r.proof() == Proof.UNREAD)
                .isPresent();
        if (doubtfulRow || doubtfulRecipe) {
            out.ask(plain("ask.proof", Message.of("ask.proof"), List.of(), null));
        }
    }

    private static void secondJar(Subject s, Findings out) {
        if (Facts.values(s.facts().jars()).size() > 1
                && s.facts().times().size() == 1
                && s.facts().times().get(0).value().jar().isPresent()
                && s.facts().yield().isEmpty()) {
            out.ask(plain(
                    "ask.jar",
                    Message.of("ask.jar"),
                    List.of("time.short"),
                    s.facts().times().get(0)));
        }
    }
}
