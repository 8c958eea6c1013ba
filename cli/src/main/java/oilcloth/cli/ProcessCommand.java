package oilcloth.cli;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.Callable;
import oilcloth.formats.PhoneDocument;
import oilcloth.formats.PhoneDocuments;
import oilcloth.formats.ReviewDocuments;
import oilcloth.formats.UnusableInput;
import oilcloth.guide.GuideSnapshot;
import oilcloth.lookup.Lookup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code oilcloth process WORDS…}: the answer for the phone. All words together are one question. */
@Command(name = "process", mixinStandardHelpOptions = true, description = "Answers a phone question: pears pints 5200.")
final class ProcessCommand implements Callable<Integer> {
    @Option(names = "--altitude", paramLabel = "FT", description = "altitude in feet")
    private Integer altitude;

    @Option(names = "--jar", paramLabel = "JAR", description = "half-pint, pint, quart …")
    private String jar;

    @Option(names = "--pack", paramLabel = "PACK", description = "hot or raw")
    private String pack;

    @Option(names = "--json", description = "print the answer as JSON")
    private boolean json;

    @Mixin
    private GuideOption guide;

    @Parameters(paramLabel = "WORDS", arity = "1..*")
    private List<String> words = List.of();

    @Override
    public Integer call() {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        try {
            GuideSnapshot snapshot = guide.load();
            PhoneDocument answer = PhoneDocuments.of(new Lookup(snapshot).ask(question()), snapshot);
            out.println(
                    json
                            ? ReviewDocuments.json(answer)
                            : PhoneDocuments.page(answer).stripTrailing());
            return 0;
        } catch (UnusableInput | IllegalArgumentException e) {
            System.err.println("oilcloth: " + e.getMessage());
            return Main.UNUSABLE;
        } catch (IOException e) {
            System.err.println("oilcloth: cannot read: " + e.getMessage());
            return Main.UNUSABLE;
        }
    }

    /** The options are words of the question too. */
    private String question() {
        StringBuilder question = new StringBuilder(String.join(" ", words));
        if (jar != null) {
            question.append(' ').append(jar);
        }
        if (pack != null) {
            question.append(' ').append(pack).append(" pack");
        }
        if (altitude != null) {
            question.append(' ').append(altitude).append(" ft");
        }
        return question.toString();
    }
}
