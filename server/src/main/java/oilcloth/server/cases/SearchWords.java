package oilcloth.server.cases;

import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** What somebody typed into a search field, as the database's word index takes it. */
public final class SearchWords {
    private static final Pattern CODE = Pattern.compile("[a-z]+\\.[a-z-]+");
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}_]+(?:\\.[a-z-]+)?");
    /** Shorter words are not in the index. */
    private static final int SHORTEST = 3;

    private SearchWords() {}

    /** A code is one word of the index. */
    static String ofCode(String code) {
        return code.replace('.', '_').replace('-', '_');
    }

    /** @return every word, as the beginning of one in the text; empty when nothing searchable was typed */
    public static String of(String typed) {
        return WORD.matcher(typed.toLowerCase(Locale.ROOT))
                .results()
                .map(r -> r.group())
                .map(w -> CODE.matcher(w).matches() ? ofCode(w) : w)
                .flatMap(w -> Pattern.compile("[.-]").splitAsStream(w))
                .filter(w -> w.length() >= SHORTEST)
                .map(w -> "+" + w + "*")
                .collect(Collectors.joining(" "));
    }
}
