package oilcloth.plan;

import java.util.List;
import oilcloth.guide.Gauge;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Method;
import oilcloth.guide.Process;
import oilcloth.guide.ProcessRow;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;
import oilcloth.measure.Minutes;
import oilcloth.review.Call;
import oilcloth.review.Required;
import oilcloth.review.Review;

/**
 * One recipe to can.
 *
 * @param process the tested minutes in the canner, for this jar at this altitude
 * @param psi of the dial gauge unless a weighted one was named; 0 without pressure
 * @param sound whether the recipe is sound as it is planned
 * @param jars 1 to 200
 */
public record Job(
        String name,
        List<Stage> stages,
        Method method,
        Minutes process,
        int psi,
        boolean hotPack,
        boolean lowAcid,
        boolean sound,
        int jars,
        JarSize jar) {
    private static final int MOST_JARS = 200;

    /** @throws IllegalArgumentException when the number of jars is out of range, or a pressure is wanted and not known */
    public Job {
        stages = List.copyOf(stages);
        if (method == Method.PRESSURE && psi <= 0) {
            throw new IllegalArgumentException("“" + name + "” has no tested pressure at that altitude.");
        }
        if (jars < 1 || jars > MOST_JARS) {
            throw new IllegalArgumentException("A plan is for 1 to " + MOST_JARS + " jars of a recipe.");
        }
    }

    /**
     * A canner's recipe, by the tested time whatever the text states.
     *
     * @throws IllegalArgumentException when it is not safe to can as it is, or has no decided tested process
     */
    public static Job of(String name, Review review, int jars) {
        if (review.call() == Call.STOP || review.worstOpen() == Call.STOP) {
            throw new IllegalArgumentException("“" + name
                    + "” must not be canned as it is, or may turn out so. Plan the corrected recipe, or a tested one.");
        }
        Required required = review.required()
                .filter(r -> r.minutes().isPresent() && r.least().equals(r.minutes()))
                .orElseThrow(() -> new IllegalArgumentException(
                        "“" + name + "” has no tested time yet. Answer its questions first."));
        return new Job(
                name,
                Stage.of(review.recipe().text()),
                required.method(),
                required.minutes().orElseThrow(),
                required.psi().orElse(0),
                !review.subject().strictest().orElseThrow().pack().equals("raw"),
                required.method() == Method.PRESSURE,
                review.call() == Call.SOUND,
                jars,
                required.jar());
    }

    /** @throws IllegalArgumentException when it has no process for that jar, or none at that altitude */
    public static Job of(TestedRecipe recipe, GuideSnapshot guide, Altitude altitude, JarSize jar, int jars) {
        Process process = recipe.processes().stream()
                .flatMap(id -> guide.process(recipe.method(), id).stream())
                .filter(p -> p.rowFor(jar).isPresent())
                .findFirst()
                .orElseThrow(() ->
                        new IllegalArgumentException(recipe.name() + " has no tested process in a jar of that size."));
        ProcessRow row = process.rowFor(jar).orElseThrow();
        if (row.endsBelow(altitude)) {
            throw new IllegalArgumentException(recipe.name() + " has no tested time at that altitude.");
        }
        return new Job(
                recipe.name(),
                Stage.of(String.join("\n", recipe.steps())),
                recipe.method(),
                row.minutesAt(altitude),
                row.psiAt(Gauge.DIAL, altitude).orElse(0),
                !process.pack().equals("raw"),
                recipe.method() == Method.PRESSURE,
                true,
                jars,
                jar);
    }
}
