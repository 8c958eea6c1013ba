package oilcloth.reading;

import oilcloth.guide.FoodClass;
import oilcloth.text.Cue;

/** "Her doctor says no salt so I left it out": of plain food it only seasons, and what was never listed is missed by nobody. */
final class SaltLeftOut {
    private static final Cue LEFT_OUT = Cue.of(
            "\\bno (added )?salt,? (so |and )?(i |we )?(left|leave|skip|skipped|omit|omitted) (it|that)( out)?[.!]?$|\\b(left|leave|skip|skipped|omit|omitted) (out )?(the |all |any )*salt( out)?( altogether| entirely)?( (for|because of|since) ((my|his|her|our|the) )?(husband|wife|mother|father|heart|health|diet|blood pressure|doctor\\w*))?[.!]?$");

    private SaltLeftOut() {}

    /** Whether that is all it tells, and no salt was measured into the batch. */
    static boolean isHarmless(Sentence s, Draft draft) {
        return s.has(LEFT_OUT)
                && draft.ingredients.stream()
                        .noneMatch(i -> i.food().kind() == FoodClass.SALT
                                && i.amount().isPresent()
                                && i.perJar().isEmpty());
    }

    /** "3/4 cup salt. … Leave the salt out": measured, and taken back. */
    static boolean isTakenBack(Sentence s, Draft draft) {
        return s.has(LEFT_OUT) && !isHarmless(s, draft);
    }
}
