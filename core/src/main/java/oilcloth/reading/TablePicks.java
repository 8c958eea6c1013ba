package oilcloth.reading;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import oilcloth.measure.Minutes;
import oilcloth.measure.Pressure;
import oilcloth.reading.AltitudePart.Kind;
import oilcloth.recipe.Fact;
import oilcloth.recipe.ProcessTime;
import oilcloth.text.Range;
import oilcloth.text.Token;
import oilcloth.text.Tokens;

/** Which figure of a table by altitude was used, where the canner says so behind it. */
final class TablePicks {
    /** "I made 25", "filled 20": jars. */
    private static final Set<String> COUNTED =
            Set.of("made make makes filled sealed yielded yields ended total ate eat away".split(" "));

    /** Tokens. */
    private static final int REACH = 3;

    /** Before and behind a figure that was used; whatever else stands with it is asked about. */
    private static final Pattern NO_MORE = Pattern.compile(
            "(?:\\W|\\b(?:i|we|so|and|but|it|them|they|the|my|our|jars|at|to|for|with|is|was|that's|used?|gave|give|picked|chose|took|did|do|went|ran|run|set|kept|stuck|stopped|though|anyway|always|usually|just|only|mine|ours)\\b)*");

    /** "I went by the first line": a figure told by where it stands. */
    private static final Pattern BY_ITS_PLACE = Pattern.compile(
            "\\b(?:first|second|third|fourth|lowest|highest|top|bottom|shortest|longest|least|smallest|lower|middle|wrong|other|last|next|same|sea[- ]level) (?:line|row|one|column|figure|number|time|band|setting|pressure|entry|of (?:them|those|the))\\b|\\b(?:did|used?|took|picked|chose|went (?:by|with|for)|followed|kept to|stuck (?:to|with)|go by|going by) the (?:first|lowest|shortest|least|smallest|lower|top|bottom|sea[- ]level)\\b|\\b(?:pint|quart|dial|weighted)s?'? (?:column|row|line|table|side)\\b|\\b(?:didn't|did not|never|don't|do not|hadn't) (?:know|knew|hear|heard|think|thought|bother\\w*|adjust\\w*|notice\\w*|realiz\\w*)\\b");

    private static final Pattern ENDS = Pattern.compile("[.!?](?=\\s|$)|\\n\\n");

    private TablePicks() {}

    /** @param low the text, folded */
    static void read(String low, List<AltitudeTable> tables, Draft draft) {
        tables.stream().filter(t -> isNotDone(low, t)).forEach(t -> draft.doubt(t.first()));
        int behind = tables.get(tables.size() - 1).end();
        pick(low, behind, tables, draft);
        Matcher other = BY_ITS_PLACE.matcher(low).region(behind, low.length());
        while (other.find()) {
            draft.doubt(new Range(other.start(), other.end()));
        }
    }

    /** "I should have used: …", "is this right: …?", "next year I'll go by this. …" */
    private static boolean isNotDone(String low, AltitudeTable table) {
        int start =
                table.entries().stream().mapToInt(e -> e.range().start()).min().orElseThrow();
        int own = sentence(low, start);
        int before = sentence(low, Math.max(0, own - 1));
        Matcher ends = ENDS.matcher(low).region(table.end(), low.length());
        int end = ends.find() ? ends.end() : low.length();
        return NotDone.isSaidIn(low.substring(own, end)) || NotDone.isAnnouncedIn(low.substring(before, own));
    }

    /** Where a sentence begins that holds this place, or ends right before it. */
    private static int sentence(String low, int at) {
        Matcher m = ENDS.matcher(low).region(0, Math.max(0, at - 1));
        int start = 0;
        while (m.find()) {
            start = m.end();
        }
        return start;
    }

    /** A figure of a table, told again behind it without its measure: "so I gave them 35", "it wouldn't go past eleven". */
    private static void pick(String low, int behind, List<AltitudeTable> tables, Draft draft) {
        List<Token> tokens = Tokens.of(low, new Range(behind, low.length()));
        for (int i = 0; i < tokens.size(); i++) {
            Optional<Numbers.Figure> figure = Numbers.at(tokens, i);
            if (figure.isEmpty()) {
                continue;
            }
            int next = figure.get().next();
            Range said = tokens.get(i).range().to(tokens.get(next - 1).range());
            boolean alone = next >= tokens.size()
                    || !tokens.get(next).isWord() && !tokens.get(next).isNumber()
                    || BareFigure.NO_NOUN.contains(tokens.get(next).norm());
            boolean counted = IntStream.range(Math.max(0, i - REACH), i)
                    .anyMatch(k -> COUNTED.contains(tokens.get(k).norm()));
            double told = figure.get().low();
            List<AltitudeTable> holding = told != figure.get().high() || !alone || counted
                    ? List.of()
                    : tables.stream().filter(t -> t.holds(told)).toList();
            if (!holding.isEmpty()) {
                used((int) told, said, holding, draft);
                draft.unread.removeIf(u -> u.range().overlaps(said) && saysNoMore(low, u.range(), said));
            }
            i = next - 1;
        }
    }

    private static void used(int figure, Range said, List<AltitudeTable> holding, Draft draft) {
        if (draft.facts.ranges().stream().anyMatch(said::overlaps)) {
            return;
        }
        for (AltitudeTable table : holding) {
            if (table.kind() == Kind.TIME) {
                Minutes minutes = Minutes.of(figure);
                draft.facts.times().add(Fact.read(new ProcessTime(minutes, minutes, table.jar(draft)), said));
            } else {
                draft.facts.pressures().add(Fact.read(Pressure.ofPsi(figure), said));
            }
        }
    }

    private static boolean saysNoMore(String low, Range words, Range figure) {
        String rest = low.substring(words.start(), Math.max(figure.start(), words.start()))
                + low.substring(Math.min(figure.end(), words.end()), words.end());
        return NO_MORE.matcher(rest).matches();
    }
}
