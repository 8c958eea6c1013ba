package oilcloth.reading;

import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Fact;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** The words that name a canner, or a way of keeping food that needs none. */
final class CanningMethods {
    private static final List<Phrase<CanningMethod>> METHODS = List.of(
            Phrase.of(
                    "\\bboil(ed|ing|s)?( hard| gently| steadily)? under (about |at least )?(an|one|two|1|2)( or two)? (full )?inch(es)? of water\\b|^boiling[- ]water( of course| naturally| again)?\\.?$|^boiling[- ]water,? (pints|quarts|half[- ]pints|jars):? (for )?(\\d+|[a-z]+([- ][a-z]+)?) min|^in(to)? the bath\\b(?! ?(tub|room|of|with|[(:]))|\\binto the boiling water,? (for )?(1\\d|[2-9]\\d|fifteen|twenty|thirty|forty|fifty|sixty)([- ]five)? min|\\b(jars|pints|quarts|lids) (are |were |all |well )*covered (by|with) (about |at least )?(\\S+ ){1,3}inch(es)? of (boiling |hot )?water\\b|\\b(canner|jars|rack|pints|quarts) (in|down),? (the |with |and )*water (\\S+ ){1,4}inch(es)? (over|above)\\b|\\b(lower(ed)?|set|put|load(ed)?|in(to)?) (the |my |all the )?(filled |hot )*(jars|canner|rack|kettle|pints|quarts)( (in|down|as i went))*,? (the |with |and )*water (was |stood |came )?(\\S+ ){1,4}inch(es)? (over|above)\\b|\\b(tim(e|ed|er|ing)|count(ed|ing)?|clock)\\b[^.;]{0,40}\\b(it|they|water|canner|kettle|pot|jars) (was |were |is |are |came |comes |come |gets |got |hits? |reached |reaches )?(back )?(at |to |up to )?(a |the )?(full|rolling|hard) (rolling )?boil\\b|\\bcanner\\b[^.;]{0,30}\\bwater\\b[^.;]{0,40}\\b(over|above) (the |my )?(tops|jars|lids)\\b|\\bwater\\b([^.;]{0,16}|[^.;]{0,40}\\binch(es)?( or (two|so))?) (over|above) (the |my )(jars|lids|tops of the jars)\\b|\\b(hot[- ])?water[- ]?bath\\w*|\\bbw[bc]\\b|\\bb\\. ?w\\.|\\bhwb\\b|\\b(hours?|hrs?) at a (full |hard |good |rolling )*boil in (the )?(pints|quarts|jars|half[- ]pints)\\b|\\bboil(ed|ing)? (them |it |mine )?in (the |a |my )(canner|canning (kettle|pot)|water ?bath)\\b|\\b(jars?|pints|quarts|half[- ]pints|lids|packed)\\b[^.;]{0,60}\\b(kept|held|left) at a (full |rolling |hard |good )*boil in (the|a|my) (kettle|canner|boiler|tub|pot)\\b|\\bwb\\b|\\bprocess\\w*\\b[^.;]{0,40}\\bboiling[- ]water\\b|\\bboiling[- ]water[,:]? (for )?(\\d+|[a-z-]+) ?min|\\bbw\\b|(?<=\\bmin\\w{0,4}[.,]{0,2} )((in|in the|in a) )?(big )?bath\\b|\\b(min\\w*|hours?|hrs?) at a (full |hard |good )*(rolling )?boil\\b[^.;]{0,60}\\bover (them|the (jars|lids|tops))|\\b(jars|pints|quarts) boiled (for )?(\\d+|[a-z-]+) (min|hour)|\\bboiling[- ]water[- ](bath|canner|process)|\\bboiling bath|\\bbath (for )?\\d+ ?min|\\bbath canner|\\bcanner,? (boiling|at a (full |hard |rolling |good )*boil)|\\bboiling canner|"
                            + "(?<!\\b(with|of|in|cover\\w*|over) )\\bboiling[- ]water,? (for )?(about |a full |a good )?(\\d+|an|one|two|three|four|five|six)( 1/2| and a half)? ?(hours?|hrs?)\\b(?! (before|ago|later))|\\b(process|can|boil)\\w*\\b[^.;]{0,40}\\bin (a |the )?(big |large |deep )?(pot |kettle |canner )?(of |full of |with )?boiling water|\\bmin\\w* (at a )?(hard |good |full )?rolling (boil )?in the (canner|kettle|pot)\\b|\\b(jars|pints|quarts|half[- ]pints)\\b[^.;,]{0,16}\\bmin\\w* (at|of|in) (a )?((full|hard|good|steady) )*(rolling )?boil\\b|\\bboil(s|ed|ing)? (them|it|the jars|mine|hers|theirs|those) (for )?(about |a good |a full )?[a-z0-9/-]+( and a half)? (hours?|hrs?) (straight )?in (a|an|the|my|her|his|our) ([a-z-]+ ){0,4}(kettle|pot|tub|drum|bucket|can)\\b|\\b(pot|kettle) (of )?water boil(ing|s)?\\b|\\b(wash[- ]?boilers?|(?<!by the )wash ?tubs?(?! ?(full|ful|of))|lard can|scalding kettle|canning kettle|canning pot|(kettle|granite(ware)?|enamel(ed|ware)?|speckled( blue)?|blue speckled) canner)\\b|\\b(keep|keeps|kept|hold|held|leave|left) (them|mine|the (jars|quarts|pints)) (at a (hard |full |good |rolling )*boil|boiling( hard| away)?) in (a|an|the|my|her|his|our) ([a-z-]+ ){0,4}(kettle|pot|tub|drum|bucket|can|boiler) for [a-z0-9 /½-]{1,24}(hours?|hrs?)\\b|\\b(kettle|pot|tub|drum|barrel) of boiling water\\b[^.;]{0,40}\\b(hours?|hrs?)\\b",
                    CanningMethod.BOILING_WATER),
            Phrase.of(
                    "\\b(boil|boiled|boiling) (the |your |my |these |filled |full |sealed |closed )*(jars|pints|quarts|half[- ]pints)\\b(?![^.;]{0,30}(steril|empty))",
                    CanningMethod.BOILING_WATER),
            Phrase.of("\\b(steam[- ](canner|canned|canning|can)|atmospheric steam)\\b", CanningMethod.STEAM),
            Phrase.of(
                    "\\b(?<![-0-9] ?)pc\\b(?= ?[:,(]| (with|w/|at|weighted|dial|vent\\w*|@|\\d))|\\bpressure[- ]?(can\\w*|cook\\w*|process\\w*)|\\bpressure \\d+ ?min|\\bunder pressure|\\bpsi\\b|\\bpounds? (of )?pressure|\\blbs?\\.? (of )?pressure|# pressure|\\b(weighted|dial)[- ]gauge|\\bunder pressure\\b",
                    CanningMethod.PRESSURE),
            Phrase.of(
                    "\\b(keeps?|kept|store|stored|goes?|put|place|live|lives?|keep them|keep it)\\b[^.;]{0,30}\\b(in|into) (the |my |our |a )?(fridge|refrigerator|icebox)\\b|\\brefrigerator (pickles?|jam|relish|salsa)|\\bfreezer (jam|pickles?|corn)\\b|\\b(freeze|frozen) in (freezer )?(bags|boxes|containers)|\\b(store|keep) in the freezer",
                    CanningMethod.COLD_STORAGE));

    /** "As it was done before anybody had a pressure canner". */
    private static final Cue BEFORE_ITS_TIME = Cue.of(
            "\\bbefore (anybody|anyone|we|they|people|folks|there|she|he)( ever)? (had|were|was|owned|used|knew|heard of)\\b[^.;]*$");

    /** "I wanted to use the pressure canner, she said no". */
    private static final Cue WISHED_FOR = Cue.of(
            "\\b(wanted|wished|hoped|meant|planned|intended|wish|hoping|hope|would (like|love)|i'd (like|love)|saving up|afraid|scared) (to (use|buy|get|try|borrow|do (it|them) in) |for |of )?(a|the|my|her|your|one of those) (\\w+ )?$");

    /** "Three hours in the bath since the pressure canner scares me": there is one, and it is not used. */
    private static final Cue SHUNNED = Cue.of(
            "^ ?(\\w+ )?(scares?|scared|frightens?|terrif\\w+|worries|intimidates|makes? (me|us|my \\w+) (nervous|uneasy|jumpy)|(is|was|'s) (broken?|in the shop|in use|busy|taken|occupied|on loan|loaned out|lent out|being (fixed|used|repaired)|packed away|gone|lost|missing|not working|acting up|leaking|at (my|her) \\w+'s|out of (order|commission)|too (big|heavy|much))|(broke|quit|died|blew up|exploded)|(won't|doesn't|does not|will not) (hold|build|come up|fit|seal|work))\\b");

    /** "15 min boiling water": a canner, unless something is blanched or boiled in it. */
    private static final Cue IN_BOILING_WATER = Cue.of(
            "\\bmin(ute)?s?\\.?,?( in( a| the)?)? boiling[- ]water\\b|\\bmin(ute)?s?\\b(?! (pre)?(boil|simmer|blanch|cook|steam|dip|scald|heat)\\b)[^.;]{0,30}\\bboiling[- ]water(?=[.;,]|$)");

    private static final Cue COOKED_IN = Cue.of(
            "\\b(steriliz|sterilis|blanch|scald|dip|dipped|cook|simmer|boil|parboil|steam|soak|plunge|drop|loosen|cover)\\w*\\b[^.;,]*$");

    /** "Quarts, hot pack, light syrup, half inch of space, boiling water." */
    private static final Cue LISTED_LAST = Cue.of("(?<=\\b(syrup|juice)\\b[^.;]{0,60}, )boiling[- ]water(?= ?\\.?$)");

    private static void inBoilingWater(Sentence s, Draft draft) {
        s.find(LISTED_LAST).ifPresent(r -> draft.facts.methods().add(Fact.read(CanningMethod.BOILING_WATER, r)));
        if (!s.has(IN_BOILING_WATER) || Preparing.blanches(s, draft)) {
            return;
        }
        Matcher m = IN_BOILING_WATER.matcher(s.low());
        for (int from = 0; m.find(from); from = m.start() + 1) {
            String before = s.low().substring(0, m.start());
            if (!COOKED_IN.in(before) && !s.negatedAt(m.start())) {
                draft.facts
                        .methods()
                        .add(Fact.read(
                                CanningMethod.BOILING_WATER,
                                new Range(
                                        s.range().start() + m.start(), s.range().start() + m.end())));
                return;
            }
        }
    }

    private CanningMethods() {}

    /** "Could it be done in the pressure canner to save propane?": not how it was done. */
    private static final Cue ASKS_OF_ANOTHER = Cue.of(
            "^((or|and|also|so|but) )?(could|can|would|should|may|is it (ok|okay|safe|possible|better)|what if)\\b[^?]*\\?$");

    static void read(Sentence s, Draft draft) {
        if (!draft.facts.methods().isEmpty() && !draft.facts.times().isEmpty() && s.has(ASKS_OF_ANOTHER)) {
            return;
        }
        for (Phrase<CanningMethod> method : METHODS) {
            s.find(method.pattern())
                    .filter(r -> !BEFORE_ITS_TIME.in(s.before(r, BEFORE)))
                    .filter(r -> !WISHED_FOR.in(s.before(r, BEFORE)))
                    .filter(r ->
                            !SHUNNED.opens(s.low().substring(r.end() - s.range().start())))
                    .filter(r -> !isPouredOver(s, draft, r))
                    .ifPresent(r -> draft.facts.methods().add(Fact.read(method.value(), r)));
        }
        inBoilingWater(s, draft);
    }

    private static final Cue LISTED = Cue.of("boiling[- ]water, .*");

    /** "15 pounds. Raw, quarts, an inch of room, boiling water, 40 minutes": what covers them, where a pressure is told. */
    private static boolean isPouredOver(Sentence s, Draft draft, Range words) {
        return !draft.facts.pressures().isEmpty()
                && LISTED.is(words.of(s.whole()).toLowerCase(Locale.ROOT))
                && s.before(words, BEFORE).endsWith(", ");
    }

    /** Letters: what stands before the words and may say that they are not meant so. */
    private static final int BEFORE = 44;
}
