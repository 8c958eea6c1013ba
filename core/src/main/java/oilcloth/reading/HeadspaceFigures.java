package oilcloth.reading;

import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import oilcloth.measure.Headspace;
import oilcloth.recipe.Fact;
import oilcloth.recipe.HeadspaceStated;
import oilcloth.text.Cue;
import oilcloth.text.Token;

/** Lengths, and which of them is left free at the top of the jar. */
final class HeadspaceFigures {
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

    private static final Cue HEADSPACE = Cue.of(
            "\\bhead[- ]?(space|room)\\b|\\bhs\\b|^ (with|by|on) (the|my|a) (\\w+ ){0,3}(stick|ruler|wand)\\b|\\bof (room|space|air|clearance)\\b|\\bhe?a?d ?sp(a?ce?)?\\b|\\bfrom (the )?(top|rim|brim|lip)|\\b(of|below|under|to) the (top|rim|brim|lip)\\b|\\bat (the )?top\\b|\\b(air ?)?space\\b|\\b(of )?(jar )?(tops?|rims?)\\b|\\bempty(?= ?([.,;)]|$|at\\b))|\\b(fill|filled|pack|packed|ladle|ladled|liquid|brine|syrup|juice|pour|poured|cover|covered|broth|stock|water)\\b[^.;]{0,40}\\bto (within )?(about )?(\\S+ ){0,2}?\\S+ ?(\\d/\\d )?(inch|in\\b)");

    private static final Cue LEAVE = Cue.of("\\b(leave|leaves|leaving|left|allow|allowed|allows|allowing|with)\\b");

    /** "Leaving an inch and a half so they don't boil over". */
    private static final Cue LEFT = Cue.of(
            "\\b(leave|leaving|allow|allowed|allowing) (about |around |a good |a full |just |roughly |at least )?$");

    private static final Cue NOT_HEADSPACE = Cue.of(
            "^ ?tops\\b(?! of)|\\bbetween ((the|my) ja|(each )?jars?\\b)|\\bapart\\b|\\b(stems?|roots?|taproot|tops on|pieces|slices?|cubes?|chunks?|thick|long|wide|lengths?|over the (lids|jars|tops)|above the \\w+|of (hot |simmering )?water|(of )?(crushed |cracked |cubed )+ice|of ice|of (top|stem|root|tail|green)s?|diameter|across|blossom)\\b");

    /** "An inch and a half of clear juice at the bottom", "cold water 2 to 3 inches over them". */
    private static final Cue OF_THE_BOTTOM = Cue.of(
            " of (\\w+ ){0,3}(at|in|on|along|near|under) (the )?(very )?(bottom|bottoms|fruit|sides?)\\b| (at|in|on|from) the bottom\\b| (of (\\w+ )?)?(water |liquid )?over (them|the (beans|peas|limas))\\b");

    private static final Cue FILLS = Cue.of(
            "\\b(fill|filled|ladle|ladled|pack|packed|pour|poured|jars?|pints?|quarts?|half[- ]pints?|cover|covered|hot|lids?)\\b");

    private static final Cue ENDS_CLAUSE =
            Cue.of("^\\s*(still\\b|again\\b|[.,;)!]|$|—|–|-\\s|and\\b|then\\b|\\.\\.|\\d+ ?min)");

    /** What may stand before a length in a clause of its own. */
    private static final Cue BARE_CLAUSE = Cue.of(
            "[\\s,;]*(in |into |to |hot |sterile |wide[- ]mouth |clean )*(jars?|pints?|quarts?|half[- ]pints?|make that|to|a|about|each|hot pack|raw pack)?[\\s,:(]*|.*\\b(jars?|pints?|quarts?|half[- ]pints?|bath|water|min|minutes|canner|syrup|liquid|brine|juice|broth)[\\s,:(]*");

    private static final double MOST_BARE_INCHES = 1.5;

    /** Inches; more is no headspace. */
    private static final double MOST_INCHES = 4;

    /** Inches; where so much is missing the seal fails. */
    private static final double MUCH_LESS = 0.5;

    /** "inch headspace", "inch from top": one inch without a figure. */
    private static final Cue BARE_INCH = Cue.of(
            "(?<![\\d½¼¾⅛/][ -]?)(?<!half[ -])(?<!half an )(?<!quarter[ -])(?<!eighth[ -])(?<!an )(?<!one[ -])(?<!two[ -])\\binch( of)? (head[- ]?space|head[- ]?room|from (the )?(top|rim|brim))");

    /** "Inch and a quarter down". */
    private static final Cue INCH_AND_MORE = Cue.of(
            "(?<!\\b(an|one|two|1|2) )\\binch and a (half|quarter)\\b(?= (down|head|of (space|room)|from the top|at the top|space|left))");

    /** Inches: what "to the brim" leaves at most. */
    private static final double BRIM = 0.125;

    /** "tops trimmed to an inch": of the root, not of the jar. */
    private static final Cue TRIMMED = Cue.of(
            "\\b(trim|trims|trimmed|trimming|cut (the |their |off (the )?)?tops|tops (cut|off)|stems?|roots?|tails?|greens|(leave|leaves|leaving|left|with|keep|kept) (the |their |its )?tops)\\b");

    /** "The others I cubed half an inch". */
    private static final Cue CUT =
            Cue.of("\\b(cut|cube|dice|slice|chop|snap|shred)(d|ped|ded)?( (them|it|up|in|into|to|about|just|a))* $");

    private static final Cue COVERING = Cue.of(
            "\\b(cover|covered|covering|fill|filled|top|topped|pour|poured|add|added)\\b.*\\b(liquid|brine|syrup|pickling solution|solution|juice|water|broth)\\b.*\\b(to|until|up to|within|leaving|leave)\\b|\\b(liquid|brine|syrup|solution) (up )?(to|within)\\b");

    /** "… hot carrots, 1 in.; cover with hot liquid, 1/2 in." */
    private static final Cue COVERED = Cue.of(
            "\\b(cover|covered|top|topped|pour|poured)\\b((?!\\b(jars|lids|canner)\\b)[^;.,])*\\b(liquid|brine|syrup|solution|juice|broth)\\b[^;.,]*, (leaving |leave |to |to within )?(about |another |a )?$|\\b(boiling |hot )(syrup|brine|liquid|solution|juice|broth) (over|on|in),? $");

    /** "Boiling water, 1 inch.", "hot juice to 1/2": the liquid goes in last, and the length is what it leaves. */
    private static final Cue LIQUID_TO = Cue.of(
            "(?<!\\bof )(?<!\\binto )\\b(water|liquid|brine|syrup|broth|stock|juice)( (over|on|in)( (the|my|them) ?\\w*)?| on top)?(, ?(and )?(\\S+ )?(tsps?\\.? |teaspoons? )?(of )?salt)?([,(:] ?|-| –| —)? ?(again )?(leaving|leave|leaves|left|keeping|keep|to|up to|to within|within)? ?(about |a |that |the )?$");

    /** "Syrup over, 1/2." */
    private static final Cue POURED_TO = Cue.of(
            "\\b(water|liquid|brine|syrup|broth|stock|juice) (over|on|in|on top)( (them|it|top))?,? (to )?(1/2|1/4|1/8|½|¼|⅛)(?= ?([.;,]|$))");

    /** "Headspace 1/2", "hs: 1 1/4": inches, as nothing else is meant by it. */
    private static final Cue CALLED = Cue.of(
            "\\b(head[- ]?(space|room)|hs)( of| is| was| at)? ?[:=,-]? ?(1 )?(1/2|1/4|1/8|½|¼|⅛)(?= ?([.;,)]|$))");

    private static final Cue DOWN = Cue.of(" (down|shy of the (top|rim))\\b(?! (to|the side|in the))");

    /** "The boiling water over them and an inch left". */
    private static final Cue IS_LEFT = Cue.of(
            " left( (at|in|to) the top| up top| empty| in (the|each) jars?| for (head ?)?space| above)?(?= ?[.,;)]| and\\b|$)");

    private HeadspaceFigures() {}

    /** "Inch headspace": one inch without a figure. */
    static void bare(Sentence s, Draft draft) {
        if (draft.facts.headspace().isEmpty()) {
            s.find(INCH_AND_MORE).ifPresent(r -> {
                double inches = r.of(s.whole()).toLowerCase(Locale.ROOT).endsWith("half") ? 1.5 : 1.25;
                draft.facts.headspace(Fact.read(
                        new HeadspaceStated(Headspace.ofInches(inches), Headspace.ofInches(inches), false), r));
            });
        }
        if (draft.facts.headspace().isEmpty() && !s.isItem()) {
            s.find(POURED_TO).or(() -> s.find(CALLED)).ifPresent(r -> {
                int figure = s.first(r);
                while (!s.token(figure).isNumber()) {
                    figure++;
                }
                Optional<Numbers.Figure> f = Numbers.at(s.tokens(), figure);
                if (f.isPresent()) {
                    length(s, draft, figure, f.get(), f.get().next());
                    s.claim(figure, f.get().next());
                }
            });
        }
        if (draft.facts.headspace().isEmpty()) {
            s.find(BARE_INCH)
                    .ifPresent(r -> draft.facts.headspace(
                            Fact.read(new HeadspaceStated(Headspace.ofInches(1), Headspace.ofInches(1), false), r)));
        }
    }

    /** The token after a length, or {@code i} when the figure there is none. */
    static int read(Sentence s, Draft draft, int i, Numbers.Figure f, int unit) {
        Token u = s.token(unit);
        if (INCH.contains(u.norm()) && !(u.is("in") && !isLengthIn(s, unit))) {
            double more = andMore(s, unit + 1);
            if (more > 0) {
                // "an inch and a quarter"
                length(s, draft, i, new Numbers.Figure(f.low() + more, f.high() + more, f.next()), unit + 4);
                return unit + 4;
            }
            length(s, draft, i, f, unit + 1);
            return s.is(unit + 1, ".") && unit + 2 < s.size() ? unit + 2 : unit + 1;
        }
        if (f.high() < 1 && u.is("of") && s.is(unit + 1, "an") && s.is(unit + 2, "inch")) {
            // "1/2 of an inch"
            length(s, draft, i, f, unit + 3);
            return unit + 3;
        }
        if (u.is("cm") || u.is("mm") || u.is("centimetres") || u.is("centimeters")) {
            double inches = (u.is("mm") ? 0.1 : 1) / 2.54;
            length(s, draft, i, new Numbers.Figure(f.low() * inches, f.high() * inches, f.next()), unit + 1);
            return unit + 1;
        }
        return i;
    }

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
        if (s.isBefore(from, 4, CUT)) {
            return;
        }
        int start = s.token(from).range().start() - s.range().start();
        int end = s.token(Math.min(to, s.size()) - 1).range().end() - s.range().start();
        String before = s.low().substring(Math.max(0, start - 60), start);
        String after = s.low().substring(end, Math.min(s.low().length(), end + 40));
        String clauseBefore = before.substring(lastBreak(before));
        // "beets (2 1/2 inch), cooked with the tops on"
        boolean apart = s.is(from - 1, "(") && s.is(to, ")");
        boolean near = HEADSPACE.in(apart ? "" : after)
                || HEADSPACE.in(clauseBefore + s.low().substring(start, end))
                || (LEAVE.in(clauseBefore)
                        && (after.isBlank()
                                || after.startsWith(".")
                                || after.startsWith(",")
                                || after.startsWith(";")
                                || after.startsWith(" and")
                                || after.startsWith(" at")));
        // "into hot quarts, one inch down"
        near |= DOWN.opens(after);
        near |= IS_LEFT.opens(after)
                && (draft.filled
                        || s.has(FILLS)
                        || LIQUID_TO.in(before) && !draft.facts.jars().isEmpty());
        near |= LEFT.in(clauseBefore) && !after.startsWith(" of ");
        // "Fill pints, 1/8 inch.": a length that is a clause by itself, where jars are filled
        near |= (!s.isItem() || s.has(FILLS))
                && f.high() <= MOST_BARE_INCHES
                && ENDS_CLAUSE.in(after)
                && BARE_CLAUSE.is(clauseBefore)
                && (s.has(FILLS)
                        || draft.filled
                        || isAlone(s, from, to) && !draft.facts.jars().isEmpty());
        boolean leaves = f.high() <= MOST_BARE_INCHES
                && LIQUID_TO.in(before)
                && !clauseBefore.contains("canner")
                && (near || ENDS_CLAUSE.in(after));
        near |= leaves;
        boolean tooLong = f.high() > MOST_BARE_INCHES
                && f.high() <= MOST_INCHES
                && (!draft.facts.jars().isEmpty() || s.has(FILLS));
        boolean ends = ENDS_CLAUSE.in(after) && (LIQUID_TO.in(before) || BEHIND_JARS.in(before))
                || (draft.filled || !draft.facts.jars().isEmpty()) && isAlone(s, from, to);
        if (tooLong && !near && ends) {
            // "syrup to 2 inches": no headspace that was tested, and yet it may be one
            draft.doubt(s.span(from, to));
            return;
        }
        int behind = s.is(to, ".") ? to + 1 : to;
        if (near && s.is(behind, "empty")) {
            s.claim(behind, behind + 1);
        }
        String tail = after.length() > 22 ? after.substring(0, 22) : after;
        if (!near
                || clauseBefore.contains("solids")
                || TRIMMED.in(clauseBefore)
                || WATER_OVER.in(clauseBefore)
                // "water covering them by 2 to 3 inches"
                || clauseBefore.stripTrailing().endsWith(" by")
                || NOT_HEADSPACE.in(tail)
                || OF_THE_BOTTOM.opens(after)
                || s.low().contains("inches of water")
                || f.high() > MOST_INCHES) {
            return;
        }
        boolean toldAgain = !draft.facts.times().isEmpty()
                && draft.facts
                        .headspace()
                        .filter(h -> f.low() - h.value().most().inches() > BRIM)
                        .isPresent();
        if (toldAgain) {
            // "half an inch. … Two inches left.": behind the canning it is no step on the way
            draft.doubt(s.span(from, to));
            return;
        }
        // "carrots to 1 inch, cover with the liquid to 1/2 inch": the liquid ends last
        boolean covering =
                leaves || !clauseBefore.contains("canner") && (COVERING.in(clauseBefore) || COVERED.in(before));
        boolean muchLess = LEAVE.in(clauseBefore)
                && draft.facts
                        .headspace()
                        .filter(h -> h.value().least().inches() - f.high() >= MUCH_LESS)
                        .isPresent();
        boolean other = (NAMED.in(clauseBefore) || NAMED.in(tail))
                && draft.facts
                        .headspace()
                        .filter(h -> Math.abs(h.value().least().inches() - f.low()) > MUCH_LESS)
                        .isPresent();
        if ((muchLess || other) && !covering) {
            draft.doubt(s.span(from, to));
        }
        if (covering
                || draft.facts.headspace().isEmpty()
                || draft.facts.headspace().get().value().cue()) {
            // "I fill mine to the brim. … Leave half an inch": what is done speaks against what is said
            draft.facts
                    .headspace()
                    .filter(h -> h.value().cue() && h.value().most().inches() <= BRIM)
                    .flatMap(Fact::range)
                    .filter(r -> !s.range().contains(r))
                    .ifPresent(r -> draft.doubt(r));
            draft.facts.headspace(Fact.read(
                    new HeadspaceStated(Headspace.ofInches(f.low()), Headspace.ofInches(f.high()), false),
                    s.span(from, to)));
        }
    }

    private static final Cue NAMED =
            Cue.of("\\bhead[- ]?(space|room)\\b|\\bhs\\b|\\b(from|below|at|under|of) the (top|rim|brim)\\b");

    /** "Into the canner, water over the tops an inch". */
    private static final Cue WATER_OVER = Cue.of(
            "\\bwater (\\w+ ){0,2}(over|above) (the |all the |my )?(tops?|lids?|jars?|them)\\b( by)?( about)? ?$");

    /** "… in each quart. 1/2 inch. 50 minutes …": nothing else in the sentence. */
    private static boolean isAlone(Sentence s, int from, int to) {
        return from == 0 && (to >= s.size() || to == s.size() - 1 && s.is(to, "."));
    }

    /** "Quarts, two inches, 45 minutes". */
    private static final Cue BEHIND_JARS = Cue.of("\\b(jars|pints|quarts|half[- ]pints|pts|qts),? ?$");

    private static int lastBreak(String before) {
        int at = Math.max(before.lastIndexOf(". "), Math.max(before.lastIndexOf(';'), before.lastIndexOf(',')));
        return at < 0 ? 0 : at;
    }
}
