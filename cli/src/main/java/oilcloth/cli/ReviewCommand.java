package oilcloth.cli;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import oilcloth.correcting.Solver;
import oilcloth.formats.RecipeText;
import oilcloth.formats.ReviewDocument;
import oilcloth.formats.ReviewDocuments;
import oilcloth.formats.ReviewPage;
import oilcloth.formats.UnusableInput;
import oilcloth.guide.Gauge;
import oilcloth.measure.Altitude;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Context;
import oilcloth.review.Engine;
import oilcloth.review.Review;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code oilcloth review FILE…}: reviews recipes without database or server. */
@Command(
        name = "review",
        mixinStandardHelpOptions = true,
        description = "Reviews recipe texts; - reads standard input.")
final class ReviewCommand implements Callable<Integer> {
    @Option(names = "--altitude", paramLabel = "FT", description = "altitude in feet")
    private Integer altitude;

    @Option(names = "--stage", paramLabel = "STAGE", description = "planning, made-today, on-shelf or opened")
    private String stage = "planning";

    @Option(
            names = "--canner",
            paramLabel = "CANNER",
            description = "boiling-water, steam, pressure-weighted or pressure-dial")
    private String canner;

    @Option(names = "--json", description = "print the review as JSON")
    private boolean json;

    @Mixin
    private GuideOption guide;

    @Parameters(paramLabel = "FILE", arity = "1..*")
    private List<String> files = List.of();

    @Override
    public Integer call() {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        try {
            Context context = context();
            Engine engine = new Engine(guide.load());
            Solver solver = new Solver(engine);
            List<ReviewDocument> documents = new ArrayList<>();
            StringBuilder pages = new StringBuilder();
            for (String file : files) {
                Review review = engine.review(RecipeText.of(read(file)), context);
                if (review.isNoRecipe()) {
                    throw new UnusableInput(
                            "This does not look like a recipe: no food, amount or canning step was found.");
                }
                documents.add(ReviewDocuments.of(review, file, json ? solver : null));
                pages.append(ReviewPage.of(review, file, solver));
            }
            out.println(
                    json
                            ? ReviewDocuments.json(documents.size() == 1 ? documents.get(0) : documents)
                            : pages.toString().stripTrailing());
            return 0;
        } catch (UnusableInput | IllegalArgumentException e) {
            System.err.println("oilcloth: " + e.getMessage());
            return Main.UNUSABLE;
        } catch (IOException e) {
            System.err.println("oilcloth: cannot read: " + e.getMessage());
            return Main.UNUSABLE;
        }
    }

    private Context context() {
        Context.Stage at = Context.Stage.ofId(stage)
                .orElseThrow(() -> new IllegalArgumentException(
                        "--stage is planning, made-today, on-shelf or opened, not " + stage));
        Optional<CanningMethod> method = Optional.empty();
        Optional<Gauge> gauge = Optional.empty();
        if (canner != null) {
            method = Optional.of(
                    switch (canner) {
                        case "boiling-water" -> CanningMethod.BOILING_WATER;
                        case "steam" -> CanningMethod.STEAM;
                        case "pressure-weighted", "pressure-dial" -> CanningMethod.PRESSURE;
                        default -> throw new IllegalArgumentException(
                                "--canner is boiling-water, steam, pressure-weighted or pressure-dial, not " + canner);
                    });
            gauge = canner.equals("pressure-dial")
                    ? Optional.of(Gauge.DIAL)
                    : canner.equals("pressure-weighted") ? Optional.of(Gauge.WEIGHTED) : Optional.empty();
        }
        return new Context(
                Optional.ofNullable(altitude).map(Altitude::ofFeet),
                method,
                gauge,
                at,
                Optional.empty(),
                Instant.now());
    }

    private static byte[] read(String file) throws IOException, UnusableInput {
        if (file.equals("-")) {
            return System.in.readAllBytes();
        }
        try {
            return Files.readAllBytes(Path.of(file));
        } catch (NoSuchFileException e) {
            throw new UnusableInput("There is no file " + file + ".");
        }
    }
}
