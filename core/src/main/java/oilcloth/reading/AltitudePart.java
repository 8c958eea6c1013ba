package oilcloth.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.measure.Altitude;
import oilcloth.text.Range;

/** A band of altitude in a text, or a small figure that may be the minutes or pounds printed for one. */
record AltitudePart(Range range, Optional<Band> band, int figure, Kind kind) {
    /** Feet; {@code above} exclusive, {@code to} inclusive. */
    record Band(int above, int to, boolean isMetric) {
        private static final int LEAST_FEET = 1000;
        private static final int LEAST_METRES_IN_FEET = 900;

        /** Nothing else in a kitchen is told in such figures. */
        boolean isHigh() {
            int limit = to < Altitude.HIGHEST_FEET ? to : above;
            return limit >= (isMetric ? LEAST_METRES_IN_FEET : LEAST_FEET - 1);
        }
    }

    /** What a figure measures. */
    enum Kind {
        TIME("min"),
        PRESSURE("psi"),
        UNSAID("");

        final String unit;

        Kind(String unit) {
            this.unit = unit;
        }
    }

    private static final String NUMBER = "\\d{1,2}[,.]\\d{3}|\\d{3,5}";
    private static final String UNIT = "(?: ?(?:ft\\b\\.?|feet\\b|foot\\b|'|m\\b|met(?:er|re)s?\\b))?";
    private static final Pattern METRIC = Pattern.compile("\\d ?(?:m\\b|met)");

    private static final Pattern PART = Pattern.compile("(?<![\\d.,/+]|\\+ )(?:"
            + "(?<low>sea level|" + NUMBER + "|0|1)" + UNIT + " ?(?:-|–|—|to|thru|through|up to) ?(?<high>" + NUMBER
            + ")"
            + UNIT
            + "|between (?<between>" + NUMBER + ")" + UNIT + " and (?<and>" + NUMBER + ")" + UNIT
            + "|(?:above|over|higher than|more than|beyond|>) ?(?<above>" + NUMBER + ")" + UNIT
            + "|(?<from>" + NUMBER + ")" + UNIT + "(?: ?\\+| (?:and|or|&) (?:above|over|up|higher|more)\\b| up\\b)"
            + "|(?:at or below|below|under|up to|less than|to|<) ?(?<below>" + NUMBER + ")" + UNIT
            + "|(?<upto>" + NUMBER + ")" + UNIT + " (?:and|or|&) (?:below|under|less|lower|down)\\b"
            + "|(?<rest>\\b(?:above|over|beyond|higher)(?: (?:that|there|it))?\\b(?! ?\\w))"
            + "|(?<figure>\\d{1,3})(?![\\d,.]*\\d)(?: ?(?<kind>min(?:ute)?s?\\b\\.?|lbs?\\b\\.?|pounds?\\b|psi\\b|#))?"
            + ")");

    private static final Pattern BRACKETED = Pattern.compile("\\([^()\\n]*\\)");

    /** What is said in brackets beside a band or a figure, or for its own sake: "(that's us, 730)". */
    static List<Range> asides(String low, Pattern glue) {
        List<Range> asides = new ArrayList<>();
        Matcher bracketed = BRACKETED.matcher(low);
        while (bracketed.find()) {
            List<AltitudePart> inside = in(low, new Range(bracketed.start(), bracketed.end()));
            boolean ofTable = inside.stream().anyMatch(AltitudePart::isBand);
            int from = ofTable ? inside.get(inside.size() - 1).range().end() : bracketed.start();
            int to = ofTable ? bracketed.end() - 1 : bracketed.end();
            String words = PART.matcher(low.substring(from, to)).replaceAll("");
            if (!glue.matcher(words).matches()) {
                asides.add(new Range(from, to));
            }
        }
        return asides;
    }

    boolean isBand() {
        return band.isPresent();
    }

    /** Those of some words, in their order. @param low the text, folded */
    static List<AltitudePart> in(String low, Range words) {
        List<AltitudePart> parts = new ArrayList<>();
        Matcher m = PART.matcher(low).region(words.start(), words.end()).useTransparentBounds(true);
        int last = 0;
        while (m.find()) {
            Range range = new Range(m.start(), m.end());
            if (m.group("figure") != null) {
                String kind = m.group("kind");
                parts.add(new AltitudePart(
                        range,
                        Optional.empty(),
                        Integer.parseInt(m.group("figure")),
                        kind == null ? Kind.UNSAID : kind.startsWith("m") ? Kind.TIME : Kind.PRESSURE));
            } else if (m.group("rest") == null || last > 0) {
                Band band = m.group("rest") == null ? band(m) : new Band(last, Altitude.HIGHEST_FEET, false);
                last = band.to() < Altitude.HIGHEST_FEET ? band.to() : 0;
                parts.add(new AltitudePart(range, Optional.of(band), 0, Kind.UNSAID));
            }
        }
        return parts;
    }

    private static Band band(Matcher m) {
        boolean metric = METRIC.matcher(m.group()).find();
        // "1,001-3,000" and "3,001 and up" hold the first themselves
        int above = feet(m, metric, "low", "between", "from") - 1;
        int over = feet(m, metric, "above");
        int to = feet(m, metric, "high", "and", "below", "upto");
        return new Band(Math.max(Math.max(above, over), 0), to < 0 ? Altitude.HIGHEST_FEET : to, metric);
    }

    /** The figure of the first of these groups that matched; negative for none. */
    private static int feet(Matcher m, boolean metric, String... groups) {
        for (String group : groups) {
            String number = m.group(group);
            if (number != null) {
                int value = number.startsWith("sea") ? 0 : Integer.parseInt(number.replaceAll("[,.]", ""));
                int highest = metric ? Altitude.ofFeet(Altitude.HIGHEST_FEET).metres() : Altitude.HIGHEST_FEET;
                int sane = Math.min(value, highest - 1);
                return metric ? Altitude.ofMetres(sane).feet() : sane;
            }
        }
        return -1;
    }
}
