package oilcloth.reading;

import oilcloth.text.Cue;

/** Sentences that say nothing of how it was canned, or what a check of its own sees to. */
final class NothingSaid {
    /** "I don't bother peeling": where that matters a check speaks of the skins. */
    private static final Cue UNPEELED = Cue.of(
            "(i|we) (don't|do not|didn't|did not|never) (bother (to |with )?|need to |even )?peel(ing)?( (them|it|mine|ours|the (skins?|fruit)))?( any ?more| though)?[.,;!]?|(i |we )?(left|leave) (the |their )?skins? on[.,;!]?");

    /** "Potatoes! White ones.": where that is a kind of its own, it is read as one. */
    private static final Cue COLOURED = Cue.of(
            "((i|we) (used|use|bought|picked|grow) )?(the )?(red|yellow|golden|purple) (ones|kind|sort)[.!]?|(the )?white (ones|kind|sort)[.!]?");

    /** Of the strengths offered: "I used light." */
    private static final Cue SYRUP_CHOSEN = Cue.of(
            "(i|we|mine) (used?|made|did|chose|like|is|was) (the )?(very |extra )?(light|medium|thin)( (one|syrup))?[.!]?");

    private static final Cue NUMERAL = Cue.of("[ivx]+\\.");

    /** "She'll mash them when she opens them." */
    private static final Cue ON_OPENING = Cue.of(
            "(then )?(i|we|she|he|they)('ll| will| can)? (just )?(mash|puree|blend|mill|cream|drain|rinse|season|salt|heat|reheat|boil) (it|them) (up )?(when|once|after) (i|we|she|he|they) opens? (it|them|one|a jar)[.!]?"
                    + "|(i|we|she|he|they) (add|adds|put in|puts in|stir in|stirs in|pour in) (the |some |a little )?\\w+( \\w+)? (when|once|after) (i|we|she|he|they) (opens?|heats?|reheats?|serves?|warms?)( it| them| up)*[.!]?");

    /** "I think this is right but my cousin says ask." */
    private static final Cue BELIEVES = Cue.of(
            "(i|we) (think|believe|hope|trust) (this|it|that|everything|all of it) (is|was|looks) (all )?(right|okay|ok|fine|safe|correct|good)(,? but [^.;]*\\b(ask|check|be sure|make sure|certain)( you| first| anyway| again| with you)?)?[.!]?");

    /** "III.", "There.", "I left the skins on.": a paragraph's number, a word of every day by itself, what a check sees to. */
    static boolean by(Sentence s) {
        boolean word = s.size() <= 2
                && Talk.isCommon(s.token(0).norm())
                && !Talk.isWeighty(s.token(0).norm());
        boolean skins = s.isWholly(UNPEELED);
        return skins
                || s.leavesOutOnly()
                || s.isWholly(ON_OPENING)
                || Serving.isPutInLater(s)
                || s.isWholly(BELIEVES)
                || s.isWholly(COLOURED)
                || s.isWholly(SYRUP_CHOSEN)
                || word && (s.size() == 1 || !s.token(1).isWord())
                || s.isWholly(NUMERAL);
    }

    private NothingSaid() {}
}
