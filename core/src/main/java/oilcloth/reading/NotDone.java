package oilcloth.reading;

import oilcloth.text.Cue;

/** Times asked about, meant, advised or put off: whatever they are, nobody says that the jars got them. */
final class NotDone {
    private static final Cue NOT_DONE = Cue.of(
            "\\?|\\b(should(n't)?|would(n't)?|could(n't)?|might|supposed|ought|thought|think|wonder\\w*|meant|wish\\w*|hope\\w*|plan(ned|ning)?|next (time|year|batch|summer|season)|seem\\w*|too long|too much|afterwards?|later on|(did|do|does|was|were|is|have|had)(n't| not)|never|ignored|skipped|instead of|by feel|went by (eye|ear|feel))\\b"
                    + "|^((and|but|now),? )?(my|her|his|our|a|the|some) (\\S+ ){0,2}(sister|mother|mom|aunt|cousin|neighbou?r|friend|grandm\\w+|brother|lady|woman|women|ladies|people)\\b[^.;]{0,20}\\b(gives?|gave|does|did|do|runs?|ran|uses?|used)\\b");

    /** In the sentence before: what stands behind it is no more than a reminder. */
    private static final Cue OF_ANOTHER_TIME = Cue.of(
            "\\bnext (time|year|batch|summer|season)\\b|\\b(should|would|could|might) have\\b|\\b(did not|didn't|never) (follow|use|do|know|look|go by|have|see)\\b|\\bafterwards?\\b|\\bfrom now on\\b|\\bis (this|that|it) right\\b");

    /** Of one time alone, which a letter may well ask to have confirmed: "should I have processed 20 minutes?" */
    private static final Cue ONLY_MEANT = Cue.of(
            "^((and|but|so|or),? )?(should|would|could|was it supposed|is it supposed|am i supposed|was i supposed|did i need) [^.;]*\\?|\\b(i|we|it|they) (should|could|would|ought to) have (been )?(processed|given|gone|done|run|boiled|had|canned|used)\\b|\\bseem(s|ed)? (too long|too much|like (a lot|too))\\b"
                    + "|^((and|but|now),? )?my (\\S+ ){0,2}(sister|mother|mom|aunt|cousin|neighbou?r|friend|grandm\\w+|brother) (gives|gave|does|did|runs|ran|processes|processed) (hers|his)\\b(?![^.;]*\\b(i|we|mine|ours|so|too|same)\\b)");

    private NotDone() {}

    static boolean isOnlyMeant(Sentence s) {
        return s.has(ONLY_MEANT);
    }

    /** @param low a sentence, folded */
    static boolean isSaidIn(String low) {
        return NOT_DONE.in(low.strip());
    }

    /** @param low the sentence before, folded */
    static boolean isAnnouncedIn(String low) {
        return OF_ANOTHER_TIME.in(low);
    }
}
