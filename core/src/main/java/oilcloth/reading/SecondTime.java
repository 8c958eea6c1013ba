package oilcloth.reading;

import java.util.Optional;
import java.util.stream.IntStream;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** "Boil three hours.", "Seven pounds.": behind the canning a recipe names another time, or another pressure, and no more. */
final class SecondTime {
    /** Words; a longer sentence says what its time is for. */
    private static final int LONGEST = 9;

    /** Minutes; what takes less is no canning. */
    private static final int SHORTEST = 5;

    private static final Cue PROCESSES = Cue.of(
            "^(or |then |and |also |just |may be |can be |they |these )*(also )?(boil|simmer|bake|steam|cook|process|water[- ]?bath|oven|pressure|microwave|hold|keep|give|can)(ed|s)?\\b|\\b(hours?|minutes?) (does|do|will do|is plenty|is enough|if)\\b");

    /** What else takes time once the jars are done, or before they were. */
    private static final Cue FOR_SOMETHING_ELSE = Cue.of(
            "\\b(cool\\w*|stand\\w*|stood|rest\\w*|wait\\w*|serv\\w*|eat\\w*|ate|tast\\w*|open\\w*|heat\\w*|reheat\\w*|before|after|vent\\w*|steam\\w*|exhaust\\w*|come|comes|came|drop\\w*|return\\w*|soak\\w*|peel\\w*|shell\\w*|snap\\w*|prep\\w*|work\\w*|takes?|took|takes|drive|away|nap|sit|sat|slept|chill\\w*|drain\\w*|brew\\w*|ferment\\w*|ago|later|next|apart|old|syrup|brine|start\\w*|finish\\w*|supper|dinner|total|all told|evening|morning|night|off|every|first|empty|lids?|an hour to|keeps?|kept|dry|dried|store\\w*|freez\\w*|fridge|refrigerat\\w*)\\b|\\?");

    private static final Cue ONLY_POUNDS = Cue.of(
            "(only |just |about |at |use )*(five|six|seven|eight|nine|[5-9]) (pounds|lbs?|psi)( of pressure| pressure| is (enough|plenty)| will do| does it)?[.!]?");

    private SecondTime() {}

    /** What the sentence names besides the time, or the pressure, that was told. */
    static Optional<Range> of(Sentence s, Draft draft) {
        if (draft.facts.times().isEmpty()) {
            return Optional.empty();
        }
        if (!draft.facts.pressures().isEmpty() && s.isWholly(ONLY_POUNDS)) {
            return Optional.of(s.range());
        }
        boolean told = draft.facts.times().stream()
                .flatMap(t -> t.range().stream())
                .anyMatch(t -> t.start() >= s.range().start());
        if (told || s.size() > LONGEST || s.isItem() || !s.has(PROCESSES) || s.has(FOR_SOMETHING_ELSE)) {
            return Optional.empty();
        }
        return IntStream.range(0, s.size())
                        .mapToObj(i -> TimeSpan.at(s, i))
                        .flatMap(Optional::stream)
                        .anyMatch(d -> d.clock() && d.least() >= SHORTEST && !isTold(draft, d))
                ? Optional.of(s.range())
                : Optional.empty();
    }

    private static boolean isTold(Draft draft, TimeSpan d) {
        return draft.facts.times().stream()
                .anyMatch(t -> t.value().least().value() == d.least()
                        && t.value().most().value() == d.most());
    }
}
