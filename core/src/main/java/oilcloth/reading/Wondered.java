package oilcloth.reading;

import java.util.regex.Pattern;
import oilcloth.text.Cue;

/**
 * A question of what might be put in as well: "Could I add a little butter?", "Does adding ginger change anything?". Where
 * the letter does not say that it was done, nothing it names is in the jars.
 */
final class Wondered {
    private static final String ADD =
            "(add(?! that\\b)|put(?! (up|by|them up|it up))|throw|toss|stir|mix|include|slip|drop|work|sneak|tuck|try adding)";
    private static final String ADDING =
            "(adding|putting(?! (up|by))|throwing|tossing|stirring|mixing|including|slipping|dropping|working|sneaking|tucking)";
    private static final String SOMEBODY =
            "(i|we|you|one|she|he|they|it|people|folks|anyone|anybody|somebody|someone|others|my \\w+|a person)";
    private static final String SOMETIMES =
            "(ever |also |maybe |safely |just |perhaps |please |really |even |simply |always )*";

    private static final String OPENS =
            "^(and|also|so|or|but|oh|p\\.?s\\.?|question|quick question|my question is|my (other|only) question is|another question|one (more|other) (thing|question)|do you (know|think)|can you (say|tell me)|could you tell me|please tell me|tell me|just curious|curious|i (also )?(wonder|wondered|was wondering)|i'm (also )?wondering|i am wondering|wondering|if|whether|[ ,:;–-])*";

    /** It is not done yet, or others do it. */
    private static final Cue MIGHT_BE = Cue.of(OPENS
            + "((can|could|may|might|would|should|will|shall) " + SOMEBODY + " " + SOMETIMES + ADD + "\\b"
            + "|" + SOMEBODY + " (can|could|may|might|should) " + SOMETIMES + ADD + "\\b"
            + "|((would|will|what (would|will)|how (would|will)) )+" + ADDING + "\\b"
            + "|what (happens|would happen|if) (if |when )?(i|we|you|one) (" + ADD + "|(wanted|want|were|decide) to "
            + ADD + ")\\b"
            + "|(how|what) (would|should|could|do|can|will) (i|we|you|one) [^?]{0,40}\\b(if|when|to) (i |we )?(were to |wanted to |want to )?"
            + ADD + "\\b"
            + "|(i|we) (wanted|want|were|decided|decide) to " + ADD + "\\b"
            + "|(any|((is|are) there|would there be)( any| some| a)?) (reason|point|benefit|use|sense|advantage|rules?|guidelines?|way|sheets?|recipes?|gain)( not)? (in|to|with|about|for|on|of) ("
            + ADD + "|" + ADDING + ")\\b"
            + "|would there be( any| a)? (harm|trouble|problem|danger|risk|objection) (in|to|with|about) " + ADDING
            + "\\b"
            + "|(do|does) (people|folks|anyone|anybody|others|some|they|canners) " + SOMETIMES + "(think about )?("
            + ADD + "|" + ADDING
            + ")\\b"
            + "|would it (be )?(still |really |also )*(ok|okay|safe|fine|all right|alright|allowed|wise|wrong|bad|dangerous|worth(while)?|better|good|best|hurt|help|spoil anything|change anything) (if (i|we|you) |for me |for us )?(to )?("
            + ADD + "|" + ADDING + ")\\b"
            + "|(can|could|may|might|would|should) [a-z ]{2,24} (go in|be (added|put in|included|mixed in|used too))\\b"
            + "|(do you think )?[a-z ]{2,24} (can|could|may|might|should) (go in|be (added|put in|included|mixed in))\\b"
            + "|(is|was) it true (that )?(people|folks|some|they|you can|one can)\\b"
            + "|(have you )?ever heard of (anyone |anybody |people |folks )?" + ADDING + "\\b"
            + "|((do|have|would|could|can) you|(is|are) there) (have|got|send|give|know)? ?[^?]{0,24}\\b(recipe|one|any|directions|anything(?! (wrong|amiss|bad|unsafe|off))|version|sheet|bulletin|leaflet|something|tested)\\b[^?]{0,24}\\b(with|for|of|on)\\b"
            + ")[^?]*\\?$"
            + "|^(my |our |the )?[a-z]+( [a-z-]+)? (asks?|asked|wants? to know|wonders?|wondered|is asking|is wondering|would like to know) (if|whether) (she|he|they|i|we|you) (can|could|may|might|should) "
            + SOMETIMES + ADD + "\\b[^?]*[.?!]?$"
            + "|^(i|we) (was|were|am|'m|'re) ?(wondering|curious|thinking|asking) about (also |maybe )?" + ADDING
            + "\\b[^?]*\\bnext (time|year|summer|season|batch)[.?!]?$");

    /** Nobody can tell whether it is done. */
    private static final Cue MAY_BE_DONE = Cue.of(OPENS
            + "((is|will) it (be )?(still |really |also )*(ok|okay|safe|fine|all right|alright|allowed|wise|wrong|bad|dangerous|worth(while)?|better|good|best) (if (i|we) |for me |for us )?(to )?("
            + ADD + "|" + ADDING + ")\\b"
            + "|(is|does|do|what does|how does) " + ADDING + "\\b"
            + "|(what|how) about\\b"
            + "|would it (be )?(safe|ok|okay|fine|all right|work) with\\b"
            + "|would (a|an|some|any|a (little|bit|spoon|pinch|slice|clove) of) [a-z ]{2,24} (hurt|matter|spoil|ruin|harm|change|help)\\b"
            + "|(is there|any)( any| a)? (harm|trouble|problem|danger|risk) (in|to|with|about) " + ADDING + "\\b"
            + "|(i|we) (was|were|am|'m|'re) ?(wondering|curious|thinking|asking) about (also |maybe )?" + ADDING + "\\b"
            + ")[^?]*\\??$");

    /** It is done, or what is asked is whether to go on with it, or how much of it there may be. */
    private static final Cue IS_DONE = Cue.of(
            "(?<!\\b(would|should|could|can|do|does) )\\b(i|we)('ve|'d| have| had| do| did)? (always |already |also |just |only |usually |sometimes |often |accidentally |still |never )*(added|used|did|do|had|threw|tossed|mixed|stirred|included|left|forgot|got|ran|have)\\b"
                    + "|\\b(as|like|since|because) (i|we) |\\b(too|still|again|anyway|(keep|kept) (on|it up|\\w+ing)|continue|stop|quit|go on|so much|that much|this much|too much|too many|enough|instead|these|those|this (batch|time|year)|mine|ours|have (been )?[a-z]+(ed|ing))\\b"
                    + "|\\b(why|explains?|accounts? for|the reason|causes?|caused|what (made|makes)|made (it|them|mine)|made the)\\b"
                    + "|\\b(vent|exhaust|head ?space|pressure|lids?|pints|quarts)\\b(?! (change|go|be))");

    /** What is asked of more, of less or of when is there: "can I add more bacon", "should I put the onions in first". */
    private static final Cue IS_THERE =
            Cue.of("\\b" + ADD + "( in)? (the|my|our|another)\\b|\\b" + ADDING + "( in)? (the|my|our|another)\\b"
                    + "|\\b(more(?! (questions?|things?)\\b)|less|extra|fewer|twice|double|triple|additional|smaller|bigger|larger|before|after|first|later|sooner|earlier)\\b"
                    + "|\\b(may|might|can) i (just |also )?add\\b[^?]*\\b(was|were|is|are|had|has|there's)\\b");

    /** "Could I add a little butter? I did." */
    private static final Pattern DONE_NEXT = Pattern.compile(
            "(?i)^\\W*((and|because|since|so|but|well|yes|oh),? )*((i|we)( have|'ve| had|'d)? (already |always |just |usually |also |only )*(did|do|have|had|went ahead|put|added|tried|used|tossed|threw|stirred|been)\\b|(mine|ours|these|those|they|it)('s| is| are| has| have) |that('s| is) (how|what)|this is (how|what)|yes\\b|(already|all) (done|in)\\b|too late\\b)");

    /** "Could I add a little butter? My husband did.": to theirs, or to these. */
    private static final Pattern DONE_BY_OTHERS = Pattern.compile(
            "(?i)^\\W*(and |because |since |so |but |well,? )*((my|our|the) \\w+|mother|mom|mama|grandma|dad|she|he|somebody|someone|people|they|there('s| is| are| was| were))\\b[^.!?\\n]{0,40}");

    private Wondered() {}

    /** What it names is in no jar. */
    static boolean isAsked(Sentence s) {
        return s.has(MIGHT_BE)
                && !isDone(s)
                && !DONE_BY_OTHERS.matcher(behind(s)).find();
    }

    /** What it names may be in the jars. */
    static boolean isInDoubt(Sentence s) {
        return (s.has(MAY_BE_DONE) || s.has(MIGHT_BE)) && !isDone(s);
    }

    /** It is asked how, when or how much of it: so some is in the jars. */
    static boolean isOfWhatIsThere(Sentence s) {
        return s.has(IS_THERE) && (s.has(MIGHT_BE) || s.has(MAY_BE_DONE));
    }

    private static boolean isDone(Sentence s) {
        return s.has(IS_DONE) || s.has(IS_THERE) || DONE_NEXT.matcher(behind(s)).find();
    }

    /** The answer may stand in a line of its own. */
    private static String behind(Sentence s) {
        return s.whole().substring(s.range().end());
    }
}
