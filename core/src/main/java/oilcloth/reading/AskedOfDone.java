package oilcloth.reading;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.text.Range;

/** "Is it ok that I put onions in?": a question that tells what was done. Read as it would be without the asking. */
final class AskedOfDone {
    private static final String FINE =
            "(ok|okay|o\\.k\\.|alright|all right|fine|safe|good|bad|wrong|awful|terrible|dangerous|risky|(a )?(big )?(problem|deal|issue|worry|concern|mistake))";

    private static final String DID =
            "(\\w+ed|used|left|forgot|did|didn'?t|had|was|were|got|gave|took|made|ran|kept|went|came|fell|sat|stood|cut|put|let|only|just|never|accidentally)\\b";

    private static final Pattern ASKED = Pattern.compile("(?i)^((and|so|but|also|now|ps|p\\.s\\.)[,:]? )*"
            + "((is|was|will|would|isn't|wasn't) (it|that|this) (be )?(still |really |at all |too |so |a )*" + FINE
            + "|(does|do|did|would|will|should) (it|that) (really )?(matter|hurt|count|make (a|any) difference|bother anything)"
            + "|(i )?(sure )?hope (it's|its|it is|that's|that is|it was|it will be) (still )?" + FINE
            + "|(am|was) i (ok|okay|wrong|safe)|are we (ok|okay|safe))"
            + "( at all)?,? ?((that|because|since|when|even though) |if (?=(i|we|my|our|the|it|they|she|he|some|one|two|a few|\\w+ jars?) "
            + DID + ")| (?=(i|we) " + DID + "))");

    private AskedOfDone() {}

    /** @return the sentences, those that ask of what was done without the asking and the question mark */
    static List<Range> told(String text, List<Range> sentences) {
        return sentences.stream().map(s -> told(text, s)).toList();
    }

    private static Range told(String text, Range sentence) {
        Matcher asked = ASKED.matcher(sentence.of(text));
        if (!asked.find() || sentence.start() + asked.end() >= sentence.end()) {
            return sentence;
        }
        int end = text.charAt(sentence.end() - 1) == '?' ? sentence.end() - 1 : sentence.end();
        return new Range(sentence.start() + asked.end(), end);
    }
}
