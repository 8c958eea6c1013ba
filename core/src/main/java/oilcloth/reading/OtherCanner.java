package oilcloth.reading;

import java.util.Optional;
import oilcloth.recipe.CanningMethod;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** Behind the canning that was told, another canner, or a boil that was none. */
final class OtherCanner {
    private static final Cue NOT_DONE = Cue.of(
            "\\b(never|not|no longer|n't|used to|would|safe|wrong|book|mother|grandma|neighbou?r) ?\\b.*\\?|\\b(never|not|no longer|\\w+n't|used to) \\b");

    /** "My mother-in-law says you need three hours in the water bath". */
    private static final Cue SAID_TO_BE_NEEDED = Cue.of(
            "\\b(says?|said|insists?|thinks?|swears?|claims?)( that)? (you|i|we|it|they) (need|needs|have to|must|should|ought to)\\b(?!.*\\b(so|and) (i|we)\\b)");

    /** "It was a gentle boil, is that fine?". */
    private static final Cue SLOW_BOIL = Cue.of(
            "\\b(low|gentle|slow|soft|lazy|light|weak|bare|quiet) (rolling )?boil\\b|\\bboil(ed|s|ing)?( (it|them))? (slow|slowly|gently|soft|softly|low|lazily)\\b");

    private static final Cue OF_THE_FOOD = Cue.of(
            "\\b(syrup|brine|jam|jelly|sauce|pulp|mash|ketchup|relish|chutney|salsa|butter|juice|berries|fruit|pears|peaches|apples|tomatoes|cubes|slices|pieces|beets|onions|drain\\w*|stir\\w*|till (soft|tender|thick)|until (soft|tender|thick))\\b");

    /** Behind the time, where it is the canner that boils. */
    static Optional<Range> slowBoil(Sentence s, Draft draft) {
        boolean bath =
                !draft.facts.methods().isEmpty() && draft.facts.methods().get(0).value() == CanningMethod.BOILING_WATER;
        return bath && !draft.facts.times().isEmpty() && !s.has(OF_THE_FOOD) && !s.has(NOT_DONE)
                ? s.find(SLOW_BOIL)
                : Optional.empty();
    }

    private static final Cue NO_PRESSURE_CANNER = Cue.of(
            "(?<!\\b(mother|mom|grandma|she|they|neighbou?r|sister) )\\b(don'?t|do not|didn'?t|did not|never) (even |ever )?(have|own|had|owned|trust|use|used|like) (a |the |my |any )?pressure( (canner|cooker|canning))?\\b(?! (multi|sauce|pan))");

    /** "I do them in a boiling bath like grandma", where the recipe has been canned under pressure so far. */
    static Optional<Range> told(Sentence s, Draft draft) {
        boolean pressure = !draft.facts.pressures().isEmpty()
                || draft.facts.gauge().isPresent()
                || !draft.facts.methods().isEmpty()
                        && draft.facts.methods().get(0).value() == CanningMethod.PRESSURE;
        if (pressure && s.has(NO_PRESSURE_CANNER)) {
            return s.findAny(NO_PRESSURE_CANNER);
        }
        if (!pressure
                || draft.facts.times().isEmpty()
                || !s.has(Deviations.TELLS) && !tellsTheTime(s, draft)
                || s.has(NOT_DONE)
                || s.has(SAID_TO_BE_NEEDED)) {
            return Optional.empty();
        }
        return draft.facts.methods().stream()
                .filter(m -> m.value() == CanningMethod.BOILING_WATER)
                .flatMap(m -> m.range().stream())
                .filter(s.range()::contains)
                .findFirst();
    }

    private static boolean tellsTheTime(Sentence s, Draft draft) {
        return draft.facts.times().stream().flatMap(t -> t.range().stream()).anyMatch(s.range()::contains);
    }

    private OtherCanner() {}
}
