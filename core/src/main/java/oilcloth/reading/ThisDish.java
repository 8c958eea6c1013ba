package oilcloth.reading;

import oilcloth.recipe.Unread;
import oilcloth.text.Range;

/** Leaves of a letter what is about its own dish: the rest is passed over, and remembered only as named in passing. */
final class ThisDish {
    private final IngredientFinder ingredients;

    ThisDish(IngredientFinder ingredients) {
        this.ingredients = ingredients;
    }

    /** "Okra + tomatoes? No, just okra": a line without the dish it opens with and takes back. */
    Range opened(String text, Range line, Draft draft) {
        Range rest = new Range(line.start() + Retracted.start(line.of(text), ingredients), line.end());
        inPassing(new Sentence(text, new Range(line.start(), rest.start()), false), draft);
        return rest;
    }

    /**
     * A sentence without what it tells of another dish; without a word where it tells of nothing else.
     *
     * @param line what the sentence stands in
     * @param item whether it is of a list
     */
    Sentence of(Written whole, Range sentence, Range line, boolean item, Draft draft) {
        String text = whole.text();
        Range told = sentence;
        boolean opens = sentence.start() == line.start();
        if (!opens && draft.ingredients.isEmpty() && draft.facts.times().isEmpty()) {
            String on = new Range(told.start(), line.end()).of(text);
            draft.takenBackTo = Math.max(draft.takenBackTo, told.start() + Retracted.start(on, ingredients));
            if (draft.takenBackTo >= told.end()) {
                inPassing(new Sentence(whole, told, false), draft);
                return new Sentence(whole, new Range(told.end(), told.end()), false);
            }
            told = new Range(Math.max(draft.takenBackTo, told.start()), told.end());
        }
        Sentence s = new Sentence(whole, told, item);
        int start = AnotherDish.start(s, new Range(told.end(), line.end()), ingredients);
        if (start == 0) {
            return s;
        }
        Sentence other = s.part(new Range(told.start(), told.start() + start));
        Sentence own = new Sentence(whole, new Range(told.start() + start, told.end()), false);
        inPassing(other, draft);
        ProductName.takeBack(other, own, draft);
        return own;
    }

    /** Whether what it names is taken back by the next sentence, or only asked about; then it is dealt with. */
    boolean isTakenBack(Sentence s, String next, Draft draft) {
        if (Denied.isAdviceDeclined(s, next, ingredients)) {
            draft.passedOver.add(s.range());
            return true;
        }
        if (isWondered(s, draft)) {
            return true;
        }
        if (!Denied.is(next) || Denied.isKeptOtherwise(s, next)) {
            return false;
        }
        if (Denied.asksOfThePack(s)) {
            draft.passedOver.add(s.range());
            return true;
        }
        if (Denied.asksOfAStep(s)) {
            draft.unread.add(new Unread(s.range(), true));
            return true;
        }
        boolean food = Denied.asksOfFood(s, ingredients);
        if (food && draft.ingredients.isEmpty()) {
            inPassing(s, draft);
        }
        return food;
    }

    /** "Could I add a little butter?": what it names is in no jar, or that will be asked. */
    private boolean isWondered(Sentence s, Draft draft) {
        boolean ahead = AnotherTime.isOfNoJar(s, false);
        if (Wondered.isOfWhatIsThere(s) && !ahead && namesWhatIsNotListed(s, draft)) {
            draft.doubt(s.range());
            return false;
        }
        boolean asked = Wondered.isAsked(s);
        if (!asked && !Wondered.isInDoubt(s) || ingredients.foodsOf(s).isEmpty()) {
            return false;
        }
        if (draft.ingredients.isEmpty()) {
            inPassing(s, draft);
        } else {
            draft.passedOver.add(s.range());
        }
        if (!asked && !ahead) {
            draft.doubt(s.range());
        }
        return true;
    }

    private boolean namesWhatIsNotListed(Sentence s, Draft draft) {
        return ingredients.foodsOf(s).stream()
                .filter(f -> f.kind().isProduce() || RecipeReader.TRIMMINGS.contains(f.kind()))
                .anyMatch(f -> draft.ingredients.stream()
                        .noneMatch(i -> i.food().group().equals(f.group())));
    }

    /** "Tomatoes, whole? No. This is juice.": taken back, and yet what it is of where nothing else is named. */
    private void inPassing(Sentence s, Draft draft) {
        if (s.size() > 0) {
            draft.passedOver.add(s.range());
        }
        Draft said = new Draft();
        ingredients.read(s, said);
        said.ingredients.stream().filter(i -> i.food().kind().isProduce()).forEach(draft.inPassing::add);
    }
}
