package oilcloth.reply;

import java.util.List;

/**
 * A piece of the letter and what it rests on.
 *
 * @param text one line or several
 * @param tight whether it follows the one before on the next line, as in a list, without a blank one between
 */
public record Passage(String text, boolean tight, Origin origin) {
    /** What a passage rests on. */
    public enum Kind {
        /** The call of the review. */
        CALL,
        /** The advice on jars already made. */
        JARS,
        /** A finding, by its code. */
        FINDING,
        /** A question, by its code. */
        QUESTION,
        /** A row of the guide. */
        ROW,
        /** The corrected recipe, as the solver proved it. */
        CORRECTION,
        /** What can be made of the produce instead. */
        INSTEAD,
        /** What every letter says. */
        STANDING
    }

    /** @param id of the finding, question or row; the call; empty where the kind says it all */
    public record Origin(Kind kind, String id) {
        static final Origin STANDING = new Origin(Kind.STANDING, "");
    }

    /** The text of a whole letter. */
    public static String join(List<Passage> passages) {
        StringBuilder letter = new StringBuilder();
        for (Passage passage : passages) {
            if (letter.length() > 0) {
                letter.append(passage.tight() ? "\n" : "\n\n");
            }
            letter.append(passage.text());
        }
        return letter.append('\n').toString();
    }
}
