package oilcloth.reading;

/**
 * Words of people, feelings, talk, times and places, as {@link WordSieve} finds them: whatever they say of a food, it is not
 * what it was made into, and nobody puts them into a jar.
 */
final class EverydayWords {
    private static final WordList WORDS = WordList.load("everyday-words.txt");

    private EverydayWords() {}

    /** Whether it is one, in whatever form. */
    static boolean has(String word) {
        return WORDS.hasForm(word);
    }
}
