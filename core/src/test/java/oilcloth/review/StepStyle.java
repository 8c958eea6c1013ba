package oilcloth.review;

import java.util.List;
import java.util.function.IntFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** How people set the steps of a recipe one below or behind the other. */
enum StepStyle {
    NUMBERS(n -> n + " ", "\n"),
    NUMBERS_AND_DOTS(n -> n + ". ", "\n"),
    NUMBERS_AND_BRACKETS(n -> n + ") ", "\n"),
    NUMBERS_AND_DASHES(n -> n + " - ", "\n"),
    NUMBERS_AND_HYPHENS(n -> n + "-", "\n"),
    NUMBERS_AND_COLONS(n -> n + ": ", "\n"),
    HASHES(n -> "#" + n + " ", "\n"),
    IN_BRACKETS(n -> "(" + n + ") ", "\n"),
    CALLED_STEPS(n -> "Step " + n + ": ", "\n"),
    CALLED_STEPS_LOUDLY(n -> "STEP " + n + ". ", "\n"),
    LETTERS(n -> (char) ('a' + n - 1) + ") ", "\n"),
    BULLETS(n -> "• ", "\n"),
    BOXES(n -> "[x] ", "\n"),
    NUMBERED_IN_A_ROW(n -> n + ". ", " "),
    BRACKETED_IN_A_ROW(n -> n + ") ", " "),
    ARROWS(n -> n > 1 ? "-> " : "", " ", StepStyle::unended),
    BARS(n -> n > 1 ? "/ " : "", " ", StepStyle::unended),
    SEMICOLONS(n -> n > 1 ? "; " : "", "", s -> small(unended(s))),
    THEN(n -> n > 1 ? ", then " : "", "", s -> small(unended(s))),
    DOTS(n -> n > 1 ? "... " : "", "", s -> small(unended(s))),
    FIRST_AND_NEXT(n -> n == 1 ? "First " : n % 2 == 0 ? "Then " : "Next ", " ", StepStyle::small),
    I_DO(n -> "I ", " ", StepStyle::small),
    EXCLAIMED(n -> "", " ", s -> unended(s) + "!"),
    UNENDED_LINES(n -> "", "\n", s -> small(unended(s)));

    private final IntFunction<String> mark;
    private final String between;
    private final UnaryOperator<String> wording;

    StepStyle(IntFunction<String> mark, String between) {
        this(mark, between, s -> s);
    }

    StepStyle(IntFunction<String> mark, String between, UnaryOperator<String> wording) {
        this.mark = mark;
        this.between = between;
        this.wording = wording;
    }

    /** @param steps a sentence each */
    String of(List<String> steps) {
        return IntStream.range(0, steps.size())
                        .mapToObj(i -> mark.apply(i + 1) + wording.apply(steps.get(i)))
                        .collect(Collectors.joining(between))
                + "\n";
    }

    private static String unended(String step) {
        return step.replaceAll("\\.$", "");
    }

    private static String small(String step) {
        return Character.toLowerCase(step.charAt(0)) + step.substring(1);
    }
}
