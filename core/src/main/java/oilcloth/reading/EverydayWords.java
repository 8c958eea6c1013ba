package oilcloth.reading;

import java.util.regex.Pattern;

/**
 * Words of people, feelings, talk, times and places, as {@link WordSieve} finds them: whatever they say of a food, it is not
 * what it was made into, and nobody puts them into a jar.
 */
final class EverydayWords {
    private static final WordList WORDS = WordList.load("everyday-words.txt");

    private EverydayWords() {}

    /** "Lunchroom", "churchyard", "neighborfolk": a place, an hour or a person, by its last part; no crop and no way to cook. */
    private static final Pattern COMPOUND = Pattern.compile(
            "(?!mush|smoke|ice|salt|hot|cold|steam)[a-z]{3,}(room|house|yard|town|field|time|folks?|woman|women|keeper)");

    /** Whether it is one, in whatever form. */
    static boolean has(String word) {
        return WORDS.hasForm(word) || COMPOUND.matcher(word).matches();
    }
}
