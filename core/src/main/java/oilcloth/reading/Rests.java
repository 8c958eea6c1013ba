package oilcloth.reading;

import java.util.Locale;
import oilcloth.text.Cue;

/** Times in which nothing is processed: the canner comes up, comes down, or stands before the jars are lifted. */
final class Rests {
    /** Minutes the jars stand in the canner before they are lifted. */
    private static final int LONGEST_REST = 15;

    /** "I let them sit in the canner five minutes". */
    private static final Cue RESTS = Cue.of(
            "\\b(lid|cover|heat|burner|flame|fire|weight|regulator)('s)? (is |was |has )?(been )?off ?,? (for )?(another |about |at least )?$|\\boff (the )?heat ?,? (for )?(another |about |at least )?$|\\b(sit|sits|sat|rest|rests|rested|stand|wait|waited|leave them|left them) ((in|inside) (the |my )?(hot |open )?(canner|water|pot|bath|kettle) )?(for )?(another |about |at least )?$");

    /** "Left in the canner 5 minutes then removed". */
    private static final Cue LEFT_IN = Cue.of(
            "\\b(left|leave|sit|sat|stay|stayed|rest|rested)( (it|them|the jars|jars))? in (the )?(hot )?(canner|water|pot|water ?bath)( (for|another|about))* $");

    private static final Cue LIFTED =
            Cue.of("(more )?(,? ?(and|then|before) )+(i |we )?(remov|lift|took|take|taking|pull|out\\b)\\w*");

    /** "Gauge to nothing, two minutes, weight off, ten minutes, lid off". */
    private static final Cue OPENED_BY_STEPS = Cue.of(
            "\\b(gauge|dial|needle|pressure)( (is|was|down|falls|fell|drops|dropped))*( to| at| on)? (nothing|zero|0)\\b,? (then |and |wait |waited )*[^.;,]{1,16}minutes,? [^.;]{0,20}\\b(weight|petcock|regulator|lid) (comes |came )?off\\b");

    /** "Off heat, 0 psi on its own in 40 min". */
    private static final Cue OF_ITSELF = Cue.of(
            "\\b(on its own|on own|by itself|naturally)( (in|within|after|took)| ,| \\() (about |only |just )?$|\\b(0|zero)( psi| pounds| lbs?)? (in|within|after|took) (about |only |just )?$|\\b(cool(ed|ing)?[ -]{0,3}down|(came|come|comes) down|depressuri[sz]\\w+)( (was|is|took|natural\\w*|by itself|on its own|slow\\w*|in|about))* ?,? $");

    /** "The canner came up to pressure in fifteen minutes". */
    private static final Cue COME_TO = Cue.of(
            "\\b(came|come|comes|coming|got|get|gets|rose|went|goes|climbed|climbs|built|builds|reached|reaches|hit|back)( back)?( up| down)?( to| at)? (a |the |full |its |rolling |hard )*(pressure|boil|boiling|temperature|heat|zero|(\\S+) (pounds|lbs?|psi)) (in|within|after) (about |only |just |around )?$"
                    + "|\\b(climb(ed|s)|(came|comes?|went) (back )?up|rose|got (back )?there|(up|back) there)( again)? (in|within|after) (about |only |just |around |maybe )?$"
                    + "|\\b(took|takes|taking|forever|ages)\\b[^.;]{0,40}\\bto (come|get|climb|build)( back)?( up)?( to)? (a |the |full |rolling )*(boil|pressure|temperature) ?,? (almost |nearly |about |maybe |over |a good |more than )*$");

    /** "then 5 min with the heat off". */
    private static final Cue RESTING = Cue.of(
            "(more )?(with (the )?(heat|burner|stove|lid|cover|canner lid) (is )?(off|open)|(more|longer|extra|over)\\b(?! (a|the|low|medium|high|gentle|moderate))|off (the )?(heat|burner)|to rest|to (come (up|down|back|to)|get (up|back|to (a boil|pressure))|reach|build|heat|warm|climb|cool|fall|drop|vent|exhaust|steam|lose|depressuri[sz]e|return|go (up|down))|of rest|('s? )?rest|sitting|resting|cooling( (down|off))?|coming (up|down)|heating( up)?)\\b");

    /** "Took the canner 20 minutes to boil". */
    private static final Cue TAKES = Cue.of("\\b(took|takes|needs?|needed)( [a-z]+){0,4} $");

    private static final Cue TO_BOIL =
            Cue.of("to (a |come to a |start |start to |get |get to )?(boil|boiling|simmer|steam)\\b");

    private static final String BEHIND =
            "[.,;!/ ]*((then|and|wait|waited|waiting|another|about|for|rest|rested|stood|stand|gave|it|them) )*$";

    /** The heat, or whatever else goes off, before the time: "Heat off.", "Off;". */
    private static final Cue OFF = Cue.of(
            "(\\b(heat|fire|burner|flame|gas|stove) (is |was |went |goes )?off|\\boff (the )?(heat|burner|fire)|(^|[.;!/] +)(turned |shut )?off)"
                    + BEHIND);

    /** The pressure is gone before the time: "0.", "natural drop /", "weight off". */
    private static final Cue DOWN = Cue.of(
            "(\\b(lid|weight) (is |was |went |goes )?off|(?<!\\b(elev|elevation|altitude|alt)[.:;] ?)(^|[.,;!/] +)(0|zero)|\\b(waited|wait) (for|till|until) (0|zero)|\\b(to|at|hit|hits|reached|reads?|shows|showed|says|said) (0|zero)( psi| pounds)?|\\b(pressure|gauge|needle|dial) (was|is|went|had gone|came|has gone)( all the way| completely)? (down|gone|off)|\\bnatural(ly)?( (drop|release|cool(ed|ing)?( ?down)?))?|\\b(on )?(its|their) own|\\bby itself)"
                    + BEHIND);

    /** "Boil 2 min, cover, stand 20-30 min": the food, however long. */
    private static final Cue STANDS = Cue.of(
            "\\b(let )?(it |them |the \\w+ )?(stand|stands|stood|steep|steeped)( (covered|off the heat|off heat))?( for)?( about)? $");

    /** Characters: no more is needed to tell what ended. */
    private static final int NEAR = 60;

    private Rests() {}

    /** Whether nothing is processed in the time at a token. */
    static boolean isOne(Sentence s, int i, TimeSpan d) {
        boolean afterwards =
                d.most() <= LONGEST_REST && (s.isBefore(i, 8, RESTS) || s.has(OPENED_BY_STEPS) || isBehindTheEnd(s, i));
        return afterwards
                || d.most() <= LONGEST_REST && s.isBefore(i, 7, LEFT_IN) && s.opensAt(d.next(), 6, LIFTED)
                || isBehind(OFF, s, i)
                || s.isBefore(i, 6, STANDS)
                || s.opensAt(d.next(), 4, RESTING)
                || s.isBefore(i, 6, OF_ITSELF)
                || s.isBefore(i, 16, COME_TO)
                || s.isBefore(i, 6, TAKES) && s.opensAt(d.next(), 5, TO_BOIL);
    }

    /** "Heat off. Five min. Out.", "Off; 5 min; out", "Off. Zero. Ten." */
    static boolean isBehindTheEnd(Sentence s, int i) {
        return isBehind(OFF, s, i) || isBehind(DOWN, s, i);
    }

    private static boolean isBehind(Cue end, Sentence s, int i) {
        int start = s.token(i).range().start();
        return end.in(s.whole().substring(Math.max(0, start - NEAR), start).toLowerCase(Locale.ROOT));
    }
}
