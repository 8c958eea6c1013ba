package oilcloth.server.cases;

import java.time.Instant;
import java.util.List;
import oilcloth.check.Language;
import oilcloth.reply.Passage;

/**
 * A draft, and what the engine would write now.
 *
 * @param base the letter as composed when this draft last caught up with the review
 * @param passages of the letter as composed now, each with what it rests on
 * @param composed the same as one text; it differs from what the draft was begun from when the review has changed
 * @param carried the draft brought up to the review of now, with the educator's words kept
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
        List<String> left) {}
