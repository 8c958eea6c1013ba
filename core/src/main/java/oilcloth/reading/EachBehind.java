package oilcloth.reading;

import oilcloth.text.Range;

/** "Carrots, corn, green beans and limas, 6 cups each": the amount stands behind the last name and is for all of them. */
final class EachBehind {
    private EachBehind() {}

    /**
     * Gives the amount to the names listed before in the same clause that have none.
     *
     * @param last the token the last name begins at
     * @param amount what stands behind it
     * @return the token behind the amount, and behind its "each"
     */
    static int share(Sentence s, Draft draft, int last, Amounts.Found amount) {
        int each = amount.next();
        if (!(s.is(each, "each") || s.is(each, "apiece"))
                || JarMentions.at(s, each + 1).isPresent()) {
            return each;
        }
        int first = last;
        while (first > 0 && !s.is(first - 1, ".") && !s.is(first - 1, ";") && !s.is(first - 1, ":")) {
            first--;
        }
        Range list = s.span(first, last);
        draft.ingredients.replaceAll(i -> i.amount().isEmpty()
                        && list.contains(i.range())
                        && i.food().kind().isProduce()
                ? i.withAmount(amount.amount())
                : i);
        return each + 1;
    }
}
