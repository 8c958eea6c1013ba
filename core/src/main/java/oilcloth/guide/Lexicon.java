package oilcloth.guide;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import oilcloth.text.Range;
import oilcloth.text.Token;
import oilcloth.text.Tokens;

/** Finds foods by any of their names, the longest name first, singular or plural. */
public final class Lexicon {
    /** A food found in a run of tokens: {@code length} tokens from where it was looked for. */
    public record Match(Food food, int length) {}

    private final Map<String, Food> exact = new HashMap<>();
    private final Map<String, Food> stemmed = new HashMap<>();
    private int longest = 1;

    void add(String alias, Food food) {
        List<String> words = words(alias);
        if (words.isEmpty()) {
            return;
        }
        longest = Math.max(longest, words.size());
        exact.putIfAbsent(String.join(" ", words), food);
        stemmed.putIfAbsent(words.stream().map(Lexicon::stem).collect(Collectors.joining(" ")), food);
    }

    /** The longest food name that starts at token {@code at}; hyphens inside a name are passed over. */
    public Optional<Match> at(List<Token> tokens, int at) {
        if (!tokens.get(at).isWord()) {
            return Optional.empty();
        }
        StringBuilder key = new StringBuilder();
        StringBuilder stemKey = new StringBuilder();
        Match best = null;
        int words = 0;
        for (int i = at; i < tokens.size() && words < longest; i++) {
            Token token = tokens.get(i);
            // "low-sugar pectin", "yellow (banana) peppers"
            if (i > at && (token.is("-") || token.is("(") || token.is(")"))) {
                continue;
            }
            if (!token.isWord() && !token.is("%") && !token.isNumber()) {
                break;
            }
            key.append(words == 0 ? "" : " ").append(token.norm());
            stemKey.append(words == 0 ? "" : " ").append(stem(token.norm()));
            words++;
            Food food = exact.get(key.toString());
            if (food == null) {
                food = stemmed.get(stemKey.toString());
            }
            if (food != null) {
                best = new Match(food, i - at + 1);
            }
        }
        return Optional.ofNullable(best);
    }

    private static List<String> words(String alias) {
        return Tokens.of(alias, new Range(0, alias.length())).stream()
                .filter(t -> t.kind() != Token.Kind.SIGN || t.is("%"))
                .map(Token::norm)
                .toList();
    }

    /** The last word of a name, singular: what kind of thing it is. */
    public static String head(String name) {
        List<String> words = words(name.toLowerCase(java.util.Locale.ROOT));
        return words.isEmpty() ? "" : stem(words.get(words.size() - 1));
    }

    /** Singular of a kitchen noun; close enough for looking up, never shown. */
    public static String stem(String word) {
        int n = word.length();
        if (n > 4 && word.endsWith("ies")) {
            return word.substring(0, n - 3) + "y";
        }
        if (n > 4 && (word.endsWith("oes") || word.endsWith("ches") || word.endsWith("shes") || word.endsWith("xes"))) {
            return word.substring(0, n - 2);
        }
        if (n > 3 && word.endsWith("s") && !word.endsWith("ss") && !word.endsWith("us")) {
            return word.substring(0, n - 1);
        }
        return word;
    }
}
