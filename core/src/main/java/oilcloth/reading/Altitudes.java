package oilcloth.reading;

import java.util.Set;
import java.util.regex.Pattern;
import oilcloth.measure.Altitude;
import oilcloth.recipe.Fact;
import oilcloth.text.Cue;
import oilcloth.text.Range;
import oilcloth.text.Token;

/** How high it is where the jars are canned. */
final class Altitudes {
    private static final Set<String> FEET = Set.of("ft", "feet", "foot", "'");

    private static final Set<String> KILOMETRES = Set.of("km", "kilometers", "kilometres", "kilometer", "kilometre");

    private static final Set<String> METRES = Set.of("m", "metres", "meters", "metre", "meter", "masl");

    /** No time is so many minutes, and nothing in a kitchen so long. */
    private static final int LEAST_METRES = 250;

    /** "The orchard is 300 feet from the house": how far, and not how high. */
    private static final Cue AWAY = Cue.of(
            "(from (the|our|my|her|his|your|where|here|any|town)(?! (sea|water|map|sign|survey\\w*|gps|phone|county|weather|internet|web))|away|off the|apart|long|wide|deep|of (fence|hose|row|rows|rope|garden|wire|string|beans|corn)|down the (road|hill|lane)|to (the|our|my) \\w+|above (the|our|my) (lake|river|creek|road|valley|town|floor|street|barn)(?! ,? ?which))\\b");

    private static final Cue GONE = Cue.of(
            "\\b(walk|walks|walked|carry|carries|carried|haul|hauls|hauled|drag|dragged|dug|dig|plant|plants|planted|strung|string|ran|run)( \\w+){0,2} $");

    /** Two heights nearer to each other than this are one, told twice. */
    static final double WIDEST_GUESS_FEET = 300;

    private static final int LOWEST_SAID_FEET = 20;

    private static final Set<String> AROUND = Set.of("so", "about", "only", "around", "some", "roughly", "maybe");

    private static final Cue ALTITUDE = Cue.of(
            "^el(?=[.:]? ?[\\d,]+ ?([.;,]|$|ft|feet))|\\b(altitude|elevation|elev|alt|above sea|sea level|asl|up here|high country|we(?:'| a)re (?:up |down |out |over )?at|we up at|we(?:'| a)re \\d[\\d,]*(?=[).;,]|$| up\\b| high\\b)|(?<=ft, )we're|i(?:'| a)m at|live at|(hall|house|place|kitchen|farm|church|school|cabin) is at|(high|upper) (desert|plains|prairie|valley)|foothills|in the (mountains|hills)|(?<=from )the (mountains|hills)|ours is|mine is|here at|feet up|sits? at|how long)\\b");

    /** "El. 1240." */
    private static final Cue EL = Cue.of("^el ([.:] )?$");

    private static final Cue SEA_LEVEL = Cue.of("(?<!above )(?<!over )\\bsea[- ]level\\b");

    /** "The ridge's about 980", "home is 640". */
    private static final Cue PLACE_IS = Cue.of(
            "\\b(ridge|valley|bench|mesa|hollow|farm|ranch|place|house|home|cabin|camp|town|village|city|kitchen|county)( road)?( is|'s| sits| sets)( (at|about|around|roughly|near|right|just|only))* $");

    /** "My phone says 3,712." */
    private static final Cue SHOWN = Cue.of(
            "\\b(phone|map|gps|app|google|sign|survey|internet|computer|altimeter)( \\w+){0,4} (says|said|reads|shows|showed|(has|puts|put) (us|me|it|our place) at|gives|gave)( (about|around|roughly))? $");

    private static final Set<String> GOES_ON =
            Set.of("in", "you", "and", "but", "so", "according", "by", "i", "we", "where");

    /** Words of a place: without them "about 60 feet" may be a tree. */
    private static final Cue PLACE = Cue.of(
            "\\b(coast\\w*|sea|beach|shore|harbou?r|bay|valley|lowlands?|delta|town|village|county|here|live|we are|we're|our place)\\b");

    /** Where it is only a few feet. */
    private static final Cue COAST =
            Cue.of("\\b(coast\\w*|sea|beach|shore|harbou?r|bay|delta|tidewater|gulf|ocean)\\b");

    private static final Cue PLACE_WORDS =
            Cue.of("\\b(city|town|village|house|home|farm|place|kitchen|we live|i live|we are|i am)\\b");

    /** "60 feet above the bay", but not "6 feet above the floor". */
    private static final Cue ABOVE_WATER =
            Cue.of("above (the |our )?(mean )?(sea|bay|ocean|gulf|tide|tidewater|harbou?r|high water)\\b");

    private static final Pattern THOUSANDS = Pattern.compile("\\d{1,2}\\.\\d{3}");
    private static final int THOUSAND = 1000;

    private static final int HIGHEST_KM = 4;

    /** "At the 600 block of Ridge": an address. */
    private static final Set<String> OF_A_STREET =
            Set.of("block", "street", "road", "avenue", "ave", "highway", "hwy", "route", "lane", "mile", "miles");

    /** "Pints 10 min at 0-1000 (that's us, 730)". */
    private static final Cue THAT_IS_US = Cue.of(
            "\\b(that's|that is|which is|this is) (us|me|our place|my place|where (we|i) (are|am|live))( ?[,:(–-])?( at| about)? $");

    private static final Cue OURS = Cue.of("\\b(i|we|i'm|we're|my|our)\\b");

    private static final Cue MOVED = Cue.of("\\b(moved?|moving|came|come) (up |down |over |here )?from\\b");

    private static final Cue LIKE_OURS = Cue.of("\\b(used to|would|if|years? ago|grew up)\\b");

    /** Feet; "5,280" behind the name of a place. */
    private static final int LEAST_BARE = 1000;

    /** "Because we're over 1,000": which band, not how high. */
    private static final Cue OVER_A_LIMIT = Cue.of(
            "\\b(we're|we are|i'm|i am|you're|you are|it's|being|says so|says|anything|anywhere|everything|everywhere|places|altitudes|elevations) (over|above|under|below) $");

    /** "Elevation where we live is 680". */
    private static final Cue HEIGHT_IS =
            Cue.of("\\b(elevation|altitude|elev|alt) [^.;\\d]{0,40}\\b(is|of|about|around|at) $");

    /** "I double checked the altitude on my phone: 3,105." */
    private static final Cue HEIGHT_LISTED = Cue.of(
            "\\b(checked|looked up|found|got|read|see) (the|our|my) (elevation|altitude|elev|alt) [^.;:\\d]{0,30}: $");

    /** "30 min bwb at 2,250." */
    private static final Cue CANNED_AT =
            Cue.of("\\b(bwc|bwb|bath|minutes?|mins?|canner|boiling water) [.,]? ?(up |here |out )?(at|@) $");

    /** "I think we're at nine hundred and something?". */
    private static final Cue DOUBTED = Cue.of(
            "\\band something\\b|\\b(ours|mine|we) (is|are) (\\w+ ){0,2}(more|higher|above that|over that)\\b|\\bwhere (my|his|her) \\w+ (lives?|is|cans)\\b|\\b(maybe|perhaps|possibly|or|could be|might be) (a |just )*(bit|little|touch|hair|tad|some)? ?(more|higher|over|above)\\b|\\b(i think|i guess|maybe|or is it|might be|could be)\\b[^.;]*\\?|\\b(could be|might be|may be|either|somewhere between) [\\d,]+ or [\\d,]+|\\b(neither of us|nobody|none of us|we (don't|do not)|i (don't|do not)) (knows?|really know)\\b");

    /** "Elev. under 1000." */
    private static final Cue ALTITUDE_BELOW =
            Cue.of("(?<!\\b(for|at|an|any|the) )\\b(elev|elevation|altitude|alt) ([.:] )?((is|was) )?(under|below) $");

    /** "We're in the valley, 35 ft". */
    private static final Cue IN_THE_VALLEY = Cue.of(
            "\\b(we're|we are|i'm|i am|live|house is|farm is) (in|on|by) (the |our )?(valley|coast|delta|bay|flats|lowlands|island|shore) ,? ?$|\\b(in|on|by|at) the (valley|coast|delta|bay|beach|lowlands|shore|ocean|gulf) ,? ?$");

    /** "10 min BWC 90 ft". */
    private static final Cue AFTER_CANNING =
            Cue.of("\\b(bwc|bwb|bw|wb|minutes?|mins?|bath|canner|weighted|dial|gauge|psi|lbs?|pounds?) [.,]? ?$");

    private static final Cue HERE = Cue.of("\\b(we|i|we're|i'm|our|my|here|us|town|house|place)\\b");

    static final Cue RULE = Cue.of("\\b(add|minutes?|mins?|process\\w*|adjust\\w*|increase|if you|times?)\\b");

    /** "I am 5 feet 2 but the house is at 700". */
    private static boolean isSmall(Sentence s, int i, Numbers.Figure f) {
        String near = s.around(i, 4, 4);
        return f.low() < LOWEST_SAID_FEET && !near.contains("alt") && !near.contains("elev");
    }

    private Altitudes() {}

    static void seaLevel(Sentence s, Draft draft) {
        if (draft.facts.altitude().isEmpty()) {
            s.find(SEA_LEVEL).ifPresent(r -> {
                if (!OtherHeight.isKept(s, r, draft)) {
                    draft.facts.altitude(Fact.read(Altitude.ofFeet(0), r));
                }
            });
        }
    }

    /** The token after a height, or {@code i} when the figure there is none. */
    static int read(Sentence s, Draft draft, int i, Numbers.Figure f, int unit, Token u) {
        boolean feet = FEET.contains(u.norm());
        boolean metres = METRES.contains(u.norm());
        if ((feet || metres) && THOUSANDS.matcher(s.token(i).raw()).matches()) {
            // "1.700 feet", as half the world writes it
            state(s, draft, i, new Numbers.Figure(f.low() * THOUSAND, f.high() * THOUSAND, f.next()), metres, unit + 1);
            return unit + 1;
        }
        if (KILOMETRES.contains(u.norm()) && s.has(ALTITUDE) && f.high() <= HIGHEST_KM) {
            state(s, draft, i, new Numbers.Figure(f.low() * THOUSAND, f.high() * THOUSAND, f.next()), true, unit + 1);
            return unit + 1;
        }
        if (f.next() < s.size() && OF_A_STREET.contains(s.token(f.next()).norm())) {
            return f.next();
        }
        if (feet && f.high() >= LEAST_BARE && f.high() - f.low() > WIDEST_GUESS_FEET) {
            // "pints 10 min. at 0-1000'": a band of a table
            return unit + 1;
        }
        if ((feet || metres) && f.low() < LEAST_BARE && (s.opensAt(unit + 1, 4, AWAY) || s.isBefore(i, 4, GONE))) {
            return unit + 1;
        }
        // "my city 200 meter high"
        boolean high = s.is(unit + 1, "high") && s.has(PLACE_WORDS);
        boolean said = s.has(ALTITUDE) || high;
        // "at 90 ft", "0 ft", or a sentence of its own: "33 ft."
        boolean around = feet
                && s.has(PLACE)
                && (f.low() >= LOWEST_SAID_FEET || s.has(COAST))
                && AROUND.contains(i > 0 ? s.token(i - 1).norm() : "")
                && (unit + 1 >= s.size() || s.is(unit + 1, ".") || s.is(unit + 1, ","));
        boolean low = around
                || feet
                        && s.isBefore(i, 4, IN_THE_VALLEY)
                        && (unit + 1 >= s.size()
                                || !s.token(unit + 1).isWord()
                                || s.is(unit + 1, "or")
                                || GOES_ON.contains(s.token(unit + 1).norm()))
                || feet
                        && s.isBefore(i, 2, AFTER_CANNING)
                        && (unit + 1 >= s.size() || s.is(unit + 1, ".") || s.is(unit + 1, ","))
                || feet && s.opensAt(unit + 1, 5, ABOVE_WATER)
                // "at the beach (12 ft)"
                || feet && s.is(i - 1, "(") && s.is(unit + 1, ")") && s.has(COAST)
                || !u.is("'")
                        && (f.low() >= LOWEST_SAID_FEET && s.is(i - 1, "at")
                                || feet
                                        && (f.low() == 0
                                                || (i == 0 || s.is(i - 1, ",") || s.is(i - 1, ";") || s.is(i - 1, "."))
                                                        && (unit + 2 >= s.size() || s.is(unit + 1, "."))));
        if ((f.low() >= 100 || low || (said && !isSmall(s, i, f) && f.low() == Math.rint(f.low())))
                && (feet || (metres && (said || low || f.low() >= LEAST_METRES)))) {
            if (feet || said || metres) {
                state(s, draft, i, f, metres, unit + 1);
            }
            return unit + 1;
        }
        return bare(s, draft, i, f);
    }

    /** "elevation 5200", "altitude: 6,500", "we're at 7000 here". */
    static int bare(Sentence s, Draft draft, int i, Numbers.Figure f) {
        // "we're over six thousand feet (6,320)"
        if (s.is(i - 1, "(")
                && i > 1
                && FEET.contains(s.token(i - 2).norm())
                && s.is(f.next(), ")")
                && f.low() >= LEAST_BARE / 10.0
                && f.low() <= Altitude.HIGHEST_FEET) {
            state(s, draft, i, f, false, f.next());
            return f.next();
        }
        if (s.isBefore(i, 6, THAT_IS_US) && f.low() >= LOWEST_SAID_FEET && f.high() <= Altitude.HIGHEST_FEET) {
            state(s, draft, i, f, false, f.next());
            return f.next();
        }
        if (s.token(i).raw().indexOf(',') > 0
                && f.low() >= LEAST_BARE
                && f.low() == f.high()
                && f.high() <= Altitude.HIGHEST_FEET
                && endsClause(s, f.next())
                && s.isBefore(i, 5, CANNED_AT)) {
            state(s, draft, i, f, false, f.next());
            return f.next();
        }
        int band = bandEnd(s, i, f);
        if (band > i) {
            return band;
        }
        if (s.isBefore(i, 4, OVER_A_LIMIT) && f.low() >= LEAST_BARE) {
            return f.next();
        }
        boolean alone = f.next() >= s.size()
                || !s.token(f.next()).isWord()
                || GOES_ON.contains(s.token(f.next()).norm());
        if (alone
                && f.low() >= LEAST_BARE / 10.0
                && f.low() <= Altitude.HIGHEST_FEET
                && f.low() == f.high()
                && (s.isBefore(i, 6, PLACE_IS) || s.isBefore(i, 8, SHOWN))) {
            state(s, draft, i, f, false, f.next());
            return f.next();
        }
        if (s.has(ALTITUDE) && f.low() >= LOWEST_SAID_FEET && f.low() <= 14_000 && f.low() == Math.rint(f.low())) {
            String before = s.around(i, 4, 0);
            // "we're at 5" is no altitude; "altitude 120" is
            boolean named = before.contains("elev") || before.contains("alt") || s.isBefore(i, 3, EL);
            if (f.low() < 200 && !named) {
                return i;
            }
            if (before.contains("elevation")
                    || before.contains("altitude")
                    || before.contains("elev")
                    || before.contains("alt ")
                    || s.isBefore(i, 3, EL)
                    || before.contains("at ")
                    || s.isBefore(i, 9, HEIGHT_IS)
                    || s.isBefore(i, 9, HEIGHT_LISTED) && endsClause(s, f.next())
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

    /** "30 minutes from 3,001 to 6,000": a band of a table, with its unit said before. */
    private static int bandEnd(Sentence s, int i, Numbers.Figure f) {
        boolean from = s.is(i - 1, "from") || s.is(i - 1, "between") || s.is(i - 1, "for");
        if (from && f.low() >= LEAST_BARE && f.high() > f.low() && f.high() <= Altitude.HIGHEST_FEET) {
            return f.next();
        }
        boolean to = s.is(f.next(), "to") || s.is(f.next(), "and") || s.is(f.next(), "-");
        if (!from || !to || f.low() < LEAST_BARE || f.next() + 1 >= s.size()) {
            return i;
        }
        return Numbers.at(s.tokens(), f.next() + 1)
                .filter(n -> n.low() > f.low() && n.low() <= Altitude.HIGHEST_FEET)
                .map(Numbers.Figure::next)
                .orElse(i);
    }

    private static boolean endsClause(Sentence s, int to) {
        return to >= s.size() || s.is(to, ".") || s.is(to, ")") || s.is(to, ";");
    }

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
        String before = " " + s.around(i, 3, 0);
        // "under 1,000 feet here" is one
        boolean below = (before.contains(" below ") || before.contains(" under "))
                && !(endsClause(s, to) && s.isBefore(i, 6, ALTITUDE_BELOW));
        if (before.contains(" above ")
                || before.contains(" over ")
                || before.contains(" per ")
                || before.contains(" every ")
                || below && (!s.has(HERE) || s.has(RULE))
                || before.contains(" each ")) {
            if (below) {
                s.claim(i - 1, i);
            }
            return;
        }
        // "we moved from 600 ft to 6,350": where they canned before
        if (before.endsWith("from ") && s.has(MOVED)) {
            return;
        }
        boolean doubted = s.has(DOUBTED);
        // which of two it is will be asked; until then nothing is held against the lower
        double height = doubted ? f.low() : f.high();
        Altitude altitude = metres ? Altitude.ofMetres(height) : Altitude.ofFeet((int) Math.ceil(height));
        if (OtherHeight.isKept(s, s.span(i, to), draft)) {
            return;
        }
        if (doubted) {
            draft.doubt(s.span(i, to));
        }
        // a figure beside "sea level" says it more closely
        if (draft.facts.altitude().map(a -> a.value().feet() == 0).orElse(true)) {
            draft.facts.altitude(Fact.read(altitude, s.span(i, to)));
        } else if (((s.has(OURS) || s.isBefore(i, 6, PLACE_IS)) && !s.has(LIKE_OURS) || UnsureHeight.isLabel(s))
                && altitude.feet() > draft.facts.altitude().get().value().feet() + WIDEST_GUESS_FEET) {
            // two places, one recipe: which of them holds is asked
            draft.doubt(s.span(i, to));
        }
    }

    private static final Cue A_HAIR = Cue.of(
            "((maybe|perhaps|or|just|and|give or take|by) )*(an? )?(hair|bit|tad|touch|little|smidge|few feet|whisker)( (under|over|less|more|lower|higher|above|below|or so))?[.!]?");

    /** "About 500 feet above sea level, maybe a hair under". */
    static boolean isAHairOff(Sentence s, Draft draft, Range part) {
        return A_HAIR.is(s.part(part).low().strip())
                && draft.facts
                        .altitude()
                        .flatMap(Fact::range)
                        .filter(height -> s.range().contains(height)
                                && height.end() <= part.start()
                                && s.tokens().stream()
                                        .filter(t -> t.isNumber() && t.range().start() < part.start())
                                        .allMatch(t -> t.range().start() < height.end()))
                        .isPresent();
    }

    /** "Up to 1,000 feet, which we are (960)". */
    private static final Cue WE_ARE =
            Cue.of("\\b(which|as|and|so|since|where) (we|i|ours)( all)? ?('re|'m|are|am|is)( just| well)? \\( $");

    /** Whether a figure in brackets is of a place no higher than is known already. */
    static boolean isOfABandTold(Sentence s, Draft draft, int i) {
        return s.isBefore(i, 5, WE_ARE)
                && s.is(i + 1, ")")
                && Numbers.at(s.tokens(), i)
                        .filter(f -> draft.facts
                                .altitude()
                                .filter(a -> f.high() <= a.value().feet())
                                .isPresent())
                        .isPresent();
    }
}
