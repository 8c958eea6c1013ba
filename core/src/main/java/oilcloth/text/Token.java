package oilcloth.text;

/**
 * One word, figure or sign of the text.
 *
 * @param kind what it is
 * @param norm as {@link Folded}, for looking up
 * @param raw as written: {@code T} and {@code t} are different spoons
 */
public record Token(Kind kind, String norm, String raw, Range range) {
    /** What a token is. */
    public enum Kind {
        WORD,
        NUMBER,
        SIGN
    }

    public boolean is(String word) {
        return norm.equals(word);
    }

    public boolean isNumber() {
        return kind == Kind.NUMBER;
    }

    public boolean isWord() {
        return kind == Kind.WORD;
    }
}
