package oilcloth.reading;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Lexicon;
import oilcloth.measure.Amount;
import oilcloth.measure.Unit;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;

/** Names that only the rest of the text decides: which squash, whose juice, cloves of what. */
final class ContextWords {
    private static final Pattern WINTER =
            Pattern.compile("(?i)\\b(winter squash|butternut|acorn squash|hubbard|kabocha|delicata|pumpkins?)\\b");
    private static final Pattern GARLIC = Pattern.compile("(?i)\\bgarlic\\b");

    private static final Pattern LIME = Pattern.compile("(?i)\\bpickling lime\\b");
    private static final Cue JUICE = Cue.of("\\blime juice\\b|\\blimes\\b");

    /** "Two pounds of dried large limas"; the next "limas" are the same. */
    private static final Pattern DRIED_LIMAS =
            Pattern.compile("(?i)\\b(dried|dry) (\\w+ )?(limas?|lima beans|butter ?beans)\\b");

    static final Pattern DRIED_PEAS = Pattern.compile(
            "(?i)\\b(dried|dry) (\\w+ )?((black|yellow|pink)[- ]?eye[d]?s?|cow|field|crowder|cow ?peas?|purple hull)\\b|\\b(black|yellow|pink)[- ]?eye[d]? peas?,? \\(?(dried|dry)\\b");

    /** Of beans that are called nothing else. */
    private static final Pattern DRY_BEANS = Pattern.compile(
            "(?i)\\bchil+[ie] (con carne|with beans|and beans)|\\bchil+[ie] powder|\\bbeans (were |was |got )?(soaked|rehydrated)|\\bsoak(ed|ing)?( my| the| dry| dried)? beans");

    private static final Cue SNAPPED = Cue.of(
            "\\b(green|snap\\w*|string|wax|pole|runner|french|yellow|bush|fresh|haricots?|italian|cut|trim\\w*|stringed)\\b");

    private static final Pattern FRESH_ONES = Pattern.compile(
            "(?i)\\b(fresh|green|shelled|garden) (\\w+ )?(limas?|lima beans|butter ?beans|black|peas)\\b|\\bin the pod\\b");

    private ContextWords() {}

    /** The food as the whole text makes it. */
    static Food kind(GuideSnapshot guide, Sentence s, Food food, Optional<Amount> amount, int from) {
        if (food.name().equals("summer squash, yellow") && saysOnly(s, from, "squash") && s.wholeHas(WINTER)) {
            return guide.food("winter squash");
        }
        boolean soaks = food.name().startsWith("lime juice") || food.name().equals("lime");
        if (soaks && amount.isEmpty() && s.wholeHas(LIME) && !s.has(JUICE)) {
            return guide.food("pickling lime");
        }
        if (food.name().equals("celery")
                && amount.filter(a -> !SharedName.isSpooned(a)).isEmpty()
                && SharedName.isOfSeeds(s, from)) {
            return guide.food("celery seed");
        }
        boolean dried = food.name().equals("lima bean, fresh") && s.wholeHas(DRIED_LIMAS)
                || food.name().equals("field pea") && s.wholeHas(DRIED_PEAS);
        if (dried && !s.wholeHas(FRESH_ONES)) {
            return guide.food("beans, dry");
        }
        // "Chili: … beans soaked and boiled"
        if (food.name().equals("green bean") && s.wholeHas(DRY_BEANS) && !s.isAround(from, 2, 6, SNAPPED)) {
            return guide.food("beans, dry");
        }
        // "2 lb peeled cloves" is no spice
        boolean much = amount.filter(a -> a.unit().kind() == Unit.Kind.MASS || a.unit() == Unit.CUP)
                .isPresent();
        if (food.name().equals("cloves") && much && s.wholeHas(GARLIC)) {
            return guide.food("garlic");
        }
        // "a 26 lb tom": no tomato
        if (food.name().equals("tomato")
                && (s.is(from, "tom") || s.around(from, 0, 4).contains(" tom "))
                && s.wholeHas(TURKEY)) {
            return guide.food("chicken");
        }
        // "5 lb crabs", "prick the apples": of the crab apples
        boolean crab = food.name().equals("crab") || food.name().equals("apple") && amount.isEmpty();
        if (crab && s.wholeHas(CRAB_APPLES)) {
            return guide.food("crabapple");
        }
        return food;
    }

    private static final Pattern TURKEY = Pattern.compile("(?i)\\b(turkeys?|gobblers?|hens?)\\b");
    private static final Pattern CRAB_APPLES = Pattern.compile("(?i)\\bcrab ?-?apples?\\b");

    /** "3 C sweet red pepper, 3 C green": a colour by itself is more of the pepper before it. */
    private static Optional<Food> colour(Sentence s, int at, Draft draft) {
        int end = colours(s, at);
        boolean alone = end >= s.size() || s.is(end, ",") || s.is(end, ".") || s.is(end, ";");
        return end == at || !alone || draft.ingredients.isEmpty()
                ? Optional.empty()
                : Optional.of(draft.ingredients
                                .get(draft.ingredients.size() - 1)
                                .food())
                        .filter(f -> f.kind() == FoodClass.PEPPER);
    }

    private static final Set<String> COLOURS = Set.of("red", "green", "yellow", "orange");
    private static final Set<String> BESIDE_COLOURS =
            Set.of("sweet", "bell", "and", "&", "or", "mixed", "both", "ones");

    /** The token after "green" or "sweet red and green mixed"; the same token where no colour is named. */
    private static int colours(Sentence s, int at) {
        int end = at;
        boolean colour = false;
        while (end < s.size()
                && (COLOURS.contains(s.token(end).norm())
                        || BESIDE_COLOURS.contains(s.token(end).norm()))) {
            colour |= COLOURS.contains(s.token(end).norm());
            end++;
        }
        return colour ? end : at;
    }

    /** "Easy hot sauce: …": what is made is no ingredient of itself. */
    static boolean namesProduct(Draft draft, Food food) {
        Set<String> forms = Facts.values(draft.facts.forms());
        return food.name().equals("ketchup") && forms.contains("ketchup")
                || (food.name().equals("hot sauce") || food.name().equals("hot pepper sauce"))
                        && forms.contains("hot-sauce");
    }

    /** "Venison chili", "the guide's chile con carne": the dish, and no pepper. */
    static boolean namesDish(Sentence s, Lexicon lexicon, int i, Lexicon.Match match) {
        boolean named = i > 0 && match.length() == 1 && (s.is(i, "chili") || s.is(i, "chile"));
        return named
                && (s.is(i + 1, "con")
                        || s.food(lexicon, i - 1)
                                .filter(m -> m.food().kind() == FoodClass.MEAT)
                                .isPresent());
    }

    private static boolean saysOnly(Sentence s, int from, String name) {
        for (int k = from; k < s.size() && k < from + 8; k++) {
            if (s.is(k, name)) {
                return !s.is(k - 1, "summer") && !s.is(k - 1, "yellow") && !s.is(k - 1, "crookneck");
            }
        }
        return false;
    }

    /** The token behind "pods" in "okra pods (7 lb)". */
    static int pieces(Sentence s, int end) {
        return end + 1 < s.size() && PIECES.contains(s.token(end).norm()) && s.is(end + 1, "(") ? end + 1 : end;
    }

    /** A food meant but not named. @param next the token after the words that mean it */
    record Meant(Food food, int next) {}

    /**
     * What an amount without a food is of: "4 cups of juice" in a jelly, "12 cups florets" of the cauliflower in the
     * title, "3 C green" after the red peppers, "14 pounds" by itself.
     */
    static Optional<Meant> meant(GuideSnapshot guide, Sentence s, int from, Amounts.Found amount, Draft draft) {
        if (isSalting(s, from, amount)) {
            return Optional.of(new Meant(guide.food("salt, canning"), amount.next()));
        }
        int k = amount.next();
        while (k < s.size() && BEFORE.contains(s.token(k).norm())) {
            k++;
        }
        // "12 cups 1-2 inch florets"
        k = k < s.size() ? NameAfter.behindSize(s, k) : k;
        if (s.is(k, "bottled")
                && s.has(LEMON)
                && (k + 1 >= s.size() || DOSED.contains(s.token(k + 1).norm()))) {
            // "I add lemon now, a teaspoon of bottled per quart"
            return Optional.of(new Meant(guide.food("lemon juice, bottled"), k + 1));
        }
        Optional<Food> dosed = dosed(guide, s, from, amount.next());
        if (dosed.isPresent()) {
            return Optional.of(new Meant(dosed.get(), amount.next()));
        }
        if (s.is(k, "juice")) {
            int end = k + 1;
            if (s.has(SQUEEZED)) {
                String fruit = s.low().contains("lime") ? "lime" : "lemon";
                return Optional.of(new Meant(guide.food(fruit + " juice, fresh"), end));
            }
            return fruitOf(draft).map(f -> new Meant(f, end));
        }
        if (k < s.size() && PIECES.contains(s.token(k).norm())) {
            int end = k + 1;
            return onlyOf(draft).or(() -> namedFirst(guide, s, from, draft)).map(f -> new Meant(f, end));
        }
        boolean alone = amount.next() >= s.size()
                || s.is(amount.next(), ",")
                || s.is(amount.next(), ".")
                || READIED.contains(s.token(amount.next()).norm());
        boolean weighs = amount.unitSaid()
                && amount.amount().unit().kind() == Unit.Kind.MASS
                && amount.amount().low() * amount.amount().unit().inBase() >= LEAST_PRODUCE_GRAMS;
        if (alone
                && weighs
                && draft.ingredients.stream().noneMatch(i -> i.amount().isPresent())) {
            return onlyOf(draft).map(f -> new Meant(f, amount.next()));
        }
        boolean gave = amount.unitSaid() && s.isBefore(from, 5, GAVE);
        if (alone && gave) {
            List<Food> cut = named(guide, s, from).stream()
                    .filter(f -> f.kind().isProduce())
                    .toList();
            if (cut.size() == 1) {
                return Optional.of(new Meant(cut.get(0), amount.next()));
            }
        }
        return SharedName.of(guide.lexicon(), s, amount.next())
                .map(f -> new Meant(f.food(), f.next()))
                .or(() -> colour(s, amount.next(), draft).map(f -> new Meant(f, colours(s, amount.next()))));
    }

    /** "Cut the kernels off, which gave me 10 cups". */
    private static final Cue GAVE = Cue.of(
            "\\b(which|that|and|it|they)( all)? (gave|made|came to|measured|yielded)( me| us| out to)?( about| around| just| almost)? $");

    /** "1 oz bottled lemon juice": an ounce of a liquid is one of measure. */
    static Amount fluid(Food food, Amount amount) {
        boolean liquid =
                food.kind() == FoodClass.WATER || food.isVinegar() || food.isCitrusJuice() || food.isFruitJuice();
        return liquid && amount.unit() == Unit.OUNCE
                ? new Amount(amount.low(), amount.high(), Unit.FLUID_OUNCE, amount.exact())
                : amount;
    }

    /** "Add bottled lemon juice to jars, 2 tablespoons per quart": the only acid or salt named before in the clause. */
    private static Optional<Food> dosed(GuideSnapshot guide, Sentence s, int from, int next) {
        boolean per = s.is(next, "per") || s.is(next, "to") && s.is(next + 1, "each") || s.is(next, "each");
        int jar = s.is(next, "per") || s.is(next, "each") ? next + 1 : next + 2;
        boolean ofJars = per
                && jar < s.size()
                && (s.is(jar, "jar") || JarMentions.at(s, jar).isPresent());
        if (!ofJars || !(s.is(from - 1, ",") || s.is(from - 1, "(") || s.is(from - 1, ":") || s.is(from - 1, "-"))) {
            return Optional.empty();
        }
        List<Food> foods = named(guide, s, from).stream()
                .filter(f -> f.isAcidulant() || f.kind() == FoodClass.SALT)
                .toList();
        return foods.size() == 1 ? Optional.of(foods.get(0)) : Optional.empty();
    }

    /** "Salted, a half teaspoon a pint". */
    private static boolean isSalting(Sentence s, int from, Amounts.Found amount) {
        if (s.isBefore(from, 6, SALTS) && amount.amount().unit().kind() == Unit.Kind.VOLUME) {
            return true;
        }
        int before = s.is(from - 1, ",") || s.is(from - 1, ":") || s.is(from - 1, "to") || s.is(from - 1, "at")
                ? from - 2
                : from - 1;
        Unit unit = amount.amount().unit();
        return (s.is(before, "salt") || s.is(before, "salted")) && (unit == Unit.TEASPOON || unit == Unit.TABLESPOON);
    }

    /** "I salt each quart with one level teaspoon", "salted lightly, a teaspoon to the jar". */
    private static final Cue SALTS = Cue.of(
            "\\bsalt(ed|s)? ((each|every|the|a) (quart|pint|jar|one)s? |them |it )?(with |lightly ,? ?)(just |only |about )?$");

    private static final Cue LEMON = Cue.of("\\blemon\\b");
    private static final Set<String> DOSED = Set.of("per", "each", "in", "to", "a", ".", ",");

    /** "I squeeze lemons from our tree and put two tablespoons of the juice in". */
    private static final Cue SQUEEZED = Cue.of(
            "\\bfresh (lemons?|limes?)\\b|\\b(squeez\\w*|juice|juiced|juicing|press(ed)?|halve|halved|cut)\\b[^.;]{0,20}\\b(lemons?|limes?)\\b");

    /** "Blueberries. 8 lb washed and drained." */
    private static final Set<String> READIED = Set.of(
            "washed", "peeled", "shelled", "trimmed", "cleaned", "pitted", "stemmed", "hulled", "cored", "husked",
            "snapped");

    /** Two pounds; less may be a spice or a pressure. */
    private static final double LEAST_PRODUCE_GRAMS = 900;

    private static final Set<String> BEFORE = Set.of(
            "of",
            "the",
            "strained",
            "clear",
            "prepared",
            "chopped",
            "sliced",
            "cut",
            "small",
            "large",
            "fresh",
            "raw",
            "little",
            "young",
            "tender",
            "tiny",
            "trimmed",
            "whole",
            "nice",
            "firm",
            "green",
            "ripe",
            "medium",
            "clean",
            "good");
    private static final Set<String> PIECES = Set.of(
            "florets", "spears", "pods", "kernels", "halves", "slices", "cubes", "chunks", "stalks", "rings", "pieces");

    /** The one produce the title names, or the text so far. */
    private static Optional<Food> onlyOf(Draft draft) {
        List<Food> foods = Stream.concat(
                        draft.titleFoods.stream(),
                        draft.ingredients.stream()
                                .filter(i -> i.amount().isEmpty())
                                .map(Ingredient::food))
                // of grapes and their juice the grapes are weighed
                .filter(f -> f.kind().isProduce() && !f.isFruitJuice())
                .distinct()
                .toList();
        return foods.size() == 1 ? Optional.of(foods.get(0)) : Optional.empty();
    }

    /** The foods a sentence names before a token, each once. */
    private static Set<Food> named(GuideSnapshot guide, Sentence s, int to) {
        Set<Food> foods = new LinkedHashSet<>();
        for (int k = 0; k < to; k++) {
            Optional<Lexicon.Match> match = s.food(guide.lexicon(), k);
            if (match.isPresent()) {
                foods.add(match.get().food());
                k += match.get().length() - 1;
            }
        }
        return foods;
    }

    /** "Rhubarb, stewed: 10 lb stalks": named before in the same sentence, and nothing with it. */
    private static Optional<Food> namedFirst(GuideSnapshot guide, Sentence s, int from, Draft draft) {
        List<Food> foods =
                named(guide, s, from).stream().filter(f -> f.kind().isProduce()).toList();
        boolean first = draft.titleFoods.stream().allMatch(foods::contains)
                && draft.ingredients.stream()
                        .map(Ingredient::food)
                        .noneMatch(f -> f.kind().isProduce() && !f.name().equals("fruit"));
        return first && foods.size() == 1 ? Optional.of(foods.get(0)) : Optional.empty();
    }

    /** The one fruit a jelly or juice is named for. */
    private static Optional<Food> fruitOf(Draft draft) {
        return draft.titleFoods.stream()
                .filter(f -> f.kind() == FoodClass.FRUIT)
                .findFirst()
                .or(() -> draft.ingredients.stream()
                        .filter(i ->
                                i.food().kind() == FoodClass.FRUIT && i.amount().isEmpty())
                        .map(i -> i.food())
                        .findFirst());
    }

    /** "2 cinnamon sticks": the unit is the end of the name. */
    static Amount sticks(Sentence s, Amount amount, int lastOfName) {
        boolean sticks = s.is(lastOfName, "stick") || s.is(lastOfName, "sticks");
        boolean cloves = lastOfName > 0
                && s.is(lastOfName - 1, "garlic")
                && (s.is(lastOfName, "clove") || s.is(lastOfName, "cloves"));
        return (sticks || cloves) && amount.unit() == Unit.EACH
                ? new Amount(amount.low(), amount.high(), sticks ? Unit.STICK : Unit.CLOVE, amount.exact())
                : amount;
    }

    /** "half vinegar, half water": a liquid that is counted is a part of the whole. */
    static Amount part(Food food, Amount amount) {
        boolean liquid = food.isVinegar() || food.kind() == FoodClass.WATER;
        return liquid && amount.unit() == Unit.EACH
                ? new Amount(amount.low(), amount.high(), Unit.PART, amount.exact())
                : amount;
    }

    /** "1 cup pepper" is a vegetable, "1 tsp pepper" is ground; so is a teaspoon of ginger, unless it is said to be fresh. */
    static Food spooned(GuideSnapshot guide, Food food, Amount amount) {
        boolean much = amount.unit() == Unit.CUP
                || amount.unit() == Unit.POUND
                || amount.unit() == Unit.QUART
                || amount.unit() == Unit.EACH;
        if (food.name().equals("ginger") && amount.unit() == Unit.TEASPOON) {
            return guide.food("ginger, ground");
        }
        return food.name().equals("black pepper") && much ? guide.food("hot pepper, mixed") : food;
    }
}
