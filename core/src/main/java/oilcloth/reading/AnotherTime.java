package oilcloth.reading;

import java.util.Optional;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** Talk of what will be canned another time, where foods are named that are in no jar of this batch. */
final class AnotherTime {
    /** "I'm doing tomatoes next", "corn is next on my list". */
    static final Cue CUE = Cue.of(
            "\\b(do|doing|try|trying|can|canning|make|making|put up|start|starting)\\b[^.,;0-9]{2,30}\\b(next( (week|year|month|time|summer))?|later|tomorrow|after this|this weekend)\\b(?! (add|stir|put|cook))"
                    + "|\\bnext (on|up on) (my|the|our) list\\b|\\bstill have [^.;0-9]{2,24} to (do|can|put up|pick|get to)\\b"
                    + "|\\b(may|might|want to|hope to|plan to|planning to|going to|thinking of|like to) (try|trying|do|doing|can|canning|make|making|put up|putting up)\\b(?![^.;]*\\b(with|add|adding|into|instead)\\b)");

    /** "Corn is next week but the corn in these is from last week". */
    static final Cue IN_THESE = Cue.of("\\bin (these|this|those|them|it|mine|the jars?)\\b");

    /** "You were kind enough to look at my carrots last year". */
    static final Cue BEFORE = Cue.of(
            "\\b(you|i)\\b[^.;]{0,40}\\b(look(ed)? (at|over)|review(ed)?|check(ed)?|help(ed)?|answer(ed)?|ask(ed)?|wrote|sent|question|called|talked)\\b[^.;]{0,40}\\b(last|previous) (year|summer|fall|spring|winter|season)\\b");

    /** "Can I swap in more corn next time?", "may I thin it when I serve it?", but not "as I did this year", "leave it out next time too". */
    private static final Cue ASKS_AHEAD = Cue.of(
            "^((and|also|so|or|but|another thing,?) )*((i'm |i am |i was |we're |we were )?(just )?(wondering|curious|wonder) (if|whether) |(quick )?question ?[:,-] ?)?(can|could|should|may|might|would it (be|work|hurt)|is there (any|a) reason|is it|what if|(?<=(if|whether) )(i|we) (can|could|should|may|might|need|ought)|do you think|how (can|could|do|should|would))\\b(?![^?]*\\b(did|do now|now|have been|always|already|still|too|also|as well|either|same|like|keep|go(ing)? on|continue|this (time|year|batch|summer|fall)|again)\\b)[^?]*\\b(next (time|year|batch|summer|season|fall)|in (the )?future|another time|from now on|(when|once|after|before) (i|we|you|they) (open|opens|opened|serve|serves|eat|heat|reheat|use)|(when|at|before) serving|(after|once|on|upon) (opening|opened))\\b[^?]*\\?$"
                    + "|^(is|are|was|why (is|are)) [^?]*\\b(really|supposed to be|truly) (a )?(shorter|longer|less|more)( time)?\\b[^?]*\\?$");

    /** "My husband wants to know whether the pits can be left in next time". */
    private static final Cue ANOTHER_ASKS = Cue.of(
            "^((and|also|so|but),? )*(my|our|the|one of (my|our|the) [a-z]+) ([a-z-]+ ){0,2}?[a-z-]+ (wants to know|asks|asked|wonders|wondered|is wondering|would like to know|is asking|keeps asking|wants me to ask|says to ask) (you )?(whether|if|why|how|when)\\b(?![^?]*(?<!\\b(pits|skins|peels?|peeling|stems|seeds|cores|stones|leaves) (can|could|may|might|should) be )\\b(left|leave|leaving|stay|staying|kept|keep) (the [a-z]+ )?in\\b)(?![^?]*\\b(did|do now|now|have been|always|already|still|too|also|as well|either|same|like|keep|this (time|year|batch))\\b)[^?.]*\\b(next (time|year|batch|summer|season|fall)|in (the )?future|another time|from now on)\\b[^?.]*[.?]?$");

    /** "Could I shorten the time?", "can I use less vinegar?": then there was the whole of it. */
    private static final Cue ASKS_FOR_LESS = Cue.of(
            "^((and|also|so|or|but),? )*(can|could|may|might|would it be (ok|okay|safe|all right) to) (i |we |you |one )?(just |safely |ever |please )*(shorten|reduce|lower|lessen|halve|skip|drop|omit|leave out|do without|cut( down| back)?( on)?|use less|use a shorter|go lower on|go easier on) (of )?(the |some of the |my |that )?(salt|sugar|vinegar|lemon( juice)?|acid|citric acid|brine|venting|vent|headspace|pressure|process(ing)? time|time|minutes|boiling)( (a (bit|little)|some|by half|in half|next time|any))?\\?$");

    /** Whether it only asks whether there might be less of what a recipe needs. */
    static boolean asksForLess(Sentence s) {
        return s.has(ASKS_FOR_LESS);
    }

    /** "Small jars next time, we're only two now." */
    private static final Cue NEXT_TIME = Cue.of(
            "^(\\w+ ){0,3}next (time|year|batch|season)\\b(?!.*\\b(also|too|again|same|still|this|these|those|but|like|as|(i|we) [a-z]+)\\b)");

    /** "I'll vent next time", "more pressure next time", "no bacon next time": so it was otherwise this time. */
    private static final Cue RESOLVED = Cue.of(
            "^(?!.*\\?)(?=.*\\bnext (time|batch|year|season)\\b).*\\b(vent(ed|ing)?|exhaust(ed|ing)?|pressure|vinegar|acid|lemon|percent|strength|longer|minutes|hotter|headspace|covered|peel(ed)?|processed|properly|correctly)\\b"
                    + "|^(?!.*\\?)(?=.*\\bnext (time|batch|year|season)\\b).*\\b(leav(e|ing)( out| off)|omit(ting)?|skip(ping)?|cut(ting)? out) (the |that |those |any )?[a-z]+"
                    + "|\\b(the|our|my) (?!(pits|skins|peels?|peeling|stems|seeds|cores|stones|leaves)\\b)[a-z]+ (can|could|may|might|should) (be left|stay|be kept) in\\b[^.;]*\\bnext (time|batch|year|season)\\b"
                    + "|\\b(leave|keep) the (?!(pits|skins|peels?|peeling|stems|seeds|cores|stones|leaves)\\b)[a-z]+ in\\b[^.;]*\\bnext (time|batch|year|season)\\b"
                    + "|\\b(leave|leaving) (the |that |those )?[a-z]+( [a-z]+)? (out|off),? next (time|batch|year|season)\\b"
                    + "|^[a-z]+( [a-z]+)? (out|off|gone),? next (time|batch|year|season)\\b"
                    + "|(^|[,;:] )(and |but |so )?(no|without|less|fewer) (more )?[a-z]+( [a-z]+)?,? next (time|batch|year|season)\\b"
                    + "|\\bnext (time|batch|year|season),? (it'?s |i want |i'?ll use |we'?ll use )?(no|without|less|fewer) [a-z]+( [a-z]+)?[.!]?$");

    /** "So I might put a whole pepper in each next time". */
    private static final Cue PLANNED = Cue.of(
            "^[^\\d]*\\b(i|we)('ll| will| might| may|'m going to| am going to|'re going to| are going to| plan to| want to|'d like to| hope to) (also |probably |maybe |definitely |just )?(try|add|put|use|do|make|can|grow|plant|double|throw|toss|pick|buy|get|plan)\\b[^.;\\d]*\\bnext (time|year|batch|season|summer|fall)[.!]?$");

    /** "Next up is corn", "tomatoes are next": the next project, where the canning has been told. */
    private static final Cue UP_NEXT = Cue.of(
            "^\\(?((and|so|now),? )?next (up|project|on (my|the|our) list|in line|week|month|weekend)( (is|are|will be|it's|i'll do|we do))? ?[:,–-]? ?(the |some |my |our )?[a-z]+( [a-z]+){0,3}[.!]?\\)?$|^\\(?(the |my |our |some )?[a-z]+( [a-z]+){0,2} (is|are|will be) (up )?next( (week|month|weekend|up|on my list))?[.!]?\\)?$");

    /** "Would dried dill do instead of fresh?": asked once the canning has been told. */
    private static final Cue ASKS_OF_OTHER = Cue.of(
            "^((and|also|so),? )*(would|will|does|do) (?!(it|they|this|that|these|those|i|we|you)\\b)[a-z]+( [a-z]+){0,2} (work|do|be (ok|okay|all right|better|nicer))( just)?( as well)? (instead of|in place of|rather than|for) (the |plain )?[a-z]+( [a-z]+)?( next time)?\\?$");

    /** Whoever asks or plans it so did otherwise this time: "should I vent it next time?", "less bacon next year". */
    private static final Cue OTHERWISE_NOW = Cue.of(
            "\\b(less|fewer|leav(e|ing)|omit|skip|cut(ting)?|without|instead|stop|quit|drop|remove|reduce|lower|vent(ed|ing)?|exhaust(ed|ing)?|peel(ed)?|hotter|harder|longer|shorter|sooner|earlier|later|smaller|bigger|larger|new|fresh|bottled|stronger|weaker|properly|correctly|(add|put|use) the)\\b");

    /** What may be as one likes, and what is not of the canning. */
    private static final Cue AS_ONE_LIKES = Cue.of(
            "\\b(salt|sugar|syrup|labels?|sweet\\w*|plant|plants|grow|trees?|garden|rows?|buy|pick|picking|help|start)\\b");

    private static final Cue THIS_TIME = Cue.of(
            "\\b(also|too|again|same|still|these|those|like i|like we|as (i|we)|did|had|was|were|instead|more|less|forgot|ran out)\\b");

    /** What is resolved for another time, or asked about it, and so was not done this time. */
    static Optional<Range> resolved(Sentence s) {
        boolean otherwise = isToCome(s) && s.has(OTHERWISE_NOW) && !s.has(AS_ONE_LIKES);
        return otherwise ? Optional.of(s.range()) : s.findAny(RESOLVED);
    }

    private static boolean isToCome(Sentence s) {
        return s.has(ASKS_AHEAD) || s.has(ANOTHER_ASKS) || s.has(PLANNED) && !s.has(THIS_TIME);
    }

    /** A question, or a plan, of another time: what it says of the canning changes nothing here. */
    static boolean isAhead(Sentence s) {
        return isToCome(s) || s.has(NEXT_TIME);
    }

    /**
     * Whether what it names is in no jar of this batch.
     *
     * @param apart whether nothing of the recipe has been told, or its canning has: between them "butter is next" is a step
     */
    static boolean isOfNoJar(Sentence s, boolean apart) {
        return isToCome(s) && !s.has(OTHERWISE_NOW) || apart && (s.has(UP_NEXT) || s.has(ASKS_OF_OTHER));
    }

    private AnotherTime() {}
}
