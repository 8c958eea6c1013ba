package oilcloth.lookup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import oilcloth.guide.AcidRule;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Kitchen;
import oilcloth.guide.Lexicon;
import oilcloth.guide.Method;
import oilcloth.guide.ProcessRow;
import oilcloth.lookup.PhoneAnswer.None;
import oilcloth.lookup.PhoneAnswer.Why;
import oilcloth.measure.JarSize;
import oilcloth.reading.QuestionReader;
import oilcloth.reading.Spoken;
import oilcloth.recipe.CanningMethod;

/** Answers "pears, pints, we're at 5,200 feet?" from the tables. Immutable and safe to share between threads. */
public final class Lookup {
    /** Forms that are how a food is cut: a question without another form asks for these. */
    private static final Set<String> CUT = Set.of("pieces", "milled");

    private static final Set<String> UNSAID_MEAT_OR_TOMATO =
            Set.of("pieces", "crushed", "ground", "bone-in", "boneless");
    private static final Set<String> UNSAID = Set.of("pieces");
    /** More than this many processes are not an answer but a list to choose from. */
    private static final int MOST_ANSWERS = 8;

    private static final int MOST_ALSO = 10;

    private final GuideSnapshot guide;
    private final QuestionReader reader;
    private final List<Candidate> all;

    public Lookup(GuideSnapshot guide) {
        this.guide = guide;
        this.reader = new QuestionReader(guide);
        this.all = Candidate.all(guide);
    }

    /** @param words any words in any order; a process id among them names that process outright */
    public PhoneAnswer ask(String words) {
        List<String> said = List.of(words.strip().split("\\s+"));
        List<Candidate> byId = keep(all, c -> said.contains(c.process().id()));
        if (!byId.isEmpty()) {
            // the words inside an id are its name, not what was said
            String others = said.stream()
                    .filter(w -> byId.stream().noneMatch(c -> c.process().id().equals(w)))
                    .collect(Collectors.joining(" "));
            return narrowed(reader.hear(others), byId, List.of());
        }
        Spoken q = reader.hear(words);
        List<Food> foods = asked(q);
        Set<String> stems = q.rest().stream().map(Lexicon::stem).collect(Collectors.toCollection(LinkedHashSet::new));
        Optional<Kitchen.NoProcess> dish = q.rest().stream()
                .flatMap(w -> guide.kitchen().noProcess(w).stream())
                .findFirst();
        if (dish.isPresent()) {
            return none(q, Why.REFUSED, dish, List.of(), List.of());
        }
        List<Candidate> found = find(q, foods, stems);
        List<String> notUnderstood = q.rest().stream()
                .filter(w -> found.stream().allMatch(c -> c.matching(Set.of(Lexicon.stem(w))) == 0))
                .toList();
        Optional<Kitchen.NoProcess> refused = foods.stream()
                .flatMap(f -> guide.kitchen().noProcess(f, q.forms()).stream())
                .filter(n -> found.isEmpty() || !n.forms().isEmpty())
                .findFirst();
        if (refused.isPresent() || found.isEmpty()) {
            Why why = refused.isPresent()
                    ? Why.REFUSED
                    : foods.isEmpty() && q.forms().isEmpty() ? Why.NOT_UNDERSTOOD : Why.NO_PROCESS;
            return none(q, why, refused, related(foods), notUnderstood);
        }
        return narrowed(q, found, notUnderstood);
    }

    /** The foods asked about: not the liquid they are covered with, nor sugar, spice or pectin. */
    private static List<Food> asked(Spoken q) {
        // "cream-style corn" has no cream in it
        List<Food> foods = q.foods().stream()
                .filter(Spoken::isAskedAbout)
                .filter(f -> f.kind() != FoodClass.DAIRY || !q.forms().contains("cream-style"))
                .toList();
        List<Food> solid = foods.stream()
                .filter(f -> !f.name().equals("broth") && !f.name().endsWith(" juice"))
                .toList();
        return solid.isEmpty() ? foods : solid;
    }

    private List<Candidate> find(Spoken q, List<Food> foods, Set<String> stems) {
        Set<String> forms = new LinkedHashSet<>(q.forms());
        forms.removeAll(CUT);
        if (forms.contains("soup") || forms.contains("chili")) {
            boolean seafood = foods.stream().anyMatch(f -> f.kind() == FoodClass.SEAFOOD);
            return keep(
                    all,
                    c -> forms.contains("chili")
                            ? c.forms().contains("chili")
                            : c.forms().contains(seafood ? "seafood-soup" : "soup"));
        }
        List<Candidate> found = all;
        if (!foods.isEmpty()) {
            found = keep(all, c -> foods.stream().allMatch(c::takes) && (foods.size() > 1 || !c.isMixture()));
            // a recipe told by its name outranks one that only has the food in its name
            List<Candidate> using = keep(all, c -> foods.stream().allMatch(f -> c.takes(f) || c.uses(f)));
            if (found.isEmpty() || best(using, stems) > best(found, stems)) {
                found = using;
            }
        }
        if (!forms.isEmpty()) {
            found = byForm(found, forms, foods);
        } else if (!foods.isEmpty()) {
            found = plain(found, foods, stems);
        } else if (stems.isEmpty()) {
            return List.of();
        }
        long best = best(found, stems);
        if (best == 0 && foods.isEmpty() && forms.isEmpty()) {
            return List.of();
        }
        found = keep(found, c -> c.matching(stems) == best);
        found = prefer(found, c -> c.isPlain() || c.isWithout() == q.without());
        if (!forms.isEmpty()) {
            return found;
        }
        if (foods.isEmpty()) {
            return prefer(found, c -> c.forms().contains("pieces"));
        }
        long fewest = found.stream().mapToLong(c -> c.beyond(foods)).min().orElse(0);
        return keep(found, c -> c.beyond(foods) == fewest);
    }

    private static long best(List<Candidate> some, Set<String> stems) {
        return some.stream().mapToLong(c -> c.matching(stems)).max().orElse(0);
    }

    private List<Candidate> byForm(List<Candidate> found, Set<String> forms, List<Food> foods) {
        // "tomato salsa": the form outranks a food the recipe has without naming it
        List<Candidate> same = keep(found, c -> c.forms().stream().anyMatch(forms::contains));
        if (same.isEmpty() && !foods.isEmpty()) {
            same = keep(
                    all,
                    c -> c.forms().stream().anyMatch(forms::contains)
                            && foods.stream().allMatch(f -> c.takes(f) || c.uses(f)));
        }
        // a sauce for pasta is also a sauce; the narrower word rules
        if (forms.contains("pasta-sauce")) {
            List<Candidate> pasta = keep(same, c -> c.forms().contains("pasta-sauce"));
            return pasta.isEmpty() ? same : pasta;
        }
        return same;
    }

    private List<Candidate> plain(List<Candidate> found, List<Food> foods, Set<String> stems) {
        boolean open = foods.stream().anyMatch(f -> f.kind() == FoodClass.MEAT || f.kind() == FoodClass.TOMATO);
        Set<String> unsaid = open ? UNSAID_MEAT_OR_TOMATO : UNSAID;
        List<Candidate> plain =
                keep(found, c -> c.isPlain() && c.forms().stream().anyMatch(unsaid::contains));
        if (plain.isEmpty()) {
            // "apple juice", "applesauce": the food is named by its form
            plain = keep(
                    found,
                    c -> c.isPlain()
                            && foods.stream().anyMatch(f -> c.process().food().startsWith(f.name())));
        }
        boolean recipeNamed = found.stream().anyMatch(c -> !c.isPlain() && c.matching(stems) > 0);
        if (recipeNamed || (plain.isEmpty() && foods.size() > 1)) {
            return keep(found, c -> c.isPlain() ? false : stems.isEmpty() || c.matching(stems) > 0);
        }
        return plain;
    }

    private PhoneAnswer narrowed(Spoken q, List<Candidate> candidates, List<String> notUnderstood) {
        Optional<Method> wanted = q.method().map(m -> m == CanningMethod.PRESSURE ? Method.PRESSURE : Method.BOILING);
        boolean boiling = candidates.stream().anyMatch(c -> c.process().method() == Method.BOILING);
        Method method = wanted.orElse(boiling ? Method.BOILING : Method.PRESSURE);
        List<Candidate> mine = keep(candidates, c -> c.process().method() == method);
        List<Candidate> others = keep(candidates, c -> c.process().method() != method);
        if (mine.isEmpty()) {
            Why why = method == Method.BOILING ? Why.PRESSURE_ONLY : Why.BOILING_ONLY;
            return none(q, why, Optional.empty(), others, notUnderstood);
        }
        mine = preferred(q, mine);
        others = preferred(q, others);
        List<Candidate> fitting = keep(
                mine,
                c -> q.jar().isEmpty() || c.process().rowFor(q.jar().get()).isPresent());
        if (fitting.isEmpty()) {
            return none(q, Why.JAR_TOO_LARGE, Optional.empty(), mine, notUnderstood);
        }
        // the one that asks the most first: read aloud in a hurry, it is the safe one
        List<Answer> answers = fitting.stream()
                .flatMap(c -> answers(q, c).stream())
                .sorted(Comparator.comparing(
                                (Answer a) -> a.minutes().orElse(a.row().most()))
                        .reversed())
                .toList();
        List<CounterQuestion> ask = new CounterQuestions(answers, fitting, q).all();
        boolean tooMany = fitting.size() > MOST_ANSWERS;
        return new PhoneAnswer(
                q,
                tooMany ? List.of() : answers,
                ask,
                Optional.empty(),
                others.stream()
                        .limit(MOST_ALSO)
                        .flatMap(c -> answers(q, c).stream())
                        .toList(),
                notUnderstood);
    }

    /** What was said of pack, liquid, pectin and cut, as far as it leaves anything. */
    private static List<Candidate> preferred(Spoken q, List<Candidate> some) {
        List<Candidate> left = prefer(
                some,
                c -> q.pack().isPresent() && c.process().pack() == q.pack().get());
        left = prefer(
                left,
                c -> q.liquid().isPresent() && c.liquids().contains(q.liquid().get()));
        left = prefer(left, c -> q.forms().contains("pieces") && c.forms().contains("pieces"));
        return prefer(left, c -> q.foods().stream().anyMatch(f -> f.kind() == FoodClass.PECTIN && pectin(c, f)));
    }

    private static boolean pectin(Candidate c, Food pectin) {
        return c.liquids().contains(pectin.name().equals("pectin, liquid") ? "liquid-pectin" : "powdered-pectin");
    }

    private PhoneAnswer none(
            Spoken q, Why why, Optional<Kitchen.NoProcess> rule, List<Candidate> also, List<String> notUnderstood) {
        String detail = why != Why.JAR_TOO_LARGE
                ? ""
                : also.stream()
                        .flatMap(c -> c.process().jars().stream())
                        .max(Comparator.naturalOrder())
                        .map(JarSize::label)
                        .orElse("");
        Spoken anyJar = why == Why.JAR_TOO_LARGE
                ? new Spoken(
                        q.foods(),
                        q.forms(),
                        Optional.empty(),
                        q.pack(),
                        q.liquid(),
                        q.method(),
                        q.gauge(),
                        q.altitude(),
                        q.without(),
                        q.rest())
                : q;
        return new PhoneAnswer(
                q,
                List.of(),
                List.of(),
                Optional.of(new None(why, rule, detail)),
                also.stream()
                        .limit(MOST_ALSO)
                        .flatMap(c -> answers(anyJar, c).stream())
                        .toList(),
                notUnderstood);
    }

    /** Tested recipes the food is named in: what else could be made of it. */
    private List<Candidate> related(List<Food> foods) {
        return foods.isEmpty() ? List.of() : keep(all, c -> foods.stream().anyMatch(c::takes));
    }

    private List<Answer> answers(Spoken q, Candidate c) {
        List<JarSize> jars = q.jar().map(List::of).orElse(c.process().jars());
        List<Answer> answers = new ArrayList<>();
        for (JarSize jar : jars) {
            Optional<ProcessRow> row = c.process().rowFor(jar);
            if (row.isPresent()) {
                answers.add(new Answer(
                        c.process(), jar, row.get(), c.recipe(), acid(q, c), q.altitude(), q.gauge(), guide));
            }
        }
        return answers;
    }

    private List<AcidRule> acid(Spoken q, Candidate c) {
        if (!c.process().needsAcidPerJar()) {
            return List.of();
        }
        return guide.acidRules().stream()
                .filter(r -> c.takes(guide.food(r.foodGroup())))
                .filter(r -> q.foods().isEmpty()
                        || q.foods().stream().noneMatch(f -> f.kind() == FoodClass.TOMATO)
                        || r.foodGroup().equals("tomato"))
                .collect(Collectors.toMap(AcidRule::form, r -> r, (a, b) -> a, java.util.LinkedHashMap::new))
                .values()
                .stream()
                .toList();
    }

    private static List<Candidate> keep(List<Candidate> from, Predicate<Candidate> which) {
        return from.stream().filter(which).toList();
    }

    private static List<Candidate> prefer(List<Candidate> from, Predicate<Candidate> which) {
        List<Candidate> preferred = keep(from, which);
        return preferred.isEmpty() ? from : preferred;
    }
}
