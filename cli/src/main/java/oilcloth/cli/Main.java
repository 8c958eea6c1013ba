package oilcloth.cli;

import picocli.CommandLine;
import picocli.CommandLine.Command;

/** Entry of the command line: {@code review} and {@code process}. */
@Command(
        name = "oilcloth",
        subcommands = {ReviewCommand.class, ProcessCommand.class},
        mixinStandardHelpOptions = true,
        version = "0.1.0",
        description = "Reviews home canners' recipes against tested guidelines.")
public final class Main {
    /** Exit code for input that cannot be used. */
    static final int UNUSABLE = 2;

    private Main() {}

    public static void main(String[] args) {
        System.exit(run(args));
    }

    static int run(String... args) {
        return new CommandLine(new Main())
                .setCaseInsensitiveEnumValuesAllowed(true)
                .execute(args);
    }
}
