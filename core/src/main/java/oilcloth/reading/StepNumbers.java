package oilcloth.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.guide.Lexicon;
import oilcloth.measure.Unit;
import oilcloth.text.Range;
import oilcloth.text.Token;
import oilcloth.text.Tokens;

/** "1 Husk. 2 Blanch 3 min. 3 Cut", "(a) hot pack (b) pints": steps told in one paragraph. The numbers are no figures. */
final class StepNumbers {
    private static final Pattern NUMBER = Pattern.compile(
            "(?:^|(?<=[.;!)])|(?<=,)(?=\\s*\\d{1,2}[.)](?: [a-z0-9]|$)))\\s*#?(\\d{1,2})(?:[.)]$|(?:[.):]| ?-)? (?=[A-Z0-9])|[.)] (?=[a-z]))");

    /** So many in a row, from the first on, are no amounts. */
    private static final int LEAST = 4;

    private StepNumbers() {}

    /** The sentences without their numbers, parted where a number stands in one; as they are where no such row is told. */
    static List<Range> without(String text, List<Range> sentences) {
        return numbered(text, lettered(text, sentences));
    }

    private static final Pattern LINE_NUMBER =
            Pattern.compile("^\\s*#?(\\d{1,2})(?: ?[-–:.)](?=[ \\t]*[A-Za-z])|(?=[ \\t]))[ \\t]*(?=\\S)");

    /** In a list of ingredients more of them are measured, or name their food at once. */
    private static final int MOST_MEASURED = 3;

    /** "1 scrub them", "2 boil 5 min", each on a line of its own: the lines without their numbers. */
    static List<Range> withoutOnLines(String text, List<Range> lines, Lexicon lexicon) {
        List<Range> bare = new ArrayList<>(lines);
        for (int n = 0; n < lines.size(); n++) {
            List<Range> row = row(text, lines.subList(n, lines.size()));
            long measured =
                    row.stream().filter(r -> isMeasured(text, r, lexicon)).count();
            if (row.size() >= LEAST && measured * MOST_MEASURED <= row.size()) {
                for (int k = 0; k < row.size(); k++) {
                    bare.set(n + k, row.get(k));
                }
            }
        }
        return bare;
    }

    /** What stands behind the numbers of the lines that are numbered 1, 2, 3 … from the first on. */
    private static List<Range> row(String text, List<Range> lines) {
        List<Range> row = new ArrayList<>();
        for (Range line : lines) {
            Matcher number = LINE_NUMBER.matcher(line.of(text));
            if (!number.find() || Integer.parseInt(number.group(1)) != row.size() + 1) {
                break;
            }
            row.add(new Range(line.start() + number.end(), line.end()));
        }
        return row;
    }

    /** "2 cups vinegar", "3 1/2 lb", "4 onions". */
    private static boolean isMeasured(String text, Range behind, Lexicon lexicon) {
        Sentence s = new Sentence(text, behind, false);
        return isMeasured(s.tokens())
                || s.food(lexicon, 0).isPresent()
                || s.size() > 1
                        && s.token(0).isNumber()
                        && isMeasured(s.tokens().subList(1, s.size()));
    }

    /** Whether a unit stands first; "2 Pack hot" is no package. */
    private static boolean isMeasured(List<Token> tokens) {
        return Units.at(tokens, 0)
                .filter(u -> u.unit().kind() != Unit.Kind.PACK)
                .isPresent();
    }

    private static List<Range> numbered(String text, List<Range> sentences) {
        List<Range> bare = new ArrayList<>();
        int step = 0;
        for (Range sentence : sentences) {
            Matcher number = NUMBER.matcher(sentence.of(text));
            int from = sentence.start();
            while (number.find()) {
                Range behind = new Range(sentence.start() + number.end(), sentence.end());
                if (isMeasured(Tokens.of(text, behind))) {
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
