package oilcloth.check;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Fact;
import oilcloth.text.Range;

/**
 * Something looked at and what came of it.
 *
 * @param evidence the canner's words it rests on; empty for "nothing said"
 * @param figures what was computed, by name, stated before required
 */
public record Finding(
        String code,
        Severity severity,
        Message title,
        Message why,
        List<Range> evidence,
        Map<String, Object> figures,
        Optional<Correction> correction,
        Cited source) {

    public Aspect aspect() {
        return Aspect.ofCode(code);
    }

    /**
     * Starts a finding. Its messages are {@code code.variant.title}, {@code .why} and, with a correction,
     * {@code .fix}; its figures are their arguments.
     */
    public static Builder of(String code, String variant, Severity severity, Cited source) {
        return new Builder(code, code + "." + variant, severity, source);
    }

    /** Starts a finding whose messages several codes share. */
    public static Builder shared(String code, String message, Severity severity, Cited source) {
        return new Builder(code, message, severity, source);
    }

    /** Collects the parts of a finding. */
    public static final class Builder {
        private final String code;
        private final String message;
        private final Severity severity;
        private final Cited source;
        private final List<Range> evidence = new ArrayList<>();
        private final Map<String, Object> figures = new LinkedHashMap<>();
        private final Map<String, Object> words = new LinkedHashMap<>();
        private final List<Edit> edits = new ArrayList<>();
        private boolean fix;

        private Builder(String code, String message, Severity severity, Cited source) {
            this.code = code;
            this.message = message;
            this.severity = severity;
            this.source = source;
        }

        public Builder at(Range range) {
            evidence.add(range);
            return this;
        }

        public Builder at(Fact<?> fact) {
            fact.range().ifPresent(evidence::add);
            return this;
        }

        public Builder at(Optional<? extends Fact<?>> fact) {
            fact.ifPresent(this::at);
            return this;
        }

        /** A figure for the card and the JSON; also an argument of the messages. */
        public Builder figure(String name, Object value) {
            figures.put(name, value);
            return this;
        }

        /** An argument of the messages that is no figure. */
        public Builder word(String name, Object value) {
            words.put(name, value);
            return this;
        }

        public Builder fix(Edit... edit) {
            fix = true;
            edits.addAll(List.of(edit));
            return this;
        }

        public Finding build() {
            Map<String, Object> args = new LinkedHashMap<>(figures);
            args.putAll(words);
            return new Finding(
                    code,
                    severity,
                    new Message(message + ".title", args),
                    new Message(message + ".why", args),
                    List.copyOf(evidence),
                    Map.copyOf(figures).isEmpty() ? Map.of() : java.util.Collections.unmodifiableMap(figures),
                    fix ? Optional.of(new Correction(new Message(message + ".fix", args), edits)) : Optional.empty(),
                    source);
        }
    }
}
