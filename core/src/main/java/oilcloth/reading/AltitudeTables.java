package oilcloth.reading;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import oilcloth.reading.AltitudePart.Band;
import oilcloth.reading.AltitudePart.Kind;
import oilcloth.recipe.ByAltitude;
import oilcloth.text.Folded;
import oilcloth.text.Range;

/**
 * Times and pressures printed for several altitudes, as on the card the canner copies from: "0-1,000 ft 20 min, 1,001-3,000
 * ft 25 min", one band a line, one column for each jar, or the bands over the columns of a table. The text is read with the
 * figure for the lowest band alone in the place of the table; the others are told by {@link ByAltitude}.
 */
final class AltitudeTables {
    private static final Pattern HEIGHT = Pattern.compile("\\d[,.]?\\d{3}(?!\\d)|\\d{3} ?m\\b");

    /** What stands between a band and its figure, and between one band and the next. */
    private static final Pattern GLUE = Pattern.compile(
            "(?:[\\s:;,./()=|@*•–—-]|\\b(?:at|for|is|are|ft|feet|foot|altitudes?|elevations?|elev|alt|levels?|process|processing|times?|minutes|min|mins|use|pressure|in|of|if|you|you're|your|are|between|from|it's|needs?|the|takes?|and|then|lbs?|pounds|psi|or|an?|places?|when|boil|live|living|gets?|goes|becomes)\\b)*");

    /** "25 minutes in a boiling-water canner at 0-1,000 ft". */
    private static final Pattern CANNER = Pattern.compile(
            "(?<=\\bmin(?:ute)?s? )in (?:a|an|the|your) (?:boiling[- ]water|water[- ]bath|steam|pressure)(?: bath)?(?: canner)?\\b");

    /** Characters between a band and its figure. */
    private static final int NEAR = 48;

    private static final int LINES = 2;

    /** Lines of a table below its bands. */
    private static final int ROWS = 6;

    /** Characters that "process 100 min" takes. */
    private static final int ROOM = 15;

    private static final int HIGHEST_PSI = 30;

    private final String low;
    /** The same without what stands in brackets for its own sake. */
    private final String plain;

    private final StringBuilder told;
    private final List<Range> asides;
    private final List<AltitudeTable> tables = new ArrayList<>();
    private final TableHeading heading;

    private AltitudeTables(String text, String low, List<Range> asides) {
        this.low = low;
        this.heading = new TableHeading(low);
        this.told = new StringBuilder(text);
        StringBuilder without = new StringBuilder(low);
        asides.forEach(a -> without.replace(a.start(), a.end(), " ".repeat(a.end() - a.start())));
        this.plain = without.toString();
        this.asides = asides;
    }

    /** The tables of a text; none in most of them. */
    static AltitudeTables in(String text) {
        String low = Folded.of(text, new Range(0, text.length()));
        if (HEIGHT.matcher(low).results().limit(2).count() < 2) {
            return new AltitudeTables(text, low, List.of());
        }
        AltitudeTables found = new AltitudeTables(text, low, asides(low));
        found.find();
        return found;
    }

    /** What stands within a table and is read like anything else. */
    private static List<Range> asides(String low) {
        List<Range> asides = new ArrayList<>(AltitudePart.asides(low, GLUE));
        CANNER.matcher(low).results().forEach(c -> asides.add(new Range(c.start(), c.end())));
        return asides;
    }

    /** The text to read, every letter else where it was. */
    String text() {
        return told.toString();
    }

    /** Sets what is told for the other altitudes beside what was read. */
    void settle(Draft draft) {
        tables.forEach(t -> t.settle(draft));
        if (!tables.isEmpty()) {
            TablePicks.read(low, tables, draft);
        }
    }

    private void find() {
        List<AltitudePart> run = new ArrayList<>();
        for (AltitudePart part : AltitudePart.in(plain, new Range(0, plain.length()))) {
            if (!run.isEmpty()
                    && !goesOn(
                            run.get(run.size() - 1).range().end(), part.range().start())) {
                close(run);
                run.clear();
            }
            run.add(part);
        }
        close(run);
        if (tables.stream()
                        .map(AltitudeTable::gauge)
                        .flatMap(Optional::stream)
                        .distinct()
                        .count()
                > 1) {
            // neither is said to be the canner's own
            heading.gauges().forEach(this::blank);
        }
    }

    private boolean goesOn(int end, int start) {
        return plain.substring(end, start).replaceAll(" +", " ").length() <= NEAR
                && GLUE.matcher(plain).region(end, start).matches()
                && low.substring(end, start).chars().filter(c -> c == '\n').count() <= LINES;
    }

    private void close(List<AltitudePart> run) {
        int bands = (int) run.stream().filter(AltitudePart::isBand).count();
        if (bands < 2 || run.stream().flatMap(p -> p.band().stream()).noneMatch(Band::isHigh) || isAmbiguous(run)) {
            return;
        }
        List<AltitudePart> parts = run.subList(ofNoBand(run), run.size());
        int leading = leadingBands(parts);
        if (leading == 0) {
            pairs(parts, 1, false);
        } else if (leading >= 2) {
            columns(parts.subList(0, leading));
        } else {
            pairs(parts, (parts.size() - bands) / bands, true);
        }
    }

    /** "15 min 0-1,000 ft, 20 min 1,001-3,000 ft, 25 min": each figure may be of the band before it or behind it. */
    private static boolean isAmbiguous(List<AltitudePart> run) {
        AltitudePart first = run.get(0);
        return !first.isBand()
                && !run.get(run.size() - 1).isBand()
                && run.get(1).isBand()
                && run.stream()
                                .filter(p -> !p.isBand())
                                .map(AltitudePart::kind)
                                .distinct()
                                .count()
                        == 1;
    }

    /** How many figures stand before a table: "Process 25 min: 0-1,000 ft 10 lb, above 1,000 ft 15 lb". */
    private static int ofNoBand(List<AltitudePart> run) {
        int n = 0;
        boolean endsInBand = run.get(run.size() - 1).isBand();
        while (!run.get(n).isBand() && (!endsInBand || !run.get(n + 1).isBand())) {
            n++;
        }
        return n;
    }

    private static int leadingBands(List<AltitudePart> parts) {
        int n = 0;
        while (n < parts.size() && parts.get(n).isBand()) {
            n++;
        }
        return n;
    }

    /**
     * Each band beside its figures.
     *
     * @param each figures of a band
     * @param bandFirst whether the band stands before them
     */
    private void pairs(List<AltitudePart> parts, int each, boolean bandFirst) {
        int size = each + 1;
        if (each < 1 || parts.size() % size != 0) {
            return;
        }
        List<List<AltitudePart>> columns = new ArrayList<>();
        for (int c = 0; c < each; c++) {
            columns.add(new ArrayList<>());
        }
        List<Band> bands = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            int place = i % size;
            boolean isBand = place == (bandFirst ? 0 : each);
            if (parts.get(i).isBand() != isBand) {
                return;
            }
            if (isBand) {
                bands.add(parts.get(i).band().orElseThrow());
            } else {
                columns.get(bandFirst ? place - 1 : place).add(parts.get(i));
            }
        }
        Range all = parts.get(0).range().to(parts.get(parts.size() - 1).range());
        boolean unlike = columns.stream().map(TableHeading::said).distinct().count() == each
                && columns.stream().map(TableHeading::said).allMatch(k -> k != Kind.UNSAID);
        List<String> labels = each == 1 || unlike ? Collections.nCopies(each, "") : heading.labels(all.start(), each);
        if (labels.size() == each) {
            write(all, bands, columns, labels);
        }
    }

    /** The bands over the columns, one row below them for each jar or gauge. */
    private void columns(List<AltitudePart> heads) {
        List<Band> bands = heads.stream().map(h -> h.band().orElseThrow()).toList();
        int before = tables.size();
        Range head = heads.get(0).range().to(heads.get(heads.size() - 1).range());
        int from = head.end();
        for (int n = 0; n < ROWS && from < low.length(); n++) {
            int end = low.indexOf('\n', from);
            Range line = new Range(from, end < 0 ? low.length() : end);
            List<AltitudePart> row = row(line, bands.size());
            if (!row.isEmpty()) {
                write(row.get(0).range().to(row.get(row.size() - 1).range()), bands, List.of(row), List.of(""));
            } else if (tables.size() > before && !line.of(low).isBlank()) {
                break;
            }
            from = line.end() + 1;
        }
        if (tables.size() > before) {
            int start = low.lastIndexOf('\n', head.start()) + 1;
            boolean named = TableHeading.namesColumns(low.substring(start, head.start()));
            blank(named ? new Range(start, head.end()) : head);
        }
    }

    /** The last so many figures of a line, one behind the other; empty where they are fewer or no row. */
    private List<AltitudePart> row(Range line, int count) {
        List<AltitudePart> row = new ArrayList<>();
        for (AltitudePart part : AltitudePart.in(low, line)) {
            if (part.isBand()) {
                return List.of();
            }
            if (!row.isEmpty()
                    && !TableHeading.separates(
                            low,
                            row.get(row.size() - 1).range().end(),
                            part.range().start())) {
                row.clear();
            }
            row.add(part);
        }
        int more = row.size() - count;
        // "25 min 11 12 13 14", and not "20 25 30 35 1": there nobody knows which of them have a band
        boolean clear = more == 0
                || more > 0 && row.get(more - 1).kind() != row.get(more).kind();
        return clear
                        && TableHeading.separates(
                                low, row.get(row.size() - 1).range().end(), line.end())
                ? row.subList(more, row.size())
                : List.of();
    }

    /** Sets the figure of the lowest band of each column in the place of them all. */
    private void write(Range all, List<Band> bands, List<List<AltitudePart>> columns, List<String> labels) {
        List<AltitudeTable> written = new ArrayList<>();
        Range room = new Range(all.start(), all.start() + ROOM);
        boolean hasRoom = all.contains(room)
                && labels.equals(List.of(""))
                && asides.stream().noneMatch(room::overlaps);
        boolean isNamed = heading.saysProcess(all.start());
        StringBuilder words = new StringBuilder();
        for (int c = 0; c < columns.size(); c++) {
            List<AltitudePart> column = columns.get(c);
            String label = labels.get(c);
            Kind kind = heading.kind(label, column, all);
            boolean fits = kind == Kind.TIME || column.stream().allMatch(p -> p.figure() <= HIGHEST_PSI);
            if (kind == Kind.UNSAID || !fits) {
                return;
            }
            List<ByAltitude.Entry> entries = entries(bands, column);
            words.append(words.length() > 0 ? ", " : "");
            words.append(TableHeading.namesJar(label) ? label + " " : "");
            words.append(hasRoom && !isNamed && kind == Kind.TIME ? "process " : "");
            int start = words.length();
            words.append((int) entries.get(0).figure()).append(' ').append(kind.unit);
            written.add(new AltitudeTable(
                    kind,
                    entries,
                    kind == Kind.PRESSURE ? heading.gauge(label, all.start()) : Optional.empty(),
                    new Range(start, words.length()).shift(all.start())));
        }
        Range place = new Range(all.start(), all.start() + words.length());
        if (all.contains(place) && asides.stream().noneMatch(place::overlaps)) {
            blank(all);
            withoutBars(all);
            told.replace(place.start(), place.end(), words.toString());
            tables.addAll(written);
            heading.joints(all.start(), told).forEach(this::blank);
        }
    }

    private static List<ByAltitude.Entry> entries(List<Band> bands, List<AltitudePart> column) {
        List<ByAltitude.Entry> entries = new ArrayList<>();
        for (int i = 0; i < bands.size(); i++) {
            AltitudePart part = column.get(i);
            entries.add(new ByAltitude.Entry(bands.get(i).above(), bands.get(i).to(), part.figure(), part.range()));
        }
        entries.sort(Comparator.comparingInt(ByAltitude.Entry::above));
        return entries;
    }

    /** "| Pints | 75 min | 10 psi |" is told in a row. */
    private void withoutBars(Range rows) {
        int end = low.indexOf('\n', rows.end());
        for (int i = low.lastIndexOf('\n', rows.start()) + 1; i < (end < 0 ? low.length() : end); i++) {
            if (told.charAt(i) == '|') {
                told.setCharAt(i, ' ');
            }
        }
    }

    private void blank(Range range) {
        for (int i = range.start(); i < range.end(); i++) {
            if (low.charAt(i) == plain.charAt(i)) {
                told.setCharAt(i, ' ');
            }
        }
    }
}
