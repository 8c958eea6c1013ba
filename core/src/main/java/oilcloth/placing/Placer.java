package oilcloth.placing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oilcloth.guide.Acidity;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Method;
import oilcloth.guide.PlacingRule;
import oilcloth.guide.Process;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Volume;
import oilcloth.placing.Placement.Alternative;
import oilcloth.placing.Placement.Certainty;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Recipe;

/** Finds the tested recipe or process a recipe is nearest to, and says how sure that is. */
public final class Placer {
    /** Below this a recipe resembles nothing tested. */
    private static final double PLACED = 0.55;

    private static final double SURE = 0.8;
    /** Signs of a text within which a letter without a title names its product. */
    private static final int OPENING = 120;

    private static final Set<String> MIXTURE_FORMS = Set.of(
            "pickle",
            "relish",
            "salsa",
            "chutney",
            "ketchup",
            "taco-sauce",
            "hot-sauce",
            "pasta-sauce",
            "pie-filling",
            "kraut",
            "chili",
            "spread",
            "pepper-jelly",
            "herb-jelly");
    private static final Set<String> PRESERVES = Set.of("jam", "jelly");
    private static final Set<String> PLAIN_FORMS = Set.of(
            "pieces",
            "crushed",
            "sauce",
            "juice",
            "puree",
            "jam",
            "jelly",
            "soup",
            "stock",
            "ground",
            "bone-in",
            "boneless",
            "smoked",
            "cream-style",
            "baked-beans",
            "sauced-beans",
            "milled",
            "butter",
            "syrup");
    /** Vinegar beyond this in the batch makes a vegetable a pickle, not a plain pack. */
    private static final Volume PICKLING = Volume.ofCups(0.25);

    private final GuideSnapshot guide;
    private final List<Profile> profiles;

    public Placer(GuideSnapshot guide) {
        this.guide = guide;
        this.profiles = guide.recipes().stream().map(Profile::of).toList();
    }

    private record Scored(double score, Placement placement) {}

    public Placement place(Recipe recipe, Optional<CanningMethod> method) {
        Produce produce = Produce.of(recipe);
        Set<String> forms = Facts.values(recipe.facts().forms());
        List<Scored> scored = new ArrayList<>();
        RecipeMatcher matcher = new RecipeMatcher(guide, recipe, produce, forms);
        for (Profile profile : profiles) {
            double score = matcher.score(profile);
            if (score > RecipeMatcher.WORTH_A_LOOK) {
                scored.add(new Scored(score, ofRecipe(recipe, profile.tested(), score, method, matcher)));
            }
        }
        plain(recipe, produce, forms, method).ifPresent(scored::add);
        Optional<Scored> said = recipe.facts().placed().flatMap(id -> asSaid(id, recipe, produce, method, matcher));
        if (said.isPresent()) {
            // what the educator says it is comes first; what the recipe has beyond it is still named
            scored.removeIf(s -> idOf(s.placement()).equals(idOf(said.get().placement())));
            scored.add(said.get());
        }
        scored.sort(Comparator.comparingDouble(s -> -s.score()));
        List<Alternative> alternatives = scored.stream()
                .skip(scored.isEmpty() || scored.get(0).score() < PLACED ? 0 : 1)
                .filter(s -> s.placement().isPlaced())
                .limit(3)
                .map(s -> alternative(s, recipe))
                .toList();
        if (scored.isEmpty() || scored.get(0).score() < PLACED) {
            return new Placement(
                    List.of(),
                    Optional.empty(),
                    Certainty.LOW,
                    family(forms),
                    kindOf(recipe, produce, forms),
                    List.of(),
                    alternatives);
        }
        Placement best = scored.get(0).placement();
        return new Placement(
                best.open(),
                best.recipe(),
                best.certainty(),
                best.family(),
                best.kind(),
                best.unlisted(),
                alternatives);
    }

    /** More than any likeness. */
    private static final double SAID = 10;

    private Optional<Scored> asSaid(
            String id, Recipe recipe, Produce produce, Optional<CanningMethod> method, RecipeMatcher matcher) {
        Optional<TestedRecipe> tested = guide.recipes().stream()
                .filter(r -> r.id().equals(id) && !r.processes().isEmpty())
                .findFirst();
        if (tested.isPresent()) {
            return Optional.of(new Scored(SAID, ofRecipe(recipe, tested.get(), SAID, method, matcher)));
        }
        List<PlacingRule> rules = RowChoice.byMethod(
                guide.placing().stream()
                        .filter(r -> r.process().id().equals(id))
                        .toList(),
                method);
        if (rules.isEmpty()) {
            return Optional.empty();
        }
        PlacingRule rule = rules.get(0);
        Food main = produce.main().orElseGet(() -> guide.food("vegetables"));
        return Optional.of(new Scored(
                SAID,
                new Placement(
                        List.of(rule.process()),
                        Optional.empty(),
                        Certainty.HIGH,
                        rule.form(),
                        plainKind(rule, main),
                        Unlisted.inPlain(recipe, rule, guide),
                        List.of())));
    }

    private static String idOf(Placement p) {
        return p.recipe()
                .map(TestedRecipe::id)
                .orElseGet(() -> p.first().map(Process::id).orElse(""));
    }

    private Alternative alternative(Scored s, Recipe recipe) {
        Placement p = s.placement();
        String id = idOf(p);
        String title = p.recipe()
                .map(TestedRecipe::name)
                .orElseGet(() -> p.open().get(0).title());
        return new Alternative(
                id, title, s.score() >= SURE ? Certainty.MEDIUM : Certainty.LOW, Likeness.of(recipe, p, guide));
    }

    private Placement ofRecipe(
            Recipe recipe, TestedRecipe tested, double score, Optional<CanningMethod> method, RecipeMatcher matcher) {
        List<Process> processes = tested.processes().stream()
                .map(id -> guide.process(tested.method(), id).orElseThrow())
                .toList();
        processes = RowChoice.byPack(processes, recipe.facts());
        if (tested.id().equals("tomato-vegetable-juice")
                && method.filter(m -> m == CanningMethod.PRESSURE).isPresent()) {
            processes = RowChoice.byPressure(
                    guide.processes().stream()
                            .filter(p -> p.id().startsWith("tomato-vegetable-juice-hot-"))
                            .toList(),
                    recipe.facts());
        }
        FoodKind kind = tested.method() == Method.PRESSURE ? FoodKind.LOW_ACID : kindOf(tested);
        return new Placement(
                processes,
                Optional.of(tested),
                score >= SURE ? Certainty.HIGH : Certainty.MEDIUM,
                tested.form(),
                kind,
                matcher.unlisted(tested),
                List.of());
    }

    private static FoodKind kindOf(TestedRecipe tested) {
        if (tested.form().equals("pickle") || tested.form().equals("kraut")) {
            return FoodKind.PICKLE;
        }
        boolean lowAcid = tested.ingredients().stream()
                .filter(i -> i.role().equals("vegetable") || i.role().equals("fruit"))
                .flatMap(i -> i.foods().stream().limit(1))
                .anyMatch(f -> f.acidity() != Acidity.HIGH);
        return lowAcid ? FoodKind.ACIDIFIED : FoodKind.ACID;
    }

    private Optional<Scored> plain(Recipe recipe, Produce produce, Set<String> forms, Optional<CanningMethod> method) {
        if (produce.isEmpty()) {
            return Optional.empty();
        }
        boolean mixture = forms.stream().anyMatch(MIXTURE_FORMS::contains);
        boolean pickled = produce.hasLowAcid() && batchVinegar(recipe).compareTo(PICKLING) > 0;
        Food main = produce.main().orElseThrow();
        List<PlacingRule> rules = rulesFor(recipe, produce, forms, main);
        if (rules.isEmpty() || mixture || pickled) {
            return Optional.empty();
        }
        rules = RowChoice.byMethod(rules, method);
        rules = RowChoice.byLiquid(rules, recipe);
        List<Process> open = RowChoice.byPressure(
                RowChoice.byPack(rules.stream().map(PlacingRule::process).toList(), recipe.facts()), recipe.facts());
        Set<Process> distinct = new LinkedHashSet<>(open);
        List<Ingredient> unlisted = Unlisted.inPlain(recipe, rules.get(0), guide);
        boolean pure = unlisted.stream().noneMatch(i -> i.food().kind().isProduce());
        FoodKind kind = plainKind(rules.get(0), main);
        String family = rules.get(0).form();
        boolean vinegar = batchVinegar(recipe).compareTo(PICKLING) > 0;
        double score = (pure ? 0.95 : 0.7) - 0.04 * Math.min(unlisted.size(), 4) - (vinegar ? 0.25 : 0);
        // one form of one food, and nothing in the jar that the process does not list
        boolean oneForm = rules.stream().map(PlacingRule::form).distinct().count() == 1;
        boolean said = recipe.title().isPresent() || !recipe.ingredients().isEmpty();
        Certainty certainty = unlisted.isEmpty() && oneForm && said ? Certainty.HIGH : Certainty.MEDIUM;
        return Optional.of(new Scored(
                score,
                new Placement(List.copyOf(distinct), Optional.empty(), certainty, family, kind, unlisted, List.of())));
    }

    private static FoodKind plainKind(PlacingRule rule, Food main) {
        if (PRESERVES.contains(rule.form())) {
            return FoodKind.ACID;
        }
        if (rule.process().method() == Method.PRESSURE
                && !rule.process().needsAcidPerJar()
                && main.acidity() != Acidity.HIGH) {
            return FoodKind.LOW_ACID;
        }
        return main.acidity() == Acidity.HIGH ? FoodKind.ACID : FoodKind.BORDERLINE;
    }

    private List<PlacingRule> rulesFor(Recipe recipe, Produce produce, Set<String> forms, Food main) {
        if (forms.contains("soup") || isSoupLike(produce, forms)) {
            return forms.contains("soup") ? soup(produce) : List.of();
        }
        if (isTomatoWithOkraOrZucchini(produce)) {
            return guide.placing().stream()
                    .filter(r -> r.foods().contains("tomato with okra or zucchini"))
                    .toList();
        }
        List<PlacingRule> rules =
                guide.placing().stream().filter(r -> r.takes(main)).toList();
        if (forms.stream().anyMatch(PRESERVES::contains)) {
            return preserves(recipe, produce, forms, rules);
        }
        rules = rules.stream().filter(r -> !PRESERVES.contains(r.form())).toList();
        Set<String> named = new HashSet<>();
        recipe.facts().forms().stream()
                .filter(f -> f.range().isEmpty()
                        || recipe.title()
                                .map(t -> f.range().filter(t::contains).isPresent())
                                // a letter without a title opens with what it is about
                                .orElse(f.range().get().start() < OPENING))
                .forEach(f -> named.add(f.value()));
        return RowChoice.byForm(rules, forms, named, main);
    }

    private static boolean isSoupLike(Produce produce, Set<String> forms) {
        return forms.contains("stew")
                || produce.hasMeat() && produce.foods().size() > 3 && !forms.contains("sauced-beans");
    }

    private List<PlacingRule> soup(Produce produce) {
        boolean seafood = produce.foods().stream().anyMatch(f -> f.kind() == FoodClass.SEAFOOD);
        String form = seafood ? "seafood-soup" : "soup";
        return guide.placing().stream().filter(r -> r.form().equals(form)).toList();
    }

    private static boolean isTomatoWithOkraOrZucchini(Produce produce) {
        Set<String> groups = produce.cupsByGroup().keySet();
        return groups.size() == 2
                && groups.contains("tomato")
                && (groups.contains("okra") || groups.contains("summer squash"));
    }

    private List<PlacingRule> preserves(Recipe recipe, Produce produce, Set<String> forms, List<PlacingRule> rules) {
        String form = forms.stream().filter(PRESERVES::contains).findFirst().orElseThrow();
        Set<String> pectins = new HashSet<>();
        for (Ingredient i : recipe.inJar()) {
            if (i.food().kind() == FoodClass.PECTIN) {
                pectins.add(i.food().name().equals("pectin, liquid") ? "liquid-pectin" : "powdered-pectin");
            }
        }
        if (pectins.isEmpty()) {
            pectins.add("no-pectin");
        }
        boolean lowAcid =
                produce.foods().stream().anyMatch(f -> f.acidity() != Acidity.HIGH && f.kind() != FoodClass.NUT);
        if (lowAcid) {
            return List.of();
        }
        List<PlacingRule> same = rules.stream()
                .filter(r -> r.form().equals(form) && pectins.contains(r.liquid()))
                .toList();
        if (!same.isEmpty()) {
            return same;
        }
        // A long-boil jam of another acid fruit is nearest to the tested long-boil jams.
        return guide.placing().stream()
                .filter(r -> r.form().equals(form) && pectins.contains(r.liquid()))
                .limit(1)
                .toList();
    }

    private static FoodKind kindOf(Recipe recipe, Produce produce, Set<String> forms) {
        boolean pieces = forms.stream().allMatch(RecipeMatcher.PLAIN::contains);
        boolean acid = recipe.acids().stream().anyMatch(i -> i.perJar().isEmpty() && (!pieces || sours(i)));
        if (forms.contains("pickle") || forms.contains("kraut")) {
            return FoodKind.PICKLE;
        }
        if (produce.isEmpty() || produce.hasMeat()) {
            return FoodKind.LOW_ACID;
        }
        if (produce.hasLowAcid()) {
            return acid ? FoodKind.ACIDIFIED : FoodKind.LOW_ACID;
        }
        boolean borderline = produce.foods().stream().anyMatch(f -> f.acidity() != Acidity.HIGH);
        return borderline ? FoodKind.BORDERLINE : FoodKind.ACID;
    }

    /** A spoon of lemon juice makes no vegetable sour; of an acid nobody measured only vinegar is thought to. */
    private static boolean sours(Ingredient acid) {
        return acid.mostVolume()
                .map(v -> v.compareTo(PICKLING) > 0)
                .orElse(acid.food().isVinegar());
    }

    private static String family(Set<String> forms) {
        return forms.stream()
                .filter(f -> MIXTURE_FORMS.contains(f) || PRESERVES.contains(f))
                .findFirst()
                .orElse(forms.stream().filter(PLAIN_FORMS::contains).findFirst().orElse(""));
    }

    static Volume batchVinegar(Recipe recipe) {
        return recipe.inJar().stream()
                .filter(i -> i.food().isVinegar() && i.perJar().isEmpty())
                .map(i -> i.mostVolume().orElse(Volume.ofCups(1)))
                .reduce(Volume.ZERO, Volume::plus);
    }
}
