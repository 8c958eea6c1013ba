package oilcloth.server.cases;

import java.time.Instant;
import java.util.List;
import oilcloth.check.Language;
import oilcloth.reply.Passage;

/**
 * A draft, and what the engine would write now.
 *
 * @param version to be sent back with what is written; negative while nothing was saved
 * @param base the letter as composed when this draft last caught up with the review
 * @param passages of the letter as composed now, each with what it rests on
 * @param composed the same as one text; it differs from what the draft was begun from when the review has changed
 * @param carried the draft brought up to the review of now, with the educator's words kept
 * @param behind whether a saved draft has yet to follow the review
 * @param left lines of the new letter that found no place in it
 */
record ReplyView(
        String body,
        boolean saved,
        int version,
        Instant editedAt,
        String editedBy,
        Language language,
        String base,
        List<Passage> passages,
        String composed,
        String carried,
        boolean behind,
        List<String> left) {}
