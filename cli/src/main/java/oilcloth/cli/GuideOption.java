package oilcloth.cli;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import oilcloth.formats.GuideLibraries;
import oilcloth.formats.UnusableInput;
import oilcloth.guide.GuideSnapshot;
import picocli.CommandLine.Option;

/** Which guide answers: a published file, or the shipped tables. */
final class GuideOption {
    private static final String VARIABLE = "OILCLOTH_GUIDE";

    @Option(
            names = "--guide",
            paramLabel = "FILE",
            description = "guide file published by the server; else $" + VARIABLE + ", else the shipped guide")
    private Path file;

    GuideSnapshot load() throws UnusableInput, IOException {
        String variable = System.getenv(VARIABLE);
        Path chosen = file != null ? file : variable == null || variable.isBlank() ? null : Path.of(variable);
        if (chosen == null) {
            return GuideSnapshot.shipped();
        }
        try {
            return GuideLibraries.snapshot(Files.readString(chosen, StandardCharsets.UTF_8));
        } catch (NoSuchFileException e) {
            throw new UnusableInput("There is no guide file " + chosen + ".");
        }
    }
}
