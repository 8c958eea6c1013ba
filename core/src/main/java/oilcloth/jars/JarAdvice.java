package oilcloth.jars;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import oilcloth.check.Finding;
import oilcloth.check.Message;
import oilcloth.check.Messages;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.Context;

/**
 * What to do with jars already made: the table of the checks catalogue, the worst row wins.
 *
 * @param by until when, for what must be done within 24 hours of leaving the canner
 */
public record JarAdvice(Advice advice, Optional<Instant> by, Message why) {
    /** The window in which a jar may be opened and processed again. */
    public static final Duration WINDOW = Duration.ofHours(24);

    /** What to do, one step after another. */
    public List<Message> steps() {
        return numbered("jars.step." + advice.id());
    }

    /** What to do when somebody has eaten from a jar; empty where there is nothing to fear. */
    public List<Message> eaten() {
        return advice == Advice.KEEP ? List.of() : numbered("jars.eaten");
    }

    private static List<Message> numbered(String id) {
        return IntStream.rangeClosed(1, MOST_STEPS)
                .mapToObj(n -> id + "." + n)
                .filter(Messages.english()::knows)
                .map(Message::of)
                .toList();
    }

    private static final int MOST_STEPS = 9;

    /** What to do, the mildest first. */
    public enum Advice {
        KEEP,
        INSPECT,
        REFRIGERATE,
        FREEZE,
        REPROCESS,
        DISCARD;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Food that has stood warm, and how long, counts against what may still be saved. */
    private static final Duration WARM_LIMIT = Duration.ofHours(2);

    /** What is in the jar is wrong; heat cannot mend it. */
    private static final Set<String> COMPOSITION = Set.of(
            "acid.brine-weak",
            "acid.brine-stretched",
            "acid.by-taste",
            "acid.ferment-unproven",
            "acid.low-acid-jelly",
            "acid.produce",
            "acid.screen",
            "acid.swapped",
            "acid.vinegar-ratio",
            "acid.vinegar-strength",
            "ingredient.added",
            "ingredient.dairy-egg-starch",
            "ingredient.fat",
            "ingredient.lime",
            "ingredient.low-acid-raised",
            "ingredient.substitution",
            "ingredient.thickener",
            "ingredient.unmeasured",
            "pack.dense");

    private static final Set<String> WRONG_METHOD = Set.of("method.low-acid-boiling", "method.no-process");
    private static final Set<String> POISON = Set.of(
            "ingredient.held-warm", "ingredient.oil-infusion", "ingredient.raw-toxic", "ingredient.wild-mushroom");
    private static final Set<String> UNSEALED = Set.of("after.unsealed");
    private static final Set<String> UNPROCESSED = Set.of(
            "method.open-kettle",
            "method.oven",
            "method.microwave",
            "method.dishwasher",
            "method.inversion",
            "method.sun",
            "method.powder",
            "method.vacuum");

    /** Empty while the canner is still planning. */
    public static Optional<JarAdvice> of(Subject s, List<Finding> findings, boolean sound) {
        Context.Stage stage = s.context().stage();
        if (stage == Context.Stage.PLANNING) {
            return Optional.empty();
        }
        Optional<Instant> deadline = s.context().jarsOut().map(t -> t.plus(WINDOW));
        // A clock nobody gave counts as run out.
        boolean fresh = stage == Context.Stage.MADE_TODAY
                && deadline.map(d -> s.context().now().isBefore(d)).orElse(false);
        boolean grave = s.kind().isGrave();
        boolean trouble = findings.stream().anyMatch(f -> f.severity().compareTo(Severity.CORRECT) >= 0);
        if (sound) {
            return Optional.of(new JarAdvice(Advice.KEEP, Optional.empty(), Message.of("jars.keep")));
        }
        if (stage == Context.Stage.OPENED) {
            return Optional.of(
                    grave
                            ? advice(Advice.DISCARD, Optional.empty(), "jars.opened-grave")
                            : advice(Advice.INSPECT, Optional.empty(), "jars.opened-acid"));
        }
        boolean lowAcid = s.kind() == FoodKind.LOW_ACID;
        boolean warm = s.context()
                .jarsOut()
                .map(t -> Duration.between(t, s.context().now()).compareTo(WARM_LIMIT) > 0)
                .orElse(true);
        return Optional.of(
                fresh ? withinDay(findings, grave, lowAcid && warm, trouble, deadline) : afterDay(findings, grave));
    }

    /** The rows of the table, the worst first. @param warm low-acid food that left the canner over two hours ago */
    private static JarAdvice withinDay(
            List<Finding> findings, boolean grave, boolean warm, boolean trouble, Optional<Instant> by) {
        if (has(findings, POISON) || warm && (has(findings, UNPROCESSED) || has(findings, COMPOSITION))) {
            return advice(Advice.DISCARD, Optional.empty(), "jars.discard-toxin");
        }
        if (!trouble) {
            return advice(Advice.REFRIGERATE, by, "jars.until-answered");
        }
        if (has(findings, COMPOSITION)) {
            return advice(Advice.REFRIGERATE, by, "jars.composition");
        }
        if (has(findings, WRONG_METHOD)) {
            return advice(Advice.REFRIGERATE, by, "jars.low-acid-boiled");
        }
        return advice(Advice.REPROCESS, by, grave ? "jars.reprocess-grave" : "jars.reprocess-acid");
    }

    private static JarAdvice afterDay(List<Finding> findings, boolean grave) {
        return grave || has(findings, UNSEALED) || has(findings, POISON)
                ? advice(Advice.DISCARD, Optional.empty(), "jars.discard")
                : advice(Advice.INSPECT, Optional.empty(), "jars.inspect");
    }

    private static boolean has(List<Finding> findings, Set<String> codes) {
        return findings.stream()
                .anyMatch(f -> codes.contains(f.code()) && f.severity().compareTo(Severity.CORRECT) >= 0);
    }

    private static JarAdvice advice(Advice advice, Optional<Instant> by, String why) {
        return new JarAdvice(advice, by, Message.of(why));
    }
}
