package oilcloth.text;

import java.text.Normalizer;

/** How a text is compared: lower case, straight apostrophes, letters without their accents. */
public final class Folded {
    /** End of the accented Latin letters. */
    private static final int LATIN = 0x250;

    private static final char[] PLAIN = new char[LATIN];

    static {
        for (char c = 0; c < LATIN; c++) {
            char base =
                    Normalizer.normalize(String.valueOf(c), Normalizer.Form.NFD).charAt(0);
            PLAIN[c] = Character.toLowerCase(base < 0x80 ? base : c);
        }
    }

    private Folded() {}

    /** Sign for sign, so that offsets stay true: "Purée" is "puree". */
    public static String of(String text, Range range) {
        char[] chars = new char[range.end() - range.start()];
        for (int i = 0; i < chars.length; i++) {
            char c = text.charAt(range.start() + i);
            chars[i] = c < LATIN ? PLAIN[c] : c == '\u2019' ? '\'' : Character.toLowerCase(c);
        }
        return new String(chars);
    }
}
