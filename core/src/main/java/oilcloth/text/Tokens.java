package oilcloth.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import oilcloth.measure.Fractions;

/** Cuts a text into tokens in one pass; linear in its length. */
public final class Tokens {
    private Tokens() {}

    public static List<Token> of(String text, Range within) {
        List<Token> tokens = new ArrayList<>();
        int i = within.start();
        int end = within.end();
        while (i < end) {
            char c = text.charAt(i);
            if (Character.isWhitespace(c) || c == '\u00a0') {
                i++;
                continue;
            }
            int j = i + 1;
            Token.Kind kind = Token.Kind.SIGN;
            if (isDigit(c) || (c == '.' && j < end && isDigit(text.charAt(j)))) {
                kind = Token.Kind.NUMBER;
                while (j < end && continuesNumber(text, i, j, end)) {
                    j++;
                }
            } else if (Fractions.isVulgar(c)) {
                kind = Token.Kind.NUMBER;
            } else if (Character.isLetter(c)) {
                kind = Token.Kind.WORD;
                int formula = text.regionMatches(true, i, WATER, 0, WATER.length()) ? i + WATER.length() : i;
                int initials = Math.max(initialsEnd(text, i, end), Math.max(formula, withoutEnd(text, i, end)));
                j = Math.max(initials, j);
                while (initials == i && j < end && continuesWord(text, j, end)) {
                    j++;
                }
            }
            String raw = text.substring(i, j);
            Range range = new Range(i, j);
            String norm = norm(Folded.of(text, range), kind);
            if (norm.length() > LONGEST_SHORT || !HESITATION.contains(norm)) {
                tokens.add(new Token(kind, norm, raw, range));
            }
            i = j;
        }
        return tokens;
    }

    /** Sounds of somebody who is looking for a word: none themselves. */
    private static final Set<String> HESITATION = Set.of("uh", "uhh", "um", "umm", "uhm", "erm", "hmm", "mmm");

    /** "B.W." is "bw", "heyyy" is "hey", "w/o" is "without", "b/c" "because", "w/" and "w" are "with", "ea" is "each". */
    private static String norm(String folded, Token.Kind kind) {
        if (kind != Token.Kind.WORD) {
            return folded;
        }
        if (folded.length() <= LONGEST_SHORT) {
            String full = SHORT.get(folded);
            if (full != null) {
                return full;
            }
        }
        if (folded.indexOf('/') > 0) {
            return folded.equals(BECAUSE) ? "because" : "without";
        }
        if (folded.indexOf('.') > 0) {
            return folded.replace(".", "");
        }
        for (int i = 2; i < folded.length(); i++) {
            if (folded.charAt(i) == folded.charAt(i - 1) && folded.charAt(i) == folded.charAt(i - 2)) {
                return DRAWN_OUT.matcher(folded).replaceAll("$1");
            }
        }
        return folded;
    }

    private static final String WATER = "h2o";

    private static final Map<String, String> SHORT = Map.of(
            "ea",
            "each",
            "w/",
            "with",
            "w",
            "with",
            WATER,
            "water",
            "psig",
            "psi",
            "btl",
            "bottled",
            "btld",
            "bottled",
            "wt",
            "weight",
            "lt",
            "light",
            "veg",
            "vegetable");

    /** Letters: of the short names and of the sounds. */
    private static final int LONGEST_SHORT = 4;

    private static final Pattern DRAWN_OUT = Pattern.compile("(\\p{L})\\1{2,}");

    /** Where "B.W." that begins at {@code i} ends, or {@code i}: letters with a dot behind each, two at least. */
    private static int initialsEnd(String text, int i, int end) {
        int j = i;
        while (j + 1 < end && Character.isLetter(text.charAt(j)) && text.charAt(j + 1) == '.') {
            j += 2;
        }
        return j > i + 2 ? j : i;
    }

    /** Where "w/o", "w/out", "b/c" or "w/" that begins at {@code i} ends, or {@code i}. */
    private static int withoutEnd(String text, int i, int end) {
        // all of them have the stroke behind one letter
        if (i + 1 >= end || text.charAt(i + 1) != '/') {
            return i;
        }
        for (String without : WITHOUT) {
            int j = i + without.length();
            if (text.regionMatches(true, i, without, 0, without.length())
                    && j <= end
                    && (j == end || !Character.isLetter(text.charAt(j)))) {
                return j;
            }
        }
        return text.regionMatches(true, i, "w/", 0, 2) && i + 2 <= end ? i + 2 : i;
    }

    private static final String BECAUSE = "b/c";

    private static final List<String> WITHOUT = List.of("w/o", "w/out", BECAUSE);

    private static boolean continuesNumber(String text, int start, int j, int end) {
        char c = text.charAt(j);
        if (isDigit(c)) {
            return true;
        }
        boolean digitNext = j + 1 < end && isDigit(text.charAt(j + 1));
        if (c == '.') {
            return digitNext
                    && text.indexOf('.', start) == j
                    && text.substring(start, j).indexOf('/') < 0;
        }
        // 5,200 but not "3,4": a thousands comma has exactly three digits after it
        if (c == ',') {
            return j + 3 < end + 0
                    && isDigit(text.charAt(j + 1))
                    && isDigit(text.charAt(j + 2))
                    && isDigit(text.charAt(j + 3))
                    && (j + 4 >= end || !isDigit(text.charAt(j + 4)));
        }
        return c == '/' && digitNext && text.substring(start, j).indexOf('/') < 0;
    }

    private static boolean continuesWord(String text, int j, int end) {
        char c = text.charAt(j);
        if (Character.isLetter(c) || Character.getType(c) == Character.NON_SPACING_MARK) {
            return true;
        }
        return (c == '\'' || c == '\u2019') && j + 1 < end && Character.isLetter(text.charAt(j + 1));
    }

    private static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }
}
