package oilcloth.placing;

import java.util.List;
import java.util.Set;
import oilcloth.guide.Acidity;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Method;
import oilcloth.guide.Pack;
import oilcloth.guide.PlacingRule;
import oilcloth.measure.Volume;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Recipe;

/** Which ingredients a plain process leaves room for; all others keep a recipe from being called sound. */
final class Unlisted {
    /** Tested recipes allow half a teaspoon of butter against foam in a batch of jam. */
    private static final Volume FOAM_BUTTER = Volume.ofTeaspoons(0.55);

    /** The sauce for a canner of beans is seasoned with a tablespoon of onion. */
    private static final Volume SAUCE_ONION = Volume.ofTeaspoons(12);

    private static final Set<String> ANTI_BROWNING = Set.of("ascorbic acid", "fruit antibrowning mix");

    private static final Set<String> WITH_TOMATOES = Set.of("tomato", "okra", "summer squash");

    private Unlisted() {}

    static List<Ingredient> inPlain(Recipe recipe, PlacingRule rule, GuideSnapshot guide) {
        boolean raw = Facts.values(recipe.facts().packs()).contains(Pack.RAW);
        return recipe.inJar().stream()
                .filter(i -> !allowed(i, rule, guide) && (raw || !isOilOnTuna(i, rule)))
                .toList();
    }

    private static boolean allowed(Ingredient i, PlacingRule rule, GuideSnapshot guide) {
        Food food = i.food();
        boolean okra = rule.foods().contains("tomato with okra or zucchini") && WITH_TOMATOES.contains(food.group());
        if (okra || rule.takes(food) || food.isUmbrella()) {
            return true;
        }
        boolean preserve = rule.form().equals("jam") || rule.form().equals("jelly");
        boolean soup = rule.form().endsWith("soup");
        boolean fruit = rule.foods().contains("@acid-fruit")
                || rule.foods().stream()
                        .filter(n -> !n.startsWith("@") && !n.contains(" with "))
                        .anyMatch(n -> guide.food(n).kind() == FoodClass.FRUIT);
        boolean meat = rule.foods().stream()
                .filter(n -> !n.startsWith("@") && !n.contains(" with "))
                .anyMatch(n -> guide.food(n).kind() == FoodClass.MEAT);
        return switch (food.kind()) {
            case WATER, SALT, ACID -> true;
                // "a cup of basil in each": leaves, whatever they are called
            case DRY_HERB, DRY_SPICE -> i.perJar().isEmpty() || !isMuch(i, SEASONS_A_JAR);
            case SWEETENER -> !meat && !(isMuch(i, SPOONFUL) && isLowAcidPlain(rule, guide));
            case PECTIN -> preserve
                    && !food.name().equals("pectin, low-sugar powdered")
                    && !food.name().startsWith("pectin, calcium")
                    && !food.name().equals("calcium water");
            case FAT -> preserve
                    && food.name().equals("butter")
                    && i.mostVolume().map(v -> v.compareTo(FOAM_BUTTER) <= 0).orElse(false);
            case FRUIT -> fruit && (food.isFruitJuice() || food.name().endsWith(" peel"))
                    || preserve
                            && food.acidity() == Acidity.HIGH
                            && !food.name().startsWith("olive");
            case TOMATO -> rule.foods().stream().anyMatch(n -> n.startsWith("tomato")) && !THICK.contains(food.name())
                    || meat && food.name().equals("tomato juice")
                    || rule.form().equals("sauced-beans")
                    || soup;
            case MEAT -> meat && (food.name().equals("broth") || food.name().equals("bone"))
                    || food.name().equals("bone") && isFish(rule, guide)
                    || soup
                    || rule.form().endsWith("beans") && isPieceOfPork(i);
            case VEGETABLE, ROOT, LEGUME, ALLIUM, PEPPER -> soup && hasOwnProcess(food, guide) && !isMuchGarlic(i)
                    || rule.form().equals("stock")
                    || rule.form().equals("sauced-beans")
                            && food.name().equals("onion")
                            && i.mostVolume()
                                    .map(v -> v.compareTo(SAUCE_ONION) <= 0)
                                    .orElse(false);
            case SEAFOOD -> rule.form().equals("seafood-soup");
            case FLAVORING -> food.isSeasoning();
            case FRESH_HERB -> (soup || rule.form().equals("stock")) && !isMuch(i, SEASONING);
            case OTHER, FIRMING, ALCOHOL, DAIRY, EGG, STARCH, THICKENER, NUT -> ANTI_BROWNING.contains(food.name());
        };
    }

    /** Precooked tuna is covered with oil or water; raw tuna with nothing. */
    private static boolean isOilOnTuna(Ingredient i, PlacingRule rule) {
        return rule.foods().contains("tuna") && i.food().name().endsWith(" oil");
    }

    /** Fish is canned with its bones in, or without. */
    private static boolean isFish(PlacingRule rule, GuideSnapshot guide) {
        return rule.foods().stream()
                .filter(n -> !n.startsWith("@") && !n.contains(" with "))
                .anyMatch(n -> guide.food(n).kind() == FoodClass.SEAFOOD);
    }

    /** A cube of pork, ham or bacon in each jar, and no more meat than that makes. */
    private static boolean isPieceOfPork(Ingredient i) {
        return PORK.contains(i.food().name())
                && (i.amount().isEmpty()
                        || i.perJar().isPresent()
                        || i.mostVolume().map(v -> v.compareTo(SAUCE_PORK) <= 0).orElse(false));
    }

    /** Among tomatoes they stand between the heat and the middle of the jar. */
    private static final Set<String> THICK = Set.of("tomatoes, dried", "tomato paste");

    /** Vegetables packed in water: a spoon of sugar seasons them, more of it makes a syrup nobody tested. */
    private static boolean isLowAcidPlain(PlacingRule rule, GuideSnapshot guide) {
        return rule.process().method() == Method.PRESSURE
                && rule.form().equals("pieces")
                && rule.foods().stream()
                        .filter(n -> !n.startsWith("@") && !n.contains(" with "))
                        .map(guide::food)
                        .anyMatch(f -> f.acidity() == Acidity.LOW && !f.group().equals("sweet potato"));
    }

    private static boolean isMuch(Ingredient i, Volume most) {
        return i.leastVolume().filter(v -> v.compareTo(most) > 0).isPresent();
    }

    private static final Volume SPOONFUL = Volume.ofTeaspoons(12);

    private static final Set<String> PORK = Set.of("pork", "bacon", "ham, cured", "salt pork");
    private static final Volume SAUCE_PORK = Volume.ofCups(1);

    private static final Volume SEASONS_A_JAR = Volume.ofCups(0.25);

    /** Sprigs and cloves for a kettle of soup. */
    private static final Volume SEASONING = Volume.ofCups(0.5);

    /** Garlic has no process of its own: cloves season a soup, cups of it are another food. */
    private static boolean isMuchGarlic(Ingredient i) {
        return i.food().group().equals("garlic") && isMuch(i, SEASONING);
    }

    /** A soup may hold only vegetables that have a canning process of their own; onion and celery season it. */
    private static boolean hasOwnProcess(Food food, GuideSnapshot guide) {
        return guide.placing().stream()
                        .anyMatch(r -> r.takes(food) && !r.foods().contains("@acid-fruit"))
                || Set.of("onion", "celery", "garlic").contains(food.group());
    }
}
