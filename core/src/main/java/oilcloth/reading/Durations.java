package oilcloth.reading;

import java.util.Optional;
import java.util.regex.Pattern;
import oilcloth.measure.JarSize;
import oilcloth.measure.Minutes;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Fact;
import oilcloth.recipe.ProcessTime;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** Lengths of time, and which of them are the time in the canner. */
final class Durations {
    /** "Time: 25 minutes", "Process time - 25 min". */
    private static final Cue LABEL = Cue.of(
            "^(.*[.;,] )?((process|processing|canning|canner) )?(time|minutes) ([:=–-] |was |is |of )?(only |just |about )?$");

    private static final Cue GAVE = Cue.of(
            "\\b(was|were|got|been) (only |just )?given (about |only |just )?$|(\\b(gave|give|gives|only did|i did|we did|do)|(?:^|[.,;] )did) (it|them|mine|ours|about|only|just)? ?|\\b(used?|uses|using) (about |only |just )?$");
    /** "time them for 25 minutes". */
    private static final Cue TIMED_IT = Cue.of(
            "\\b(start|starts|started|begin|began|set) (counting|timing|(the |my |a )?(clock|timer|time))( for| at| to)? ?[:,-]? ?$|\\btime[ds]? (them|it|the jars|quarts|pints|these)( for| at| about)? $|\\b(kept|keep|held|hold)( it| them)?( there| steady| at it| at pressure| right there)+( for)? $|\\b(kept|keep|held|hold) (it|them)( for)? $|\\b(pounds?|lbs?|psi|dial|gauge|pressure|#) and (then )?(i )?(kept|keep|held|hold)( for)? $|\\b(i|we) time(d)?( for)? $");
    /** Minutes; nobody vents a canner longer. */
    private static final int LONGEST_VENTING = 12;
    /** Minutes; nobody steams greens so long. */
    private static final int LEAST_VENTING = 10;

    /** "I boil my old lids ten minutes". */
    private static final Cue OF_LIDS = Cue.of(
            "\\bboil(ed|s)? (the |my |those |them |all )*(old |used |new |flat )*(lids|rings|rubbers|rubber rings) (for |about )?$");

    /** "Boiling water: 20 min for the lids". */
    private static final Cue FOR_LIDS = Cue.of("for (the |my |those |new |flat )*(lids|rings|rubbers)\\b");

    /** "Melon in pints; liquid boiled 5 more minutes and poured over". */
    private static final Cue OF_A_BOILED_LIQUID = Cue.of(
            "(?<!\\b(in|with|of|and) ((the|its|their|a) )?((hot|light|medium|heavy) )?)\\b(liquid|syrup|brine|vinegar) ((is|was|gets|got|then|and|again|all) )*(boil(ed|s)?|simmer(ed|s)?|heat(ed|s)?|cook(ed|s)?|reboil(ed|s)?)( (down|again|up|hard|gently|alone))*( for)?( (about|another))? $");

    /** "I put the weight on from the start, saves ten minutes". */
    private static final Cue SAVED =
            Cue.of("\\b(saves?|saved|saving|gains?|gained|lost|wasted|spare) (me |us |about )?$");

    /** "The jars pinged in half an hour". */
    private static final Cue PINGED =
            Cue.of("\\b(ping(ed|s)?|pop(ped|s)?|seal(ed)?|down|cool(ed)?)( \\w+)? (in|within|after) (about |only )?$");

    /** "A steam canner is fine if the time is 45 minutes or less": a rule. */
    private static final Cue LIMIT =
            Cue.of("\\b(if|when|as long as|so long as|provided|limit|where) (the |it's |it |a )?(\\w+ )*$");

    private static final Cue OR_LESS = Cue.of("or (less|under|shorter|fewer)\\b");

    private static final Cue BOILED =
            Cue.of("(of |in |at )?(the |a )?(boil\\w*|process\\w*|canner|water ?bath|bath)\\b");

    /** Jars stood on their heads: no process. */
    private static final Cue TURNED = Cue.of("\\b(upside|inverted|invert|on (their )?(heads|lids))\\b");

    /** "An extra minute to be sure": beside the time, and not it. */
    private static final Cue EXTRA = Cue.of("\\b(extra|additional)\\b");

    /** "I did vent it, ten minutes by the clock". */
    private static final Cue VENTED = Cue.of(
            "\\b(vent|vents|vented|venting|exhaust|exhausted)( (it|her|mine|the (canner|cooker)))? ?[:?=]? ?((yes|y|yep)\\b ?)?,? (for |about |a |good |full |exactly )*$");

    private static final Cue AT_POUNDS =
            Cue.of("(at|@|with|under) (\\S+ )?(\\d+|five|ten|eleven|twelve|fifteen|pressure|pounds)\\b");

    private static final Cue OF_STEAM = Cue.of(
            "(['’] ?)?(of )?(free |steady |full )*(steam|steaming|vent|venting|vented(?! (it|her|mine|for|\\d|ten|a full|the full))|exhaust\\w*)\\b(?! canner)"
                    + "|([^\\s,;.]+ ){0,5}with (the )?steam (rolling|pouring|coming|going|blowing|shooting|streaming|puffing|hissing|out)\\b");

    /** "When steam came out of the pipe I timed ten minutes and put on the weight". */
    private static final Cue WEIGHT_THEN = Cue.of(
            " ?(,? ?(and|before|then|and then) |, )(i |we )?(only |then )?((put|set|drop|dropped|place|placed|pop|popped|hung|putting|setting)( on)? (the |my )?(weight|regulator|jiggler|rocker|gauge weight|counter ?weight|dead ?weight|pressure weight)|(close|closed|shut|closing) (the |my )?(petcock|vent))\\b");

    /** "Weighted gauge: steam ten minutes, 10 pounds, 40 minutes". */
    private static final Cue STEAMED = Cue.of(
            "\\bsteam(s|ed|ing)? (it |her |the canner |off |out |for |a full |escape |flow |blow |run |go |pour |come )*$");

    /** Minutes a skin is loosened in. */
    private static final int LONGEST_DIP = 3;

    private static final Cue DIPPED = Cue.of(
            "\\b(dip|dips|dipped|dunk|dunked|scald|scalded|plunge|plunged|peel|peeled|blanch|blanched)\\b|\\bskins? (split|slip|crack|loosen|peel|come)");

    /** "Simmered 5 minutes in boiling water": the food, which is in no jar yet. */
    private static final Cue SIMMERED = Cue.of(
            "\\b(simmer|cook|blanch|parboil|scald|stew|soften)(ed|s|ing)?( (gently|slowly|for|about|it|them|all|everything|just))* $");

    private static final Cue IN_WATER =
            Cue.of("(in |into )(the |some )?(boiling|simmering|hot|plain)? ?water\\b(?! ?-?(bath|canner))");

    /** "Simmered them in boiling water for 5 minutes, filled the hot jars". */
    private static final Cue COOKED_IN_WATER = Cue.of(
            "\\b(simmer|blanch|cook|parboil|soften)(ed|s|ing)?( (it|them|all|everything|the \\w+))? in (the |plain |salted )*(boiling|hot) water (for |about )*$");

    /** Minutes; no jar is canned in fewer. */
    private static final int SHORTEST_PROCESS = 5;

    /** "Into boiling water two, three minutes, then loosely in the jars". */
    private static final Cue INTO_WATER =
            Cue.of("\\b(in|into) (the |some |plain )*(boiling|simmering|hot) water (for |about |just |a |\\w+ ?, )*$");

    /** "Steam came out steadily for 10 minutes before I put on the weight". */
    private static final Cue PARTS = Cue.of("\\b(weight|weighted|petcock|gauge|regulator|jiggler|rocker)\\b");

    private static final Cue OF_VENTING = Cue.of("\\b(vent|exhaust|steam|petcock)\\w*");

    /** "2 minutes in boiling water, drained". */
    private static final Cue TAKEN_OUT = Cue.of(
            "(in )?(the |rapidly )*(boiling|simmering) water ?,? ?(then |and )*(drain|cool|skin|peel|slip|dip|plunge|rinse|scoop|lifted out)\\w*");

    private static final Cue BOILED_BEFORE = Cue.of("\\bboil(ed|ing)? (for )?$");

    /** Then what boiled were jars. */
    private static final Cue IN_THE_BATH =
            Cue.of("(in|under) (the|a|my) (hot |boiling )?(water[- ]?bath|canner|bath)\\b");

    /** "5 min. BWB." */
    private static final Cue THEN_THE_BATH =
            Cue.of("[.,]? ?(in )?(the |a )?(bwb|bwc|(boiling[- ])?water[- ]?(bath|canner))\\b");

    private final JarMentions jars = new JarMentions();

    void read(Sentence s, Draft draft) {
        int before = draft.facts.times().size();
        readAll(s, draft);
        if (draft.facts.times().size() > before && NotDone.isOnlyMeant(s)) {
            draft.doubt(s.range());
        }
    }

    private void readAll(Sentence s, Draft draft) {
        JarTimes.read(s, draft);
        for (int i = 0; i < s.size(); i++) {
            if (s.isClaimed(i)) {
                continue;
            }
            if (s.is(i - 1, "every") && TimeSpan.at(s, i).isPresent()) {
                // "I write the gauge down every five minutes"
                int next = TimeSpan.at(s, i).get().next();
                s.claim(i, next);
                i = next - 1;
                continue;
            }
            if (s.is(i, "overnight")) {
                s.claim(i, i + 1);
                continue;
            }
            Optional<TimeSpan> found = TimeSpan.at(s, i);
            if (found.isEmpty() && ImpliedMinutes.read(s, draft, i)) {
                continue;
            }
            if (found.isEmpty()) {
                continue;
            }
            TimeSpan d = found.get();
            int told = draft.facts.times().size() + draft.looseTimes.size();
            classify(s, draft, i, d);
            if (draft.facts.times().size() + draft.looseTimes.size() == told) {
                int prepared = draft.facts.prepared().size();
                // "one inch, cooking water. Steam 10 minutes.": the canner, and not the beans
                boolean vents = d.least() >= LEAST_VENTING
                        && (draft.facts.headspace().isPresent()
                                || !draft.facts.pressures().isEmpty()
                                || draft.facts.gauge().isPresent())
                        && (s.isBefore(i, 5, STEAMED) || s.has(PARTS) && s.isBefore(i, 9, OF_VENTING));
                if (!vents) {
                    Preparing.time(s, draft, i, d);
                }
                if (draft.facts.prepared().size() == prepared
                        && d.clock()
                        && d.least() >= SHORTEST_PROCESS
                        && !Rests.isOne(s, i, d)
                        && !s.isAround(i, 5, d.next() - i + 5, OF_VENTING)) {
                    draft.unplacedTimes.add(s.span(i, d.next()));
                }
            }
            s.claim(i, d.next());
            i = d.next() - 1;
        }
    }

    /** "Back home we did them 20 minutes": not here. */
    private static final Cue ELSEWHERE = Cue.of(
            "\\b(back home|back east|at (our|my) old (house|place|home)|where (we|i) (came from|used to live|lived before)|before we moved)\\b(?!.*\\b(here|still|now|same)\\b)");

    /** Whether the time at a token is one of another place. */
    static boolean isElsewhere(Sentence s, int i) {
        return s.findAny(ELSEWHERE)
                .filter(r -> r.start() < s.token(i).range().start())
                .isPresent();
    }

    private void classify(Sentence s, Draft draft, int i, TimeSpan d) {
        if (!d.clock() || d.least() < 1 || d.most() > 600 || isElsewhere(s, i) || Hearsay.isAnothers(s)) {
            return;
        }
        if (s.is(d.next(), "later")
                || s.is(d.next(), "after")
                        && !s.around(d.next(), 0, 6).contains("vent")
                        && !s.opensAt(d.next(), 8, AFTER_VENTING)
                        && !isFromTheStart(s, draft, d.next())
                || s.is(d.next(), "before")
                || s.is(d.next(), "ahead")
                || s.is(d.next(), "ago")) {
            return;
        }
        if (s.opensAt(d.next(), 2, OR_LESS) && s.isBefore(i, 8, LIMIT)) {
            return;
        }
        if (!draft.filled && Preparing.isInNewWater(s, i) || Preparing.isBlanched(s, draft, i, d)) {
            return;
        }
        boolean moment = s.is(i, "a") && d.most() == 1;
        if (moment || Rests.isOne(s, i, d) || s.isAround(i, 1, d.next() - i, EXTRA)) {
            return;
        }
        if (s.isBefore(i, 2, SAVED)
                || s.isBefore(i, 4, TURNED)
                || s.isBefore(i, 5, PINGED) && !s.opensAt(d.next(), 6, BOILED)
                || s.isBefore(i, 7, OF_LIDS)
                || s.isBefore(i, 9, OF_A_BOILED_LIQUID)
                || s.opensAt(d.next(), 4, FOR_LIDS)) {
            return;
        }
        if (d.most() <= LONGEST_VENTING && s.opensAt(d.next(), 8, WEIGHT_THEN)) {
            return;
        }
        if (d.most() <= LONGEST_VENTING && s.opensAt(d.next(), 9, OF_STEAM)) {
            return;
        }
        if (d.most() <= LONGEST_VENTING && s.isBefore(i, 6, VENTED) && !s.opensAt(d.next(), 3, AT_POUNDS)) {
            return;
        }
        if (d.most() <= LONGEST_VENTING && !s.low().contains("steam canner") && s.isBefore(i, 5, STEAMED)) {
            return;
        }
        if (d.most() <= LONGEST_DIP && !draft.filled && s.opensAt(d.next(), 7, TAKEN_OUT)) {
            return;
        }
        if (d.most() <= LONGEST_DIP && DIPPED.in(Steps.around(s, i))) {
            return;
        }
        if (d.most() < SHORTEST_PROCESS
                && draft.facts.headspace().isEmpty()
                && !draft.inCanner
                && s.isBefore(i, 6, INTO_WATER)) {
            return;
        }
        if (d.most() < SHORTEST_PROCESS
                && !draft.filled
                && !draft.inCanner
                && draft.facts.headspace().isEmpty()
                && s.opensAt(d.next(), 4, IN_WATER)) {
            return;
        }
        if (!draft.filled && s.isBefore(i, 4, SIMMERED) && s.opensAt(d.next(), 4, IN_WATER)) {
            return;
        }
        if (draft.facts.headspace().isEmpty() && !draft.inCanner && s.isBefore(i, 9, COOKED_IN_WATER)) {
            return;
        }
        Range words = s.span(i, d.next());
        if (EmptyJars.areBoiled(s, draft, i, d)) {
            if (draft.facts.sterilised().isPresent()) {
                draft.facts.sterilised(Fact.read(Minutes.of((int) d.least()), words));
            }
            return;
        }
        // "last time I only gave it 10 minutes": a second thought about the time already told
        boolean secondThought = !draft.facts.times().isEmpty() && s.isBefore(i, 5, GAVE);
        boolean steamed = d.least() > LONGEST_VENTING
                && s.is(d.next(), "of")
                && s.is(d.next() + 1, "steam")
                && draft.facts.methods().stream().anyMatch(m -> m.value() == CanningMethod.STEAM);
        if (!secondThought
                && !s.isBefore(i, 4, LABEL)
                && !isTimed(s, draft, i, d)
                && !steamed
                && !Venting.before(s, i, d.next())
                && !CannerTime.isGoverned(s, i, d.next(), draft.inCannerAt(words.start()))) {
            // "11 pounds on the dial. I give them fifteen minutes"
            boolean given = s.isBefore(i, 5, GAVE)
                    && (!draft.facts.methods().isEmpty()
                            || !draft.facts.pressures().isEmpty());
            boolean alone = CannerTime.isAlone(s, i, d.next()) && !isOfTheCooking(s, draft);
            boolean plain = isUnderWay(draft) && !PlainTelling.isOver(s) && PlainTelling.time(s, i, d.next());
            if ((given || alone || CannerTime.isEnough(s, d.next())) && !s.negatedToken(i) || plain) {
                draft.looseTimes.add(fact(s, i, d));
            }
            if (plain || s.opensAt(d.next(), 4, THEN_THE_BATH)) {
                draft.plainTimes.add(fact(s, i, d));
            }
            return;
        }
        if (s.negatedToken(i)) {
            return;
        }
        Fact<ProcessTime> fact = fact(s, i, d);
        draft.facts.times().add(fact);
        PlainTelling.time(s, i, d.next());
        if (s.isBefore(i, 2, BOILED_BEFORE) && !s.opensAt(d.next(), 5, IN_THE_BATH)) {
            draft.boiledTimes.add(fact);
        }
    }

    /** Whether something is in jars and a canner has been told, or it has its steam and its pressure: what follows may be its time. */
    private static boolean isUnderWay(Draft draft) {
        boolean inJars = draft.filled || draft.facts.headspace().isPresent();
        return inJars && !draft.facts.methods().isEmpty()
                || (inJars || draft.facts.vented().isPresent())
                        && !draft.facts.pressures().isEmpty();
    }

    /** "Cook gently. 20 minutes. Fill pints …": what was begun in the sentence before, while nothing is in a jar. */
    private static final Pattern COOKING_BEFORE =
            Pattern.compile("(?i)\\b(simmer|cook|stew|blanch|soften)(ed|s|ing)?\\b[^.;!?\\n]{0,40}[.;!?] *$");

    /** Characters of the sentence before. */
    private static final int STEP_BEFORE = 60;

    private static boolean isOfTheCooking(Sentence s, Draft draft) {
        int start = s.range().start();
        String before = s.whole().substring(Math.max(0, start - STEP_BEFORE), start);
        return !draft.filled
                && draft.facts.headspace().isEmpty()
                && COOKING_BEFORE.matcher(before).find();
    }

    private Fact<ProcessTime> fact(Sentence s, int i, TimeSpan d) {
        Optional<JarSize> jar = jars.beside(s, i, d.next());
        ProcessTime time =
                new ProcessTime(Minutes.of((int) Math.floor(d.least())), Minutes.of((int) Math.ceil(d.most())), jar);
        return Fact.read(time, s.span(i, d.next()));
    }

    /** "25 minutes at 11 on the dial". */
    private static final Cue ON_THE_DIAL = Cue.of("at (\\S+ )?\\S+ on (the|my) (dial|gauge)\\b");

    /** "I timed 20 minutes": of the steam before the weight goes on, unless it is longer. */
    private static final Cue TIMED = Cue.of(
            "\\b(timed|count|counted) (off |out )?(for )?$|\\bfor (the|a) (whole|full|entire) $|\\b(the|my) time (was|is) $|\\b(mine|hers|ours|they|these) (was|were|got) $");

    /** "Put them under boiling water for 20 minutes", once the jars are filled. */
    private static final Cue UNDER = Cue.of(
            "\\b(under|into) (the |(about |at least )?(an|one|two|1|2)( or two)? (full )?inch(es)? of )?(boiling |hot |(?<=of ))water ?,? (for )?(about |a full )?$");

    /** "I start counting at eleven pounds and give it 75 minutes". */
    private static final Cue COUNTED = Cue.of(
            "\\b(start|starts|started|begin|began) (counting|timing|(the |my )?(clock|timer|time)) (at|when|once|as soon as)\\b.*\\b(pounds?|lbs?|psi|pressure|dial|gauge)\\b.* (and|then) (i )?(give|gave|let|run|ran) (it|them) (go |run )?(for )?(the full |a full )?$");

    /** "25 minutes from when it started jiggling". */
    private static final Cue FROM_THE_ROCKING = Cue.of(
            "(full |more )?(from|once|after|starting|counting|counted) (from )?(when|the time|the minute|the moment)? ?(it|the \\w+|they) (first )?((starts?|started|begins?|began|gets?|got|reach\\w*|hits?|came|comes) )?(to |up to |at |full )?(jiggl|rock|rattl|danc|sputter|hiss|spit|wobbl|pressure|(\\d+|five|ten|eleven|twelve|thirteen|fourteen|fifteen) (lb|pound|psi))\\w*");

    /** "20 minutes after the water came back to a boil", once the jars are filled. */
    private static final Cue FROM_THE_BOIL = Cue.of(
            "(full |more )?(from|once|after|starting|counting|counted) (from )?(when|the time|the minute|the moment)? ?(it|the \\w+|they) (first )?(starts?|started|begins?|began|gets?|got|reach\\w*|hits?|came|comes|returns?|returned|is|was) ?(back )?(to |at )?(a |the )?(full |hard |good |rolling )*boil\\w*|(counted |timed )?(from|after) (the|a) (full |hard |good |rolling )*boil\\b|(counted |timed )?(from|once|after|when) (the )?boil (had |has )?(came|comes|come|returned|returns)( back)?\\b");

    private static boolean isFromTheStart(Sentence s, Draft draft, int next) {
        String behind = s.around(next, 0, 9);
        boolean jars = draft.filled || draft.inCanner || !draft.facts.jars().isEmpty();
        return FROM_THE_ROCKING.opens(behind) || jars && FROM_THE_BOIL.opens(behind);
    }

    /** "Thirty minutes after ten minutes venting". */
    private static final Cue AFTER_VENTING =
            Cue.of("after (the |a |my )?(\\w+ ){0,2}((minutes?|mins?) )?(of )?(a )?(vent|steam|exhaust)\\w*");

    private static boolean isBath(Draft draft) {
        return !draft.facts.methods().isEmpty() && draft.facts.methods().get(0).value() == CanningMethod.BOILING_WATER;
    }

    /** "10 minutes from the first jiggle". */
    private static final Cue FROM_A_JIGGLE = Cue.of(
            "((from|after|once|when|starting (at|with|from)) (the |it |my )?|of )(first |weight |steady |good |real |full |hard |true )*(jiggl|rock|danc)\\w*");

    /** "Into the bath. Rolling boil then 30 min." */
    private static final Cue AT_THE_BOIL = Cue.of("\\b(rolling|full|hard|good) boil,? (then |and |and then |for )?$");

    private static boolean isTimed(Sentence s, Draft draft, int i, TimeSpan d) {
        String before = s.around(i, 5, 0);
        boolean submerged = draft.facts.headspace().isPresent() && s.isBefore(i, 9, UNDER);
        return TIMED_IT.in(before)
                || submerged
                || isBath(draft) && !draft.facts.packs().isEmpty() && s.isBefore(i, 5, AT_THE_BOIL)
                || s.isBefore(i, 14, COUNTED)
                || s.opensAt(d.next(), 7, FROM_A_JIGGLE)
                || (d.least() > LONGEST_VENTING || isBath(draft))
                        && (TIMED.in(before)
                                || s.is(d.next(), "timer") && draft.filled
                                || s.opensAt(d.next(), 8, AFTER_VENTING)
                                || isFromTheStart(s, draft, d.next())
                                || s.opensAt(d.next(), 6, ON_THE_DIAL));
    }
}
