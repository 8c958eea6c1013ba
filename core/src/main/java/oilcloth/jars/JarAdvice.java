package oilcloth.jars;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import oilcloth.check.Finding;
import oilcloth.check.Message;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.recipe.Context;

/**
 * What to do with jars already made: the table of the checks catalogue, the worst row wins.
 *
 * @param by until when, for what must be done within 24 hours of leaving the canner
 */
public record JarAdvice(Advice advice, Optional<Instant> by, Message why) {
    /** The window in which a jar may be opened and processed again. */
    public static final Duration WINDOW = Duration.ofHours(24);

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

    private static final Set<String> COMPOSITION = Set.of(
            "acid.brine-weak",
            "acid.vinegar-ratio",
            "ingredient.thickener",
            "ingredient.fat",
            "ingredient.dairy-egg-starch",
            "ingredient.low-acid-raised",
            "ingredient.added",
            "acid.vinegar-strength",
            "acid.screen");
    private static final Set<String> WRONG_METHOD = Set.of("method.low-acid-boiling", "method.no-process");
    private static final Set<String> WARM = Set.of("ingredient.held-warm");
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
        return Optional.of(fresh ? withinDay(findings, grave, trouble, deadline) : afterDay(grave));
    }

    private static JarAdvice withinDay(List<Finding> findings, boolean grave, boolean trouble, Optional<Instant> by) {
        if (has(findings, WARM) || (grave && has(findings, UNPROCESSED))) {
            return advice(Advice.DISCARD, Optional.empty(), "jars.discard-toxin");
        }
        if (!trouble) {
            return advice(Advice.REFRIGERATE, by, "jars.until-answered");
        }
        if (has(findings, COMPOSITION)) {
            return advice(Advice.REFRIGERATE, by, "jars.composition");
        }
        boolean noMethod = has(findings, WRONG_METHOD);
        if (noMethod) {
            return advice(Advice.REFRIGERATE, by, "jars.low-acid-boiled");
        }
        return advice(Advice.REPROCESS, by, grave ? "jars.reprocess-grave" : "jars.reprocess-acid");
    }

    private static JarAdvice afterDay(boolean grave) {
        return grave
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
