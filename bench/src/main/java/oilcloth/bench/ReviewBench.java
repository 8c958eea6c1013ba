package oilcloth.bench;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.TimeUnit;
import oilcloth.guide.GuideSnapshot;
import oilcloth.measure.Altitude;
import oilcloth.reading.RecipeReader;
import oilcloth.recipe.Context;
import oilcloth.recipe.Recipe;
import oilcloth.review.Engine;
import oilcloth.review.Review;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.profile.GCProfiler;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** A recipe of sixty lines, read and reviewed by a warm engine: percentiles, and bytes allocated for each. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5, time = 3)
@Measurement(iterations = 5, time = 3)
@Fork(1)
public class ReviewBench {
    private final Engine engine = new Engine(GuideSnapshot.shipped());
    private final RecipeReader reader = new RecipeReader(GuideSnapshot.shipped());
    private final Context here = Context.planning(Altitude.ofFeet(700));
    private final String text = text();

    private static String text() {
        try (InputStream in = ReviewBench.class.getResourceAsStream("/bench/sixty-lines.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Benchmark
    public Recipe readsSixtyLines() {
        return reader.read(text);
    }

    @Benchmark
    public Review reviewsSixtyLines() {
        return engine.review(text, here);
    }

    public static void main(String[] args) throws RunnerException {
        new Runner(new OptionsBuilder()
                        .include(ReviewBench.class.getSimpleName())
                        .addProfiler(GCProfiler.class)
                        .build())
                .run();
    }
}
