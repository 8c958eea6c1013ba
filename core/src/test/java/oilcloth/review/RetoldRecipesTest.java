package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import oilcloth.check.Messages;
import oilcloth.guide.Confidence;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Process;
import oilcloth.guide.ProcessRow;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;
import oilcloth.recipe.Context;
import org.junit.jupiter.api.Test;

/** Every tested recipe, written down by a home canner with all that is needed, is sound wherever its table reaches. */
class RetoldRecipesTest {
    private static final GuideSnapshot GUIDE = GuideSnapshot.shipped();
    private static final Engine ENGINE = new Engine(GUIDE);

    @Test
    void testedRecipesAreSoundAtEveryAltitude() {
        List<String> failed = new ArrayList<>();
        int told = 0;
        for (TestedRecipe tested : GUIDE.recipes()) {
            for (String id : tested.processes()) {
                Process process = Retold.process(tested, id).orElseThrow();
                for (JarSize jar : process.jars()) {
                    ProcessRow row = process.rows().get(jar);
                    if (tested.confidence() != Confidence.HIGH || row.confidence() != Confidence.HIGH) {
                        continue;
                    }
                    for (Altitude altitude : Retold.altitudes()) {
                        told++;
                        String text = Retold.recipe(tested, process, jar, altitude);
                        Review review = ENGINE.review(text, Context.planning(null));
                        if (review.call() != Call.SOUND) {
                            failed.add(tested.id() + " " + id + " " + jar.id() + " at " + altitude.feet() + ": "
                                    + why(review));
                        }
                    }
                }
            }
        }
        assertThat(failed).as("of " + told + " retold").isEmpty();
    }

    private static String why(Review review) {
        StringBuilder why = new StringBuilder(review.call().id()).append(" as ");
        why.append(review.placement()
                .recipe()
                .map(TestedRecipe::id)
                .orElseGet(() -> review.placement().first().map(Process::id).orElse("nothing")));
        review.open().stream()
                .filter(f -> f.severity().compareTo(oilcloth.check.Severity.CORRECT) >= 0)
                .forEach(f -> why.append("; ").append(f.code()).append(" ").append(f.figures()));
        review.questions().forEach(q -> why.append("; ? ")
                .append(Messages.english().say(q.question().text())));
        return why.toString();
    }
}
