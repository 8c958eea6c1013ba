package oilcloth.reading;

import java.util.Optional;
import java.util.Set;
import oilcloth.measure.JarSize;
import oilcloth.measure.Minutes;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Fact;
import oilcloth.recipe.ProcessTime;
import oilcloth.text.Cue;
import oilcloth.text.Folded;
import oilcloth.text.Range;

/** Lengths of time, and which of them are the time in the canner. */
final class Durations {
    private static final Set<String> COMES =
            Set.of("came", "come", "comes", "go", "goes", "went", "drop", "drops", "dropped");
    private static final Cue STERILISE = Cue.of(
            "\\bboil(ed|ing)? (them |the jars |for |about )?(\\w+ ?-? ?)?(minutes?|mins?) (first|before ?(hand)?\\b(?! (i|we|you|they|eat|serv))|ahead)\\b|\\bsterili[sz]|\\bempty jars|\\bwash(ed)? (the |your |my )?jars|\\bboil (the |your |my )?(clean |empty )?jars\\b(?![^.;]{0,40}\\b(process|lids on|filled))");
    /** Minutes; nobody boils empty jars longer, at any altitude. */
    private static final int LONGEST_STERILISING = 25;

    /** "Time: 25 minutes", "Process time - 25 min". */
    private static final Cue LABEL =
            Cue.of("^(.*[.;,] )?((process|processing|canning|canner) )?(time|minutes) ([:=–-] )?$");

    private static final Cue GAVE =
            Cue.of("\\b(gave|give|gives|only did|i did|we did|do) (it|them|mine|ours|about|only|just)? ?");
    /** "time them for 25 minutes". */
    private static final Cue TIMED_IT = Cue.of(
            "\\b(start|starts|started|begin|began|set) (counting|timing|(the |my |a )?(clock|timer|time))( for| at| to)? ?[:,-]? ?$|\\btime[ds]? (them|it|the jars|quarts|pints|these)( for| at| about)? $|\\b(kept|keep|held|hold) (it|them)( there| steady| at it| at pressure| right there)*( for)? $");

    private static final Cue JARS =
            Cue.of("\\b(jars?|lids?|canner(?! ?(loads?|full)\\b)|water ?bath|pints?|quarts?|half[- ]pints?)\\b");
    /** Minutes; nobody vents a canner longer. */
    private static final int LONGEST_VENTING = 12;
    /** Jars stood on their heads: no process. */
    /** "I boil my old lids ten minutes". */
    private static final Cue OF_LIDS = Cue.of(
            "\\bboil(ed|s)? (the |my |those |them |all )*(old |used |new |flat )*(lids|rings|rubbers|rubber rings) (for |about )?$");

    private static final Cue TURNED = Cue.of("\\b(upside|inverted|invert|on their (heads|lids))\\b");

    private static final Cue OF_STEAM =
            Cue.of("(of )?(free |steady |full )*(steam|steaming|vent|venting|exhaust\\w*)\\b(?! canner)");

    /** Minutes a skin is loosened in. */
    private static final int LONGEST_DIP = 3;

    private static final Cue DIPPED = Cue.of(
            "\\b(dip|dips|dipped|dunk|dunked|scald|scalded|plunge|plunged|peel|peeled|blanch|blanched)\\b|\\bskins? (split|slip|crack|loosen|peel|come)");

    private static final Cue FILLED_JARS = Cue.of("\\b(filled|full|sealed|closed|capped) (jars|pints|quarts)\\b");

    /** Nobody covers empty jars by the inch once others are filled. */
    private static final Cue UNDER_WATER = Cue.of("\\bunder water\\b|\\binch(es)? of water\\b|\\binch(es)? over\\b");

    private static final Cue CANNER_WORDS = Cue.of(
            "\\b(dial|weighted|gauge|psi|boiling[- ]water|water[- ]?bath|wb|bwb|bwc|bw|steam canner|weight|pounds?|lbs?)\\b");

    /** "20 minutes at a full rolling boil with an inch of water over them". */
    private static final Cue AT_A_BOIL =
            Cue.of("^at a (full |hard |good |steady )*(rolling )?boil\\b.*\\bover (them|the (jars|lids|tops))");

    private static final Cue BOILED_BEFORE = Cue.of("\\bboil(ed|ing)? (for )?$");
    private static final Cue CANNER_NEXT = Cue.of("(in )?(a |the )?(boiling (-  ?)?water|water|bwb|bwc|wb|bw|canner)");

    private final JarMentions jars = new JarMentions();

    void read(Sentence s, Draft draft) {
        for (int i = 0; i < s.size(); i++) {
            if (s.isClaimed(i)) {
                continue;
            }
            if (s.is(i, "overnight")) {
                s.claim(i, i + 1);
                continue;
            }
            Optional<TimeSpan> found = TimeSpan.at(s, i);
            if (found.isEmpty() && (figured(s, draft, i) || besideAnother(s, draft, i))) {
                continue;
            }
            if (found.isEmpty()) {
                continue;
            }
            TimeSpan d = found.get();
            classify(s, draft, i, d);
            s.claim(i, d.next());
            i = d.next() - 1;
        }
    }

    /** "It was 25 minutes back home. Here I now do 35". */
    private static final Cue STILL = Cue.of("\\b(here|now|still|always)\\b( \\w+)? (do|did|give (it|them)|go|run) $");

    private static final Cue HERE = Cue.of("\\b(here|now)\\b");

    private static final Cue GIVEN = Cue.of("\\b(give|gave) (it|them|these|mine|ours) $");

    /** "Back home we did them 20 minutes": not here. */
    private static final Cue ELSEWHERE = Cue.of(
            "\\b(back home|back east|at (our|my) old (house|place|home)|where (we|i) (came from|used to live|lived before)|before we moved)\\b(?!.*\\b(here|still|now|same)\\b)");

    /** "20 minutes plus one for each thousand, so I figured 27": the unit was said before. */
    private boolean figured(Sentence s, Draft draft, int i) {
        boolean still = STILL.matcher(s.around(i, 4, 0)).find()
                || s.has(HERE) && GIVEN.matcher(s.around(i, 3, 0)).find();
        boolean said = still || s.is(i - 1, "figured") || s.is(i - 1, "did") || s.is(i - 1, "used") && s.is(i - 2, "i");
        boolean alone = i + 1 >= s.size() || s.is(i + 1, ".") || s.is(i + 1, ",") || s.is(i + 1, ";");
        if (!said || !alone || !s.token(i).isNumber()) {
            return false;
        }
        String before =
                still ? Folded.of(s.whole(), new Range(0, s.token(i).range().start())) : s.around(i, i, 0);
        if (!before.contains("minute") && !before.contains("min ")) {
            return false;
        }
        Optional<Numbers.Figure> f = Numbers.at(s.tokens(), i);
        if (f.isEmpty() || f.get().low() < 5 || f.get().high() > 200) {
            return false;
        }
        add(s, draft, i, f.get(), Optional.empty());
        return true;
    }

    private static void add(Sentence s, Draft draft, int i, Numbers.Figure f, Optional<JarSize> jar) {
        ProcessTime time = new ProcessTime(Minutes.of((int) f.low()), Minutes.of((int) Math.ceil(f.high())), jar);
        draft.facts.times().add(Fact.read(time, s.span(i, f.next())));
        s.claim(i, f.next());
    }

    private static final String JAR_TIME = "(half[- ]pints?|pints?|quarts?)( jars)?[:,]? ?(for )?\\d+";

    /** "Pints 20 min, quarts 25": one of two times without its unit. */
    private static final Cue JAR_TIMES = Cue.of("\\b" + JAR_TIME + " ?min\\w*[.,;]* ?(and )?" + JAR_TIME
            + "(?![\\d/.]| ?(lb|#|min|psi|pounds|of|for))|\\b" + JAR_TIME + "[,;]? ?(and )?" + JAR_TIME + " ?min");

    private boolean besideAnother(Sentence s, Draft draft, int i) {
        if (!s.token(i).isNumber() || !s.has(JAR_TIMES)) {
            return false;
        }
        Optional<Numbers.Figure> f = Numbers.at(s.tokens(), i).filter(n -> n.low() >= 5 && n.high() <= 200);
        Optional<JarSize> jar = jars.beside(s, i, i + 1);
        boolean among =
                s.findAny(JAR_TIMES).filter(r -> r.contains(s.token(i).range())).isPresent();
        if (f.isEmpty() || jar.isEmpty() || !among) {
            return false;
        }
        add(s, draft, i, f.get(), jar);
        return true;
    }

    private void classify(Sentence s, Draft draft, int i, TimeSpan d) {
        if (!d.clock() || d.least() < 1 || d.most() > 600 || s.has(ELSEWHERE)) {
            return;
        }
        if (s.is(d.next(), "later")
                || s.is(d.next(), "after") && !s.around(d.next(), 0, 6).contains("vent")
                || s.is(d.next(), "before")
                || s.is(d.next(), "ahead")
                || RESTING.matcher(s.around(d.next(), 0, 4)).lookingAt()
                || s.is(d.next(), "ago")) {
            return;
        }
        if (TURNED.matcher(s.around(i, 4, 0)).find()
                || OF_LIDS.matcher(s.around(i, 7, 0)).find()) {
            return;
        }
        if (d.most() <= LONGEST_VENTING
                && OF_STEAM.matcher(s.around(d.next(), 0, 3)).lookingAt()) {
            return;
        }
        if (d.most() <= LONGEST_DIP && DIPPED.matcher(clause(s, i)).find()) {
            return;
        }
        Range words = s.span(i, d.next());
        if (d.most() <= LONGEST_STERILISING
                && STERILISE.matcher(clause(s, i)).find()
                && !s.has(FILLED_JARS)
                && !(draft.filled && s.has(UNDER_WATER))
                && !draft.inCanner
                && !namesProcess(s)
                && !CANNER_NEXT.matcher(s.around(d.next(), 0, 3)).lookingAt()) {
            if (draft.facts.sterilised().isPresent()) {
                draft.facts.sterilised(Fact.read(Minutes.of((int) d.least()), words));
            }
            return;
        }
        // "last time I only gave it 10 minutes": a second thought about the time already told
        boolean secondThought = !draft.facts.times().isEmpty()
                && GAVE.matcher(s.around(i, 5, 0)).find();
        boolean steamed = d.least() > LONGEST_VENTING
                && s.is(d.next(), "of")
                && s.is(d.next() + 1, "steam")
                && draft.facts.methods().stream().anyMatch(m -> m.value() == CanningMethod.STEAM);
        if (!secondThought
                && !LABEL.matcher(s.around(i, 4, 0)).find()
                && !isTimed(s, i, d)
                && !steamed
                && !Venting.before(s, i, d.next())
                && !governedByProcess(s, i, d.next(), draft.inCannerAt(words.start()))) {
            if (isAlone(s, i, d.next()) && !s.negatedToken(i)) {
                draft.looseTimes.add(fact(s, i, d));
            }
            return;
        }
        if (s.negatedToken(i)) {
            return;
        }
        Fact<ProcessTime> fact = fact(s, i, d);
        draft.facts.times().add(fact);
        if (BOILED_BEFORE.matcher(s.around(i, 2, 0)).find()) {
            draft.boiledTimes.add(fact);
        }
    }

    private Fact<ProcessTime> fact(Sentence s, int i, TimeSpan d) {
        Optional<JarSize> jar = jars.beside(s, i, d.next());
        ProcessTime time =
                new ProcessTime(Minutes.of((int) Math.floor(d.least())), Minutes.of((int) Math.ceil(d.most())), jar);
        return Fact.read(time, s.span(i, d.next()));
    }

    /** "then 5 min with the heat off". */
    private static final Cue RESTING = Cue.of(
            "(more )?(with (the )?(heat|burner|stove) (is )?off|off (the )?(heat|burner)|to rest|of rest|('s? )?rest|sitting|resting)\\b");

    /** "25 minutes at 11 on the dial". */
    private static final Cue ON_THE_DIAL = Cue.of("at (\\S+ )?\\S+ on (the|my) (dial|gauge)\\b");

    /** "I timed 20 minutes": of the steam before the weight goes on, unless it is longer. */
    private static final Cue TIMED = Cue.of(
            "\\b(timed|count|counted) (off |out )?(for )?$|\\bfor (the|a) (whole|full|entire) $|\\b(the|my) time (was|is) $|\\b(mine|hers|ours|they|these) (was|were|got) $");

    /** "25 minutes from when it started jiggling". */
    private static final Cue FROM_THE_ROCKING = Cue.of(
            "(full |more )?(from|once|after|starting|counting|counted) (from )?(when|the time|the minute|the moment)? ?(it|the \\w+|they) (first )?(starts?|started|begins?|began|gets?|got|reach\\w*|hits?|came|comes) ?(to |up to |at |full )?(jiggl|rock|rattl|danc|sputter|hiss|spit|wobbl|pressure|\\d+ (lb|pound))\\w*");

    private static boolean isTimed(Sentence s, int i, TimeSpan d) {
        String before = s.around(i, 5, 0);
        return TIMED_IT.matcher(before).find()
                || d.least() > LONGEST_VENTING
                        && (TIMED.matcher(before).find()
                                || FROM_THE_ROCKING
                                        .matcher(s.around(d.next(), 0, 9))
                                        .lookingAt()
                                || ON_THE_DIAL.matcher(s.around(d.next(), 0, 6)).lookingAt());
    }

    /** "Cook cubes 2 minutes in boiling water and drain". */
    private static final Cue OUT_AGAIN =
            Cue.of("\\bdrain(ed|ing)?\\b|\\b(cold|ice|iced) water\\b|\\b(peel|slip|rinse)(ed|d|ped)?\\b");

    private static final Cue IN_A_BOIL =
            Cue.of("(in|at) a (full |hard |good |steady |rolling )*boil\\b|boiling ([,.;]|$)");

    private static final Set<String> ENDS = Set.of(",", ";", ".", "/", "|", "-", "–", "—");

    /** A clause, or a sentence, with nothing in it but the time. */
    private static boolean isAlone(Sentence s, int from, int to) {
        int before = from > 0 && (s.is(from - 1, "then") || s.is(from - 1, "for")) ? from - 2 : from - 1;
        boolean opens = before < 0 || ENDS.contains(s.token(before).norm());
        boolean ends =
                to >= s.size() || s.is(to - 1, ".") || ENDS.contains(s.token(to).norm());
        return opens
                && (ends
                        || s.is(to, "with") && afterIsCanner(s, to)
                        || IN_A_BOIL.matcher(s.around(to, 0, 7)).lookingAt());
    }

    /** The words between the semicolons around a token. */
    private static String clause(Sentence s, int i) {
        int at = s.token(i).range().start() - s.range().start();
        int from = s.low().lastIndexOf(';', at) + 1;
        int to = s.low().indexOf(';', at);
        return s.low().substring(from, to < 0 ? s.low().length() : to);
    }

    private static boolean namesProcess(Sentence s) {
        for (int k = 0; k < s.size(); k++) {
            if (TimeWords.PROCESS.contains(s.token(k).norm()) && !s.is(k, "can") && !s.is(k, "canning")) {
                return true;
            }
        }
        return false;
    }

    /**
     * Whether the word that governs this time is the canner: the nearest verb or canner word before it, else one just
     * after it ("20 minutes in a water bath").
     */
    private static boolean governedByProcess(Sentence s, int from, int to, boolean inCanner) {
        String before =
                s.low().substring(0, s.token(from).range().start() - s.range().start());
        if (poundsBefore(s, from)) {
            return true;
        }
        boolean broken = false;
        for (int k = from - 1; k >= 0; k--) {
            String w = s.token(k).norm();
            // "one canner load at a time" starts no canner
            boolean load = w.equals("canner") && (s.is(k + 1, "load") || s.is(k + 1, "loads") || s.is(k + 1, "full"));
            if (TimeWords.PROCESS.contains(w) && !load && !(w.equals("can") && isModal(s, k))) {
                boolean venting = w.equals("canner") && Venting.names(s, k);
                if (!venting || !broken) {
                    return !venting;
                }
                // "canner vented ten minutes and then 35 minutes": the venting is over
                continue;
            }
            if (w.equals("boil") || w.equals("boiled") || w.equals("boiling")) {
                boolean noun = s.is(k + 1, "water");
                int behind = s.is(from - 1, "for") ? from - 3 : from - 2;
                if (noun && k == behind && opensClause(s, k)) {
                    // "Boiling water 20 min."
                    return true;
                }
                boolean jarsBefore = JARS.matcher(before).find();
                if (inCanner || jarsBefore) {
                    return true;
                }
                if (noun) {
                    continue;
                }
                return afterIsCanner(s, to)
                        && !OUT_AGAIN.matcher(s.around(to, 0, 9)).find();
            }
            if (w.equals("weight") && s.is(k + 1, "on")) {
                return true;
            }
            // "vented 10 min, 10 lb": the pounds belong to what follows
            if ((w.startsWith("vent") || w.startsWith("exhaust")) && !broken) {
                return false;
            }
            if (TimeWords.COOK.contains(w)) {
                return afterIsCanner(s, to)
                        && !OUT_AGAIN.matcher(s.around(to, 0, 9)).find();
            }
            if (w.equals("down") && COMES.contains(k > 0 ? s.token(k - 1).norm() : "")) {
                // "the pressure came down in about 40 minutes"
                return false;
            }
            if (TimeWords.WAIT.contains(w)) {
                // "leave 1/2 in. — 20 min in the canner": the dash ends the leaving
                return broken && afterIsCanner(s, to);
            }
            broken |= w.equals("—")
                    || w.equals("–")
                    || w.equals(";")
                    || w.equals(",")
                    || w.equals(".")
                    || w.equals("then");
        }
        return afterIsCanner(s, to) || (inCanner && !s.low().contains("vent")) || isClause(s, from, to);
    }

    /** "at 10 pounds for an hour", "15 lb 75 min". */
    private static boolean poundsBefore(Sentence s, int from) {
        int k = s.is(from - 1, "for") || s.is(from - 1, ",") || s.is(from - 1, "x") ? from - 2 : from - 1;
        if (k > 2 && s.is(k - 1, "the") && s.is(k - 2, "on")) {
            // "11 pounds on the dial for 25 minutes"
            k -= 3;
        }
        if (k < 1) {
            return false;
        }
        String unit = s.token(k).norm();
        boolean pounds = unit.equals("psi")
                || unit.equals("#")
                || unit.startsWith("lb")
                || unit.startsWith("pound")
                || unit.equals("pressure");
        return pounds
                && (s.is(from - 1, "for")
                        || s.is(from - 1, "x")
                        || PRESSURES.contains(s.token(k - 1).norm()));
    }

    private static final Set<String> PRESSURES =
            Set.of("5", "6", "7", "8", "9", "10", "11", "12", "13", "14", "15", "five", "ten", "eleven", "fifteen");

    /** "45 minutes, boiling water bath", "quarts, 20 min": a clause by itself, in a sentence of jars or canner. */
    private static boolean isClause(Sentence s, int from, int to) {
        boolean opens = from == 0
                || ENDS.contains(s.token(from - 1).norm())
                || s.is(from - 1, ":")
                || s.is(from - 1, "in")
                || s.is(from - 1, "both")
                || JarMentions.at(s, from - 1).isPresent();
        boolean ends = to >= s.size()
                || s.is(to - 1, ".")
                || JarMentions.at(s, to)
                        .filter(j -> j.next() >= s.size() || s.is(j.next(), "."))
                        .isPresent()
                || s.is(to, "per") && s.is(to + 1, "the")
                || s.is(to, "/") && JarMentions.at(s, to + 1).isPresent()
                || s.is(to, ",")
                || s.is(to, ".")
                || s.is(to, ";")
                || s.is(to, ")")
                || s.is(to, "at");
        return opens && ends && (s.has(JARS) || s.has(CANNER_WORDS));
    }

    private static boolean opensClause(Sentence s, int from) {
        return from == 0
                || s.is(from - 1, ",")
                || s.is(from - 1, ".")
                || s.is(from - 1, ";")
                || s.is(from - 1, "-")
                || s.is(from - 1, "–")
                || s.is(from - 1, "—")
                || s.is(from - 1, "in");
    }

    private static boolean afterIsCanner(Sentence s, int to) {
        if (pressureFollows(s, to) || AT_A_BOIL.matcher(s.around(to, 0, 20)).find()) {
            return true;
        }
        // "Vent 10 min. 35 minutes at 11 psi": the next figure has a time of its own
        if (to < s.size() && s.token(to).isNumber()) {
            return false;
        }
        for (int k = to; k < Math.min(s.size(), to + 7); k++) {
            String w = s.token(k).norm();
            if (w.equals("steam") && (s.is(k + 1, "canner") || s.is(k + 1, "-") && s.is(k + 2, "canner"))) {
                return true;
            }
            if (w.equals(",")
                    || w.equals(".")
                    || w.equals(";")
                    || w.equals("then")
                    || w.equals("put")
                    || w.equals("set")
                    || TimeWords.COOK.contains(w)
                    || TimeWords.WAIT.contains(w)) {
                return false;
            }
            if (TimeWords.PROCESS.contains(w) && !(w.equals("can") && isModal(s, k))
                    || w.equals("weight")
                    || (w.equals("boiling") && s.is(k + 1, "water"))) {
                return true;
            }
        }
        return false;
    }

    /** "30 min at 12 lb", "75 min, 15 lbs, weighted gauge". */
    private static boolean pressureFollows(Sentence s, int to) {
        int k = s.is(to, ",") || s.is(to, ";") ? to + 1 : to;
        k = s.is(k, "at") || s.is(k, "@") ? k + 1 : k;
        Optional<Numbers.Figure> figure = k < s.size() ? Numbers.at(s.tokens(), k) : Optional.empty();
        if (figure.isEmpty() || figure.get().next() >= s.size()) {
            return false;
        }
        String unit = s.token(figure.get().next()).norm();
        boolean pounds = unit.equals("psi") || unit.equals("#") || unit.startsWith("lb") || unit.startsWith("pound");
        boolean at = s.is(k - 1, "at") || s.is(k - 1, "@");
        return pounds
                && (at
                        || PRESSURES.contains(s.token(k).norm())
                                && endsClause(s, figure.get().next() + 1)
                        || s.low().contains("gauge")
                        || s.low().contains("dial")
                        || s.low().contains("weight")
                        || s.low().contains("pressure")
                        || s.low().contains("canner")
                        || s.low().contains("psi")
                        || s.low().contains("vent"));
    }

    /** "10 lb." and "10 lb weighted" are a pressure, "10 lb beef" is not. */
    private static boolean endsClause(Sentence s, int at) {
        return at >= s.size()
                || !s.token(at).isWord()
                || TimeWords.PROCESS.contains(s.token(at).norm())
                || s.is(at, "dial");
    }

    private static boolean isModal(Sentence s, int can) {
        return s.is(can - 1, "you")
                || s.is(can - 1, "i")
                || s.is(can - 1, "we")
                || s.is(can - 1, "it")
                || s.is(can - 1, "that")
                || s.is(can + 1, "be")
                || s.is(can - 1, "they")
                || s.is(can - 1, "a")
                || s.is(can - 1, "the");
    }
}
