package oilcloth.reading;

import java.util.Locale;
import oilcloth.guide.Lexicon;
import oilcloth.text.Cue;
import oilcloth.text.Token;

/** How a letter ends: who wrote it, and from where. */
final class Signature {
    private static final int NAME_WORDS = 4;

    /** Tokens of "H. Pemberton-Oyelowo, ret." */
    private static final int FULL_NAME = 8;

    private static final Cue ADDRESS =
            Cue.of("\\b(rd|road|st|street|ave|avenue|lane|ln|hwy|highway|drive|route|box|county|hollow)\\b");

    private static final int ADDRESS_WORDS = 11;

    /** A line of nothing but names: "Bettina Loomis", "D. Quill, Upper Marsh Rd.", or of tags: "#zucchinilife". */
    static boolean is(Sentence s, Lexicon lexicon) {
        boolean names = s.size() <= NAME_WORDS
                || s.size() <= FULL_NAME && (s.has(OPENS_WITH_CLOSING) || isBelowClosing(s))
                || s.size() <= ADDRESS_WORDS && s.has(ADDRESS);
        for (int i = 0; names && i < s.size(); i++) {
            Token t = s.token(i);
            boolean tag = s.is(i - 1, "#") && t.isWord();
            names = t.kind() == Token.Kind.SIGN
                    || tag
                    || Character.isUpperCase(t.raw().charAt(0))
                            && !StepWords.isKnown(t.norm())
                            && !Vocabulary.KITCHEN.contains(t.norm())
                            && s.food(lexicon, i).isEmpty();
        }
        return names;
    }

    private static final Cue CLOSING = Cue.of(
            "\\b(regards|sincerely|truly|thanks( so much| again| much| a lot)?|thank you( so much| kindly)?|cheers|wishes|gratefully|respectfully|cordially|warmly|faithfully|appreciatively|yours|love|advance)[,.!:-]*\\s+$");

    /** "Respectfully, Mrs. Orrin Tate". */
    private static final Cue OPENS_WITH_CLOSING = Cue.of(
            "^((with |my |kind |kindest |best |warm )*(regards|wishes)|(yours )?(sincerely|truly|respectfully|gratefully|cordially|faithfully)|yours|love|cheers|many thanks|thanks( again)?|thank you),");

    /** Characters of the line that closes a letter. */
    private static final int CLOSING_LINE = 40;

    /** "Best regards,", and a name below it. */
    static boolean isBelowClosing(Sentence s) {
        int at = s.range().start();
        String before = s.whole().substring(Math.max(0, at - CLOSING_LINE), at).toLowerCase(Locale.ROOT);
        return before.contains("\n") && CLOSING.in(before);
    }

    private Signature() {}
}
