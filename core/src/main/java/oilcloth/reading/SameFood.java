package oilcloth.reading;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import oilcloth.guide.Acidity;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.Lexicon;
import oilcloth.measure.Amount;
import oilcloth.measure.Unit;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Unread;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** When a food named again is the same food, and when it is more of it. */
final class SameFood {
    /** No recipe lists more; what comes after is reported as not read, so that a huge text stays quick and never sound. */
    private static final int MOST_INGREDIENTS = 250;

    private static final Cue REFERENCE = Cue.of(
            "\\b(of the|the remaining|remaining|rest of|the rest|half the|half of the|reserved|all the|all of the)\\b");

    private SameFood() {}

    /** A food named in passing before its amount was given is that same food. */
    static void settle(Draft draft, String text) {
        dishOfChiles(draft);
        List<Ingredient> measured =
                draft.ingredients.stream().filter(i -> i.amount().isPresent()).toList();
        // "Fruit puree, peaches": the peaches are the fruit
        if (draft.titleFoods.stream().anyMatch(f -> f.kind().isProduce() && !f.isUmbrella())) {
            draft.titleFoods.removeIf(Food::isUmbrella);
        }
        Beans.settle(draft, text);
        draft.ingredients.removeIf(early -> early.amount().isEmpty()
                && (isStoneWord(draft, text, early)
                        || isPrunePlum(draft, early)
                        || closesAName(text, measured, early)
                        || measured.stream().anyMatch(known -> isKraut(known.food(), early.food()))));
    }

    /** A word for many foods. */
    private static final Set<FoodClass> ANIMALS = Set.of(FoodClass.MEAT, FoodClass.SEAFOOD);

    /** "The hot meat", where the animal is named elsewhere. */
    static void justMeat(Draft draft, String text) {
        Stream.concat(
                        draft.titleFoods.stream(),
                        draft.ingredients.stream()
                                .filter(i -> !isJustMeat(text, i))
                                .map(Ingredient::food))
                .filter(f -> ANIMALS.contains(f.kind()) && !f.isOfBones())
                .findFirst()
                .ifPresent(animal -> {
                    boolean listed =
                            draft.ingredients.stream().anyMatch(i -> i.food().equals(animal));
                    draft.ingredients.removeIf(i -> listed && isJustMeat(text, i));
                    draft.ingredients.replaceAll(i -> isJustMeat(text, i) ? i.withFood(animal) : i);
                });
    }

    /** "Meat", "6 oz of meat". */
    private static final Pattern JUST_MEAT = Pattern.compile(
            "(?i)(([\\d ./½¼¾-]+|a|one|two|three|six) ?(oz|ounces?|lbs?|pounds?|cups?)\\.? (of )?(the )?)?((stew|stewing|hot|lean) )?meat");

    static boolean isJustMeat(String text, Ingredient i) {
        return ANIMALS.contains(i.food().kind())
                && JUST_MEAT.matcher(i.range().of(text)).matches();
    }

    private static final Set<String> STONE_FRUIT =
            Set.of("apricot", "nectarine", "plum", "cherry, sweet", "cherry, sour");

    /** "Apricots! Freestone, halved": said alone it names a peach, beside another stone fruit only how that one parts. */
    private static boolean isStoneWord(Draft draft, String text, Ingredient early) {
        return early.range().of(text).toLowerCase(Locale.ROOT).matches("(freestone|clingstone)s?")
                && Stream.concat(
                                draft.titleFoods.stream(),
                                draft.ingredients.stream().map(Ingredient::food))
                        .anyMatch(f -> STONE_FRUIT.contains(f.group()) || STONE_FRUIT.contains(f.name()));
    }

    /** "Plums: Stanley prunes": the kind that is dried elsewhere. */
    private static boolean isPrunePlum(Draft draft, Ingredient early) {
        return early.food().name().equals("prune, dried")
                && Stream.concat(
                                draft.titleFoods.stream(),
                                draft.ingredients.stream().map(Ingredient::food))
                        .anyMatch(f -> f.name().equals("plum"));
    }

    static boolean isKraut(Food known, Food read) {
        return read.name().equals("sauerkraut") && known.name().contains("cabbage");
    }

    /** A food named again is the same food, unless it comes with another amount of its own. */
    static void merge(Sentence s, Draft draft, Ingredient read) {
        if (draft.ingredients.size() >= MOST_INGREDIENTS) {
            draft.unread.add(new Unread(read.range(), true));
            return;
        }
        boolean bare = read.amount().isEmpty() || isAFew(read);
        if (bare && !s.isItem() && closesAName(s.whole(), draft.ingredients, read)) {
            return;
        }
        if (isPartOfListed(s, draft, read)) {
            return;
        }
        if (read.food().isUmbrella()
                && !s.isItem()
                && draft.ingredients.stream().anyMatch(k -> k.food().kind().isProduce() && sameAmount(k, read))) {
            // "combine the 4 cups of fruit": what was measured before
            return;
        }
        for (int i = 0; i < draft.ingredients.size(); i++) {
            Ingredient known = draft.ingredients.get(i);
            if (isOtherPepper(known, read, s.whole())) {
                continue;
            }
            if (!sameFood(known, read)
                    && !(isJustMeat(s.whole(), read) && known.food().kind() == FoodClass.MEAT)) {
                continue;
            }
            boolean repeats = read.amount().isEmpty()
                    || isShareOf(known, read)
                    || isCountedAgain(s, known, read)
                    || isPrepared(s, known, read)
                    || (!s.isItem() && sameAmount(known, read) && !AnotherKind.is(s, draft, known, read))
                    || (known.amount().isPresent()
                            && s.has(REFERENCE)
                            && !isMore(read, known)
                            && !AnotherKind.is(s, draft, known, read));
            if (repeats) {
                draft.ingredients.set(i, refined(known, read));
                return;
            }
            // "Actually I put in 12 cups of the peppers": nobody uses more of them than there are
            boolean corrected = known.amount().isPresent() && s.has(REFERENCE) && !AnotherKind.is(s, draft, known, read)
                    || isAsBought(known, read);
            if ((corrected || known.amount().isEmpty()) && known.aside() == read.aside()) {
                draft.ingredients.set(i, read);
                return;
            }
        }
        if (read.amount().isEmpty() && isGeneric(draft, read, s.whole())) {
            return;
        }
        if (draft.ingredients.stream().anyMatch(known -> JarDoses.isAnother(known, read))
                && !s.has(JarDoses.MORE_OF_IT)) {
            draft.doubt(read.range());
        }
        draft.ingredients.add(read);
        if (s.isItem()) {
            draft.listed.add(read.range());
        }
    }

    /**
     * "6 cups vinegar" in the list, "bring 3 cups vinegar to a boil" and "add another 2 cups" in the steps: parts of what was
     * listed. Only of acid: taking it for more would make the jar look sourer than it is.
     */
    private static boolean isPartOfListed(Sentence s, Draft draft, Ingredient read) {
        return !s.isItem()
                && read.food().isAcidulant()
                && read.perJar().isEmpty()
                && read.amount().isPresent()
                && draft.ingredients.stream()
                        .filter(known -> draft.listed.contains(known.range()) && sameFood(known, read))
                        .anyMatch(known -> known.leastVolume()
                                .flatMap(least -> read.mostVolume().map(most -> most.compareTo(least) <= 0))
                                .orElse(false));
    }

    private static final Set<Unit> AS_BOUGHT = Set.of(Unit.BUSHEL, Unit.PECK, Unit.PART);

    /** "Somebody left us a crate of them … 5 cups chopped", "3 parts to 1, that is 9 lb": what is measured out counts. */
    private static boolean isAsBought(Ingredient known, Ingredient read) {
        return known.amount().filter(a -> AS_BOUGHT.contains(a.unit())).isPresent()
                && read.amount()
                        .map(a -> a.unit().kind())
                        .filter(k -> k == Unit.Kind.VOLUME || k == Unit.Kind.MASS)
                        .isPresent();
    }

    private static final Cue PREPARES =
            Cue.of("\\b(wash|rinse|sort|select|choose|pick over|buy|use about|start with)\\b");

    /** "4 cups peach pulp … Wash 4 to 6 pounds of peaches": acid fruit told again as it is bought. */
    private static boolean isPrepared(Sentence s, Ingredient known, Ingredient read) {
        return !s.isItem()
                && known.amount().isPresent()
                && read.food().kind() == FoodClass.FRUIT
                && read.food().acidity() == Acidity.HIGH
                && s.has(PREPARES)
                && !s.has(Vocabulary.ADD);
    }

    /** "14 heads of dill … 1 1/2 heads in each pint": what seasons, shared out. */
    private static boolean isShareOf(Ingredient known, Ingredient read) {
        boolean seasons = read.food().isSeasoning()
                || read.food().kind() == FoodClass.FRESH_HERB
                || isCountOf(known, read) && read.food().kind() == FoodClass.PEPPER;
        return seasons
                && read.perJar().isPresent()
                && known.perJar().isEmpty()
                && known.amount().isPresent();
    }

    private static final Pattern OPENS = Pattern.compile("[^()]*\\( ?(about |around |from |roughly |some )*");

    /** "5 lb cantaloupe in cubes (two melons, not quite ripe)". */
    private static boolean isCountedAgain(Sentence s, Ingredient known, Ingredient read) {
        return read.amount().filter(a -> a.unit() == Unit.EACH).isPresent()
                && known.amount()
                        .filter(a -> a.unit().kind() != Unit.Kind.COUNT)
                        .isPresent()
                && s.range().contains(known.range())
                && known.range().end() < read.range().start()
                && OPENS.matcher(s.whole())
                        .region(known.range().end(), read.range().start())
                        .matches();
    }

    /** "10 oz maraschino cherries … a couple cherries, then the fruit". */
    private static boolean isAFew(Ingredient read) {
        return read.food().kind() == FoodClass.FRUIT
                && read.amount()
                        .filter(a -> a.unit() == Unit.EACH && a.high() <= FEW)
                        .isPresent();
    }

    private static final int FEW = 4;

    /** "6 small hot peppers … one in each jar". */
    private static boolean isCountOf(Ingredient known, Ingredient read) {
        return read.amount().filter(a -> a.unit() == Unit.EACH && a.high() <= 1).isPresent()
                && known.amount()
                        .filter(a -> a.unit() == Unit.EACH && a.low() > 1)
                        .isPresent();
    }

    /** "Cranberries (frozen)", "cranberries, fresh - 24 oz". */
    private static final Pattern BY_THE_WAY = Pattern.compile(
            " *\\([^)]*(\\)|$)| (fresh|raw)$|(, [a-z]+)?[ :.…–—-]+[\\d½¼¾⅓⅔⅛][\\d½¼¾⅓⅔⅛/. ]*[a-z]*\\.?$");

    private static final Pattern COUNTED = Pattern.compile("^(a )?(\\d|one|two|three|four|couple( of)?|few) ");

    /** "the cherries" after "10 oz maraschino cherries": the same word closes both. */
    private static boolean closesAName(String text, List<Ingredient> named, Ingredient read) {
        if (read.food().isAcidulant()) {
            return false;
        }
        String again =
                COUNTED.matcher(read.range().of(text).toLowerCase(Locale.ROOT)).replaceFirst("");
        String head = Lexicon.head(again);
        // a plural differs in its last letters only
        String root = head.substring(0, Math.max(0, head.length() - 1));
        return named.stream().filter(known -> !known.food().equals(read.food())).anyMatch(known -> {
            // "lima beans (fresh)"
            String whole = known.range().of(text).toLowerCase(Locale.ROOT);
            if (!whole.contains(root)) {
                return false;
            }
            String before = BY_THE_WAY.matcher(whole).replaceAll("");
            // "the berries" after cranberries, "red pepper" after ground red pepper; but tomato juice is not
            // the lemon juice
            return before.contains(root)
                    && (again.indexOf(' ') < 0 || before.contains(again))
                    // "the beans" after dried beans or peas, "the almond" after almond extract
                    && (Lexicon.head(before).endsWith(head)
                            || before.contains(head + "s or ")
                            || before.endsWith(again + " extract"));
        });
    }

    private static final Pattern JUST_PEPPERS = Pattern.compile("(?i)(the |my |all |chopped |diced |ground )*peppers?");

    /** Hot ones beside bells; but "the peppers" are any. */
    private static boolean isOtherPepper(Ingredient known, Ingredient read, String text) {
        return known.food().kind() == FoodClass.PEPPER
                && read.food().kind() == FoodClass.PEPPER
                && isBell(known.food()) != isBell(read.food())
                && !JUST_PEPPERS.matcher(read.range().of(text)).matches();
    }

    private static boolean isBell(Food pepper) {
        return pepper.name().startsWith("bell");
    }

    private static Ingredient refined(Ingredient known, Ingredient read) {
        Ingredient result = known;
        if (read.food().name().equals("vinegar, homemade")) {
            // "the vinegar was the stuff my brother makes": said later, it holds for all of it
            result = result.withFood(read.food());
        }
        if (known.food().name().endsWith("kind unsaid") && !read.food().name().endsWith("kind unsaid")) {
            result = result.withFood(read.food());
        }
        boolean dosed = read.perJar().isPresent() && read.amount().isPresent() && !sameAmount(known, read);
        if (dosed && known.food().isAcidulant()) {
            // "14 Tbsp bottled lemon juice … 2 Tbsp of the juice in each jar"
            return read.withFood(result.food());
        }
        if (known.perJar().isEmpty() && read.perJar().isPresent() && !dosed) {
            result = result.withPerJar(read.perJar().get());
        }
        if (known.strengthPercent().isEmpty() && read.strengthPercent().isPresent()) {
            result = result.withStrength(read.strengthPercent().getAsDouble());
        }
        return result;
    }

    private static boolean sameFood(Ingredient a, Ingredient b) {
        if (a.food().isCitrusJuice() && b.food().isCitrusJuice()) {
            return a.food().name().substring(0, 4).equals(b.food().name().substring(0, 4));
        }
        if (a.food().isVinegar() && b.food().isVinegar()) {
            return b.amount().isEmpty() || a.food().equals(b.food()) || sameAmount(a, b);
        }
        boolean spice = a.food().isSeasoning();
        return a.food().equals(b.food())
                || b.amount().isEmpty() && a.food().name().startsWith(b.food().name() + ",")
                || (b.amount().isEmpty()
                        && !spice
                        && a.food().group().equals(b.food().group()))
                || (b.amount().isEmpty()
                        && a.food().kind() == FoodClass.SALT
                        && b.food().kind() == FoodClass.SALT)
                || (b.amount().isEmpty()
                        && a.food().kind() == FoodClass.PECTIN
                        && b.food().kind() == FoodClass.PECTIN)
                || (b.amount().isEmpty()
                        && b.food().name().equals("onion")
                        && a.food().kind() == FoodClass.ALLIUM
                        && a.food().name().contains("onion"))
                || (b.amount().isEmpty()
                        && a.food().name().startsWith("dill")
                        && b.food().name().startsWith("dill"));
    }

    private static boolean isMore(Ingredient read, Ingredient known) {
        Amount x = read.amount().orElseThrow();
        Amount y = known.amount().orElseThrow();
        return !read.food().isAcidulant()
                && x.unit().kind() == y.unit().kind()
                && x.low() * x.unit().inBase() > MORE * y.high() * y.unit().inBase();
    }

    private static final double MORE = 1.03;

    static boolean sameAmount(Ingredient a, Ingredient b) {
        if (a.amount().isEmpty() || b.amount().isEmpty()) {
            return false;
        }
        Amount x = a.amount().get();
        Amount y = b.amount().get();
        return x.unit().kind() == y.unit().kind()
                && Math.abs(x.low() * x.unit().inBase() - y.low() * y.unit().inBase())
                        <= 0.03 * x.low() * x.unit().inBase();
    }

    /** "the fruit", "the tomatoes", "berries" after the foods themselves are no new food. */
    private static boolean isGeneric(Draft draft, Ingredient read, String text) {
        Food food = read.food();
        if (draft.ingredients.stream().anyMatch(i -> isKraut(i.food(), food))) {
            return true;
        }
        if (food.isUmbrella() || food.name().equals("seasoning")) {
            return !draft.ingredients.isEmpty()
                    || !draft.titleFoods.isEmpty()
                    || draft.inPassing.stream().anyMatch(i -> i.food().kind().isProduce());
        }
        if (food.kind() == FoodClass.PEPPER) {
            return draft.ingredients.stream()
                    .anyMatch(i -> i.food().kind() == FoodClass.PEPPER && !isOtherPepper(i, read, text));
        }
        return (food.kind() == FoodClass.TOMATO || food.kind() == FoodClass.SEAFOOD)
                && draft.ingredients.stream().anyMatch(i -> i.food().kind() == food.kind());
    }

    /** "Chili, pints", and nothing else named: the dish and no peppers. */
    private static void dishOfChiles(Draft draft) {
        List<Range> named = draft.facts.forms().stream()
                .filter(f -> f.value().equals("chili"))
                .flatMap(f -> f.range().stream())
                .toList();
        boolean alone = draft.ingredients.stream()
                .allMatch(i -> i.amount().isEmpty() && named.stream().anyMatch(i.range()::overlaps));
        if (alone && !named.isEmpty()) {
            draft.ingredients.clear();
            draft.titleFoods.removeIf(f -> f.kind() == FoodClass.PEPPER);
        }
    }
}
