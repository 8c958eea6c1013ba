package oilcloth.reading;

import java.util.regex.Matcher;
import oilcloth.text.Cue;

/**
 * What is told as wished, meant, advised, doubted, asked, or done at another time or by another, and so perhaps not done here:
 * "last year we vented ten minutes", "my sister puts two tablespoons in each", "I wish we had processed them 25 minutes",
 * "they tell you to soak them". Where a recipe rests on it, it is asked about. The words are those of {@code supposed.txt}.
 */
final class Supposed {
    private static final PatternFile PATTERNS = PatternFile.load("supposed.txt");
    private static final Cue OPEN = PATTERNS.any("open");
    private static final Cue ELSEWHERE = PATTERNS.any("elsewhere");
    private static final Cue HERE_AS_WELL = PATTERNS.any("here");

    /** "To vent it". */
    private static final Cue TO_DO = PATTERNS.any("todo");

    /** Behind these it is done, or will be: "be sure to", "the sheet says to", "I need to". */
    private static final Cue IS_DONE = Cue.of(
            "\\b(be sure|make sure|made sure|sure|remember(ed)?|don't forget|do not forget|never forget|careful"
                    + "|((recipe|sheet|guide|book|booklet|card|directions|instructions|leaflet|bulletin|chart|table|handout|office|pamphlet|usda|label|box|package|it|you)s? )(says?|said|calls?|called|tells?|told|wants?)( (me|us|you))?"
                    + "|(?<!\\b(never|not|n't|don't|didn't|know (i|we)) )(have|has|had|having|got|need|needs|needed)|like|likes|love|prefer|prefers|preferred|ready|time|long|start|started|starts|begin|began|continue|continued|went on|go on|decided|chose|learned|managed|made|(?<!\\b(was|were) )going|(?<!(would|'d|don't|not|never) )want|plan|planning|enough|in order|seem|seems|used (a|the|my) \\w+|use it|then|and|or|but|water|jars?|canner|pressure|minutes|heat|aside|beforehand|first|ahead|[,.;:(]) $");

    private Supposed() {}

    /**
     * @param before what a recipe could rest on before the sentence
     * @param begun whether it is told of a recipe known before; a letter may open with last year's jars
     */
    static void read(Sentence s, Draft draft, Support before, boolean begun) {
        boolean told = Support.of(draft).isMoreThan(before)
                && (s.findAny(OPEN).isPresent() || isElsewhere(s, begun) && !s.has(HERE_AS_WELL));
        // "She'd have boiled them three hours, God rest her", once the canning has been told
        boolean idle = Hearsay.isAnothers(s) && !draft.facts.times().isEmpty();
        if (told && !idle) {
            draft.doubt(s.range());
        }
    }

    private static boolean isElsewhere(Sentence s, boolean begun) {
        boolean within = s.findAny(ELSEWHERE)
                .filter(r -> begun || r.start() > s.range().start())
                .isPresent();
        return within || isMeant(s, begun) || begun && OtherJars.isOfAnotherTime(s);
    }

    /** "They tell you to vent it", "too tired to soak them"; not "be sure to vent it". */
    private static boolean isMeant(Sentence s, boolean begun) {
        Matcher m = TO_DO.matcher(s.low());
        while (m.find()) {
            String before = s.low().substring(0, m.start());
            if (m.start() > 0 && (begun || before.contains(",")) && !IS_DONE.in(before)) {
                return true;
            }
        }
        return false;
    }
}
