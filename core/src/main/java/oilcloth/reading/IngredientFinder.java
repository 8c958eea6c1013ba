package oilcloth.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Lexicon;
import oilcloth.measure.Amount;
import oilcloth.measure.Unit;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Unread;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** Finds amounts and foods in a sentence and pairs them. */
final class IngredientFinder {

    private static final Cue OPTIONAL =
            Cue.of("\\bopt(ional(ly)?)?\\b|\\bif (you (like|want|wish)|desired|wanted|liked)\\b");

    /** Whether it is known what is being canned. */
    private static boolean isNamed(Draft draft) {
        return !draft.titleFoods.isEmpty()
                || !draft.ingredients.isEmpty()
                || !draft.facts.forms().isEmpty();
    }

    private static final Cue OF_THE = Cue.of("of (the|them|these|those|my)\\b");

    private static final Cue AT_MOST = Cue.of("\\b(no|not) more than $");
    private static final Cue AT_A_TIME = Cue.of(
            "^(of )?((the|extracted|prepared|crushed|strained|fruit) )*(juice|fruit|berries) at (a|one) time\\b");
    private static final Cue REDUCED = Cue.of("\\b(reduced?|reducing|down|cut) (by |in |to )?(about )?$");
    private static final Cue INCH_AND = Cue.of("\\binch(es)? and (a )?(half|quarter) $");

    private final GuideSnapshot guide;
    private final NameAfter nameAfter;

    IngredientFinder(GuideSnapshot guide) {
        this.guide = guide;
        this.nameAfter = new NameAfter(guide.lexicon());
    }

    void read(Sentence s, Draft draft) {
        NotInTheJar.claimNames(s);
        boolean serves = Serving.isTold(s) || Serving.isPlainlyTold(s);
        if (serves && Serving.mayBeNow(s, draft)) {
            draft.unread.add(new Unread(s.range(), true));
        }
        Map<Integer, Amounts.Found> list = s.isItem() ? Map.of() : NamesFirst.of(s, guide.lexicon());
        for (int i = 0; i < s.size(); i++) {
            if (s.isClaimed(i)) {
                continue;
            }
            int next = list.containsKey(i) ? listed(s, draft, i, list.get(i)) : changed(s, draft, i);
            boolean eaten = serves && Serving.reaches(s, i);
            if (next == i && !(eaten && Serving.isADash(s, i))) {
                next = amountAt(s, draft, i);
            }
            if (next == i) {
                next = foodAt(s, draft, i, eaten);
            }
            if (next > i) {
                s.claim(i, next);
                i = next - 1;
            }
        }
    }

    private int changed(Sentence s, Draft draft, int i) {
        Optional<Amounts.Found> to = s.food(guide.lexicon(), i).flatMap(match -> ChangedAmount.of(s, match, i));
        if (to.isEmpty()) {
            return i;
        }
        int known = draft.ingredients.size();
        int next = listed(s, draft, i, to.get());
        draft.changed.addAll(draft.ingredients.subList(known, draft.ingredients.size()));
        return next;
    }

    private int listed(Sentence s, Draft draft, int i, Amounts.Found amount) {
        Food food = s.food(guide.lexicon(), i).orElseThrow().food();
        add(s, draft, food, Optional.of(ContextWords.sticks(s, amount.amount(), amount.next() - 1)), i, amount.next());
        return Brackets.restated(s, amount.amount(), amount.next());
    }

    /** Foods named in a title; they place the recipe and are not thereby ingredients. */
    List<Food> foodsOf(Sentence s) {
        NotInTheJar.claimNames(s);
        List<Food> foods = new ArrayList<>();
        for (int i = 0; i < s.size(); i++) {
            if (!s.isClaimed(i)) {
                Optional<Lexicon.Match> m = s.food(guide.lexicon(), i);
                if (m.isPresent() && !NotInTheJar.isFreeOfIt(s, i + m.get().length()) && !NotInTheJar.isDenied(s, i)) {
                    foods.add(ContextWords.kind(guide, s, m.get().food(), Optional.empty(), i));
                    i += m.get().length() - 1;
                }
            }
        }
        return foods;
    }

    private int amountAt(Sentence s, Draft draft, int i) {
        Optional<Amounts.Found> found = Amounts.at(s.tokens(), i);
        if (found.isEmpty() || s.anyClaimed(i, Math.min(found.get().next(), s.size()))) {
            return i;
        }
        boolean part = !found.get().unitSaid() && found.get().amount().high() < 1;
        if (part && s.isBefore(i, 3, REDUCED)) {
            // "until the volume is reduced one-half and ketchup rounds up on a spoon"
            return found.get().next();
        }
        if (s.isAround(i, 3, 1, INCH_AND)) {
            // "an inch and a half of water"
            return i;
        }
        Amounts.Found amount = CarriedUnit.of(s, draft, i, found.get());
        int salted = Rate.ofSalt(s, guide.lexicon(), draft, i, amount);
        if (salted > i) {
            return salted;
        }
        Referring.forget(s, draft, i);
        if (Referring.equal(s, guide.lexicon(), draft, amount, i)) {
            int name = nameAfter.at(s, amount.next(), false);
            int foodEnd = name < 0
                    ? amount.next()
                    : name + s.food(guide.lexicon(), name).orElseThrow().length();
            return foodEnd;
        }
        if (amount.next() > i
                && (Vessel.at(s, amount.next() - 1)
                        || s.is(amount.next() - 1, ".") && Vessel.at(s, amount.next() - 2))) {
            // "pressed down in a ten gallon crock"
            return amount.next();
        }
        if (s.isBefore(i, 3, AT_MOST) && s.isAround(amount.next(), 0, 7, AT_A_TIME)) {
            // "no more than 6 to 8 cups of juice at a time"
            int time = amount.next();
            while (!s.is(time, "time")) {
                time++;
            }
            return time + 1;
        }
        boolean counted = !amount.unitSaid();
        if (counted && amount.amount().high() < 1 && s.opensAt(amount.next(), 3, OF_THE)) {
            // "1/3 of the apples"
            return amount.next();
        }
        int at = nameAfter.at(s, amount.next(), counted);
        if (at < 0 && amount.amount().unit() == Unit.CLOVE) {
            // "6 cloves" without garlic are the spice
            add(
                    s,
                    draft,
                    guide.food("cloves"),
                    Optional.of(Amount.of(amount.amount().middle(), Unit.EACH)),
                    i,
                    amount.next());
            return amount.next();
        }
        if (at < 0 && Referring.toAnAddition(s, guide.lexicon(), i, amount.next())) {
            draft.unread.add(new Unread(s.span(i, amount.next() + 2), true));
            return amount.next() + 2;
        }
        int referred = at < 0 && !Serving.isPlainlyTold(s) ? Referring.back(s, guide.lexicon(), i, amount.next()) : -1;
        if (referred >= 0) {
            // "We love onion so I use 4 cups of it"
            Food food = s.food(guide.lexicon(), referred).orElseThrow().food();
            draft.ingredients.removeIf(known -> known.food().equals(food));
            add(s, draft, food, Optional.of(amount.amount()), i, amount.next() + 2);
            return amount.next() + 2;
        }
        Optional<Referring.Meant> ones =
                at < 0 && !counted ? Referring.ones(s, guide.lexicon(), draft, i, amount.next()) : Optional.empty();
        if (ones.isPresent()) {
            add(
                    s,
                    draft,
                    ones.get().food(),
                    Optional.of(amount.amount()),
                    i,
                    ones.get().next());
            return ones.get().next();
        }
        if (at < 0 && Referring.ofEach(s, draft, amount)) {
            return amount.next() + 1;
        }
        if (at < 0) {
            Optional<ContextWords.Meant> meant = ContextWords.meant(guide, s, i, amount, draft);
            if (meant.isPresent()) {
                add(
                        s,
                        draft,
                        meant.get().food(),
                        Optional.of(amount.amount()),
                        i,
                        meant.get().next());
                return meant.get().next();
            }
            return UnknownAmount.read(s, draft, i, amount);
        }
        Lexicon.Match match = s.food(guide.lexicon(), at).orElseThrow();
        int end = at + match.length();
        int bracket = Brackets.again(s, guide.lexicon(), match.food(), end);
        Optional<Amount> weighed = Brackets.weighed(s, bracket, amount.amount());
        end = Brackets.skip(s, guide.lexicon(), match.food(), bracket);
        if (match.food().isSeasoning() || match.food().kind() == FoodClass.FRESH_HERB) {
            end = Brackets.sharedOut(s, end);
        }
        if (NotInTheJar.isGivenAway(s, i) || NotInTheJar.isBrought(s, draft, match.food())) {
            return end;
        }
        if (s.negatedToken(i)) {
            // "never carried 25 pounds of cabbage up three flights" leaves none out
            if (s.has(Vocabulary.ADD) || !s.low().contains("never")) {
                draft.absent.add(match.food());
            }
            return end;
        }
        if (Referring.inPlace(s, draft, match.food(), i) || Referring.toTheProduce(s, draft, match.food(), at)) {
            return end;
        }
        boolean corns = s.around(at, 0, match.length()).matches(".*(corn|black).*");
        Food food = corns ? match.food() : ContextWords.spooned(guide, match.food(), amount.amount());
        int place = draft.ingredients.size();
        Amount one = weighed.orElse(ContextWords.sticks(s, amount.amount(), at + match.length() - 1));
        List<SharedName.Kind> kinds = SharedName.before(guide.lexicon(), s, amount.next(), at);
        Amount stated = SharedName.total(kinds, match.food(), one);
        add(s, draft, food, Optional.of(stated), i, weighed.isPresent() ? end : at + match.length());
        kinds.stream()
                .filter(k -> !k.food().equals(match.food()))
                .forEach(k -> add(s, draft, k.food(), Optional.of(one.times(k.times())), k.at(), k.at() + 1));
        end = Rate.toLiquid(s, guide.lexicon(), draft, stated, end);
        int last = shared(s, draft, food, SharedAmount.after(s, guide.lexicon(), food, one, end), place);
        // "9 cups onions and peppers (4 of onion, 5 of pepper)" breaks up what was read
        return Brackets.used(
                s,
                Brackets.counted(
                        s, nameAfter.trailing(s, last > end ? Brackets.skip(s, guide.lexicon(), food, last) : end)),
                one);
    }

    /** What else the amount is for; the token behind it. */
    private int shared(Sentence s, Draft draft, Food first, SharedAmount shared, int firstIngredient) {
        if (shared.isDivided()
                && firstIngredient < draft.ingredients.size()
                && draft.ingredients
                        .get(firstIngredient)
                        .food()
                        .equals(AcidWords.kind(guide, s, first, Optional.of(shared.share())))) {
            draft.ingredients.set(
                    firstIngredient, draft.ingredients.get(firstIngredient).withAmount(shared.share()));
        }
        boolean acids = first.isAcidulant();
        boolean mixed = shared.others().stream().anyMatch(o -> o.food().isAcidulant() != acids);
        if (shared.isDivided() && mixed) {
            // "12 cups vinegar and water": nobody knows how much is which
            int last = shared.others().get(shared.others().size() - 1).to();
            draft.unread.add(new Unread(s.span(shared.others().get(0).from() - 1, last), true));
        }
        for (SharedAmount.Other other : shared.others()) {
            add(s, draft, other.food(), Optional.of(shared.share()), other.from(), other.to());
        }
        return shared.end();
    }

    private int foodAt(Sentence s, Draft draft, int i, boolean serving) {
        Optional<Lexicon.Match> found = s.food(guide.lexicon(), i);
        if (found.isPresent() && !s.isClaimed(i)) {
            // "vinegar (5%)": the strength is read already, the name is not
            int figure = i + 1;
            while (figure < i + found.get().length()
                    && !(s.isClaimed(figure) && s.token(figure).isNumber())) {
                figure++;
            }
            if (figure < i + found.get().length()) {
                found = guide.lexicon().at(s.tokens().subList(0, figure), i);
            }
        }
        if (found.isEmpty() || s.anyClaimed(i, i + found.get().length())) {
            return i;
        }
        Lexicon.Match match = found.get();
        int end = i + match.length();
        int last = AmountLast.of(s, guide.lexicon(), i);
        if (last >= end) {
            Amounts.Found amount = Amounts.at(s.tokens(), last).orElseThrow();
            int place = draft.ingredients.size();
            add(s, draft, match.food(), Optional.of(amount.amount()), i, amount.next());
            shared(
                    s,
                    draft,
                    match.food(),
                    SharedAmount.after(s, guide.lexicon(), match.food(), amount.amount(), end, last),
                    place);
            return Brackets.restated(s, amount.amount(), amount.next());
        }
        boolean brine = match.food().kind() == FoodClass.SALT && (s.is(end, "brine") || s.is(end, "water"));
        int open = brine ? end + 1 : end;
        if ((brine || match.food().kind() == FoodClass.WATER) && Brackets.isStrength(s, open)) {
            // "salted water (4 tsp to the gallon)", "salt brine (1 Tbsp/qt)"
            add(s, draft, match.food(), Optional.empty(), i, end);
            return Brackets.closing(s, open) + 1;
        }
        Optional<Amounts.Found> behind = AmountBehind.of(s, nameAfter, match, i);
        if (behind.isPresent()) {
            add(
                    s,
                    draft,
                    match.food(),
                    Optional.of(behind.get().amount()),
                    i,
                    behind.get().next());
            return Brackets.restated(s, behind.get().amount(), EachBehind.share(s, draft, i, behind.get()));
        }
        if (NotInTheJar.isGivenAway(s, i)) {
            return end;
        }
        if (s.negatedToken(i) || NotInTheJar.isAbsent(s, i, end)) {
            draft.absent.add(match.food());
            NotInTheJar.noteDirections(s, draft, i, end, match.food());
            return end;
        }
        if (ContextWords.namesDish(s, guide.lexicon(), i, match)
                || ContextWords.namesProduct(draft, match.food())
                || match.food().name().equals("butter")
                        && s.is(i - 1, "the")
                        && Facts.values(draft.facts.forms()).contains("butter")
                || s.isBefore(i, 16, VINEGAR_FROM)) {
            return end;
        }
        if ((match.food().isAcidulant() || AcidWords.isWholeFruit(match.food())) && AcidWords.isAskedOf(s)) {
            return end;
        }
        if (!s.isItem()
                && !draft.ingredients.isEmpty()
                && s.has(AnotherTime.CUE)
                && !s.has(AnotherTime.IN_THESE)
                && !isListed(draft, match.food())) {
            return end;
        }
        boolean before = s.is(i - 1, "my") && s.has(AnotherTime.BEFORE) && !s.has(Vocabulary.ADD);
        boolean animal = match.food().kind() == FoodClass.MEAT && NotInTheJar.isAnimal(s, i, end);
        boolean recipe = isNamed(draft) && NotInTheJar.isNameOfRecipe(s, i, end);
        if (before || animal || recipe || NotInTheJar.isOnlyCompared(s, i, end)) {
            return end;
        }
        boolean eaten = serving && !AcidWords.tellsKind(s, draft, match.food());
        if (!s.isItem() && (eaten || NotInTheJar.isPassedOn(s, i, end))) {
            NotInTheJar.noteDirections(s, draft, i, end, match.food());
            if (match.food().kind().isProduce()) {
                draft.inPassing.add(Ingredient.named(s.span(i, end), match.food()));
            }
            return end;
        }
        add(s, draft, match.food(), Referring.sameAgain(s, draft, i), i, end);
        return end;
    }

    private static boolean isListed(Draft draft, Food food) {
        return draft.ingredients.stream().anyMatch(i -> i.food().group().equals(food.group()));
    }

    private void add(Sentence s, Draft draft, Food named, Optional<Amount> measured, int from, int to) {
        Optional<Amount> amount = measured.map(a -> ContextWords.part(named, a));
        // "4 cups vinegar (5%)": a bracket that was begun is taken whole
        boolean open = false;
        for (int k = from; k < to; k++) {
            open = s.is(k, "(") || open && !s.is(k, ")");
        }
        Range range = s.span(from, open && s.is(to, ")") ? to + 1 : to);
        boolean cut = s.isAround(from, 0, to - from, CUT);
        Food acid = cut ? named : AcidWords.kind(guide, s, named, amount);
        Food food = ContextWords.kind(guide, s, acid, amount, from);
        boolean aside = PouredOff.is(s, draft, food, from);
        JarShare.Told told = JarShare.told(s, draft, food, from, to, measured, amount);
        Ingredient read = new Ingredient(
                range,
                food,
                told.amount().map(a -> ContextWords.fluid(food, a)),
                told.amount().isPresent() ? told.perJar() : Optional.empty(),
                aside,
                s.has(OPTIONAL),
                AcidWords.strength(s, food));
        SameFood.merge(s, draft, read);
    }

    /** "1/4 cup minced lemon": no juice. */
    private static final Cue CUT =
            Cue.of("\\b(minced|sliced|chopped|diced|ground|quartered|shredded|thin)\\b.*\\b(lemons?|limes?) $");

    /** "the vinegar we make from our own apples". */
    private static final Cue VINEGAR_FROM = Cue.of(
            "\\b(vinegar|wine|cider)\\b.*\\b(made|home-?made|makes?|making|pressed|fermented|brewed) from (our |my |his |her |their |the |some )*(own |home-grown |old )?$"
                    + "|\\b(made|makes?|making) (his |her |their |our |my |own )*(vinegar|cider|wine) from (our |my |his |her |their |the |some )*(own |home-grown |old )?$");
}
