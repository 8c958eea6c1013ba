package oilcloth.reading;

import java.util.Set;
import java.util.regex.Pattern;
import oilcloth.text.Cue;

/** Whether a time is the canner's, by the words around it. */
final class CannerTime {
    private static final Set<String> COMES =
            Set.of("came", "come", "comes", "go", "goes", "went", "drop", "drops", "dropped");

    private static final Cue JARS = Cue.of(
            "\\b(jars?|lids?|canner(?! ?(loads?|full)\\b)|water ?bath|(pints?|quarts?|half[- ]pints?)(?![- ](dutch|stock|sauce|heavy|stainless|enamel\\w*|pot|pan|kettle|bowl|crock|pail|bucket|measur\\w+)\\w*)(?! (of )?(very |extra |light |medium |heavy |boiling |hot |cold |apple |grape )*(water|juice|sugar|syrup|vinegar|broth)\\b))\\b");

    /** "Crushed tomatoes, quarts: washed, dipped …": a heading, and no jar is filled yet. */
    private static final Pattern OF_WHAT = Pattern.compile(
            "^[^.;:]{0,40}\\b(pints|quarts|half[- ]pints) ?:(?=[^.;]*\\b(wash|peel|dip|scald|slip|core|quarter|cut|slic|trim|crush|chop|pit|halv|drain|\\d+ lbs?))");

    private static final Cue CANNER_WORDS = Cue.of(
            "\\b(dial|weighted|gauge|psi|boiling[- ]water|water[- ]?bath|wb|bwb|bwc|bw|steam canner|weight|pounds?|lbs?)\\b");

    /** "20 minutes at a full rolling boil with an inch of water over them". */
    private static final Cue AT_A_BOIL = Cue.of(
            "^at a (full |hard |good |steady )*(rolling )?boil\\b.*\\bover (them|the (jars|lids|tops))|^with (\\S+ ){1,4}(inch|inches) (of )?(hot |boiling )?water (over|above) (them|the (jars|lids|tops))"
                    + "|^in (the|a|my|our) ((big|old|large|canning|enamel|speckled) )*(kettle|pot|stockpot|boiler) ?,? (with )?(the )?water (\\S+ ){1,4}(inch|inches) (over|above) (them|the (jars|lids|tops))");

    /** "Three hours in the wash boiler". */
    private static final Cue IN_A_BOILER = Cue.of(
            "(in|inside) (the|a|my|her|our|grandma's) (\\w+ )?(wash ?- ?boiler|wash ?boiler|wash ?tub|boiler|lard can|canning kettle|canning pot)\\b");

    /** "Cook cubes 2 minutes in boiling water and drain". */
    private static final Cue OUT_AGAIN =
            Cue.of("\\bdrain(ed|ing)?\\b|\\b(cold|ice|iced) water\\b|\\b(peel|slip|rinse)(ed|d|ped)?\\b");

    private static final Cue IN_A_BOIL =
            Cue.of("(in|at) a (full |hard |good |steady |rolling )*boil\\b|boiling ([,.;]|$)");

    /** "The book says 25 minutes for quarts, and that is what I did". */
    private static final Cue SAID = Cue.of(
            "\\b(book|booklet|sheet|card|guide|leaflet|handout|chart|directions|instructions|recipe|table|bulletin|paper|you|they|office|extension) (say|says|said|gives?|gave|calls? for|called for|lists?|listed|has|have|had|wants?|wanted) (to process (them )?)?(for )?(about )?$");

    private static final Cue DONE_SO = Cue.of(
            "\\b(that|which)('s| is| was) (just |exactly |also )?what (i|we|they|mine) (did|do|used|use|gave|got|had)\\b(?!,? (mostly|more or less|roughly|pretty much|almost|nearly|minus|less|sort of|kind of|except|but|or|usually|at first|some|for (most|some)))|\\b(and|so) (i|we) (did|do) (exactly |just )?(that|so|it)\\b");

    /** "The pints got 25 minutes at a full rolling boil". */
    private static final Cue JARS_GOT = Cue.of(
            "\\b(jars|(half - )?pints|quarts) (got|get|had|were given|stayed|stay) (their |a full |about )?$|\\blet (my|the|our|all the|them|those|it) ((half - )?((pint |quart )?jars |pints |quarts ))?(go|run|boil|process)( for)? (about )?$");

    /** "My pears go 20 minutes in quarts". */
    private static final Cue TAKES =
            Cue.of("\\b(go|goes|went|get|gets|got|take|takes|took|need|needs|want|wants) (for |about |a full )?$");

    private static final Cue IN_JARS =
            Cue.of("(in|for) (the |my )?((wide[- ]mouth|glass) )?(quarts|pints|half[- ]pints)\\b(?! (of|with))");

    /** "Quarts get 20 minutes." */
    private static final Cue QUARTS_GET =
            Cue.of("^(the |my |and |, )?(pints|quarts|half[- ]pints) (get|got|need|needed) $");

    /** "Coming to a boil takes 20 minutes for quarts". */
    private static final Cue OTHER_WORK = Cue.of(
            "\\b(com(e|es|ing)|gett?(ing)?|heat\\w*|warm\\w*|blanch\\w*|steril\\w*|peel\\w*|cool\\w*|chill\\w*|fill\\w*|prep\\w*|wash\\w*|soak\\w*|stand\\w*|cook\\w*|simmer\\w*|bring\\w*|reach\\w*|drop\\w*|load\\w*|pit\\w*|shell\\w*|cut\\w*|before|until|till)\\b");

    private static final Cue ONCE_THERE = Cue.of(
            "(once|after|when|from when|as soon as|from the time) .*\\b(boil\\w*|pressure|dial|gauge|pounds?|lbs?|psi|jiggl\\w*|rock\\w*)\\b");

    /** "Pack the melon in pints, boil the syrup another 5 min". */
    private static final Cue OF_A_LIQUID = Cue.of(
            "(up |down )?((the|this|that|my|remaining|reserved|strained|leftover) )+(syrup|brine|juice|solution|vinegar|broth|stock|sauce|pickling)\\b(?! (canner|jars))");

    /** "Vented ten minutes and did 25 minutes at 10 pounds". */
    private static final Set<String> DOES =
            Set.of("did", "gave", "went", "held", "kept", "then", "got", "do", "ran", "run");

    private static final Set<String> ENDS = Set.of(",", ";", ".", "/", "|", "-", "–", "—");

    private CannerTime() {}

    /** A clause, or a sentence, with nothing in it but the time. */
    static boolean isAlone(Sentence s, int from, int to) {
        int before = from > 0 && (s.is(from - 1, "then") || s.is(from - 1, "for")) ? from - 2 : from - 1;
        boolean opens =
                before < 0 || s.is(before, "(") || ENDS.contains(s.token(before).norm());
        boolean ends = to >= s.size()
                || s.is(to, ")")
                || s.is(to - 1, ".")
                || s.is(to, "because")
                || s.is(to, "since")
                || ENDS.contains(s.token(to).norm());
        return opens && (ends || s.is(to, "with") && afterIsCanner(s, to) || s.opensAt(to, 7, IN_A_BOIL));
    }

    /** "I set the fifteen-pound weight after ten minutes of steam and went 20 minutes". */
    private static final Cue UNDER_WEIGHT = Cue.of("\\b(weight|pounds?|lbs?|psi|dial|canner)\\b");

    /** "Brought it up to 11 pounds, and did 35 minutes". */
    private static final Cue WENT = Cue.of(
            "\\b(did|gave (it|them)|(kept|keeps?|held|holds?) (it|them|(the )?pressure)( there| steady)*|let (it|them|(my|the|our|all the) (jars|pints|quarts)) (go|run))( for)?( a| the)?( full| whole)? $");

    private static final Cue WEIGHT_MOVED = Cue.of(
            "\\b(weight|jiggler|rocker|regulator|it) ((was|is|kept|went on) )?(\\w+ )?(jiggl|rock|danc|rattl)(ed|ing)( (away|steady|steadily))?( for)?( about| only| a full)? $|\\bfor (the |my )?(dial|gauge|needle|weight|it) to (read|reach|hit|come to|come up to|get to|say) (\\S+ )(lbs? |pounds |psi |# )?(, )?(and )?then( for)? $|\\b(let|kept) (the |my |it )*(\\S+ ){0,2}(weight |jiggler |rocker |regulator )?(jiggle|jiggling|rock|rocking|dance|dancing|rattle|rattling)( (away|steady|steadily|gently))?( for)?( about| a full)? $");

    /** "Twenty minutes did it", "15 minutes is plenty". */
    private static final Cue ENOUGH = Cue.of(
            "(did it|did them|did the (trick|job)|was (it|enough|plenty|all|sufficient)|is (it|enough|plenty|all|sufficient)|ought to do|does it)\\b");

    /** Whether a time is said to have been enough. @param to the token behind it */
    static boolean isEnough(Sentence s, int to) {
        return s.opensAt(to, 3, ENOUGH);
    }

    private static final Cue POUNDS = Cue.of("\\b(pounds?|lbs?|psi)\\b|#");

    /** "Brought it back up and started the 30 minutes all over". */
    private static final Cue AGAIN = Cue.of("\\b(start(ed)?|began|restarted) (the|my|that|its) (full |whole )?$");

    private static final Cue INSTEAD = Cue.of("\\b(instead of|rather than)\\b");

    private static final Cue RUNS = Cue.of(
            "\\b(i|we) ((run|ran) (it |them |mine |the jars )?|did |(gave|give) (it|them|mine) )(for |only |just )?$");
    private static final Cue COOKS = Cue.of("\\b(boil|simmer|cook|blanch|steam|heat)\\w*\\b");

    /**
     * Whether the word that governs this time is the canner: the nearest verb or canner word before it, else one just
     * after it ("20 minutes in a water bath").
     */
    static boolean isGoverned(Sentence s, int from, int to, boolean inCanner) {
        String before =
                s.low().substring(0, s.token(from).range().start() - s.range().start());
        if (TimeAtPounds.isBehind(s, from)) {
            return true;
        }
        // "I did them 18 minutes rather than 20"
        if (s.isAround(from, 0, to - from, INSTEAD) && !s.has(COOKS)) {
            return true;
        }
        if (s.isBefore(from, 5, SAID) && s.has(DONE_SO)) {
            return true;
        }
        if (s.isBefore(from, 3, AGAIN)
                || s.isBefore(from, 6, JARS_GOT) && (s.opensAt(to, 7, IN_A_BOIL) || s.opensAt(to, 12, ONCE_THERE))) {
            return true;
        }
        if (s.isBefore(from, 3, TAKES) && s.opensAt(to, 5, IN_JARS) && !s.has(OTHER_WORK)
                || s.isBefore(from, 5, QUARTS_GET) && isAlone(s, from - 2, to)) {
            return true;
        }
        // "I run 15 min and they seal"
        if (s.isBefore(from, 3, RUNS) && (inCanner || !s.has(COOKS))) {
            return true;
        }
        // "the weight was jiggling for 12 min"
        if (s.isBefore(from, 10, WEIGHT_MOVED) && !s.is(to, "of")) {
            return true;
        }
        if (s.is(from - 1, "went") && s.has(UNDER_WEIGHT) || s.isBefore(from, 4, WENT) && POUNDS.in(before)) {
            return true;
        }
        boolean broken = false;
        for (int k = from - 1; k >= 0; k--) {
            String w = s.token(k).norm();
            // "one canner load at a time" starts no canner
            boolean load = w.equals("canner") && (s.is(k + 1, "load") || s.is(k + 1, "loads") || s.is(k + 1, "full"));
            if (isProcess(s, k) && !load) {
                boolean venting = w.equals("canner") && Venting.names(s, k);
                if (!venting || !broken) {
                    return !venting;
                }
                // "canner vented ten minutes and then 35 minutes": the venting is over
                continue;
            }
            if (w.equals("boil") || w.equals("boiled") || w.equals("boiling")) {
                boolean noun = s.is(k + 1, "water");
                int behind = s.is(from - 1, "for") || s.is(from - 1, ":") ? from - 3 : from - 2;
                if (noun && k == behind && opensClause(s, k)) {
                    // "Boiling water 20 min."
                    return true;
                }
                if (s.opensAt(k + 1, 4, OF_A_LIQUID)) {
                    return afterIsCanner(s, to);
                }
                if (s.is(k + 1, "gently") || s.is(k + 1, "slowly")) {
                    return afterIsCanner(s, to);
                }
                boolean jarsBefore = JARS.in(OF_WHAT.matcher(before).replaceFirst(""));
                if (inCanner || jarsBefore) {
                    return true;
                }
                if (noun) {
                    continue;
                }
                return afterIsCanner(s, to) && !s.isAround(to, 0, 9, OUT_AGAIN);
            }
            if (w.equals("weight") && (s.is(k + 1, "on") || s.is(k + 1, "for"))) {
                return true;
            }
            // "run 30 minutes at 11 pounds"
            boolean run = k == does(s, from) && (w.equals("run") || w.equals("ran") || w.equals("runs"));
            if (run && afterIsCanner(s, to)) {
                return true;
            }
            // "vented 10 min, 10 lb": the pounds belong to what follows
            if (w.startsWith("vent") || w.startsWith("exhaust")) {
                // "vented 10 and 75 minutes"
                boolean vented = broken
                        && Numbers.at(s.tokens(), k + 1)
                                .filter(f -> f.next() < from)
                                .isPresent();
                if (!broken || vented) {
                    return vented;
                }
                continue;
            }
            if (TimeWords.COOK.contains(w)) {
                return afterIsCanner(s, to) && !s.isAround(to, 0, 9, OUT_AGAIN);
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
                    || (w.equals("and") || w.equals("&")) && (k == from - 1 || k == does(s, from) - 1)
                    || w.equals("then")
                    // "vented 10 min 90 min 10 lb"
                    || TimeWords.MINUTE.contains(w);
        }
        return afterIsCanner(s, to) || (inCanner && !s.low().contains("vent")) || isClause(s, from, to);
    }

    /** "75 minutes with bones, weighted gauge". */
    private static final Cue BONES = Cue.of("with (the |their )?(bones?|bone in|bones in)\\b");

    private static final Set<String> JARS_MEANT = Set.of("it", "them", "her", "mine");

    /** The token of what is done for so long, "ran it 55 minutes"; -1 where that is no such verb. */
    private static int does(Sentence s, int from) {
        int verb = from > 1 && JARS_MEANT.contains(s.token(from - 1).norm()) ? from - 2 : from - 1;
        return verb >= 0 && DOES.contains(s.token(verb).norm()) ? verb : -1;
    }

    /** "45 minutes, boiling water bath", "quarts, 20 min": a clause by itself, in a sentence of jars or canner. */
    private static boolean isClause(Sentence s, int from, int to) {
        boolean opens = from == 0
                || ENDS.contains(s.token(from - 1).norm())
                || s.is(from - 1, ":")
                || s.is(from - 1, "in")
                || s.is(from - 1, "both")
                || s.is(from - 1, "and") && (s.is(to, "for") || s.is(to, "in"))
                || isBehindJars(s, from);
        boolean ends = to >= s.size()
                || s.is(to - 1, ".")
                || JarMentions.at(s, to)
                        .filter(j -> j.next() >= s.size()
                                || s.is(j.next(), ".")
                                || s.is(j.next(), ",")
                                || s.is(j.next(), "/")
                                || s.is(j.next(), ";"))
                        .isPresent()
                || (s.is(to, "in") || s.is(to, "for"))
                        && JarMentions.at(s, s.is(to + 1, "the") || s.is(to + 1, "my") ? to + 2 : to + 1)
                                .filter(j -> j.next() >= s.size() || s.is(j.next(), ".") || s.is(j.next(), ","))
                                .isPresent()
                || s.is(to, "with") && s.opensAt(to, 4, BONES)
                || s.is(to, "per") && s.is(to + 1, "the")
                || s.is(to, "because")
                || s.is(to, "since")
                || s.is(to, "/") && JarMentions.at(s, to + 1).isPresent()
                || s.is(to, ",")
                || s.is(to, ".")
                || s.is(to, ";")
                || s.is(to, ")")
                || s.is(to, "at");
        return opens && ends && (s.has(JARS) || s.has(CANNER_WORDS));
    }

    /** "Quarts 25 min", "half-pints 15 min". */
    private static boolean isBehindJars(Sentence s, int from) {
        for (int k = from - 1; k >= Math.max(0, from - JAR_TOKENS); k--) {
            if (JarMentions.at(s, k).filter(j -> j.next() == from).isPresent()) {
                return true;
            }
        }
        return false;
    }

    /** "Half", a hyphen, "pints". */
    private static final int JAR_TOKENS = 3;

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

    private static final Set<String> FEET = Set.of("ft", "feet", "foot", "elev", "elevation", "altitude", ".", ",");

    /** "15 min 600 ft bwb": the token behind an altitude, or the same. */
    private static int pastAltitude(Sentence s, int to) {
        int next = to;
        if (to + 1 < s.size() && s.token(to).isNumber() && (s.is(to + 1, "ft") || s.is(to + 1, "feet"))) {
            next = to + 2;
            while (next < s.size() && FEET.contains(s.token(next).norm())) {
                next++;
            }
        }
        return next;
    }

    private static final Cue BEGINS_A_SENTENCE = Cue.of("(a|an|my|our|i|we|made|got|filled) ");

    private static boolean afterIsCanner(Sentence s, int behind) {
        int to = pastAltitude(s, behind);
        if (TimeAtPounds.isBefore(s, to) || s.opensAt(to, 6, IN_A_BOILER) || s.isAround(to, 0, 20, AT_A_BOIL)) {
            return true;
        }
        // "boiled 5 min. a canner load of pints": another sentence, whatever letter it begins with
        if (s.is(behind - 1, ".") && s.opensAt(to, 2, BEGINS_A_SENTENCE)) {
            return false;
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
            if (isProcess(s, k) || w.equals("weight") || (w.equals("boiling") && s.is(k + 1, "water"))) {
                return true;
            }
        }
        return false;
    }

    /** Not "4 t canning salt", "you can". */
    private static boolean isProcess(Sentence s, int k) {
        String word = s.token(k).norm();
        return TimeWords.PROCESS.contains(word)
                && !(word.equals("canning") && s.is(k + 1, "salt"))
                && !(word.equals("can") && isNoVerb(s, k));
    }

    /** "You can", "the can". */
    private static final Set<String> BEFORE_CAN = Set.of("you", "i", "we", "it", "that", "they", "a", "the");

    private static boolean isNoVerb(Sentence s, int can) {
        return s.is(can + 1, "be")
                || can > 0 && BEFORE_CAN.contains(s.token(can - 1).norm());
    }
}
