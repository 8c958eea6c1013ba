package oilcloth.reading;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.text.Range;
import oilcloth.text.Sentences;

/**
 * Where one text holds several recipes: each from its title to the next one's, with two measured lines at least below it, or
 * told one after the other, "First, … Second, …". Every one must say how it is canned.
 */
final class SeveralRecipes {
    private static final int LEAST_LINES = 2;
    /** How far below a title its first amounts stand. */
    private static final int TITLE_REACH = 5;

    private static final Pattern CANNED = Pattern.compile(
            "(?i)\\b(process|canner|water ?bath|bwb|bwc|wb|psi|pounds? pressure|headspace|jars?|pints?|quarts?)\\b");

    static final Pattern MEASURED = Pattern.compile(
            "(?i)[0-9½¼¾⅓⅔]\\s*(cups?|c\\.|tsp|tbsp|t\\.|lbs?|oz|qts?|pounds?|teaspoons?|tablespoons?|g|kg|ml)\\b|\\bto taste\\b");

    private static final Pattern ORDINAL = Pattern.compile(
            "(?im)(?:^|(?<=[.!?:;]))[ \\t]*(first|second|third|number (?:one|two|three))(?: one| batch| thing| up)?[,:]");

    /** Minutes: what each of several recipes told in prose must have of its own. */
    private static final Pattern TIMED = Pattern.compile("(?i)\\d+ ?min");

    private SeveralRecipes() {}

    /** One range for a text that holds one recipe. */
    static List<Range> of(String text, Predicate<Range> isTitle, Predicate<Range> isItem) {
        List<Range> lines = Sentences.lines(text);
        BitSet measured = new BitSet();
        for (int n = 0; n < lines.size(); n++) {
            measured.set(n, MEASURED.matcher(lines.get(n).of(text)).find());
        }
        List<Integer> starts = titles(lines, measured, isTitle);
        if (starts.size() > 1) {
            for (int n = measured.nextSetBit(0); n >= 0; n = measured.nextSetBit(n + 1)) {
                measured.set(n, isItem.test(lines.get(n)));
            }
            starts = titles(lines, measured, isTitle);
        }
        List<Range> recipes =
                parts(text, starts.stream().map(n -> lines.get(n).start()).toList());
        if (recipes.size() < 2) {
            recipes = told(text);
        }
        boolean whole = recipes.size() < 2
                || recipes.stream().anyMatch(r -> !CANNED.matcher(r.of(text)).find());
        return whole ? List.of(new Range(0, text.length())) : recipes;
    }

    private static List<Integer> titles(List<Range> lines, BitSet measured, Predicate<Range> isTitle) {
        List<Integer> starts = new ArrayList<>();
        for (int n = 0; n < lines.size(); n++) {
            boolean followed = measured.get(n + 1, n + 1 + TITLE_REACH).cardinality() >= LEAST_LINES;
            if (followed && isTitle.test(lines.get(n))) {
                starts.add(n);
            }
        }
        return starts;
    }

    /** "Two things from one canner day! First, peaches … Second, applesauce …". */
    private static List<Range> told(String text) {
        List<Integer> starts = new ArrayList<>();
        Matcher ordinal = ORDINAL.matcher(text);
        while (ordinal.find()) {
            starts.add(ordinal.start(1));
        }
        List<Range> recipes = parts(text, starts);
        boolean each = recipes.stream().allMatch(r -> TIMED.matcher(r.of(text)).find());
        return each ? recipes : List.of();
    }

    private static List<Range> parts(String text, List<Integer> starts) {
        List<Range> recipes = new ArrayList<>();
        for (int k = 0; k < starts.size(); k++) {
            int from = k == 0 ? 0 : starts.get(k);
            int to = k + 1 < starts.size() ? starts.get(k + 1) : text.length();
            recipes.add(new Range(from, to));
        }
        return List.copyOf(recipes);
    }
}
