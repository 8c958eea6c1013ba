package oilcloth.check.acid;

import java.util.List;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Process;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;

/** Where the acid goes. */
public final class Bulk implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "acid.bulk",
            "Acid stirred into the pot where it is tested per jar",
            "Stirred into the pot it may not share out evenly; put into each jar, every jar is sure to have its due.",
            "Guide 3");

    private static final Cue PER_JAR = Cue.of(
            "\\b(each|every|per)( (hot|clean|sterile|pint|quart|half[- ]pint))* (jar|pint|quart)\\b|\\ba (jar|pint|quart)\\b(?! of)");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        if (s.placement().open().stream().noneMatch(Process::needsAcidPerJar)) {
            return;
        }
        List<Ingredient> acids = s.recipe().acids();
        if (acids.isEmpty() || acids.stream().anyMatch(i -> i.perJar().isPresent())) {
            return;
        }
        // "a lemon into every jar": how much is asked elsewhere, where it goes is told
        boolean told =
                acids.stream().allMatch(i -> i.amount().isEmpty() && s.said().inSentence(i.range(), PER_JAR));
        if (told) {
            return;
        }
        boolean smooth = s.placement().open().stream()
                .allMatch(p -> p.id().contains("juice-hot") || p.id().contains("sauce-hot"));
        out.add(Finding.of(INFO.code(), "pot", smooth ? Severity.NOTE : Severity.CORRECT, s.citePlaced(INFO))
                .at(acids.get(0).range())
                .fix());
    }
}
