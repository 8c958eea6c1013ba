package oilcloth.check.source;

import java.util.Optional;
import java.util.OptionalInt;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.placing.Placement;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** The age of what the canner goes by. */
public final class Outdated implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "source.outdated",
            "A source from before the tested times changed",
            "Acid for tomatoes, processing of jams and many times changed up to 1994. Older books leave out steps that are now known to matter.",
            "Extension");

    /** The editions of 1994 have the times in use today. */
    private static final int CHANGED = 1994;

    private static final int YEAR_DIGITS = 4;

    private static final int LAST_OLD = 2008;

    private static final String BOOK =
            "(book|edition|pamphlet|cookbook|card|recipe|bulletin|clipping|magazine|newspaper|guide|leaflet|booklet|manual|dated|printed|from|since|circa|about|of|in)";
    /** "She won the spelling bee in 1951": a year of her life, not of the recipe. */
    private static final Cue LIFE = Cue.of(
            "\\b(won|born|married|wedding|retired|graduated|moved|spelling|present|gift|bought|built|died|planted|plant|opened|founded|joined|served|hired|met|arrived|settled|dug|homesteaded|canning since|canned since|canner since|tree|orchard|vine)\\b");

    private static final Cue SOURCE = Cue.of(
            "\\b(books?|edition|pamphlet|cookbook|cards?|recipes?|bulletin|clipping|magazine|newspaper|guide|leaflet|booklet|manual|printed|chart|directions)\\b");

    private static final Cue FIGURE = Cue.of("\\b18\\d\\d\\b|\\b19\\d\\d\\b|\\b200\\d\\b");
    private static final Cue YEAR = Cue.of(
            "\\b" + BOOK
                    + "\\b[^.;\\n]{0,24}?\\b(1[89]\\d\\d|200[0-8])\\b(?! ?(ft|feet|'|m\\b|metres|meters|g\\b|ml))"
                    + "|\\b(1[89]\\d\\d|200[0-8])(?= (edition|printing|version|copy|book|booklet|pamphlet|bulletin|leaflet|recipe)\\b)");
    private static final Cue OLD = Cue.of(
            "\\b(nineteen[- ](ten|twenty|thirty|forty|fifty|sixty|seventy|eighty)[- ]?\\w*)\\b"
                    + "|\\b((19)?[1-8](0s|0's))\\b"
                    + "|\\b((in|from) the (twenties|thirties|forties|fifties|sixties|seventies|eighties))\\b"
                    + "|\\b(war ?time)\\b"
                    + "|\\b(depression[- ]era)\\b"
                    + "|(?<!\\bfor [a-z\\d-]{1,12} years (i|we) (used|followed|went by) (an|the|my|that) )\\b((very |really )?(old|antique|vintage|ancient) (cook ?book|canning book|recipe book|pamphlet|canning pamphlet|church cookbook|magazine|bulletin|extension bulletin|book))\\b(?! (said|says|had|has|called|used to|told|wants?|wanted) )");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public boolean looksLast() {
        return true;
    }

    @Override
    public void look(Subject s, Findings out) {
        OptionalInt year = OptionalInt.empty();
        Optional<Range> at = Optional.empty();
        Optional<Range> found = s.said().anywhere(FIGURE).flatMap(f -> s.said().anywhere(YEAR));
        while (found.isPresent()) {
            String words = found.get().of(s.recipe().text());
            int said = Integer.parseInt(words.substring(words.length() - YEAR_DIGITS));
            if (said <= LAST_OLD && !isOfALife(s, found.get()) && (year.isEmpty() || said < year.getAsInt())) {
                year = OptionalInt.of(said);
                at = found;
            }
            found = s.said().after(YEAR, found.get().end());
        }
        Optional<Range> old = s.said().anywhere(OLD).filter(r -> !isOfALife(s, r));
        if (at.isEmpty() && old.isEmpty()) {
            return;
        }
        boolean before = year.isEmpty() || year.getAsInt() < CHANGED;
        // an old recipe whose content matches a tested one is only worth a word
        boolean matches = s.placement().isPlaced()
                && s.placement().certainty() == Placement.Certainty.HIGH
                && out.found().stream().noneMatch(f -> f.severity().compareTo(Severity.CORRECT) >= 0);
        Finding.Builder finding = Finding.of(
                        INFO.code(),
                        before ? "old" : "older",
                        before && !matches ? Severity.CORRECT : Severity.CAUTION,
                        s.cite(INFO.source()))
                .at(at.or(() -> old).orElseThrow());
        if (year.isPresent()) {
            finding.figure("year", year.getAsInt());
        }
        out.add(finding.fix());
    }

    private static boolean isOfALife(Subject s, Range year) {
        return s.said().around(year, LIFE) && !s.said().around(year, SOURCE);
    }
}
