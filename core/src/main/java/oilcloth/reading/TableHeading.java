package oilcloth.reading;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.guide.Gauge;
import oilcloth.reading.AltitudePart.Kind;
import oilcloth.text.Folded;
import oilcloth.text.Range;

/** What stands over a table of altitudes, or before it in its own line: whose figures its columns are, and what they measure. */
final class TableHeading {
    /** Between the figures of a row. */
    private static final Pattern SEPARATES = Pattern.compile("[ \\t|,;/·–—-]*");

    private static final Pattern JAR = Pattern.compile("\\b(half[- ]pints?|pints?|quarts?|pts?|qts?)\\b");
    private static final Pattern GAUGE = Pattern.compile("\\b(dial|weighted)\\b");
    private static final Pattern OF_TIME = Pattern.compile("\\b(min|mins|minutes|times?)\\b");
    private static final Pattern OF_PRESSURE = Pattern.compile("\\b(psi|lbs?|pounds|pressure)\\b");
    private static final Pattern OF_PRESSURE_CANNING = Pattern.compile("\\b(psi|pressure|gauge|dial|weighted)\\b");

    /** The names over the columns of a table, and nothing else. */
    private static final Pattern HEAD = Pattern.compile(
            "(?:[\\s:;,./()=|*•–—-]|\\b(?:altitude|elevation|ft|feet|in|of|jars?|size|style|pack|canner|process|processing|times?|minutes|min|mins|pressure|gauge|psi|lbs?|pounds|dial|weighted|pints?|quarts?|half|at|by|and)\\b)+");

    /** "Dial gauge, pounds:", "… as follows:" */
    private static final Pattern MEASURE = Pattern.compile(
            "(?<![\\d ])[,(]? ?\\b(?:(?:in |as )?(pounds|lbs?|psi|minutes|mins?)(?: pressure)?|as follows|as below)\\)?[\\s:|]*$");

    private static final Pattern LAST_SENTENCE = Pattern.compile("(?<=^|[.!?] )[^.!?]+$");

    /** Characters that what a line above a table says last may have. */
    private static final int HEADING = 80;

    private final String low;
    /** Where the gauges stand that a table is for. */
    private final List<Range> gauges = new ArrayList<>();

    TableHeading(String low) {
        this.low = low;
    }

    /** Where the gauges stand that a table was found to be for. */
    List<Range> gauges() {
        return gauges;
    }

    static boolean namesJar(String label) {
        return JAR.matcher(label).matches();
    }

    /** Whether nothing but the names of columns is there. */
    static boolean namesColumns(String words) {
        return HEAD.matcher(words).matches();
    }

    /** Whether nothing but a sign or a blank stands between two places of a row. */
    static boolean separates(String low, int end, int start) {
        return SEPARATES.matcher(low).region(end, start).matches();
    }

    /** Whether what is said last before a table has it that the jars are processed. */
    boolean saysProcess(int at) {
        Matcher last = LAST_SENTENCE.matcher(
                new Range(lineAbove(at).start(), at).of(low).strip());
        return last.find() && last.group().contains("process");
    }

    /** The names over the columns: jars, or gauges; none where there are not as many. */
    List<String> labels(int from, int columns) {
        Range line = lineAbove(from);
        for (Pattern names : List.of(JAR, GAUGE)) {
            Map<String, Range> found = new LinkedHashMap<>();
            Matcher m = names.matcher(low).region(line.start(), line.end());
            while (m.find()) {
                found.put(m.group(), new Range(m.start(), m.end()));
            }
            if (found.size() == columns) {
                gauges.addAll(names == GAUGE ? found.values() : List.of());
                return List.copyOf(found.keySet());
            }
        }
        return List.of();
    }

    /** The line above, or what stands before a place in its own. */
    private Range lineAbove(int at) {
        int end = at;
        int start = low.lastIndexOf('\n', end - 1) + 1;
        while (start > 0 && separates(low, start, end)) {
            end = start - 1;
            start = low.lastIndexOf('\n', end - 1) + 1;
        }
        return new Range(start, end);
    }

    /** The one measure told in a column. */
    static Kind said(List<AltitudePart> column) {
        List<Kind> said = column.stream()
                .map(AltitudePart::kind)
                .filter(k -> k != Kind.UNSAID)
                .distinct()
                .toList();
        return said.size() == 1 ? said.get(0) : Kind.UNSAID;
    }

    /** By its measure, or by what the lines above and below speak of. */
    Kind kind(String label, List<AltitudePart> column, Range all) {
        if (GAUGE.matcher(label).matches()) {
            return Kind.PRESSURE;
        }
        if (column.stream().anyMatch(p -> p.kind() != Kind.UNSAID)) {
            return said(column);
        }
        Range above = lineAbove(all.start());
        Matcher measure = MEASURE.matcher(low).region(above.start(), all.start());
        if (measure.find() && measure.group(1) != null) {
            return measure.group(1).startsWith("m") ? Kind.TIME : Kind.PRESSURE;
        }
        int end = low.indexOf('\n', all.end());
        int below = end < 0 ? end : low.indexOf('\n', end + 1);
        String about = new Range(above.start(), below < 0 ? low.length() : below).of(low);
        boolean time = OF_TIME.matcher(about).find();
        boolean pressure = OF_PRESSURE.matcher(about).find();
        if (!time && !pressure) {
            return OF_PRESSURE_CANNING.matcher(low).find() ? Kind.UNSAID : Kind.TIME;
        }
        return time == pressure ? Kind.UNSAID : time ? Kind.TIME : Kind.PRESSURE;
    }

    /** The gauge named last before the figures, in their line or in the one above. */
    Optional<Gauge> gauge(String label, int at) {
        Range before = lineAbove(at);
        if (!label.isEmpty()) {
            return Optional.of(gauge(label));
        }
        Optional<Gauge> gauge = Optional.empty();
        Matcher m = GAUGE.matcher(low).region(before.start(), at);
        while (m.find()) {
            gauge = Optional.of(gauge(m.group()));
            gauges.add(new Range(m.start(), m.end()));
        }
        return gauge;
    }

    private static Gauge gauge(String name) {
        return name.equals("dial") ? Gauge.DIAL : Gauge.WEIGHTED;
    }

    /** "Boiling-water canner, quarts:" stands in the line above, or above the names of the columns: what parts it from them. */
    List<Range> joints(int at, CharSequence told) {
        Range above = lineAbove(at);
        if (low.lastIndexOf('\n', at - 1) < above.start()) {
            return List.of(new Range(endOfHeading(above), at));
        }
        List<Range> joints = new ArrayList<>();
        String left = Folded.of(told.toString(), above);
        if (HEAD.matcher(left).matches()
                && !JAR.matcher(left).find()
                && !GAUGE.matcher(left).find()) {
            joints.add(above);
            above = lineAbove(above.start());
        }
        String words = above.of(low).strip();
        Matcher sentence = LAST_SENTENCE.matcher(words);
        if (sentence.find() && sentence.end() - sentence.start() <= HEADING) {
            joints.add(new Range(endOfHeading(above), at));
        }
        return joints;
    }

    /** Before the measure that every figure of the table is read with. */
    private int endOfHeading(Range heading) {
        Matcher measure = MEASURE.matcher(low).region(heading.start(), heading.end());
        return measure.find() ? measure.start() : heading.end();
    }
}
