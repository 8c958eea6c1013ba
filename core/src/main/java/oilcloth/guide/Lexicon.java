package oilcloth.guide;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import oilcloth.text.Range;
import oilcloth.text.Token;
import oilcloth.text.Tokens;

/** Finds foods by any of their names, the longest name first, singular or plural. */
public final class Lexicon {
    /** A food found in a run of tokens: {@code length} tokens from where it was looked for. */
    public record Match(Food food, int length) {}

    private final Map<String, Food> exact = new HashMap<>();
    private final Map<String, Food> stemmed = new HashMap<>();
    /** How every name begins, word by word, as written and stemmed: whatever begins otherwise is no name. */
    private final Set<String> beginnings = new HashSet<>();

    void add(String alias, Food food) {
        List<String> words = words(alias);
        if (words.isEmpty()) {
            return;
        }
        List<String> stems = words.stream().map(Lexicon::stem).toList();
        for (int n = 1; n <= words.size(); n++) {
            beginnings.add(String.join(" ", words.subList(0, n)));
            beginnings.add(String.join(" ", stems.subList(0, n)));
        }
        exact.putIfAbsent(String.join(" ", words), food);
        stemmed.putIfAbsent(String.join(" ", stems), food);
    }

    /** The longest food name that starts at token {@code at}; hyphens inside a name are passed over. */
    public Optional<Match> at(List<Token> tokens, int at) {
        if (!tokens.get(at).isWord()) {
            return Optional.empty();
        }
        String name = "";
        String stems = "";
        Match best = null;
        for (int i = at; i < tokens.size(); i++) {
            Token token = tokens.get(i);
            // "low-sugar pectin", "yellow (banana) peppers"
            if (i > at && (token.is("-") || token.is("(") || token.is(")"))) {
                continue;
            }
            if (!token.isWord() && !token.is("%") && !token.isNumber()) {
                break;
            }
            String space = i == at ? "" : " ";
            name += space + token.norm();
            stems += space + stem(token.norm());
            if (!beginnings.contains(name) && !beginnings.contains(stems)) {
                break;
            }
            Food food = exact.get(name);
            if (food == null) {
                food = stemmed.get(stems);
            }
            if (food != null) {
                best = new Match(food, i - at + 1);
            }
        }
        return Optional.ofNullable(best);
    }

    /**
     * "Potatoes, sweet", "peas, sugar snap", "beans (black)": another food's name turned round behind this one. What stands
     * behind must be a clause or a bracket by itself, so that "peaches, white sugar" stays two foods.
     */
    public Optional<Match> turnedRound(List<Token> tokens, int at, Match name) {
        int sign = at + name.length();
        boolean bracket = sign < tokens.size() && tokens.get(sign).is("(");
        if (!bracket && (sign >= tokens.size() || !tokens.get(sign).is(","))) {
            return Optional.empty();
        }
        FoodClass kind = name.food().kind();
        boolean kinds =
                kind.isProduce() || kind == FoodClass.MEAT || kind == FoodClass.SEAFOOD || kind == FoodClass.ACID;
        // "beans, butter, salt" is a list
        boolean list = sign + 1 < tokens.size()
                && at(tokens, sign + 1)
                        .filter(m -> APART.contains(m.food().kind()))
                        .isPresent();
        if (!kinds || list) {
            return Optional.empty();
        }
        for (int end = sign + 2; end <= Math.min(tokens.size(), sign + LONGEST_KIND); end++) {
            boolean ends =
                    end == tokens.size() || KIND_ENDS.contains(tokens.get(end).norm());
            List<Token> turned = new ArrayList<>(tokens.subList(sign + 1, end));
            if (turned.stream().noneMatch(t -> t.isWord() || t.is("-"))) {
                return Optional.empty();
            }
            turned.addAll(tokens.subList(at, sign));
            Optional<Match> other = ends && turned.get(0).isWord() ? at(turned, 0) : Optional.empty();
            if (other.filter(o -> o.length() == turned.size() && !o.food().equals(name.food()))
                    .isPresent()) {
                boolean closes =
                        bracket && end < tokens.size() && tokens.get(end).is(")");
                return Optional.of(new Match(other.get().food(), end - at + (closes ? 1 : 0)));
            }
        }
        return Optional.empty();
    }

    private static final Set<FoodClass> APART = Set.of(
            FoodClass.FAT, FoodClass.DAIRY, FoodClass.EGG, FoodClass.STARCH, FoodClass.THICKENER, FoodClass.SALT);

    /** Tokens behind the comma: "sugar snap", "black - eyed". */
    private static final int LONGEST_KIND = 4;

    private static final Set<String> KIND_ENDS = Set.of(",", ".", ";", ":", ")", "–", "—");

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
