package oilcloth.reading;

import java.util.regex.Matcher;
import oilcloth.text.Cue;
import oilcloth.text.Folded;
import oilcloth.text.Range;

/**
 * What is told of other jars than these, once the canning of these has been told: of another year ("the first year I canned I
 * ran it at 5 pounds") or of somebody else's ("my cousin uses zucchini in place of the cabbage"). A word that ties it to
 * these jars, or a remedy that was not taken up, leaves it to be read like anything else.
 */
final class OtherJars {
    private static final String OPENING = "^((and|but|well|now|oh|also|ps|so),? )*";

    private static final String SEASON =
            "(year|summer|fall|autumn|winter|spring|season|january|february|march|april|may|june|july|august|september|october|november|december)";

    private static final String SOME = "(a few|some|several|many|a couple( of)?|\\w+)";

    /** Of another time; its first words say which. */
    private static final Cue OTHER_TIME = Cue.of(
            OPENING
                    + "(before,|(previously|formerly|in the past)\\b|(back )?(down |up |over )?(at|in) (our|my|the) (old|last|previous|former) (house|place|home|town|farm|kitchen)\\b|(just )?last (time|"
                    + SEASON + "|" + SEASON
                    + "'s)\\b|the (" + SEASON
                    + ") (before( last)?|of|that|i|we)\\b|(back )?in (the )?(19|20)\\d\\d\\b|back in [a-z]+\\b|"
                    + SOME + " " + SEASON + "s (ago|back)\\b|(years|long) ago\\b|the (very )?first (" + SEASON
                    + " (that )?(i|we)|(batch|lot|time|ones?) (that )?(i|we) ever)\\b|when (i|we) (lived|canned (in|at|up|down|back)|first|used to|started (canning|out)|(was|were) (a|young|little|small|growing|newly|first|pregnant|expecting|children|kids|(just |newly |first )?married)\\b)|when (the|our|my) (kids|children|boys|girls|babies) (were|was)\\b|in my (teens|twenties|thirties|forties|fifties|youth|younger days|first years?|early days)\\b|as a (girl|boy|child|bride|newlywed)\\b)");

    private static final String PERSON =
            "(mother|mom|mama|mother-in-law|dad|daddy|father|father-in-law|sister|sister-in-law|brother|brother-in-law|aunt|uncle|cousin|niece|nephew|daughter|son|grandmother|grandma|granny|gran|grandfather|grandpa|neighbou?rs?|friends?|landlady|boss|ladies|women|folks|husband's (mother|aunt|sister))";

    private static final String SOMEBODY = OPENING + "(my|our|a|one|the|some) ((of (my|our)|\\S+) ){0,3}?" + PERSON;

    private static final Cue PERSON_FIRST = Cue.of(SOMEBODY + "\\b");

    private static final Cue OTHER_PERSON = Cue.of(
            SOMEBODY
                    + "( [a-z]+)?,? ((who|up|down|in|over|across) [^,;0-9]{2,30},? )?((still|always|just|only|usually|never) )*(used to|does|do|did|cans?|canned|puts?|uses?|used|adds?|added|thins|thinned|makes?|made|runs?|ran|process(es|ed)?|gives?|gave|thickens|thickened|likes|liked|leaves|left|lets|let|packs|packed|has to|had to|goes|swears|swore)\\b");

    /** What ties it to these jars, or tells them apart from the others in what may matter. */
    private static final Cue TIED = Cue.of(
            "\\b(same|still|too(?! [a-z])|also|as well|like|as (i|we|she|he|they|in|with|usual|always|before|ever)|this|these|those|now|nowadays|lately|today|here|so (do|did|have|am|are|were|was) (i|we|mine|ours)|(do|doing|done) (it|them|so|that)|did (so|that)|ever since|since|kept|keep|stay\\w*|stuck|taken|took|talked|persuaded|followed|way|tried|try|mine|ours|copied|learn\\w*|taught|again|remember\\w*|bother\\w*|properly|right|at least|unlike|whereas|while|difference|instead|rather|except|until|till|usually|always|(every|each) (time|year|summer)|whenever|better|worse|if|or"
                    // what began or ended then lasts
                    + "|start\\w*|beg[au]n|stop\\w*|quit|gave (up|it up)|switch\\w*|chang\\w*|went (over|to)|found|realiz\\w*|discover\\w*|bought|broke|cut|dropped the|moved|more|less|stronger|weaker|longer|shorter|higher|lower|(nobody|no one) (?!liked|cared|ate|wanted|would eat)|died|sick|fine|full|had (a|an|our|my|the) [a-z ]{0,20}(gauge|canner|book|chart|timer))\\b"
                    + "|\\b(i|we) (did|do|have|was|were|am)[.!]?$|\\b(i|we)('ve|'m|'re| have| am| are)\\b|(\\band|\\bbut|[,;]) ((i|we|just|simply) )*(go|pour|use|do|make|put|give|run|leave|skip|let|have|don't|never|can|add)\\b|\\?");

    private static final Cue SO_WE = Cue.of("\\bso (i|we)\\b");

    /** What was learned, got, lost or built at that time may hold to this day. */
    private static final Cue LASTING = Cue.of(
            "\\b(is|are|was told|were told|told (us|me)|shown|showed|teach\\w*|had me|had us|(i|we) (read|heard|saw)|(re)?built|traded|own|will|won't|has|does|got (an?|my|the|some|in|us)|lost (its|the|my|our)|(gave|threw|sold|lent) (out |away )?(the|my|our) (canner|gauge|weight|rack|lid|book|stove|petcock|dial)|(gave|threw|sold|lent) [^.;]{0,20}(away|out) (the|my|our)|away to|optional|habit|enough|plenty|will do|does it|need(ed)?n't|no need|don't need)\\b");

    /** What is wrong with it stays so until it is seen to. */
    private static final Cue EQUIPMENT = Cue.of(
            "\\b(gauge|gasket|canner|needle|dial|petcock|seal on the|thermometer|stove|burner)\\b[^.;]*\\b(leak\\w*|st[iu]ck\\w*|read|reads|off|broke\\w*|wobbl\\w*|low|high|slow|fail\\w*|test\\w*|tested|would not|wouldn't|won't|lost|bent|crack\\w*|loose|late|early|wrong|under|over)\\b");

    /** What was not taken up. */
    private static final Cue NOT_DONE = Cue.of(
            "[,;]? ?(-+ |— )?((but|and|so|though) )*(i|we) ((just|now|simply) )*(don't|do not|didn't|did not|won't|would not|wouldn't|never( do| did| have| would| will)?|leave (it|that|them) out|left (it|that|them) out|skip (it|that)|keep (mine|ours) plain|don't care for (it|that|them))[.!]?$|[,;]? ?(and |but )?(never again|not me|(so )?no thank you|(so )?no more( of (that|those|it))?)[.!]?$");

    /** What was done about it. */
    private static final Cue MENDED = Cue.of(
            "[,;]? ?((but|and|so) )*((i|we|my husband|he) )?((have|had|'ve) )?((threw|tossed|throwing|poured|ended up throwing|had to throw|dumped|buried) (it|them|those|the (whole )?(lot|jars|batch|thing)|everything|the jars)( all)?( (out|away|down the drain))?|(know|learned|knew) better( now| since| (at|in|from) (your|the|a) \\w+)?|(stick|stuck) (with|to) (the |your )?(sugar|book|guide|sheet|canner|chart|salt)|(go|went) by (the|your) (book|guide|sheet|chart|table)|(follow|followed) (the|your) (book|guide|sheet|chart|table)|went back to (the|my) \\w+( \\w+)?|(put|got|bought) (in |on )?a new (one|gasket|gauge|dial|canner|ring)|(had|got) (it|that|the gauge|the dial) (replaced|fixed|tested|checked|changed)|(gave|have given) (those|the|them)( jars)? away|told (her|him|them) (not to|to stop|to quit|it's not safe|better))( that| it| then| when i read your \\w+)?(?=[.!,;]|$)");

    private static final Cue SO_DID_I = Cue.of(
            "\\b(so|and) (i|we) (did|do|have|went|gave|use|used)( it| them| mine| ours| with| by)*( too| the same( way)?| likewise| that| as well)?[.!]?$|\\bso (did|do|have) (i|we)\\b");

    private static final Cue ADVISES =
            Cue.of("\\b(says?|said|told|tells|thinks?|swears?|insists?|wants?|wanted|suggest\\w*|recommend\\w*)\\b");

    private static final Cue FOR_US = Cue.of(
            "\\b(processed|canned|did|put up|ran|cooked|finished) (it|them|these|mine|ours|the (jars|batch|load|canner)) [^.;]{0,20}\\bfor (me|us)\\b");

    private static final Cue FIGURE = Cue.of(
            "\\d|\\b(half|five|six|seven|eight|nine|ten|eleven|twelve|fifteen|twenty|thirty|forty|fifty|sixty|hour|hours)\\b");

    private static final Cue OUR_OWN = Cue.of("\\b(i|we|my|our|me|us|mine|ours)\\b");

    /** Whoever leaves that off does worse. */
    private static final Cue GOOD = Cue.of(
            "\\b(vent\\w*|exhaust\\w*|dial|gauge|weight\\w*|new lids|fresh lids|lemon|acid|vinegar|bottled|headspace|pressure|altitude|peel\\w*|minutes|process\\w*|test\\w*|canner)\\b");

    private OtherJars() {}

    /** Whether a sentence tells of nothing else. */
    static boolean areAll(Sentence s, Draft draft) {
        return !draft.facts.times().isEmpty()
                && (isOfAnotherTime(s) && s.weight() <= MarkedRemarks.SUSPECT || isOfAnother(s) && isDisowned(s));
    }

    /** Whether it seems to be told of other jars alone, and yet nobody may be sure of it. */
    static boolean mayBe(Sentence s, Draft draft) {
        return !draft.facts.times().isEmpty()
                && (isOfAnotherTime(s) || isOfAnother(s) && !OUR_OWN.in(rest(s, OTHER_PERSON)));
    }

    /** "My neighbor does hers 10 minutes, so I did too", "my mother always vented hers, I don't". */
    static boolean areFollowed(Sentence s, Draft draft) {
        return !draft.facts.times().isEmpty()
                && s.has(PERSON_FIRST)
                && (s.has(SO_DID_I) && FIGURE.in(s.low())
                        || s.has(FOR_US)
                        || s.has(NOT_DONE) && s.has(GOOD) && !s.has(ADVISES));
    }

    static boolean isOfAnotherTime(Sentence s) {
        if (!s.has(OTHER_TIME) || s.has(NOT_DONE) && s.has(GOOD)) {
            return false;
        }
        if (s.has(EQUIPMENT) && !s.has(MENDED) || LASTING.in(rest(s, OTHER_TIME))) {
            return false;
        }
        Matcher m = OTHER_TIME.matcher(s.low());
        return m.find() && !TIED.in(rest(s, OTHER_TIME)) && !isNamedElsewhere(s, m.group());
    }

    private static boolean isOfAnother(Sentence s) {
        if (!s.has(OTHER_PERSON)) {
            return false;
        }
        String rest = rest(s, OTHER_PERSON);
        return !TIED.in(rest) && !SO_WE.in(rest);
    }

    private static boolean isDisowned(Sentence s) {
        String own = rest(s, OTHER_PERSON);
        boolean refused = s.has(NOT_DONE) && !s.has(GOOD) || s.has(MENDED);
        return !OUR_OWN.in(own) && refused;
    }

    /** What stands behind the words that say whose or when, without what was done about it. */
    private static String rest(Sentence s, Cue head) {
        String rest = NOT_DONE.matcher(behind(s, head)).replaceAll(" ");
        return MENDED.matcher(rest).replaceAll(" ");
    }

    private static String behind(Sentence s, Cue head) {
        Matcher m = head.matcher(s.low());
        return m.find() ? s.low().substring(m.end()) : s.low();
    }

    /** "I made these last fall", said before: then that is the time of these jars. */
    private static boolean isNamedElsewhere(Sentence s, String when) {
        String text = Folded.of(s.whole(), new Range(0, s.whole().length()));
        String words = when.replaceFirst(OPENING, "").strip();
        int first = text.indexOf(words);
        return first >= 0 && (first != text.lastIndexOf(words));
    }
}
