package oilcloth.placing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oilcloth.acidity.Brine;
import oilcloth.acidity.Proportions;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.TestedIngredient;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Volume;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Recipe;
import oilcloth.text.Cue;

/** How like a tested recipe a recipe is: its produce, its form, its name, and how far its figures stray. */
final class RecipeMatcher {
    /** Forms that still leave a recipe a plain pack of pieces. */
    static final Set<String> PLAIN = Set.of("pieces", "crushed", "juice", "sauce", "milled");

    /** Below this a recipe is no candidate, whatever its proportions. */
    static final double WORTH_A_LOOK = 0.3;

    private static final double VIOLATION = 0.12;
    private static final double NEARNESS = 0.06;
    /** Whoever calls it by the tested recipe's full name most likely made that. */
    private static final double NAMED = 0.25;

    private final GuideSnapshot guide;
    private final Recipe recipe;
    private final Map<String, Double> read;
    private final List<Ingredient> produce;
    private final Set<String> forms;
    private final String words;
    /** The title and the names of the produce, as "slicing tomatoes". */
    private final String names;

    private final boolean vinegarInBatch;
    private final boolean citrus;
    private final Optional<Brine> brine;
    private final MeasuredList list;
    /** Empty until a fermented recipe is weighed. */
    private Optional<Boolean> fermented = Optional.empty();

    /** Ingredients that not every tested recipe has a place for. */
    private final List<Ingredient> telling;

    RecipeMatcher(GuideSnapshot guide, Recipe recipe, Produce produce, Set<String> forms) {
        this.guide = guide;
        this.recipe = recipe;
        this.read = produce.cupsByGroup();
        this.produce = produce.ingredients();
        this.forms = forms;
        this.words = recipe.title()
                .map(r -> r.of(recipe.text()))
                .orElse(recipe.words().substring(0, Math.min(200, recipe.words().length())))
                .toLowerCase(Locale.ROOT);
        this.names = words
                + produce.ingredients().stream()
                        .map(i -> " " + i.range().of(recipe.text()).toLowerCase(Locale.ROOT))
                        .collect(Collectors.joining());
        List<Ingredient> acids = recipe.acids();
        this.vinegarInBatch =
                acids.stream().anyMatch(i -> i.food().isVinegar() && i.perJar().isEmpty());
        this.citrus = acids.stream().anyMatch(i -> i.food().isCitrusJuice());
        this.brine = Brine.of(recipe);
        this.list = MeasuredList.of(recipe);
        this.telling = recipe.inJar().stream().filter(i -> !isFree(i.food())).toList();
    }

    private static boolean isFree(Food food) {
        return food.kind() == FoodClass.WATER
                || food.kind() == FoodClass.SALT
                || food.isSeasoning()
                || food.isAcidulant()
                || food.name().equals("calcium chloride")
                || food.name().equals("ascorbic acid")
                || food.name().equals("vegetables")
                || food.name().equals("fruit");
    }

    /** Weeks in the brine, in a word: without one a dill pickle is packed fresh, and its vinegar must do the souring. */
    private static final Cue FERMENTED = Cue.of(
            "\\b(ferment\\w*|lacto\\w*|scum|half[- ]sours?|brined? (for )?\\w+ (weeks|days)|(for|in|about|after|another) (\\w+ )?((to|or) \\w+ )?(weeks(?! ago)|\\d\\d days))\\b");

    private boolean isUnfermented(TestedRecipe tested) {
        return tested.isFermented() && tested.form().equals("pickle") && !saysFermented();
    }

    private boolean saysFermented() {
        if (fermented.isEmpty()) {
            fermented = Optional.of(FERMENTED.in(recipe.words().toLowerCase(Locale.ROOT)));
        }
        return fermented.get();
    }

    /** 0 (nothing alike) to a little over 1. */
    double score(Profile profile) {
        TestedRecipe tested = profile.tested();
        if (tested.processes().isEmpty() || read.isEmpty() || isLeaflet(tested) || isUnfermented(tested)) {
            return 0;
        }
        double form = form(profile);
        if (form == 0) {
            return 0;
        }
        List<ProduceLine> lines = profile.lines();
        double all = 0;
        double covered = 0;
        for (ProduceLine line : lines) {
            if (line.ingredient().optional()) {
                continue;
            }
            double weight = Math.sqrt(line.cups());
            boolean stands = standsFor(line.ingredient(), tested);
            if (!stands && read.size() == 1 && isCalledBy(profile, line)) {
                return 0;
            }
            all += weight;
            covered += stands ? weight : 0;
        }
        double mine = 0;
        double pure = 0;
        for (Map.Entry<String, Double> group : read.entrySet()) {
            double weight = Math.sqrt(group.getValue());
            mine += weight;
            pure += hasPlace(group.getKey(), lines, tested) ? weight : 0;
        }
        if (all == 0 || mine == 0 || covered == 0 || !sharesMain(lines, tested)) {
            return 0;
        }
        double alike = covered / all * Math.sqrt(pure / mine) * form * name(profile);
        if (alike < WORTH_A_LOOK) {
            return alike;
        }
        Proportions proportions = Proportions.of(recipe, tested, guide);
        return alike
                - VIOLATION * violations(profile, proportions)
                // among recipes of the same things the nearest in proportion
                - NEARNESS * proportions.distance();
    }

    /** Zucchini alone is no zucchini-pineapple. */
    private static boolean isCalledBy(Profile profile, ProduceLine line) {
        return profile.words().contains(line.ingredient().foods().get(0).group());
    }

    private boolean standsFor(TestedIngredient line, TestedRecipe tested) {
        for (String group : read.keySet()) {
            if (Swaps.stands(group, line, tested)) {
                return true;
            }
        }
        return false;
    }

    private static boolean hasPlace(String group, List<ProduceLine> lines, TestedRecipe tested) {
        for (ProduceLine line : lines) {
            if (Swaps.stands(group, line.ingredient(), tested)) {
                return true;
            }
        }
        return false;
    }

    /** Jams and jellies of acid fruit go by the generic row of their pectin, not by one leaflet's fruit. */
    private static boolean isLeaflet(TestedRecipe tested) {
        return (tested.form().equals("jam") || tested.form().equals("jelly"));
    }

    private boolean sharesMain(List<ProduceLine> lines, TestedRecipe tested) {
        TestedIngredient main = Collections.max(lines, Comparator.comparingDouble(ProduceLine::cups))
                .ingredient();
        boolean packedPepper = tested.isPacked() && main.foods().get(0).kind() == FoodClass.PEPPER;
        // four pounds of hot peppers among three of bells are no bell peppers
        Predicate<Food> other = f -> lines.stream().map(ProduceLine::ingredient).noneMatch(line -> samePepper(f, line));
        if (packedPepper && pepperCups(other) > OTHER_PEPPERS * pepperCups(f -> true)) {
            return false;
        }
        String mine = read.keySet().iterator().next();
        return standsFor(main, tested) && hasPlace(mine, lines, tested);
    }

    /** The share of other peppers that only season the jar. */
    private static final double OTHER_PEPPERS = 0.1;

    private double pepperCups(Predicate<Food> such) {
        return produce.stream()
                .filter(i -> i.food().kind() == FoodClass.PEPPER && such.test(i.food()))
                .mapToDouble(i -> i.mostVolume().map(Volume::cups).orElse(1.0))
                .sum();
    }

    /**
     * Under a brine a bell pepper and a banana pepper are different recipes; "peppers" alone may be either, but not where the
     * letter names another kind.
     */
    private boolean samePepper(Food food, TestedIngredient line) {
        return (food.name().equals(ANY_PEPPER)
                        && !words.contains("hot")
                        && !words.contains("chil")
                        && kindsNamed().allMatch(kind -> isListed(kind, line)))
                || (!line.item().startsWith("hot")
                        && line.foods().stream().anyMatch(f -> f.name().equals(ANY_PEPPER)))
                || isListed(food, line);
    }

    private static final String ANY_PEPPER = "hot pepper, mixed";

    private static boolean isListed(Food pepper, TestedIngredient line) {
        boolean bell = pepper.name().startsWith("bell");
        return line.foods().stream()
                .anyMatch(f -> f.equals(pepper) || bell && f.name().startsWith("bell"));
    }

    private Stream<Food> kindsNamed() {
        return Stream.concat(recipe.titleFoods().stream(), produce.stream().map(Ingredient::food))
                .filter(f -> f.kind() == FoodClass.PEPPER && !f.name().equals(ANY_PEPPER));
    }

    /** Nobody names the dish, but the list is its own. */
    private static final double LISTED = 0.95;

    private double form(Profile profile) {
        TestedRecipe tested = profile.tested();
        boolean blend = tested.form().equals("juice");
        if (forms.contains(tested.form()) && !(blend && read.size() == 1)) {
            return 1;
        }
        if (forms.stream().allMatch(f -> PLAIN.contains(f) || f.equals("ground"))
                && profile.list().isIn(list)) {
            return LISTED;
        }
        boolean vinegar = vinegarInBatch;
        return switch (tested.form()) {
            case "pickle" -> forms.contains("relish")
                            || forms.contains("salsa")
                            || forms.contains("chutney")
                            || forms.contains("jelly")
                    ? 0
                    : vinegar || forms.contains("kraut") ? 0.85 : 0;
            case "relish" -> forms.contains("pickle")
                    ? 0.75
                    : vinegar && !forms.contains("salsa") && !forms.contains("chutney") && !forms.contains("ketchup")
                            ? 0.75
                            : 0;
            case "salsa" -> forms.contains("relish") || forms.contains("chutney") || forms.contains("ketchup")
                    ? 0.5
                    : forms.contains("hot-sauce") || forms.contains("taco-sauce") ? 0.7 : forms.isEmpty() ? 0.7 : 0;
            case "pepper-jelly", "herb-jelly" -> forms.contains("jelly") ? 0.9 : 0;
            case "butter" -> vinegar && forms.stream().allMatch(PLAIN::contains) && saysMounds() ? 0.85 : 0;
            case "spiced" -> vinegar ? 0.8 : 0;
            case "pieces" -> forms.stream().allMatch(f -> PLAIN.contains(f) || f.equals("fine") && isShredded(tested))
                    ? 0.85
                    : 0;
                // a juice of one thing is the plain process; the blend has other vegetables
            case "juice" -> forms.contains("juice") && read.size() > 1 ? 1 : 0;
            case "pasta-sauce" -> forms.contains("sauce") || forms.contains("milled") ? 0.75 : 0;
            case "tomato-sauce-spiced" -> forms.contains("sauce") ? 0.7 : 0;
                // nobody has said what it is, and it may be all in the amounts
            case "chutney" -> vinegar && forms.stream().allMatch(PLAIN::contains) ? 0.7 : 0;
            case "chili" -> forms.contains("soup") ? 0.5 : 0;
            default -> 0;
        };
    }

    /** How a fruit butter is known to be done, where nobody calls it one. */
    private static final Cue MOUNDS = Cue.of("\\b(mounds?|mounded|mounding|heaps? up|rounds up)\\b");

    private boolean saysMounds() {
        return MOUNDS.in(recipe.words().toLowerCase(Locale.ROOT));
    }

    /** "Cubed or shredded". */
    private static boolean isShredded(TestedRecipe tested) {
        return tested.ingredients().stream().anyMatch(l -> l.prep().contains("shredded"));
    }

    private double name(Profile profile) {
        double factor = 1;
        for (String word : profile.words()) {
            if (names.contains(word)) {
                factor += 0.02;
            }
        }
        String name = profile.name();
        if (names.startsWith(name) || words.contains(name)) {
            factor += NAMED;
        }
        // A style word one has and the other has not makes them different products.
        for (String style : List.of(
                "dill",
                "sweet",
                "bread-and-butter",
                "no sugar",
                "reduced-sodium",
                "ferment",
                "14-day",
                "gherkin",
                "marinated",
                "lime",
                "meat",
                "country",
                "blender",
                "spiced")) {
            boolean theirs = name.contains(style) || profile.tested().id().contains(style);
            boolean ours =
                    words.contains(style) || (style.equals("bread-and-butter") && words.contains("bread and butter"));
            if (theirs && !ours && !Set.of("sweet", "spiced", "lime").contains(style)) {
                factor -= 0.06;
            }
            if (ours && !theirs) {
                factor -= 0.04;
            }
        }
        return factor;
    }

    private int violations(Profile profile, Proportions proportions) {
        TestedRecipe tested = profile.tested();
        int violations = unlisted(tested).size();
        violations += proportions.raised().size();
        Optional<Brine> theirs = profile.brine();
        if (tested.isPacked()
                && brine.isPresent()
                && theirs.isPresent()
                && brine.get().percent() < theirs.get().percent() * 0.98) {
            violations++;
        }
        boolean lemon = profile.lemon();
        boolean theirVinegar = theirs.isPresent();
        // in a salsa bottled juice may stand for the vinegar
        boolean juiceInstead = tested.form().equals("salsa") && theirVinegar && citrus && brine.isEmpty();
        if (brine.isPresent() != theirVinegar && !(lemon && brine.isEmpty()) && !juiceInstead) {
            violations++;
        }
        if (lemon && !citrus) {
            violations++;
        }
        return Math.min(violations, 4);
    }

    /** The ingredients this tested recipe has no place for. */
    List<Ingredient> unlisted(TestedRecipe tested) {
        List<Ingredient> unlisted = new ArrayList<>();
        boolean produceOnly = tested.method() == oilcloth.guide.Method.BOILING;
        for (Ingredient i : telling) {
            boolean sweetens = i.food().kind() == FoodClass.SWEETENER && produceOnly;
            if (!sweetens
                    && !isListed(i.food(), tested)
                    && !(i.amount().isEmpty() && tested.isNamedAfter(i.food(), behind(i)))) {
                unlisted.add(i);
            }
        }
        return unlisted;
    }

    private String behind(Ingredient i) {
        return recipe.text().substring(i.range().end());
    }

    private static boolean isListed(Food food, TestedRecipe tested) {
        return tested.ingredients().stream()
                .anyMatch(l -> Swaps.stands(food.group(), l, tested)
                        || l.foods().stream()
                                .anyMatch(f -> f.equals(food)
                                        || (f.kind() == food.kind()
                                                && (food.kind() == FoodClass.SWEETENER
                                                        || food.name().startsWith("dill")
                                                                && f.name().startsWith("dill")))));
    }
}
