package oilcloth.reading;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Pack;
import oilcloth.measure.JarSize;
import oilcloth.measure.Unit;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Fact;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Unread;
import oilcloth.text.Cue;
import oilcloth.text.Range;
import oilcloth.text.Sentences;

/** What only the whole text can tell, when all its sentences have been read. */
final class WholeText {
    private static final Pattern VINEGAR_PERCENT = Pattern.compile(
            "(?i)vinegar|acidity|acetic|^(it|that one|mine|(the )?(bottle|label|jug)) (says|said|reads|read|shows|showed|is marked)( it'?s)? [^.;0-9]{0,12}\\d ?(%|percent|per cent)(?! (sugar|salt|fat|juice|alcohol))");
    private static final int MOST_IN_PASSING = 5;

    private final GuideSnapshot guide;

    WholeText(GuideSnapshot guide) {
        this.guide = guide;
    }

    void settle(String text, Draft draft) {
        ChosenJars.settle(text, draft);
        OtherHeight.settle(draft);
        ChangedAmount.settle(text, draft);
        PressureFall.settle(text, draft);
        SameFood.settle(draft, text);
        kraut(text, draft);
        if (draft.titleFoods.isEmpty()
                && draft.ingredients.stream()
                        .noneMatch(i -> i.food().kind().isProduce()
                                && !SameFood.isJustMeat(text, i)
                                && !i.food().isOfBones())) {
            draft.ingredients.addAll(
                    draft.inPassing.stream().distinct().limit(MOST_IN_PASSING).toList());
        }
        directions(draft);
        soupBase(text, draft);
        stock(text, draft);
        brothOrMeat(text, draft);
        soupOfIt(draft);
        plainSauce(text, draft);
        pieFilling(text, draft);
        SameFood.justMeat(draft, text);
        Variety.settle(text, draft, guide);
        if (draft.facts.packs().isEmpty()
                && draft.cooked.isPresent()
                && (draft.filled || !draft.facts.jars().isEmpty() || !draft.doseJars.isEmpty())) {
            draft.facts.packs().add(Fact.read(Pack.HOT, draft.cooked.get()));
        }
        // where the canner's time is told as well, the boil was the food's
        if (draft.facts.times().size() > draft.boiledTimes.size()) {
            draft.facts.times().removeAll(draft.boiledTimes);
            draft.unread.removeAll(draft.behindBoil);
        }
        // "Tomatoes: 7 quarts", a dose to the pint: the quarts may be the jars
        boolean other =
                draft.doseJars.stream().anyMatch(j -> draft.listedJars.stream().anyMatch(l -> l != j.value()));
        if (draft.facts.jars().isEmpty() && !other) {
            draft.facts.jars().addAll(draft.doseJars);
        }
        EmptyJarTimes.leaveOut(text, draft);
        WholeCanning.times(draft);
        byTheJar(draft);
        EarlyDip.settle(text, draft);
        WholeCanning.otherCanner(text, draft);
        WholeCanning.gauge(text, draft);
        iceWater(draft);
        jam(text, draft);
        WholeCanning.boiledJars(text, draft);
        EmptyJarTimes.settle(text, draft);
        if (!draft.facts.times().isEmpty()) {
            draft.unprocessed.ifPresent(r -> draft.unread.add(new Unread(r, true)));
        }
        Optional<OptionalDouble> strength = statedStrength(text);
        for (int i = 0; i < draft.ingredients.size(); i++) {
            Ingredient ingredient = draft.ingredients.get(i);
            if (ingredient.food().isVinegar() && ingredient.strengthPercent().isEmpty() && strength.isPresent()) {
                draft.ingredients.set(i, ingredient.withStrength(strength.get().getAsDouble()));
            }
        }
        Deviations.denied(text, draft);
        MoreThanTold.settle(draft);
        FormAnswer.settle(draft);
        sourEnough(text, draft);
        for (Food absent : draft.absent) {
            draft.ingredients.removeIf(
                    i -> i.food().isAcidulant() && i.food().group().equals(absent.group()) && leftOut(text, i));
        }
    }

    /** "Stock from four hens. … We're at 900 ft. Soup all winter.": what is made of it, named once it is canned. */
    private static void soupOfIt(Draft draft) {
        boolean stock = draft.facts.forms().stream().anyMatch(f -> f.value().equals("stock"));
        int canned = draft.facts.times().stream()
                .flatMap(t -> t.range().stream())
                .mapToInt(Range::end)
                .max()
                .orElse(Integer.MAX_VALUE);
        draft.facts
                .forms()
                .removeIf(f -> stock
                        && f.value().equals("soup")
                        && f.range().filter(r -> r.start() > canned).isPresent());
    }

    /** "Last week's load: 18 pints potatoes", and no jar named elsewhere: nobody measures them so where nothing else is measured. */
    private static void byTheJar(Draft draft) {
        List<Ingredient> produce = draft.ingredients.stream()
                .filter(i -> i.food().kind().isProduce())
                .toList();
        if (produce.size() != 1
                || !draft.facts.jars().isEmpty()
                || draft.facts.times().isEmpty()
                || draft.ingredients.stream()
                        .anyMatch(i -> i != produce.get(0)
                                && i.amount().isPresent()
                                && i.perJar().isEmpty()
                                && i.food().kind() != FoodClass.SALT)) {
            return;
        }
        Ingredient only = produce.get(0);
        boolean soldByThePint =
                only.food().kind() == FoodClass.FRUIT || only.food().kind() == FoodClass.TOMATO;
        only.amount()
                .filter(a -> a.low() >= FEW_JARS && a.low() == Math.rint(a.low()))
                .filter(a -> a.unit() == Unit.QUART || a.unit() == Unit.PINT && !soldByThePint)
                .map(a -> a.unit() == Unit.QUART ? JarSize.QUART : JarSize.PINT)
                .ifPresent(jar -> draft.facts.jars().add(Fact.read(jar, only.range())));
    }

    private static final double FEW_JARS = 2;

    private static final Pattern PLAIN = Pattern.compile(
            "(?i)\\bplain\\b|\\b(just|only|nothing but) tomatoes\\b|\\bno (onions?|garlic|vegetables|other vegetables)\\b");

    /** "Pizza sauce, plain tomato": called by what it is for, and nothing in it but tomatoes. */
    private static void plainSauce(String text, Draft draft) {
        boolean tomatoes = draft.ingredients.stream()
                .map(Ingredient::food)
                .filter(f -> f.kind().isProduce())
                .allMatch(f -> f.kind() == FoodClass.TOMATO);
        if (tomatoes && PLAIN.matcher(text).find()) {
            draft.facts.forms().replaceAll(f -> f.value().equals("pasta-sauce") ? new Fact<>("sauce", f.range()) : f);
        }
    }

    /** Then only its list tells what it is. */
    private static boolean isUntitled(Draft draft) {
        return draft.title.isEmpty() && draft.titleFoods.isEmpty();
    }

    private static final Pattern FOR_PIES =
            Pattern.compile("(?i)\\bfor (my |our |making |winter |the )*(\\w+ )?pies?\\b");

    private static final Set<FoodClass> THICKENS = Set.of(FoodClass.STARCH, FoodClass.THICKENER);

    /** "Sour cherries for pie", thickened: a filling, though nobody calls it one. */
    private static void pieFilling(String text, Draft draft) {
        if (draft.facts.forms().isEmpty()
                && (isUntitled(draft) || FOR_PIES.matcher(text).find())) {
            draft.ingredients.stream()
                    .filter(i ->
                            THICKENS.contains(i.food().kind()) && i.amount().isPresent())
                    .findFirst()
                    .ifPresent(i -> draft.facts.forms().add(Fact.read("pie-filling", i.range())));
        }
    }

    private static final Pattern NOT_SOUR = Pattern.compile("(?i)\\bph\\b[^.;\\d]{0,30}(?:4\\.[6-9]|[5-9]\\.\\d)");

    /** "pH was 4.8": what goes into boiling water must be sourer. */
    private static void sourEnough(String text, Draft draft) {
        boolean sour = draft.facts.methods().stream().anyMatch(m -> m.value() == CanningMethod.BOILING_WATER)
                || draft.ingredients.stream()
                        .anyMatch(i -> i.food().isAcidulant() && i.amount().isPresent());
        Matcher m = NOT_SOUR.matcher(text);
        if (sour && m.find()) {
            draft.unread.add(new Unread(new Range(m.start(), m.end()), true));
        }
    }

    private static final Pattern STOCK = Pattern.compile("(?i)\\bsoup base\\b(?=[^?]*\\b(stock|broth)\\b)");

    /** "Chicken soup base: I make stock from bones …": with nothing but meat and bones in it, soup is stock. */
    private static void soupBase(String text, Draft draft) {
        Matcher stock = STOCK.matcher(text);
        boolean bare = draft.ingredients.stream()
                .noneMatch(i -> i.food().kind().isProduce() && i.food().kind() != FoodClass.MEAT);
        if (bare && stock.find()) {
            draft.facts.forms().removeIf(f -> f.value().equals("soup"));
            draft.facts.forms().add(Fact.read("stock", new Range(stock.start(), stock.end())));
        }
    }

    private static final Pattern LEFT_OUT = Pattern.compile(
            "(?i)\\b(left out|leave out|skip(ped)?|omit(ted)?|forgot|did ?n[o']t (use|add)|didn'?t (use|add)|without)\\b");

    private static boolean leftOut(String text, Ingredient ingredient) {
        return ingredient.amount().isEmpty() || LEFT_OUT.matcher(text).find();
    }

    /** A strength said once, of the vinegar in general, holds for all of it. */
    private static Optional<OptionalDouble> statedStrength(String text) {
        for (Range line : Sentences.lines(text)) {
            for (Range sentence : Sentences.of(text, line)) {
                String words = sentence.of(text).toLowerCase(java.util.Locale.ROOT);
                if (VINEGAR_PERCENT.matcher(words).find()
                        && AcidWords.percent(words).isPresent()) {
                    return Optional.of(AcidWords.percent(words));
                }
            }
        }
        return Optional.empty();
    }

    private static final Pattern FERMENTS = Pattern.compile(
            "(?i)\\b(ferment\\w*|crock|under a plate|(a|two|three|four|five|six|several|\\d) weeks|works? itself|(had|has|is|was) working|worked|soured|sours)\\b");

    /** Characters: what the text opens with. */
    private static final int OPENING = 24;

    private static final Set<String> MEATS = Set.of("boneless", "bone-in", "ground", "pieces");
    private static final Pattern MADE_STOCK = Pattern.compile("(?i)\\b(strain|skim|carcass|defat)\\w*\\b");
    private static final Pattern OVER_MEAT = Pattern.compile(
            "(?i)\\b(pour|ladle|spoon)(ed|s)? (it |some )?(over|on)\\b|\\b(over|cover(ed|ing|s)?) (the |my )?(meat|chicken|turkey|beef|pork|venison|pieces|cubes|chunks)\\b|\\b(broth|stock) (over|on)\\b");

    /** "Boneless, hot pack. Broth strained and poured over": whether the meat was canned or its broth nobody can tell. */
    private static void brothOrMeat(String text, Draft draft) {
        boolean meat = draft.facts.forms().stream().anyMatch(f -> MEATS.contains(f.value()));
        boolean plain =
                MADE_STOCK.matcher(text).find() && !OVER_MEAT.matcher(text).find();
        if (!meat || plain) {
            return;
        }
        draft.facts.forms().stream()
                .filter(f -> f.value().equals("stock"))
                .flatMap(f -> f.range().stream())
                .filter(r -> draft.title.filter(t -> t.contains(r)).isEmpty())
                .findFirst()
                .ifPresent(draft::doubt);
    }

    /** "Turkey soup? No, just the stock." */
    private static final Pattern JUST_STOCK = Pattern.compile(
            "(?i)\\b(?:it is |it's |this is |no, |here is |here's )(?:just|only) (?:the |some |my |plain )*(?:turkey |chicken |beef |bone )?(stock|broth)\\b");

    /** "Chicken stock simmered all day, strained": nothing but broth, and no dish named, is stock. */
    private static void stock(String text, Draft draft) {
        Matcher just = JUST_STOCK.matcher(text);
        if (draft.facts.forms().isEmpty()
                && just.find()
                && MADE_STOCK.matcher(text).find()
                && !OVER_MEAT.matcher(text).find()) {
            draft.facts.forms().add(Fact.read("stock", new Range(just.start(1), just.end(1))));
            return;
        }
        boolean other = Stream.concat(
                        draft.titleFoods.stream(), draft.ingredients.stream().map(Ingredient::food))
                .anyMatch(f -> !f.isOfBones()
                        && !f.isSeasoning()
                        && f.kind() != FoodClass.SALT
                        && f.kind() != FoodClass.WATER);
        if (!other && draft.absent.isEmpty() && draft.facts.forms().isEmpty()) {
            draft.ingredients.stream()
                    .filter(i -> i.food().name().equals("broth") && i.range().start() <= OPENING)
                    .findFirst()
                    .ifPresent(i -> draft.facts.forms().add(Fact.read("stock", i.range())));
        }
    }

    /** The form of which each food has a process of its own, or shares it with its like. */
    private static final String PIECES = "pieces";

    /** "I used the directions for okra", and no okra: those of nectarines are the ones for peaches. */
    private void directions(Draft draft) {
        draft.directionsFor.forEach((words, food) -> {
            boolean theirs = Stream.concat(draft.ingredients.stream().map(Ingredient::food), draft.titleFoods.stream())
                    .anyMatch(f -> f.group().equals(food.group())
                            || SameFood.isKraut(f, food)
                            || guide.placing().stream()
                                    .anyMatch(rule -> rule.form().equals(PIECES) && rule.takes(f) && rule.takes(food)));
            if (!theirs) {
                draft.unread.add(new Unread(words, true));
            }
        });
    }

    /** Cabbage and salt left to work is kraut, whatever it is called. */
    private void kraut(String text, Draft draft) {
        fermented(draft);
        boolean cabbage =
                draft.ingredients.stream().anyMatch(i -> i.food().group().contains("cabbage"));
        boolean salt = draft.ingredients.stream().anyMatch(i -> i.food().kind() == FoodClass.SALT);
        boolean others = draft.ingredients.stream()
                .anyMatch(i -> i.food().isAcidulant()
                        || i.food().kind().isProduce() && !i.food().group().contains("cabbage"));
        Matcher works = FERMENTS.matcher(text);
        if (cabbage && salt && !others && works.find()) {
            draft.facts.forms().add(Fact.read("kraut", new Range(works.start(), works.end())));
        }
    }

    /** "Fermented cabbage, 25 lb to 3/4 cup salt": weighed with its salt, or with nothing beside it, it was cabbage. */
    private void fermented(Draft draft) {
        boolean salted = draft.ingredients.stream()
                .anyMatch(i -> i.food().kind() == FoodClass.SALT && i.amount().isPresent());
        boolean alone = draft.ingredients.stream()
                .map(Ingredient::food)
                .allMatch(f -> f.name().equals("sauerkraut")
                        || f.isSeasoning()
                        || f.kind() == FoodClass.SALT
                        || f.kind() == FoodClass.WATER);
        if (salted || alone) {
            draft.ingredients.replaceAll(i ->
                    i.food().name().equals("sauerkraut") && (alone || i.amount().isPresent())
                            ? i.withFood(guide.food("cabbage"))
                            : i);
        }
    }

    /** "3/4 cup canning salt, 4 cups ice, 8 cups water": nobody cans ice, and the water beside it is the soak. */
    private static void iceWater(Draft draft) {
        for (int i = 0; i < draft.ingredients.size(); i++) {
            if (!draft.ingredients.get(i).food().name().equals("ice")) {
                continue;
            }
            draft.ingredients.set(i, draft.ingredients.get(i).withAside(true));
            for (int beside : new int[] {i - 1, i + 1}) {
                if (beside >= 0
                        && beside < draft.ingredients.size()
                        && draft.ingredients.get(beside).food().kind() == FoodClass.WATER
                        && isNextTo(draft.ingredients.get(i), draft.ingredients.get(beside))) {
                    draft.ingredients.set(beside, draft.ingredients.get(beside).withAside(true));
                }
            }
        }
    }

    private static boolean isNextTo(Ingredient a, Ingredient b) {
        return Math.max(a.range().start(), b.range().start())
                        - Math.min(a.range().end(), b.range().end())
                <= NEXT_TO;
    }

    /** Letters between two lines of a list, or two names in a phrase. */
    private static final int NEXT_TO = 40;

    private static final Cue JELLS = Cue.of(
            "\\b(8|eight) degrees (f )?(above|over|past)\\b|\\b(jellying|jelling|gel|gelling|jell|setting) point\\b|\\bsheets? (off|from) (the|a) spoon\\b");

    /** Fruit and sugar boiled to a jell are a jam, whatever they are called. */
    private static void jam(String text, Draft draft) {
        boolean sweet = draft.ingredients.stream().anyMatch(i -> i.food().kind() == FoodClass.SWEETENER);
        boolean fruit = draft.ingredients.stream().anyMatch(i -> i.food().kind() == FoodClass.FRUIT);
        if (!sweet || !fruit || Facts.values(draft.facts.forms()).stream().anyMatch(SPREADS::contains)) {
            return;
        }
        Optional<Ingredient> pectin = draft.ingredients.stream()
                .filter(i -> i.food().kind() == FoodClass.PECTIN)
                .findFirst();
        if (pectin.isPresent() && isUntitled(draft) && CUT.containsAll(Facts.values(draft.facts.forms()))) {
            boolean juice = draft.ingredients.stream().anyMatch(i -> i.food().isFruitJuice());
            draft.facts
                    .forms()
                    .add(Fact.read(juice ? "jelly" : "jam", pectin.get().range()));
            return;
        }
        Matcher jells = JELLS.matcher(text.toLowerCase(java.util.Locale.ROOT));
        if (jells.find()) {
            draft.facts.forms().add(Fact.read("jam", new Range(jells.start(), jells.end())));
        }
    }

    /** What is done to the fruit of a jam as well. */
    private static final Set<String> CUT = Set.of("crushed", "milled");

    private static final Set<String> SPREADS = Set.of("jam", "jelly", "butter", "syrup", "pepper-jelly", "herb-jelly");
}
