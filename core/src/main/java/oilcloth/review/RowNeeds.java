package oilcloth.review;

import java.util.List;
import java.util.Optional;
import oilcloth.check.Findings;
import oilcloth.check.Message;
import oilcloth.check.Subject;
import oilcloth.guide.Process;
import oilcloth.measure.JarSize;
import oilcloth.text.Cue;

/** What the style and the notes of single processes ask besides time, jar and pressure; asked for where nobody said it. */
final class RowNeeds {
    /**
     * One such thing.
     *
     * @param process how the ids of its processes begin
     * @param jar the jar it is about; empty for all
     * @param when words without which it need not be asked; empty for always
     * @param told words that settle it
     * @param question id of the message
     * @param code what it may become
     */
    private record Need(
            String process, Optional<JarSize> jar, Optional<Cue> when, Cue told, String question, String code) {
        boolean isOpen(Subject s) {
            return s.placement()
                            .first()
                            .map(Process::id)
                            .filter(id -> id.startsWith(process))
                            .isPresent()
                    && (jar.isEmpty() || s.jars().contains(jar.get()))
                    && (when.isEmpty() || s.said().anywhere(when.get()).isPresent())
                    && s.said().anywhere(told).isEmpty();
        }
    }

    private static final Cue ACID = Cue.of("\\blemon\\b|\\bcitric\\b");

    private static final List<Need> NEEDS = List.of(
            new Need("clams", Optional.empty(), Optional.empty(), ACID, "ask.seafood-acid", "acid.missing"),
            new Need("crab-hot", Optional.empty(), Optional.empty(), ACID, "ask.seafood-acid", "acid.missing"),
            new Need(
                    "smoked-fish",
                    Optional.empty(),
                    Optional.empty(),
                    Cue.of("\\b(4|four) (qts?|quarts) (of )?(the )?(cool |cold |tap )*water\\b"),
                    "ask.smoked-water",
                    "time.short"),
            new Need(
                    "smoked-fish",
                    Optional.empty(),
                    Optional.empty(),
                    Cue.of(
                            "\\b(1[6-9]|2[0-3]|sixteen|eighteen|twenty|twenty[- ]two)( to (2\\d|twenty[- ]two))?[- ]*(qt|quart)s?\\b"),
                    "ask.smoked-canner",
                    "time.short"),
            new Need(
                    "fish-raw",
                    Optional.of(JarSize.QUART),
                    Optional.empty(),
                    Cue.of(
                            "\\b(heat|heated|heating|come|came)[- ]*up\\b[^.;]{0,40}\\bslow|\\bslow\\w*\\b[^.;]{0,40}\\b(heat|up)\\b|\\bheat(ing)?[- ]up (routine|directions|steps|time)"),
                    "ask.fish-quarts",
                    "time.short"),
            new Need(
                    "corn-kernel",
                    Optional.empty(),
                    Optional.of(Cue.of("\\bcobs?\\b|\\bears?\\b")),
                    Cue.of(
                            "\\bcut\\b[^.;]{0,30}\\b(off|from|kernels?)\\b|\\bkernels?\\b|\\boff (of )?the (cob|ear)|\\bscrap\\w+|\\bcream"),
                    "ask.corn-cut",
                    "method.no-process"));

    private RowNeeds() {}

    static void ask(Subject s, Findings out) {
        NEEDS.stream()
                .filter(n -> n.isOpen(s))
                .forEach(n -> out.ask(Needs.plain(n.question(), Message.of(n.question()), List.of(n.code()), null)));
    }
}
