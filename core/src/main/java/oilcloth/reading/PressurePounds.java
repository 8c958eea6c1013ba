package oilcloth.reading;

import java.util.Set;
import oilcloth.text.Cue;
import oilcloth.text.Token;

/** Whether pounds are of pressure and not of beans. */
final class PressurePounds {
    private static final Cue GAUGE_BEFORE = Cue.of("\\b(dial|weighted|gauge|gage)\\b");
    /** "10 lb x 25 min". */
    private static final Cue TIMES_MINUTES = Cue.of("^\\S+ x \\d+ min");

    /** "At 15 pounds instead of 10". */
    private static final Cue OF_TWO = Cue.of(
            "(pounds|lbs?|#) (instead of|rather than|and not|not) (the )?(5|10|11|12|13|14|15|five|ten|eleven|twelve|thirteen|fourteen|fifteen)\\b");

    private static final Cue MINUTES_AT =
            Cue.of("\\bmin(ute)?s? (half - |half )?(pints |quarts |pts |qts )?(at|@) (\\S+ )?$");
    private static final Cue PRESSURE_NEAR =
            Cue.of("\\bpressure|\\bpsi\\b|\\bgauge\\b|\\bweight\\b|\\bcanner\\b|\\bdial\\b");
    private static final Cue GAUGE = Cue.of("\\b(dial|weighted|gauge|needle|pc|pressure)\\b");

    /** "Once the weight (10 lb) started jiggling". */
    private static final Cue WEIGHT_BEFORE = Cue.of(
            "\\b(weight|regulator|jiggler|rocker) (on )?([(,:] )?((is|was|set|marked|stamped|kept) )*((at|on|to) )?(the )?\\S+ $");

    /** "My canner has a dial; I keep it at 11 to 12 pounds". */
    private static final Cue HELD_AT = Cue.of(
            "\\b(keep|kept|hold|held|set|stays?|stayed|run|ran) (it |steady |right )*(at|on) |\\b(bring|brings|brought|got|gets?|came|comes?) (it |them |the \\w+ )?(back )?(up )?to ");

    /** "Brought it to 11 pounds and held it twenty minutes". */
    private static final Cue HELD = Cue.of(
            "(, )?(and |then )*(i |we )?((held|hold|kept|keep) (it|them|there|steady)|(did|went|gave (it|them)) (\\S+ )?(\\S+ )?(min|mins|minutes|hours?))\\b");

    /** "Vented ten minutes and put on the 10": one of the weights of the set. */
    private static final Cue WEIGHT_ON = Cue.of(
            "\\bthen (the|my) $|\\b(put|puts|set|sets|drop|dropped|pop|popped|used?|uses|picked|chose) (on )?(the|my) $");

    /** "Put on the weight and brought it to 10 pounds". */
    private static final Cue WEIGHT_GOES_ON = Cue.of("\\b(the|my) (weight|regulator|jiggler|petcock)\\b");

    private static final Set<String> WEIGHTS = Set.of("5", "10", "15", "five", "ten", "fifteen");

    private static final Set<String> GOES_ON = Set.of("on", "since", "because", "as", "and", "then", "for");

    /** "Let the weight come up to ten", "with the weight on ten". */
    private static final Cue WEIGHT_AT = Cue.of(
            "\\b(weight|regulator|jiggler|rocker) (\\w+ )?(back )?(up )?to $|\\b(weight|regulator|jiggler|rocker) (on )?\\( $|\\b(weight|regulator|jiggler|rocker) (on )?((is|was|set|marked|stamped|kept) )*(at|on|marked) (the )?$");

    private static final Cue WHICH = Cue.of("\\b(the|my|a) $");

    /** "A 10 lb weight on the plate": it holds cabbage down. */
    private static final Cue OF_A_CROCK =
            Cue.of("\\b(crock|plate|kraut|cabbage|brine|cucumbers?|ferment\\w*|juice (came|comes|rose|covered))\\b");

    static boolean isOfACrock(Sentence s) {
        return s.has(OF_A_CROCK);
    }

    static boolean isWeight(Sentence s, int figure) {
        if (isOfACrock(s)) {
            return false;
        }
        // "PC weighted 10, vented 10"
        if (WEIGHTS.contains(s.token(figure).norm())
                && s.is(figure - 1, "weighted")
                && (figure + 1 >= s.size() || !s.token(figure + 1).isWord())) {
            return true;
        }
        boolean ends = figure + 1 >= s.size()
                || !s.token(figure + 1).isWord()
                || GOES_ON.contains(s.token(figure + 1).norm());
        return WEIGHTS.contains(s.token(figure).norm())
                && (ends && (s.isBefore(figure, 3, WEIGHT_ON) || s.isBefore(figure, 5, WEIGHT_AT))
                        || s.is(figure + 1, "weight") && s.isBefore(figure, 1, WHICH));
    }

    /** "Pressure up to 11 (dial)", "gauge at 12": no unit is said. */
    static boolean bare(Sentence s, int figure, boolean gaugeTold) {
        // "Dial. Vent 10. Up to 11, clock on."
        boolean upTo = gaugeTold
                && figure > 1
                && s.is(figure - 1, "to")
                && s.is(figure - 2, "up")
                && (figure == 2 || !s.token(figure - 3).isWord())
                && (figure + 1 >= s.size() || !s.token(figure + 1).isWord());
        return upTo
                || (s.has(GAUGE) || gaugeTold && (s.isBefore(figure, 3, MINUTES_AT) || s.isBefore(figure, 5, KEPT_AT)))
                        && (s.isBefore(figure, 6, BARE)
                                || (s.is(figure - 1, "at") || s.is(figure - 1, "to") || s.is(figure - 1, "@"))
                                        && s.opensAt(figure + 1, 4, ON_THE_DIAL));
    }

    /** "75 minutes at 11 on the dial gauge". */
    private static final Cue ON_THE_DIAL =
            Cue.of("(on )?(the |my |our |a )?(dial|gauge|weighted|weight)\\b|[,(] (dial|weighted)\\b");

    /** "When it got to 11 I started the clock". */
    private static final String WHEN_IT_GOT_TO =
            "\\b(when|once|after|as soon as) (it|she|the (canner|pressure)) ((got|came|gets|comes|was|is|climbed|rose)( (up|back))* (to|at)|hit|hits|reached|reaches|read|reads|said|says|showed|shows) (the )?$";

    private static final Cue KEPT_AT = Cue.of(
            "\\b(brought|got|came|went) (it |the canner )?(back )?up to $|\\bbrought (it |her |the canner )?to $|\\b(i|we) (ran|run|keep|kept|hold|held) (it|her|mine) (steady )?(at|on) (about )?$"
                    + "|" + WHEN_IT_GOT_TO);

    private static final Cue BARE = Cue.of(
            WHEN_IT_GOT_TO
                    + "|\\bup to $|\\b(pressure|gauge|dial|needle) (is|was|=) $|\\b(dial|gauge|dial gauge) $|\\b(dial|weighted)( (kind|type|sort|one|style|gauge|model|canners?))? ?,? (set )?(at|on) $|\\bmin(ute)?s? at $|\\b(ran|run|runs|kept|keep|held|hold) (it|her|mine|them|the canner) (steady )?(at|on) (about )?$|\\b(weight|pressure|gauge|dial|needle) (come|came|comes|get|got|gets|go|went|rise|rose|climb|climbed|creep|crept|up)( back)? (up )?(to|at|on) $|\\b(pressure|gauge|dial|needle) (\\( ?(dial|weighted) ?\\) )?(is |was |reads? |reading |held |kept |stays? |stayed |sat |sits |stood |stands |hung |hangs |hovers |hovered |rested |went |ran )?(up to|of|at|to|on|around|near|(to )?reads?|(to )?says?|(to )?hits?|reached|(to )?reach|reaches) (about |around |near )?$|\\b(was|is) (kept|held) (steady |right )?(at|on) (about )?$");

    private PressurePounds() {}

    private static final Set<String> BREAKS = Set.of("/", "|", "-", "–", "—", "+");

    private static boolean isBreak(Sentence s, int i) {
        return i >= 0 && i < s.size() && BREAKS.contains(s.token(i).norm());
    }

    /** "Vent 10 / 11 lb", but "beans - 11 lb - vented 10". */
    private static boolean isOfACanner(Sentence s, int figure) {
        int at = s.token(figure).range().start() - s.range().start();
        return OF_A_CANNER.in(s.low().substring(0, at));
    }

    private static final Cue OF_A_CANNER = Cue.of("\\b(vent\\w*|exhaust\\w*|steam\\w*|dial|weighted|gauge)\\b");

    /** "11 lb, start 2:05, off 2:35". */
    private static final Cue TIMED = Cue.of("\\b(start|started|timer|clock|minutes?|mins?|steady|held)\\b");

    /** "40 minutes 10 lb". */
    private static final Cue MINUTES = Cue.of("\\bmin(ute)?s?( \\.)? $");

    /** "55 min 10#": so long is no blanching, and the pounds behind it are none of produce. */
    private static final Cue MANY_MINUTES = Cue.of("\\b([2-9]\\d|1\\d\\d) min(ute)?s?( \\.)? $");

    /** "12 lb (3,500 ft)". */
    private static final Cue OF_HEIGHT = Cue.of("\\b(ft|feet|elev\\w*|alt\\w*|sea level|dial|weighted|gauge)\\b|\\d'");

    /** "10 lb rocking - 25 min", "10 lb wt. 55 min". */
    private static final Cue ROCKING = Cue.of("(weight )?(rock\\w*|jiggl\\w*|danc\\w*|steady)\\b|weight( [.,;-]|$)");

    /** "Vented 10. 11 pounds. 30 min quarts": nothing else in the sentence, once the canner has been told and something is in it. */
    static boolean alone(Sentence s, Draft draft, int figure, int unit) {
        Token u = s.token(unit);
        boolean behindMinutes = s.isBefore(figure, 3, MANY_MINUTES);
        if (!isFull(draft) && draft.facts.gauge().isEmpty() && !behindMinutes) {
            return false;
        }
        boolean ends = unit + 1 >= s.size()
                || s.is(unit + 1, ".")
                        && (unit + 2 == s.size()
                                || s.token(unit + 2).isNumber()
                                || unit + 3 == s.size() && s.token(unit + 2).kind() == Token.Kind.SIGN)
                || s.opensAt(unit + 1, 3, ROCKING)
                || s.is(unit + 1, ",") && s.has(TIMED)
                || s.is(unit + 1, "(") && OF_HEIGHT.in(inBracket(s, unit + 1));
        // "vent ten minutes each, 11 pounds, 25 minutes"
        boolean listed =
                s.is(figure - 1, ",") && s.has(OF_A_CANNER) || isBreak(s, figure - 1) && isOfACanner(s, figure);
        boolean clause = listed && (ends || isBreak(s, unit + 1) || s.is(unit + 1, ",") || s.is(unit + 1, ";"));
        boolean begins =
                figure == 0 || s.is(figure - 1, ".") || s.is(figure - 1, ";") || s.isBefore(figure, 2, MINUTES);
        return (begins && ends || clause)
                && (u.is("pounds") || u.is("lbs") || u.is("lb") || u.is("#"))
                && isPsi(s, figure);
    }

    /** "Took it up to 11 pounds and kept it there 25 minutes", "12 lb (we are 2,900 ft) and 75 minutes". */
    private static final Cue THEN_MINUTES = Cue.of(
            "(pounds|lbs?|#) ?[.]? ?(\\( [^)]* \\) )?((,|;|and|for|then|-|–|x|kept|keep|held|hold|it|them|there|steady|i|we|timed?|gave|a|full|on) )*([\\w-]+ ){1,3}(minutes?|mins?|hours?|hrs?)\\b");

    private static final Cue BROUGHT_TO = Cue.of(
            "(?<!\\bused to )\\b(to|at|@|until|till|used|use|uses|,) (about |around |just |right |exactly |over |all |the full )?$");

    private static final Cue WEIGHED = Cue.of(
            "\\b(weigh(s|ed|ing)?|bought|picked|baby|lost|gained|sack|bag|box|dressed|bushel|peck|of (?!room|space|headspace|steam)\\w+)\\b");

    private static final int LEAST = 5;
    private static final int MOST = 20;

    /** "It is the weighted kind, so I run 15 lb". */
    private static final Cue RUN_AT = Cue.of(
            "\\b(i|we) (always |just )?(run|ran|go|went|keep|kept|hold|held|process) (it |mine |her |with |at )*$");

    /** Once a pressure canner is told and the jars are filled, pounds of nothing are its own. */
    static boolean inCanner(Sentence s, Draft draft, Numbers.Figure f, int unit) {
        Token u = s.token(unit);
        boolean pounds = u.is("pounds") || u.is("lbs") || u.is("lb") || u.is("#");
        if (!pounds || !isFull(draft) || f.low() < LEAST || f.high() > MOST || s.isItem() || s.is(unit + 1, "of")) {
            return false;
        }
        if (s.opensAt(unit, 16, THEN_MINUTES)) {
            return true;
        }
        // "I used 10 pounds and got 7 quarts" weighs what is canned
        boolean used = s.token(Math.max(0, unit - 2)).norm().startsWith("use");
        boolean ends = used
                ? s.is(unit + 1, "as") || s.is(unit + 1, "because") || s.is(unit + 1, "since")
                : unit + 1 >= s.size()
                        || !s.token(unit + 1).isWord()
                        || GOES_ON.contains(s.token(unit + 1).norm());
        return ends && s.isBefore(unit - 1, 4, BROUGHT_TO) && !s.has(WEIGHED);
    }

    /** "Held 11 pounds steady", "never let it go under 11": once something is in the jars. */
    static boolean plain(Sentence s, Draft draft, int figure, int next) {
        return isFull(draft) && isPsi(s, figure) && PlainTelling.pressure(s, figure, next);
    }

    private static boolean isFull(Draft draft) {
        return draft.filled
                || draft.facts.headspace().isPresent()
                || draft.facts.vented().isPresent();
    }

    private static String inBracket(Sentence s, int open) {
        return s.around(open, 0, Brackets.closing(s, open) - open + 1);
    }

    /** "The gauge was within a pound": how far it is out. */
    private static final Cue OFF_BY =
            Cue.of("\\b(within|(off|out|high|low) by|by|off|out) (only |about |half )?(a|an|one|two|1|2|half a) $");

    /** "Salted in 5 lb lots, weighted with a plate". */
    private static final Set<String> LOTS = Set.of("lots", "lot", "batches", "layers", "heads", "bags", "sacks");

    /** Whether the figure may be of a canner's pressure. */
    private static boolean isPsi(Sentence s, int figure) {
        return s.token(figure).norm().matches("[5-9]|1[0-5]|five|ten|eleven|twelve|thirteen|fourteen|fifteen");
    }

    /** "Canner has a dial - 12 lb since we live at 2,400'". */
    private static final Cue SINCE = Cue.of("(lbs?|pounds?|#) (since|because|cause|as) (we|i|it|our|my)\\b");

    /** "3 lb of okra". */
    private static final Cue OF_PRODUCE = Cue.of("of (?!pressure|steam|weight|psi)\\w+");

    /** @param unit the token of the unit, behind its figure */
    static boolean at(Sentence s, int unit) {
        Token u = s.token(unit);
        if (!(u.is("pounds") || u.is("pound") || u.is("lbs") || u.is("lb") || u.is("#"))
                || s.isBefore(unit, 4, OFF_BY)
                || s.is(unit + 1, "of") && s.opensAt(unit + 1, 2, OF_PRODUCE)
                || s.is(unit + 1, "weight") && isOfACrock(s)
                || LOTS.contains(unit + 1 < s.size() ? s.token(unit + 1).norm() : "")) {
            return false;
        }
        if (s.around(unit, 4, 0).contains("pressure : ") || s.isBefore(unit, 4, WEIGHT_BEFORE)) {
            return true;
        }
        String after = s.around(unit, 0, 4);
        // "dial gauge (tested in May) 11# 30 min"
        if (u.is("#")
                && s.has(GAUGE)
                && (unit + 1 >= s.size() || !s.token(unit + 1).isWord())) {
            return true;
        }
        // "weighted gauge; she says 15# because we're over 1,000"
        if (u.is("#")
                && s.has(GAUGE)
                && s.token(unit - 1).norm().matches("[5-9]|1[0-5]")
                && !s.is(unit + 1, "of")
                && StepWords.isPlain(unit + 1 < s.size() ? s.token(unit + 1).norm() : "and")) {
            return true;
        }
        if (s.is(unit + 1, "(") && GAUGE.in(inBracket(s, unit + 1))) {
            // "10 pounds (it's the weighted kind) for 25 minutes"
            return true;
        }
        if (s.has(GAUGE) && isPsi(s, unit - 1) && (s.isBefore(unit - 1, 5, RUN_AT) || s.opensAt(unit, 3, SINCE))) {
            return true;
        }
        return TIMES_MINUTES.in(after)
                || s.has(PRESSURE_NEAR) && s.opensAt(unit, 5, OF_TWO)
                || after.contains("pressure")
                || after.contains("weighted")
                || after.contains("dial")
                || after.contains("gauge")
                || after.contains("weight ")
                || after.contains("regulator")
                || after.contains("jiggler")
                || after.contains("rocker")
                || (s.has(GAUGE) || s.has(WEIGHT_GOES_ON) || s.opensAt(unit + 1, 7, HELD))
                        && s.isBefore(unit, 6, HELD_AT)
                || s.isBefore(unit, 5, GAUGE_BEFORE)
                || s.isBefore(unit, 5, MINUTES_AT)
                || s.is(unit + 1, "for") && s.is(unit - 2, "at")
                || (s.has(PRESSURE_NEAR)
                        && (s.around(unit, 4, 0).contains("min")
                                || s.around(unit, 3, 0).contains("at ")
                                || s.around(unit, 3, 0).contains("@ ")
                                || s.around(unit, 3, 0).contains(", "))
                        && !s.has(Vocabulary.ADD));
    }
}
