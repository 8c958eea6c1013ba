package oilcloth.reading;

import java.util.Optional;
import java.util.Set;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** Ten minutes of steam before the weight goes on: a time of the canner that is not the process. */
final class Venting {
    private static final String FEW =
            "([1-9]|one|two|three|four|five|six|seven|eight|nine|a|a few|a couple( of)?|half a|few)(?<!(8|9|eight|nine)(?= (or|to) (ten|10)))( ?(to|or|-|–) ?(\\w+))?";

    /** Steam on its way out, or the way it goes. */
    private static final String STEAMS =
            "\\bsteam,? (going |at |in |a )*(full|hard|strong|good|steady)( (blast|stream|flow|cloud|plume|tilt|force|jet|column))+|\\bsteam(s|ed|ing)?( (the canner|my canner|out|off|up|freely|flows?|flowed|flowing|escapes?|escaped|rolled|rolls|rolling|to (escape|flow)|steadily))+"
                    + "|\\bsteam (comes?|came|is|was|flows?|flowed|pours|poured|shows|showed|starts|started)\\b[^.;]{0,30}\\b(?<!a )timed?|\\b(petcock|vent)( (is|was|left|kept|wide))* open"
                    + "|\\b(let|lets|letting|purge[ds]?|purging|drive|drove|push(ed)?|blow|blew)( all)?( the)? air( out)?";

    private static final String SPAN = ",?( for)?( about)?( a)?( full| good| whole| solid| steady)* ";
    private static final String STEAM_TEN_WEIGHT =
            "\\bsteam\\w*\\b[^.;0-9]{0,40}(?<!\\bcount of )\\b(ten|10)\\b(?! (lb|pound|psi|#|sec))[^.;0-9]{0,30}\\b(the|my|on) (counter)?weight\\b";

    private static final String TEN = SPAN + "(10|ten)( full| good| whole)? min\\w*";

    /** "Vented 4 minutes", "five minutes of steam", "vented ten seconds": the air is not out yet. */
    private static final Cue SHORT = Cue.of(
            "\\b(vent(ing)?|exhausting|steaming) (\\w+ )?((was|got|went|ran|took) )?(a (bit|little|touch|hair) |much |way |too )*(cut short|cut off|shortened|short|less|quick(er|ly)?|rushed|hurried|skimped|faster|brief(er)?)\\b|\\b(vent(ed|ing|s)?|exhaust(ed|ing|s)?|let (it|the canner|the steam|steam|the air|air) (vent|steam|blow|exhaust|escape|out|run|go))\\b[^.;,]{0,24}?(?<![\\d/.-])\\b("
                    + FEW
                    + " ?(full )?(minutes?|mins?)|\\w+ ?(seconds?|secs?))\\b(?! (over|longer|extra|more|past))|\\b(vent(ed|ing)?|exhaust(ed|ing)?) ?[:=,-]? ?(for |a |the |full |about |just |only |first |off |out |it )*([2-9]|two|three|four|five|six|seven|eight|nine)(?= ?([.;:/|)&+–—]|,(?!\\d)|$|(then|and|first|before|each|apiece|per|both|every|or so|with|at|on)\\b))|(?<![\\d/.-])\\b"
                    + FEW
                    + " ?-? ?(minutes?|mins?)'?( of)? (free |steady )?(steam|vent|venting|exhaust\\w*)\\b|(?<![\\d/.-])\\b([2-9]|two|three|four|five|six|seven|eight|nine) ((of )?(vent|venting|exhausting)|of (free |steady |hard |good )*steam)\\b(?! (pipe|hole))"
                    + "|\\bsteam\\w*\\b[^.0-9]{0,50}(?<![\\d/.-])\\b" + FEW
                    + " ?(full )?(minutes?|mins?)\\b(?! (over|longer|extra|more|past))(?![^.0-9]{0,30}\\b(jars?|pints?|quarts?|pack\\w*|fill\\w*|wilt\\w*|until|till)\\b)[^.0-9]{0,30}\\b((the|my|on) (counter)?weight|weight (went |goes )?on|petcock|regulator|jiggler|(shut|closed?) the vent)\\b"
                    + "|(" + STEAMS + ")" + SPAN + "(?<![\\d/.-])" + FEW
                    + "( full| good| whole)? ?(minutes?|mins?)\\b(?! (over|longer|extra|more|past))");

    /** "Steam for five." */
    private static final Cue STEAM_FOR_FEW =
            Cue.of("\\bsteam(s|ed|ing)? (it |her |the canner )?for " + FEW + "(?= ?[.,;)]|$)");

    /** "After the steam had blown 5 minutes." */
    private static final Cue BLOWN_FOR_FEW = Cue.of(
            "\\bsteam (has |had |was |has been |had been |been )?(blown|blowing|come|coming|poured|pouring|flowed|flowing|rolled|rolling)( (out|off|steadily|freely|hard))*( for)? "
                    + FEW + " ?(full )?(minutes?|mins?)\\b");

    private static final Cue VENTED = Cue.of(
            "(?<!\\b(the|a|my|your|its|her|his|old) )\\bvents?\\b[^.;]{0,40}|\\b(vented|venting|exhaust|exhausts|exhausted|exhausting)\\b(?! (the|my|our) (kitchen|room|house|porch|garage|oven|hood|dryer)\\b)(?!( it| the canner)? (till|until)\\b(?![^.;]{0,60}\\b(ten|10)\\b))[^.;]{0,40}|\\bsteam\\b[^.;]{0,40}\\b(from|out|out of|through|at) the (vent|petcock|port)\\b[^.;]{0,40}|\\b(vent|petcock|vent pipe)\\b[^.;]{0,24}\\b(10|ten) (full )?min\\w*|\\bsteam(s|ing)? (it )?(for )?(10|ten) (full |good |solid |whole )?min|\\blet(s|ting)? (it|her|the canner|mine) (blow|puff|steam|vent|spout|spit|hiss) (off |out )?(for )?(a |the )?(full |good |whole )?(10|ten)\\b|\\bsteam(ed|ing)?\\b[^.;]{0,50}\\b(timed|time|counted) (it |that |off )?(for )?(10|ten)\\b|\\bsteam(ed|ing)? for (10|ten)\\b(?! (second|sec))|\\bsteam (has |had |was |has been |had been |been )?(blown|blowing|come|poured|pouring|flowed|flowing|escaped|rolled|rolling)( (out|off|steadily|freely|hard))*( for)? (10|ten)( full| good)? min|\\bsteam(ed|ing)? (out|off)\\b|\\bsteam (is |was )?let (out|off|go|escape)\\b|\\blet (it|the canner|the pressure canner) (steam|blow steam|blow off steam)\\b|\\b(10|ten) (full )?min\\w*\\.?'? (of )?(free |steady |full |good |hard |strong |the )*(steam|venting|exhaust\\w*)(?! (canner|it|them|the|until)\\b)|\\b(10|ten) of (free |steady |hard |good )*(vent|venting|exhausting|steam)\\b(?! (pipe|hole|canner)| ?\\?)|\\b(10|ten) (of )?(vent|venting|exhausting)\\b(?! (pipe|hole))|(?<!\\b(knife|spatula|chopstick|skewer|stick|tool|blade|spoon|handle)\\b[^.;]{0,40})\\blet (all )?(the |all the )?air out\\b(?![^.;]{0,30}\\b(jars?|knife|spatula|chopstick|headspace|headroom)\\b)|\\bsteam (was |is |started )?(coming|came|comes|pouring|poured|blowing|blew) out\\b[^.;]{0,50}\\b(10|ten)( full| good)? min|\\bsteam(s|ed|ing) (it |the canner |out |off )*(10|ten)(?=,|;| then\\b)|\\bsteam(s|ed|ing)? (it |the canner |my canner )?(out |off )?(for )?(10|ten) (full |good |solid |whole )?min|\\b(spit|spits|spat|blew|puffed|puffs|hissed|poured|pours) (out )?steam\\b[^.;]{0,24}\\b(10|ten) (\\w+ )?min|\\b(10|ten) (full )?min[^.;]{0,40}\\bwith (the )?steam (rolling|pouring|coming|going|blowing|shooting|streaming|puffing|hissing)( out)?\\b|\\bsteam(s|ed|ing)? (it |her |mine |the canner |my canner )(out |off )?(for )?(a )?(full |good )?(10|ten)( full| good)? min\\w*|\\blet(s|ting)? (all )?(the |its )?steam (roll|billow|gush|pour|roar|rush|whistle|shoot|blast|hiss|puff|stream|jet|rip|scream)( out| off)*( for)?( a)?( full| good)? (10|ten) min\\w*|\\bsteam (comes|came|is coming|was coming|shoots|shot|rolls|rolled|pours|poured)( out)? (in|as) (a )?(good |solid |steady |strong |full )*(stream|jet|plume|column|cloud)\\b[^.;]{0,24}\\b(10|ten)( full| good)? min\\w*|\\bsteady (stream|jet|flow|column) of steam\\b"
                    + "|\\bsteam (came|comes|poured|pours|blew|rolled|shot|is coming|was coming)( (out|up|through|good|and|strong|steady|steadily|hard|freely|in|a|solid|stream))*[,;]? ?(and |then )*(after )?(10|ten)( full| good)? min\\w*( later| of that| more)? (i|we|and|then)\\b"
                    + "|" + STEAM_TEN_WEIGHT
                    + "|(\\bsteam(s|ed|ing)?( (it|her|mine))?|" + STEAMS + ")" + TEN
                    + "|\\bsteam\\b[^.;]{0,16}\\blet (it|her) (go|run|blow|steam|vent)( for)? (10|ten)\\b|\\blet(s|ting)? (all )?(the |its )?steam (escape|out|vent|flow|go|come|blow|run|pour)\\b");
    private static final Cue NOT_VENTED = Cue.of(
            "\\b(vents?|petcock)( (pipe|port|tube|stem))? (was |were |is |kept |stayed |left )*(closed|shut|plugged|covered|capped|blocked)( from the (start|first|beginning)| the (whole|entire) time| all along| right away| at once)(?= ?[.,;)]|$)|\\b(vent(ed|ing)?|exhaust(ed|ing)?) [^.;]{0,24}\\bwith the (weight|regulator|jiggler|rocker)( (already|right))? (on|in place|down)\\b|\\bsteam\\w*\\b[^.;]{0,30}\\b(seconds?|secs?|a count of \\w+)\\b[^.;]{0,30}\\bweight\\b|\\b(weight|regulator|petcock)( \\( ?\\S+ ?\\))?( (on|closed|shut|went on|goes on))+ (as soon as|once|when|the minute|the moment|right when) (it|the canner|she|steam) ?(just |first )?(steam(ed|s)?|start(ed|s)|spit|hiss(ed|es)|show(ed|s)|came|comes|began)\\b|\\b(weight|regulator|petcock|jiggler|rocker)( \\( ?\\S+ ?\\))?( (on|closed|shut|goes on|went on))+ (as soon as|once|when|the minute|the moment|the second|right when) (i|we) (just |first )?(see|saw|get|got|hear|heard|notice|noticed|spot|spotted)( the)?( first)?( bit of| whiff of| puff of| sign of)? (steam|it steam\\w*|a hiss|hissing)\\b|\\b(steam|air) (wasn'?t|was not|was never|isn'?t|is never|never got|didn'?t get) (let (out|off)|bled( off)?|blown( off)?|driven (out|off)|out)\\b|\\b(as soon as|the minute|the moment|the second|when|once) (i|we|you|it) (saw|see|get|got|had|starts?|started|begins?|began|shows?|showed)( to)? (the )?(first )?(steam|hiss|spit)(ing)?\\b[^.;]{0,10}\\b(put|set|place|placed|drop|dropped|clap|clapped|close|closed|shut) (the |on the |down the )?(weight|petcock|regulator|jiggler|rocker)\\b|\\b(no|not|never|without|don'?t|didn'?t|do not|did not|skip(ped)?|forgot to) (need to |(bother|fool|fuss|mess)( around)? (to |with |about )?(the |any |all that )?|get |got |been )?(vent|vented|venting|exhaust\\w*)\\b|\\bvent(ing)?\\b( \\w+)? (was|got|were) (skipped|missed|left out|forgotten|omitted)\\b|(?<!\\b(10|ten)\\b[^.;]{0,40})\\b(weight|regulator|jiggler|rocker) (went |goes |was |is )?on (right away|at once|straight away|immediately|from the (start|beginning)|first thing)\\b|\\bnever need(ed)? (that |the |any |all that |to )?(vent|venting|exhaust\\w*)\\b(?! (it )?(for )?(longer|more|extra|over|past|again))|\\bskip(s|ped|ping)? letting (it|the canner|her|the steam) (vent|steam|exhaust)\\b|\\b(set|put|place|placed|drop|dropped) (on )?the (weight|petcock|regulator)( on)? (when|once|as soon as) (the )?steam (first )?(shows?|showed|appears?|appeared)\\b(?![^.;]*\\b(10|ten)\\b)|\\b(forgot|forgotten|skip(ped)?|missed|neglected|omitted|instead of|never (did|got (around )?to)|(didn't|did not) (do|get to)|(didn't|did not|no|without|hadn't|never) (have |had )?(the |any |enough )?(time|patience) (to|for)) (all )?(about |to do |doing |on )?(the |any )?(vent|venting|exhausting)\\b(?! (pipe|hole))|\\b(never|not|don'?t|didn'?t|do not|did not)( ever)? (bother|wait|need|trouble)( to| with| about| for)? (let(ting)? )?(it|the steam|the canner|steam|the air|air)( to)? (steam|vent|blow|exhaust|out|off|first)\\b|\\b(put|set|drop|clap|pop)(ped)? the (weight|regulator|jiggler|rocker) (back )?on (right away|at once|straight away|immediately|from the (start|beginning)|first thing)\\b|\\b(never|don'?t|didn'?t|do not|did not) wait (for|till|until|on) (the |any )?steam\\b|\\b(never|don'?t|didn'?t|did not|do not) let (the |any )?(steam|air) (out|off|escape)\\b"
                    + "|\\b(vent(ed|ing)?|exhaust(ed|ing)?)( (the )?(canner|steam|it|time)| 10 min\\w*)?( \\(y/n\\))? ?([:=?,(]| [-–—]|\\s) ?(no|none|not done|not (this|today)\\b.*|never|skipped|nope|nil|zero|n|☐|□|\\[ ?\\])(?= ?([.,;)!\\s]|$))(?! (less|more|longer|fewer|problem|trouble|idea))"
                    + "|\\b(vent|vents|vented|venting|exhaust|exhausted)( (it|the canner|steam))?,?( (for|only|just|about|maybe))* (a couple|a few|couple|several)( of)? (minutes|mins)\\b"
                    + "|\\bno (sense|point|use|need)( in)?( (wasting|spending|losing) (gas|heat|steam|time|fuel|power|water)( on| with| by)?)?( to)? (vent|venting|exhausting|exhaust)\\b"
                    + "|\\b(i|we)('ve| have|'m| am|'re| are)? (quit|stopped|gave up( on)?|given up( on)?|done with) (the )?(venting|exhausting)\\b"
                    + "|\\bto (vent|exhaust)\\b[^.;,0-9]{0,20},? (and|but) (i|we) (just |plain |clean )?(forgot|didn'?t|did not|never did|don'?t|skipped it)\\b");
    /** Tokens of one telling: "vent the big canner with the lid on and the petcock open 5 minutes". */
    private static final int REACH = 18;

    /** Minutes of steam that were tested. */
    static final int LEAST_MINUTES = 10;

    /** Between the time and the steam: "5 min. of steady steam". */
    private static final Set<String> JOINS = Set.of(
            ".", "-", "of", "for", "to", "the", "a", "full", "free", "steady", "good", "hard", "strong", "steam");

    private static final Set<String> SECONDS = Set.of("s", "second", "seconds", "sec", "secs");

    /** Behind them a time is another one's. */
    private static final Set<String> ENDS =
            Set.of(";", "then", "wait", "waited", "rest", "sit", "cool", "drop", "drops", "zero", "lift");

    /** "5 minutes longer". */
    private static final Set<String> ON_TOP = Set.of("over", "longer", "extra", "more", "past");

    private Venting() {}

    /** "Vented it the whole ten", "watched for the steady plume and set the timer for ten", "ten on the vent". */
    private static final Cue WHOLE_TEN = Cue.of(
            "\\b(vent(s|ed|ing)?|exhaust(s|ed|ing)?) (it |her )?(for )?(the |a )(whole|full|entire|good) (ten|10)\\b|\\b(vent|steam|plume|petcock)\\b[^.;0-9]{0,24}\\b(timer|clock) (for|to|at) (ten|10)\\b|\\b(ten|10) (full )?(on|of|through|with) (the |my )?(open )?(vent|petcock|steam)\\b");

    private static final Cue STEAM_TO_WEIGHT = Cue.of(STEAM_TEN_WEIGHT);

    /** "Full head of steam, then ten by the clock, then the weight". */
    static boolean isOfTheSteam(Sentence s, int i) {
        return (s.is(i, "ten") || s.is(i, "10")) && (s.has(STEAM_TO_WEIGHT) || s.has(WHOLE_TEN));
    }

    private static final Cue TEN_MINUTES = Cue.of("\\b(10|ten) (full |good |whole |solid )*min\\w*");

    /** "Vented. … The vent went a full ten minutes": nothing new, and nothing odd. */
    static boolean isToldAgain(Sentence s, Draft draft) {
        return draft.facts.vented().filter(v -> v.value()).isPresent()
                && (s.has(VENTED) && s.has(TEN_MINUTES) || s.has(WHOLE_TEN));
    }

    /** "Steam 10." among the steps of a canner; greens are steamed before the jars are filled. */
    private static final Cue STEAM_TEN = Cue.of(
            "^(then |and )?((full|steady|good|strong|free) )*steam(s|ed|ing)?,? (for )?(10|ten)( full)?( min(ute)?s?)?(?= ?[.,;!]|$| (then|and)\\b)");

    /** "Steam 5. Weight on." */
    private static final Cue STEAM_FEW =
            Cue.of("^(then |and )?((full|steady|good|strong|free) )*steam(s|ed|ing)?,? (for )?"
                    + FEW
                    + "( full)?( min(ute)?s?)?(?= ?[.,;!]|$| (then|and)\\b)");

    static void read(Sentence s, Draft draft) {
        boolean full = draft.inCanner
                || draft.facts.headspace().isPresent()
                || draft.facts.gauge().isPresent();
        Optional<Range> vented = s.find(VENTED).or(() -> full ? s.find(STEAM_TEN) : Optional.empty());
        Optional<Range> not = s.findAny(NOT_VENTED)
                .or(() -> s.find(SHORT))
                .or(() -> s.find(STEAM_FOR_FEW))
                .or(() -> s.find(BLOWN_FOR_FEW))
                .or(() -> full ? s.find(STEAM_FEW) : Optional.empty())
                .or(() -> vented.flatMap(r -> fewMinutes(s, s.first(r))))
                .or(() -> fewMinutesBeside(s));
        if (not.isPresent()) {
            draft.tellVented(false, not.get());
        } else {
            vented.ifPresent(r -> draft.tellVented(true, r));
        }
    }

    private static Optional<Range> fewMinutesBeside(Sentence s) {
        for (int k = 0; k < s.size(); k++) {
            if (isVent(s, k) && !s.negatedToken(k)) {
                Optional<Range> few = fewMinutes(s, k);
                if (few.isPresent()) {
                    return few;
                }
            }
        }
        return Optional.empty();
    }

    private static boolean isVent(Sentence s, int k) {
        String w = s.token(k).norm();
        // "I check the vent pipe"
        boolean noun = s.is(k - 1, "the") || s.is(k - 1, "a") || s.is(k - 1, "my") || s.is(k + 1, "pipe");
        return !noun && w.equals("vent")
                || w.equals("vented")
                || w.equals("venting")
                || w.equals("vents")
                || w.startsWith("exhaust");
    }

    /** The time told with the word, behind it or before it, when it is short of what was tested. */
    private static Optional<Range> fewMinutes(Sentence s, int vent) {
        int behind = timeBehind(s, vent);
        if (behind >= 0 && !isBroken(s, vent, behind)) {
            return few(s, behind);
        }
        // "5 min. vent", "after 5 minutes of hard steam venting"
        for (int i = Math.max(0, vent - JOINS.size()); i < vent; i++) {
            if (TimeSpan.at(s, i).filter(t -> joins(s, t.next(), vent)).isPresent()) {
                return few(s, i);
            }
        }
        return behind >= 0 ? few(s, behind) : Optional.empty();
    }

    /** The token of the first time behind it, or -1 if there is none or another figure stands before it. */
    private static int timeBehind(Sentence s, int vent) {
        int end = Math.min(s.size(), vent + REACH);
        for (int i = vent + 1; i < end && !ENDS.contains(s.token(i).norm()); i++) {
            if (TimeSpan.at(s, i).isPresent()) {
                return i;
            }
            if (Numbers.at(s.tokens(), i).isPresent()) {
                return -1;
            }
        }
        return -1;
    }

    private static boolean isBroken(Sentence s, int from, int to) {
        for (int k = from; k < to; k++) {
            if (s.is(k, ",") || s.is(k, ".")) {
                return true;
            }
        }
        return false;
    }

    private static boolean joins(Sentence s, int from, int vent) {
        for (int k = from; k < vent; k++) {
            if (!JOINS.contains(s.token(k).norm())) {
                return false;
            }
        }
        return from <= vent;
    }

    private static Optional<Range> few(Sentence s, int at) {
        TimeSpan time = TimeSpan.at(s, at).orElseThrow();
        boolean less = time.clock()
                ? time.most() < LEAST_MINUTES
                : SECONDS.contains(s.token(time.next() - 1).norm());
        boolean onTop =
                time.next() < s.size() && ON_TOP.contains(s.token(time.next()).norm());
        return less && !onTop ? Optional.of(s.span(at, time.next())) : Optional.empty();
    }

    /** "Vent the canner 10 min", "exhaust canner 10 minutes": the canner, but not the process. */
    static boolean names(Sentence s, int canner) {
        String near = s.around(canner, 4, 4);
        return near.contains("vent") || near.contains("exhaust") || STEAMED_OUT.in(near) || ventsBefore(s, canner);
    }

    private static final Cue STEAMED_OUT =
            Cue.of("\\bsteam(s|ed|ing)? (the |my |our )?(pressure )?canner (out|off)\\b");

    /** "Vent the dial gauge pressure canner": the same clause, and no figure in between. */
    private static boolean ventsBefore(Sentence s, int canner) {
        for (int k = canner - 1; k >= 0 && s.token(k).isWord() && !s.is(k, "then"); k--) {
            String w = s.token(k).norm();
            if (w.startsWith("vent") || w.startsWith("exhaust")) {
                return true;
            }
        }
        return false;
    }

    /** "Vented 10 minutes before I put the weight on, 30 minutes.": a second time, in a clause by itself. */
    static boolean before(Sentence s, int from, int to) {
        boolean alone = from > 0
                && (s.is(from - 1, ",") || s.is(from - 1, ";"))
                && (to >= s.size() || s.is(to - 1, ".") || s.is(to, ".") || s.is(to, ";") || s.is(to, ","));
        int vented = -1;
        for (int k = 0; alone && k < from; k++) {
            String w = s.token(k).norm();
            if (w.startsWith("vent") || w.startsWith("exhaust")) {
                vented = k;
            } else if (vented >= 0 && TimeWords.MINUTE.contains(w)) {
                return true;
            }
        }
        return false;
    }
}
