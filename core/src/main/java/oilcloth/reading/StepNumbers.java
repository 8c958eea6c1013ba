package oilcloth.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.text.Range;
import oilcloth.text.Tokens;

/** "1 Husk. 2 Blanch 3 min. 3 Cut", "(a) hot pack (b) pints": steps told in one paragraph. The numbers are no figures. */
final class StepNumbers {
    private static final Pattern NUMBER = Pattern.compile("(?:^|(?<=[.;!)]))\\s*(\\d{1,2}) (?=[A-Z0-9])");

    /** So many in a row, from the first on, are no amounts. */
    private static final int LEAST = 4;

    private StepNumbers() {}

    /** The sentences without their numbers, parted where a number stands in one; as they are where no such row is told. */
    static List<Range> without(String text, List<Range> sentences) {
        return numbered(text, lettered(text, sentences));
    }

    private static List<Range> numbered(String text, List<Range> sentences) {
        List<Range> bare = new ArrayList<>();
        int step = 0;
        for (Range sentence : sentences) {
            Matcher number = NUMBER.matcher(sentence.of(text));
            int from = sentence.start();
            while (number.find()) {
                Range behind = new Range(sentence.start() + number.end(), sentence.end());
                if (Units.at(Tokens.of(text, behind), 0).isPresent()) {
                    // "1 Onion. 2 Cups vinegar."
                    return sentences;
                }
                if (Integer.parseInt(number.group(1)) == step + 1) {
                    step++;
                    add(bare, from, sentence.start() + number.start());
                    from = sentence.start() + number.end();
                }
            }
            add(bare, from, sentence.end());
        }
        return step >= LEAST ? bare : sentences;
    }

    /** "(a) hot pack (b) pints (c) 1 inch". */
    private static final Pattern LETTER = Pattern.compile("\\(([a-z])\\)\\s+");

    private static final int FEWEST_LETTERS = 3;

    private static List<Range> lettered(String text, List<Range> sentences) {
        List<Range> bare = new ArrayList<>();
        char next = 'a';
        for (Range sentence : sentences) {
            Matcher letter = LETTER.matcher(sentence.of(text));
            int from = sentence.start();
            while (letter.find()) {
                if (letter.group(1).charAt(0) == next) {
                    next++;
                    add(bare, from, sentence.start() + letter.start());
                    from = sentence.start() + letter.end();
                }
            }
            add(bare, from, sentence.end());
        }
        return next - 'a' >= FEWEST_LETTERS ? bare : sentences;
    }

    private static void add(List<Range> bare, int from, int to) {
        if (from < to) {
            bare.add(new Range(from, to));
        }
    }
}
