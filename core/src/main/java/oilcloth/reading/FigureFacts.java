package oilcloth.reading;

import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import oilcloth.measure.Pressure;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Fact;
import oilcloth.text.Cue;
import oilcloth.text.Token;

/** Facts that are figures: lengths, pressure, altitude, percentages, temperatures, years, numbering. */
final class FigureFacts {
    private static final Set<String> DEGREE =
            Set.of("°", "º", "degrees", "degree", "deg", "f", "fahrenheit", "celsius", "℉", "℃");

    /** "Number of jars: 8", a field of a form. */
    private static final Cue NUMBER_OF_JARS = Cue.of("\\b(number|no|count) of (jars|pints|quarts)( :| =| -)? $");

    private static final Cue FELL = Cue.of("\\b(fell|dropped|drops|went down|sank|dipped|down)( back)? to (about )?$");

    /** "0 psi the whole time". */
    private static final Cue ALL_ALONG = Cue.of("^(the (whole|entire|full)|all|for|during|throughout|while)\\b");

    /** "I'm Juniper, 16". */
    private static final Cue AGE = Cue.of(
            "\\b(i'm|i am|he's|she's|he is|she is|(helper|daughter|son|girl|boy|niece|nephew|kid|youngest|oldest|grand\\w+) (is|was|just turned)|aged?|turned|turning|turns) (\\w+ , )?$");

    void read(Sentence s, Draft draft) {
        numbering(s);
        PressureSwing.read(s, draft);
        Altitudes.seaLevel(s, draft);
        OwnBand.read(s, draft);
        HeadspaceFigures.bare(s, draft);
        for (int i = 0; i < s.size(); i++) {
            if (s.isClaimed(i)) {
                continue;
            }
            int phone = Telephone.end(s, i);
            if (phone > i) {
                s.claim(i, phone);
                continue;
            }
            Optional<Numbers.Figure> figure = Numbers.at(s.tokens(), i);
            if (figure.isEmpty()) {
                continue;
            }
            int next = reach(s, draft, i, figure.get());
            if (next > i) {
                s.claim(i, next);
                i = next - 1;
            }
        }
    }

    /** "The weighted kind, 5-10-15": which weights there are, not which was used. */
    private static final Cue WEIGHT_SET = Cue.of(
            "\\b5 ?[-/,] ?10 ?([-/,]|and|or|, and|, or) ?15\\b"
                    + "|(?<=\\b(weighted|weighted (gauge|kind|type|one)|weights)[,:]? ?\\(?|\\bcanner[^.;]{0,20}\\()\\b10 ?([-/&]|and|or) ?15( ?(lbs?|pounds?|#|psi))?\\b(?! ?min)");

    private static final Cue MONTH = Cue.of(
            "^(jan(uary)?|feb(ruary)?|mar(ch)?|apr(il)?|may|june?|july?|aug(ust)?|sept?(ember)?|oct(ober)?|nov(ember)?|dec(ember)?)$");

    private static final Pattern NUMBERED = Pattern.compile("\\(1\\)(?s:.*)\\(2\\)");

    /** "1." or "2)" at the start of a line, "Step 3". */
    private static void numbering(Sentence s) {
        s.findAny(WEIGHT_SET).ifPresent(set -> {
            for (int i = 0; i < s.size(); i++) {
                if (set.contains(s.token(i).range())) {
                    s.claim(i, i + 1);
                }
            }
        });
        if (s.size() > 1
                && s.token(0).isNumber()
                && (s.is(1, ".") || s.is(1, ")"))
                && s.token(0).raw().length() <= 2) {
            s.claim(0, 2);
        }
        for (int i = 0; i + 4 < s.size(); i++) {
            if (isSum(s, i)) {
                s.claim(i, i + 4);
            }
        }
        boolean counted = s.wholeHas(NUMBERED);
        for (int i = 0; counted && i + 2 < s.size(); i++) {
            // "Questions: (1) do they need salt? (2) …"
            boolean opens = i == 0 || s.is(i - 1, ":") || s.is(i - 1, ";");
            if (opens && s.is(i, "(") && s.token(i + 1).raw().matches("\\d") && s.is(i + 2, ")")) {
                s.claim(i + 1, i + 2);
            }
        }
        for (int i = 0; i + 1 < s.size(); i++) {
            if (s.token(i + 1).isNumber() && s.isBefore(i + 1, 4, NUMBER_OF_JARS)) {
                s.claim(i + 1, i + 2);
            }
            // "October 3"
            if (s.token(i + 1).isNumber()
                    && MONTH.is(s.token(i).norm())
                    && Character.isUpperCase(s.token(i).raw().charAt(0))
                    && (i + 2 >= s.size()
                            || !s.token(i + 2).isWord()
                            || s.token(i + 2).norm().endsWith("ed")
                            || s.is(i + 2, "done"))) {
                s.claim(i + 1, i + 2);
            }
            if (s.token(i).isNumber() && Vessel.isFirstOfTwo(s, i)) {
                s.claim(i, i + 1);
            }
            // "canner #2"
            if (s.is(i, "#")
                    && i > 0
                    && s.token(i - 1).isWord()
                    && s.token(i + 1).isNumber()) {
                s.claim(i, i + 2);
            }
            if ((s.is(i, "step")
                            || s.is(i, "guide")
                            || s.is(i, "page")
                            || s.is(i, "day")
                            || s.is(i, "batch")
                            || s.is(i, "load")
                            || s.is(i, "no"))
                    && (s.token(i + 1).isNumber()
                            || (s.is(i, "day") || s.is(i, "step") || s.is(i, "load") || s.is(i, "batch"))
                                    && Numbers.at(s.tokens(), i + 1).isPresent())) {
                // "load four of six"
                boolean ofSoMany = s.is(i + 2, "of")
                        && Numbers.at(s.tokens(), i + 3).isPresent()
                        && (i + 4 >= s.size() || !s.token(i + 4).isWord());
                s.claim(i, ofSoMany ? i + 4 : i + 2);
            }
        }
    }

    /** "30 + 10 = 40 minutes": what it comes to is told, how is not. */
    private static boolean isSum(Sentence s, int i) {
        boolean written = s.token(i).isNumber()
                && s.is(i + 1, "+")
                && s.token(i + 2).isNumber()
                && s.is(i + 3, "=")
                && s.token(i + 4).isNumber();
        return written && figure(s, i) + figure(s, i + 2) == figure(s, i + 4);
    }

    private static double figure(Sentence s, int i) {
        return Numbers.at(s.tokens(), i).map(Numbers.Figure::low).orElse(Double.NaN);
    }

    /** The token after what the figure at {@code i} was read as, or {@code i} when it is none of these. */
    private int reach(Sentence s, Draft draft, int i, Numbers.Figure f) {
        int n = f.next();
        int unit = s.is(n, "-") ? n + 1 : n;
        if (unit >= s.size()) {
            if (PressurePounds.isWeight(s, i)) {
                draft.facts.pressures().add(Fact.read(Pressure.ofPsi(f.low()), s.span(i, n)));
                return n;
            }
            int bare = Altitudes.bare(s, draft, i, f);
            return bare > i ? bare : year(s, i, f);
        }
        Token u = s.token(unit);
        if (DEGREE.contains(u.norm()) && !u.raw().equals("f")) {
            int end = unit + 1;
            return end < s.size() && (s.is(end, "f") || s.is(end, "c")) ? end + 1 : end;
        }
        int length = HeadspaceFigures.read(s, draft, i, f, unit);
        if (length > i) {
            return length;
        }
        if (unit > n && Vessel.at(s, unit)) {
            // "a 4-gallon stock pot"
            return unit + 1;
        }
        boolean told =
                !draft.facts.methods().isEmpty() && draft.facts.methods().get(0).value() == CanningMethod.PRESSURE
                        || draft.facts.gauge().isPresent()
                        || draft.facts.vented().isPresent();
        if (u.is("psi")
                || PressurePounds.at(s, unit)
                || u.is("#") && PressurePounds.alone(s, draft, i, unit)
                || told
                        && (PressurePounds.alone(s, draft, i, unit)
                                || PressurePounds.inCanner(s, draft, f, unit)
                                || PressurePounds.plain(s, draft, i, unit + 1))) {
            if (f.high() == 0 && s.isAround(unit + 1, 0, 4, ALL_ALONG)) {
                draft.doubt(s.span(i, unit + 1));
            }
            // "the gauge fell to 8 lb", "off heat, 0 psi by itself" is no pressure anybody processed at
            boolean fell = s.isBefore(i, 4, FELL);
            if (f.high() <= 30 && f.high() > 0 && !fell) {
                draft.facts.pressures().add(Fact.read(Pressure.ofPsi(f.low()), s.span(i, unit + 1)));
            }
            return unit + 1;
        }
        if (u.is("%") || u.is("percent") || (u.is("per") && s.is(unit + 1, "cent")) || u.is("pct")) {
            return u.is("per") ? unit + 2 : unit + 1;
        }
        if (u.is("grain")) {
            return unit + 1;
        }
        if (PressurePounds.isWeight(s, i)) {
            draft.facts.pressures().add(Fact.read(Pressure.ofPsi(f.low()), s.span(i, n)));
            return n;
        }
        boolean canner = draft.facts.gauge().isPresent() || draft.facts.vented().isPresent();
        if (f.low() >= LEAST_PSI
                && f.high() <= MOST_PSI
                && (!u.isWord() || BEHIND_PSI.contains(u.norm()) || HELD.contains(u.norm()))
                && (PressurePounds.bare(s, i, canner) || canner && PressurePounds.plain(s, draft, i, n))) {
            draft.facts.pressures().add(Fact.read(Pressure.ofPsi(f.low()), s.span(i, n)));
            return n;
        }
        int height = Altitudes.read(s, draft, i, f, unit, u);
        if (height > i) {
            return height;
        }
        if (u.is("more")
                || u.is("times")
                || u.is("x")
                || u.is("st")
                || u.is("nd")
                || u.is("rd")
                || u.is("th")
                || u.is("batch")
                || u.is("batches")
                || u.is("layers")
                || u.is("layer")
                || u.is("loads")
                || u.is("people")
                || u.is("kids")
                || u.is("generations")
                || u.is("burner")) {
            return unit + 1;
        }
        boolean age = f.high() < OLDEST
                && (!u.isWord() || u.is("and") || u.is("now") || u.is("this") || u.is("years"))
                && s.isBefore(i, 3, AGE);
        return age ? n : year(s, i, f);
    }

    /** Years. */
    private static final int OLDEST = 110;

    private static final int LEAST_PSI = 5;
    private static final int MOST_PSI = 20;
    /** "At 10 weighted", "at 11 on the dial". */
    private static final Set<String> BEHIND_PSI = Set.of(
            "i",
            "we",
            "for",
            "on",
            "dial",
            "weighted",
            "weight",
            "and",
            "then",
            "the",
            "most",
            "all",
            "through",
            "throughout",
            "instead",
            "or",
            "since",
            "because",
            "as");

    /** "It held 11 steady", "11 from start to finish". */
    private static final Set<String> HELD =
            Set.of("steady", "steadily", "from", "right", "start", "throughout", "solid");

    /** A bare four-figure year: 1890 to 2099. */
    private static int year(Sentence s, int i, Numbers.Figure f) {
        boolean year = f.low() == f.high()
                && f.low() >= 1850
                && f.low() <= 2099
                && s.token(i).raw().length() == 4;
        return year ? f.next() : i;
    }
}
