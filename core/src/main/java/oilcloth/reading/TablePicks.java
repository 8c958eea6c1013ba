package oilcloth.reading;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.measure.Minutes;
import oilcloth.measure.Pressure;
import oilcloth.reading.AltitudePart.Kind;
import oilcloth.recipe.Fact;
import oilcloth.recipe.ProcessTime;
import oilcloth.text.Range;

/** Which figure of a table by altitude was used, where the canner says so behind it. */
final class TablePicks {
    /** "So I gave them 35", "stuck with 11 anyway": a figure without its measure. */
    private static final Pattern PICKED = Pattern.compile(
            "\\b(?:use[ds]?|g[ai]ve|picked|chose|took|take|did|do|went|go|stop(?:ped)?|stuck|stick|kept|keep|held|ran|run|set|had|have|so|mine|ours|means?|meant|got|left|stayed|stay|pulled|just|only|at)(?: (?:it|them|the|my|our|jars|pints|quarts|with|at|to|for|is|was|only|just|that|means?|we|i|did|do|use[ds]?|go|went|out|off|on|up|down|about))* (\\d{1,3})(?= ?(?:[.,](?!\\d)|[;:!?)\\n]|$)| (?:"
                    + String.join("|", BareFigure.NO_NOUN) + ")\\b)");

    /** "I went by the first line": a figure told by where it stands. */
    private static final Pattern BY_ITS_PLACE = Pattern.compile(
            "\\b(?:first|second|third|fourth|lowest|highest|top|bottom|shortest|longest|least|smallest|lower|middle|wrong|other|last|next|same|sea[- ]level) (?:line|row|one|column|figure|number|time|band|setting|pressure|entry|of (?:them|those|the))\\b|\\b(?:did|used?|took|picked|chose|went (?:by|with|for)|followed|kept to|stuck (?:to|with)|go by|going by) the (?:first|lowest|shortest|least|smallest|lower|top|bottom|sea[- ]level)\\b|\\b(?:pint|quart|dial|weighted)s?'? (?:column|row|line|table|side)\\b");

    private static final Pattern NO_MORE =
            Pattern.compile("(?:\\W|\\b(?:i|we|so|and|but|it|they|though|anyway|always|usually)\\b)*");

    private TablePicks() {}

    /** @param low the text, folded */
    static void read(String low, List<AltitudeTable> tables, Draft draft) {
        int behind = tables.get(tables.size() - 1).end();
        pick(low, behind, tables, draft);
        Matcher other = BY_ITS_PLACE.matcher(low).region(behind, low.length());
        while (other.find()) {
            draft.doubt(new Range(other.start(), other.end()));
        }
    }

    /** A figure of a table, told again behind it without its measure, is what was done. */
    private static void pick(String low, int behind, List<AltitudeTable> tables, Draft draft) {
        Matcher m = PICKED.matcher(low).region(behind, low.length());
        while (m.find()) {
            int figure = Integer.parseInt(m.group(1));
            Range said = new Range(m.start(1), m.end(1));
            boolean read = draft.facts.ranges().stream().anyMatch(said::overlaps);
            List<AltitudeTable> holding =
                    tables.stream().filter(t -> t.holds(figure)).toList();
            for (AltitudeTable table : read ? List.<AltitudeTable>of() : holding) {
                if (table.kind() == Kind.TIME) {
                    Minutes minutes = Minutes.of(figure);
                    draft.facts.times().add(Fact.read(new ProcessTime(minutes, minutes, table.jar(draft)), said));
                } else {
                    draft.facts.pressures().add(Fact.read(Pressure.ofPsi(figure), said));
                }
            }
            if (!holding.isEmpty()) {
                draft.unread.removeIf(u -> u.range().overlaps(said) && saysNoMore(low, u.range(), m.start(), m.end()));
            }
        }
    }

    private static boolean saysNoMore(String low, Range words, int from, int to) {
        String rest = low.substring(words.start(), Math.max(from, words.start()))
                + low.substring(Math.min(to, words.end()), words.end());
        return NO_MORE.matcher(rest).matches();
    }
}
