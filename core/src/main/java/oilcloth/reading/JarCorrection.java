package oilcloth.reading;

import java.util.List;
import oilcloth.measure.JarSize;
import oilcloth.recipe.Fact;
import oilcloth.text.Cue;

/** "14 lb for 7 quarts… wait, I did pints": the jar named last holds. */
final class JarCorrection {
    private static final Cue CORRECTS = Cue.of(
            "^((oh|um|uh|no|wait|sorry|oops|whoops|nope|actually|hold on|correction|i mean|i meant|make that|scratch that)[,.:;… ]+)+((i|we|it|they|those|these) (did|was|were|used|mean|meant|made|filled|put up|had) |make that |that's |that was )?(them |it |all )?(in )?(\\S+ )?(half[- ]pints|pints|quarts)\\b(?! (of|and))");

    /** Characters: how far before it the jar that is taken back may stand. */
    private static final int NEAR = 40;

    /** Tokens of "No, wait, they were half pints." */
    private static final int FEW_WORDS = 9;

    private JarCorrection() {}

    /** Forgets the jar that a sentence takes back, where right before it one of another size was named. */
    static void takeBack(Sentence s, Draft draft) {
        if (!s.has(CORRECTS)) {
            return;
        }
        List<Fact<JarSize>> near = draft.facts.jars().stream()
                .filter(j -> j.range()
                        .filter(r -> r.end() <= s.range().start()
                                && r.end() >= s.range().start() - NEAR)
                        .isPresent())
                .toList();
        if (near.size() == 1) {
            draft.facts.jars().removeAll(near);
            draft.correctedJars.add(s.range());
        }
    }

    /** Whether nothing is told but the other jar. */
    static boolean isAll(Sentence s, Draft draft) {
        return s.size() <= FEW_WORDS && isRead(s, draft);
    }

    /** Whether a sentence is such a one, and nothing is left to ask. */
    static boolean isRead(Sentence s, Draft draft) {
        return draft.correctedJars.contains(s.range());
    }
}
