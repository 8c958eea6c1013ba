package oilcloth.reading;

import java.util.Optional;
import java.util.Set;
import oilcloth.measure.Altitude;
import oilcloth.measure.Headspace;
import oilcloth.measure.Pressure;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Fact;
import oilcloth.recipe.HeadspaceStated;
import oilcloth.recipe.Unread;
import oilcloth.text.Cue;
import oilcloth.text.Token;

/** Facts that are figures: lengths, pressure, altitude, percentages, temperatures, years, numbering. */
final class FigureFacts {
    private static final Set<String> INCH = Set.of("inch", "inches", "in", "\"", "″", "''", "inchs");
    private static final Set<String> INTO = Set.of(
            "the",
            "a",
            "an",
            "my",
            "your",
            "our",
            "hot",
            "boiling",
            "clean",
            "sterile",
            "sterilized",
            "pint",
            "pints",
            "quart",
            "quarts",
            "half",
            "each",
            "every",
            "jars",
            "jar",
            "water",
            "cold",
            "brine",
            "syrup",
            "it",
            "them",
            "one",
            "that",
            "this",
            "there",
            "all");
    private static final Set<String> FEET = Set.of("ft", "feet", "foot", "'");
    private static final Set<String> METRES = Set.of("m", "metres", "meters", "metre", "meter", "masl");
    private static final Set<String> DEGREE =
            Set.of("°", "º", "degrees", "degree", "deg", "f", "fahrenheit", "celsius", "℉", "℃");
    private static final double WIDEST_GUESS_FEET = 300;
    private static final int LOWEST_SAID_FEET = 20;
    private static final Set<String> AROUND = Set.of("so", "about", "only", "around", "some", "roughly", "maybe");
    private static final Cue HEADSPACE = Cue.of(
            "\\bhead[- ]?(space|room)\\b|\\bhs\\b|\\bfrom (the )?(top|rim|brim|lip)|\\b(of|below|under|to) the (top|rim|brim|lip)\\b|\\bat (the )?top\\b|\\b(air )?space\\b|\\b(of )?(jar )?(tops?|rims?)\\b|\\bempty at\\b|\\b(fill|filled|pack|packed|ladle|ladled|liquid|brine|syrup|juice|pour|poured|cover|covered|broth|stock|water)\\b[^.;]{0,40}\\bto (within )?(about )?(\\S+ ){0,2}?\\S+ ?(\\d/\\d )?(inch|in\\b)");
    private static final Cue LEAVE = Cue.of("\\b(leave|leaving|left|allow|allowing|with)\\b");
    /** "Leaving an inch and a half so they don't boil over". */
    private static final Cue LEFT =
            Cue.of("\\b(leave|leaving|allow|allowing) (about |around |a good |a full |just |roughly |at least )?$");

    private static final Cue NOT_HEADSPACE = Cue.of(
            "\\b(stems?|roots?|taproot|tops on|pieces|slices?|cubes?|chunks?|thick|long|wide|lengths?|over the (lids|jars|tops)|above the (jars|lids)|of (hot |simmering )?water|of (top|stem|root|tail|green)s?|diameter|across|blossom)\\b");
    private static final Cue ALTITUDE = Cue.of(
            "\\b(altitude|elevation|elev|alt|above sea|sea level|asl|up here|high country|we(?:'| a)re at|we(?:'| a)re \\d[\\d,]*(?=[).;,]|$| up\\b| high\\b)|(?<=ft, )we're|i(?:'| a)m at|live at|(high|upper) (desert|plains|prairie|valley)|foothills|in the (mountains|hills)|(?<=from )the (mountains|hills)|ours is|mine is|here at|feet up|sits? at|how long)\\b");
    private static final Cue SEA_LEVEL = Cue.of("(?<!above )(?<!over )\\bsea[- ]level\\b");
    private static final Cue FILLS = Cue.of(
            "\\b(fill|filled|ladle|ladled|pack|packed|pour|poured|jars?|pints?|quarts?|half[- ]pints?|cover|covered|hot|lids?)\\b");
    private static final Cue ENDS_CLAUSE = Cue.of("^\\s*([.,;)!]|$|—|–|-\\s|and\\b|then\\b|\\.\\.|\\d+ ?min)");
    /** What may stand before a length in a clause of its own. */
    private static final Cue BARE_CLAUSE = Cue.of(
            "[\\s,;]*(in |into |to |hot |sterile |wide[- ]mouth |clean )*(jars?|pints?|quarts?|half[- ]pints?|make that|to|a|about|each|hot pack|raw pack)?[\\s,:(]*|.*\\b(jars?|pints?|quarts?|half[- ]pints?|bath|water|min|minutes|canner|syrup|liquid|brine|juice|broth)[\\s,:(]*");

    private static final double MOST_BARE_INCHES = 1.5;
    /** "inch headspace", "inch from top": one inch without a figure. */
    private static final Cue BARE_INCH = Cue.of(
            "(?<![\\d½¼¾⅛/][ -]?)(?<!half[ -])(?<!half an )(?<!quarter[ -])(?<!eighth[ -])(?<!an )(?<!one[ -])(?<!two[ -])\\binch( of)? (head[- ]?space|head[- ]?room|from (the )?(top|rim|brim))");

    /** Words of a place: without them "about 60 feet" may be a tree. */
    private static final Cue PLACE = Cue.of(
            "\\b(coast\\w*|sea|beach|shore|harbou?r|bay|valley|lowlands?|delta|town|village|county|here|live|we are|we're|our place)\\b");

    /** "60 feet above the bay", but not "6 feet above the floor". */
    private static final Cue ABOVE_WATER =
            Cue.of("above (the |our )?(mean )?(sea|bay|ocean|gulf|tide|tidewater|harbou?r|high water)\\b");

    private static final Cue OURS = Cue.of("\\b(i|we|i'm|we're|my|our)\\b");

    private static final Cue MOVED = Cue.of("\\b(moved?|moving|came|come) (up |down |over |here )?from\\b");

    private static final Cue LIKE_OURS = Cue.of("\\b(used to|would|if|years? ago|grew up)\\b");

    /** "twenty minutes at eleven pounds". */
    private static final Cue FELL = Cue.of("\\b(fell|dropped|drops|went down|sank|dipped|down)( back)? to (about )?$");

    /** "I'm Juniper, 16". */
    private static final Cue AGE = Cue.of("\\b(i'm|i am|he's|she's|aged?|turned|turning) (\\w+ , )?$");

    void read(Sentence s, Draft draft) {
        numbering(s);
        if (draft.facts.altitude().isEmpty()) {
            s.find(SEA_LEVEL).ifPresent(r -> draft.facts.altitude(Fact.read(Altitude.ofFeet(0), r)));
        }
        if (draft.facts.headspace().isEmpty()) {
            s.find(BARE_INCH)
                    .ifPresent(r -> draft.facts.headspace(
                            Fact.read(new HeadspaceStated(Headspace.ofInches(1), Headspace.ofInches(1), false), r)));
        }
        for (int i = 0; i < s.size(); i++) {
            if (s.isClaimed(i)) {
                continue;
            }
            Optional<Numbers.Figure> figure = Numbers.at(s.tokens(), i);
            if (figure.isEmpty()) {
                continue;
            }
            if (Referring.isTakenBack(s, figure.get().next())) {
                s.claim(i, figure.get().next());
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
    private static final Cue WEIGHT_SET = Cue.of("\\b5 ?[-/,] ?10 ?([-/,]|and|or|, and|, or) ?15\\b");

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
        for (int i = 0; i + 1 < s.size(); i++) {
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
                            || s.is(i, "no"))
                    && (s.token(i + 1).isNumber()
                            || (s.is(i, "day") || s.is(i, "step"))
                                    && Numbers.at(s.tokens(), i + 1).isPresent())) {
                s.claim(i, i + 2);
            }
        }
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
            int bare = bareAltitude(s, draft, i, f);
            return bare > i ? bare : year(s, i, f);
        }
        Token u = s.token(unit);
        if (DEGREE.contains(u.norm()) && !u.raw().equals("f")) {
            int end = unit + 1;
            return end < s.size() && (s.is(end, "f") || s.is(end, "c")) ? end + 1 : end;
        }
        if (INCH.contains(u.norm()) && !(u.is("in") && !isLengthIn(s, unit))) {
            double more = andMore(s, unit + 1);
            if (more > 0) {
                // "an inch and a quarter"
                length(s, draft, i, new Numbers.Figure(f.low() + more, f.high() + more, n), unit + 4);
                return unit + 4;
            }
            length(s, draft, i, f, unit + 1);
            return s.is(unit + 1, ".") && unit + 2 < s.size() ? unit + 2 : unit + 1;
        }
        if (u.is("cm") || u.is("mm") || u.is("centimetres") || u.is("centimeters")) {
            double inches = (u.is("mm") ? 0.1 : 1) / 2.54;
            length(s, draft, i, new Numbers.Figure(f.low() * inches, f.high() * inches, n), unit + 1);
            return unit + 1;
        }
        if (unit > n && Vessel.at(s, unit)) {
            // "a 4-gallon stock pot"
            return unit + 1;
        }
        boolean told =
                !draft.facts.methods().isEmpty() && draft.facts.methods().get(0).value() == CanningMethod.PRESSURE
                        || draft.facts.gauge().isPresent()
                        || draft.facts.vented().isPresent();
        if (u.is("psi") || PressurePounds.at(s, unit) || told && PressurePounds.alone(s, i, unit)) {
            // "the gauge fell to 8 lb" is no pressure anybody processed at
            boolean fell = FELL.matcher(s.around(i, 4, 0)).find();
            if (f.high() <= 30 && !fell) {
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
        if (f.low() >= LEAST_PSI
                && f.high() <= MOST_PSI
                && (!u.isWord() || u.is("for") || u.is("on"))
                && PressurePounds.bare(s, i)) {
            draft.facts.pressures().add(Fact.read(Pressure.ofPsi(f.low()), s.span(i, n)));
            return n;
        }
        int height = altitude(s, draft, i, f, unit, u);
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
                && !u.isWord()
                && AGE.matcher(s.around(i, 3, 0)).find();
        return age ? n : year(s, i, f);
    }

    /** Years. */
    private static final int OLDEST = 110;

    /** Inches: what "to the brim" leaves at most. */
    private static final double BRIM = 0.125;

    /** Feet; "5,280" behind the name of a place. */
    private static final int LEAST_BARE = 1000;

    private static final int LEAST_PSI = 5;
    private static final int MOST_PSI = 20;

    private static double andMore(Sentence s, int and) {
        if (!s.is(and, "and") || !(s.is(and + 1, "a") || s.is(and + 1, "an"))) {
            return 0;
        }
        return s.is(and + 2, "half") ? 0.5 : s.is(and + 2, "quarter") ? 0.25 : s.is(and + 2, "eighth") ? 0.125 : 0;
    }

    private static boolean isLengthIn(Sentence s, int in) {
        // "1/2 in headspace", "2 in long", but not "20 in the canner" or "6 in each jar"
        return in + 1 >= s.size() || !INTO.contains(s.token(in + 1).norm());
    }

    private static void length(Sentence s, Draft draft, int from, Numbers.Figure f, int to) {
        int start = s.token(from).range().start() - s.range().start();
        int end = s.token(Math.min(to, s.size()) - 1).range().end() - s.range().start();
        String before = s.low().substring(Math.max(0, start - 60), start);
        String after = s.low().substring(end, Math.min(s.low().length(), end + 40));
        String clauseBefore = before.substring(lastBreak(before));
        boolean near = HEADSPACE.matcher(after).find()
                || HEADSPACE
                        .matcher(clauseBefore + s.low().substring(start, end))
                        .find()
                || (LEAVE.matcher(clauseBefore).find()
                        && (after.isBlank()
                                || after.startsWith(".")
                                || after.startsWith(",")
                                || after.startsWith(";")
                                || after.startsWith(" and")
                                || after.startsWith(" at")));
        near |= LEFT.matcher(clauseBefore).find() && !after.startsWith(" of ");
        // "Fill pints, 1/8 inch.": a length that is a clause by itself, where jars are filled
        near |= (!s.isItem() || s.has(FILLS))
                && f.high() <= MOST_BARE_INCHES
                && ENDS_CLAUSE.matcher(after).find()
                && BARE_CLAUSE.matcher(clauseBefore).matches()
                && (s.has(FILLS)
                        || draft.filled
                        || isAlone(s, from, to) && !draft.facts.jars().isEmpty());
        String tail = after.length() > 22 ? after.substring(0, 22) : after;
        if (!near
                || clauseBefore.contains("solids")
                || TRIMMED.matcher(clauseBefore).find()
                // "water covering them by 2 to 3 inches"
                || clauseBefore.stripTrailing().endsWith(" by")
                || NOT_HEADSPACE.matcher(tail).find()
                || s.low().contains("inches of water")
                || f.high() > 4) {
            return;
        }
        // "carrots to 1 inch, cover with the liquid to 1/2 inch": the liquid ends last
        boolean covering = !clauseBefore.contains("canner")
                && (COVERING.matcher(clauseBefore).find()
                        || COVERED.matcher(before).find());
        if (covering
                || draft.facts.headspace().isEmpty()
                || draft.facts.headspace().get().value().cue()) {
            // "I fill mine to the brim. … Leave half an inch": what is done speaks against what is said
            draft.facts
                    .headspace()
                    .filter(h -> h.value().cue() && h.value().most().inches() <= BRIM)
                    .flatMap(Fact::range)
                    .filter(r -> !s.range().contains(r))
                    .ifPresent(r -> draft.unread.add(new Unread(r, true)));
            draft.facts.headspace(Fact.read(
                    new HeadspaceStated(Headspace.ofInches(f.low()), Headspace.ofInches(f.high()), false),
                    s.span(from, to)));
        }
    }

    /** "tops trimmed to an inch": of the root, not of the jar. */
    private static final Cue TRIMMED = Cue.of("\\b(trim|trims|trimmed|trimming|stems?|roots?|tails?|greens)\\b");

    private static final Cue COVERING = Cue.of(
            "\\b(cover|covered|covering|fill|filled|top|topped|pour|poured|add|added)\\b.*\\b(liquid|brine|syrup|pickling solution|solution|juice|water|broth)\\b.*\\b(to|until|up to|within|leaving|leave)\\b|\\b(liquid|brine|syrup|solution) (up )?(to|within)\\b");

    /** "… hot carrots, 1 in.; cover with hot liquid, 1/2 in." */
    private static final Cue COVERED = Cue.of(
            "\\b(cover|covered|top|topped|pour|poured)\\b((?!\\b(jars|lids|canner)\\b)[^;.,])*\\b(liquid|brine|syrup|solution|juice|broth)\\b[^;.,]*, $|\\b(boiling |hot )(syrup|brine|liquid|solution|juice|broth) (over|on|in),? $");

    /** "… in each quart. 1/2 inch. 50 minutes …": nothing else in the sentence. */
    private static boolean isAlone(Sentence s, int from, int to) {
        return from == 0 && (to >= s.size() || to == s.size() - 1 && s.is(to, "."));
    }

    private static int lastBreak(String before) {
        int at = Math.max(before.lastIndexOf(". "), Math.max(before.lastIndexOf(';'), before.lastIndexOf(',')));
        return at < 0 ? 0 : at;
    }

    private static int altitude(Sentence s, Draft draft, int i, Numbers.Figure f, int unit, Token u) {
        boolean feet = FEET.contains(u.norm());
        boolean metres = METRES.contains(u.norm());
        boolean said = s.has(ALTITUDE);
        // "at 90 ft", "0 ft", or a sentence of its own: "33 ft."
        boolean around = feet
                && s.has(PLACE)
                && f.low() >= LOWEST_SAID_FEET
                && AROUND.contains(i > 0 ? s.token(i - 1).norm() : "")
                && (unit + 1 >= s.size() || s.is(unit + 1, ".") || s.is(unit + 1, ","));
        boolean low = around
                || feet && ABOVE_WATER.matcher(s.around(unit + 1, 0, 5)).lookingAt()
                || !u.is("'")
                        && (f.low() >= LOWEST_SAID_FEET && s.is(i - 1, "at")
                                || feet
                                        && (f.low() == 0
                                                || (i == 0 || s.is(i - 1, ",") || s.is(i - 1, ";"))
                                                        && unit + 2 >= s.size()));
        if ((f.low() >= 100 || low || (said && f.low() == Math.rint(f.low())))
                && (feet || (metres && (said || low || f.low() >= 300)))) {
            if (feet || said || metres) {
                state(s, draft, i, f, metres, unit + 1);
            }
            return unit + 1;
        }
        return bareAltitude(s, draft, i, f);
    }

    /** "elevation 5200", "altitude: 6,500", "we're at 7000 here". */
    private static int bareAltitude(Sentence s, Draft draft, int i, Numbers.Figure f) {
        if (OVER_A_LIMIT.matcher(s.around(i, 4, 0)).find() && f.low() >= LEAST_BARE) {
            return f.next();
        }
        if (s.has(ALTITUDE) && f.low() >= LOWEST_SAID_FEET && f.low() <= 14_000 && f.low() == Math.rint(f.low())) {
            String before = s.around(i, 4, 0);
            // "we're at 5" is no altitude; "altitude 120" is
            boolean named = before.contains("elev") || before.contains("alt");
            if (f.low() < 200 && !named) {
                return i;
            }
            if (before.contains("elevation")
                    || before.contains("altitude")
                    || before.contains("elev")
                    || before.contains("alt ")
                    || before.contains("at ")
                    || HEIGHT_IS.matcher(s.around(i, 9, 0)).find()
                    || before.endsWith("ours is ")
                    || before.endsWith("mine is ")
                    || before.endsWith(", ")
                            && f.low() >= LEAST_BARE
                            && s.token(i).raw().indexOf(',') > 0
                    || before.endsWith("we're ")
                    || before.endsWith("we are ")) {
                state(s, draft, i, f, false, f.next());
                return f.next();
            }
        }
        return i;
    }

    /** "Because we're over 1,000": which band, not how high. */
    private static final Cue OVER_A_LIMIT =
            Cue.of("\\b(we're|we are|i'm|i am|you're|you are|it's|being) (over|above|under|below) $");

    /** "Elevation where we live is 680". */
    private static final Cue HEIGHT_IS =
            Cue.of("\\b(elevation|altitude|elev|alt) [^.;\\d]{0,40}\\b(is|of|about|around|at) $");

    private static final Cue HERE = Cue.of("\\b(we|i|we're|i'm|our|my|here|us|town|house|place)\\b");
    private static final Cue RULE = Cue.of("\\b(add|minutes?|mins?|process\\w*|adjust\\w*|increase|if you|times?)\\b");

    private static void state(Sentence s, Draft draft, int i, Numbers.Figure f, boolean metres, int to) {
        if (f.high() > Altitude.HIGHEST_FEET
                || draft.facts
                        .minutesPerThousandFeet()
                        .map(m ->
                                m.range().filter(r -> r.overlaps(s.span(i, to))).isPresent())
                        .orElse(false)) {
            return;
        }
        // "0 to 1,000 ft" labels a band of a table
        if (f.high() - f.low() > WIDEST_GUESS_FEET) {
            return;
        }
        // "add 5 minutes above 3,000 ft" is a rule, not a place
        String before = s.around(i, 3, 0);
        // "under 1,000 feet here" is one
        boolean below = before.contains("below ") || before.contains("under ");
        if (before.contains("above ")
                || before.contains("over ")
                || before.contains("per ")
                || before.contains("every ")
                || below && (!s.has(HERE) || s.has(RULE))
                || before.contains("each ")) {
            return;
        }
        // "we moved from 600 ft to 6,350": where they canned before
        if (before.endsWith("from ") && s.has(MOVED)) {
            return;
        }
        Altitude altitude = metres ? Altitude.ofMetres(f.high()) : Altitude.ofFeet((int) Math.ceil(f.high()));
        // a figure beside "sea level" says it more closely
        if (draft.facts.altitude().map(a -> a.value().feet() == 0).orElse(true)) {
            draft.facts.altitude(Fact.read(altitude, s.span(i, to)));
        } else if (s.has(OURS)
                && !s.has(LIKE_OURS)
                && altitude.feet() > draft.facts.altitude().get().value().feet() + WIDEST_GUESS_FEET) {
            // two places, one recipe: which of them holds is asked
            draft.unread.add(new Unread(s.span(i, to), true));
        }
    }

    /** A bare four-figure year: 1890 to 2099. */
    private static int year(Sentence s, int i, Numbers.Figure f) {
        boolean year = f.low() == f.high()
                && f.low() >= 1850
                && f.low() <= 2099
                && s.token(i).raw().length() == 4;
        return year ? f.next() : i;
    }
}
