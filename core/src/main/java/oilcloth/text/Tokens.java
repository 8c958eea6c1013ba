package oilcloth.text;

import java.util.ArrayList;
import java.util.List;
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
                while (j < end && continuesWord(text, j, end)) {
                    j++;
                }
            }
            String raw = text.substring(i, j);
            Range range = new Range(i, j);
            tokens.add(new Token(kind, Folded.of(text, range), raw, range));
            i = j;
        }
        return tokens;
    }

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
