package oilcloth.text;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A letter spoken, or typed without a stop: it is cut where a clause of its own begins. */
final class RunOn {
    /** Characters without a stop that nobody writes who writes stops. */
    private static final int LONG = 170;

    /** Characters for each comma or colon of somebody who parts clauses by them. */
    private static final int FOR_EACH_COMMA = 90;

    /** What stands before it may be taken back behind it: there nothing is parted. */
    private static final Pattern NOT_ALL_DONE = Pattern.compile(
            "(?i)\\b(says?|said|supposed|told|thought|forgot|skip\\w*|left out|leave|never|not|no|(?:do|did|does|could|would|ca|wo|was|is|had)n'?t|out of|was out|were out|should|calls? for|called for|wants?|wanted (?:me|us)|only|instead|except|without)\\b");

    private static final String SOMEBODY = "(?:i|we|it|they|you|she|he|i'm|we're|it's|they're|that's|i've|we've)";

    private static final Pattern CLAUSE =
            Pattern.compile("(?i)\\s(?=(?:and|then)\\s(?:uh+\\s|um+\\s)*(?:then|also|" + SOMEBODY + ")\\s)"
                    + "|\\s(?=(?:uh+|um+)\\s)"
                    + "|(?<!\\s(?:and|so|but|then|that|what|when|if|as|which|because|cause|before|after|while|how|than|where|until|till|since|uh|um|where|like))\\s(?=(?:i|we)\\s(?:did|do|put|packed|filled|vented|gave|left|used|added|processed|washed|peeled|boiled|simmered|cooked|cut|got|poured|live|am|are|have|had|made|canned|wiped|ran|took|let|set|covered|strained|drained|sliced|chopped)\\s)"
                    + "|\\s(?=then\\s)");

    private RunOn() {}

    /** "Vent 10 / 35 min at 11 lb": what is behind the bar is another step. */
    private static final Pattern BAR = Pattern.compile(
            "(?i)\\bvent(?:ed|ing)?:? (?:for )?\\d{1,2}(?: ?min\\w*)?( (?:/|->|→|=>|>) (?=\\d)| {2,}(?=\\d)| [-–] (?=(?:[2-9]\\d|1\\d\\d)\\b))");

    /** The clauses of a sentence that has no end; the sentence itself where it is of usual length. */
    static List<Range> clauses(String text, Range sentence) {
        Matcher bar = BAR.matcher(sentence.of(text));
        if (bar.find()) {
            return List.of(
                    new Range(sentence.start(), sentence.start() + bar.start(1)),
                    new Range(sentence.start() + bar.end(), sentence.end()));
        }
        if (sentence.end() - sentence.start() < LONG) {
            return List.of(sentence);
        }
        String words = sentence.of(text);
        long stops = words.chars().filter(c -> c == ',' || c == ';' || c == ':').count();
        if (stops * FOR_EACH_COMMA > words.length()
                || NOT_ALL_DONE.matcher(words).find()) {
            return List.of(sentence);
        }
        List<Range> clauses = new ArrayList<>();
        Matcher m = CLAUSE.matcher(words);
        int start = 0;
        while (m.find()) {
            if (m.start() > start) {
                clauses.add(new Range(start, m.start()).shift(sentence.start()));
                start = m.end();
            }
        }
        clauses.add(new Range(start, words.length()).shift(sentence.start()));
        return clauses;
    }
}
