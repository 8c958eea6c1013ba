package oilcloth.corpus;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import oilcloth.check.Finding;
import oilcloth.check.Severity;
import oilcloth.corpus.Corpus.Letter;
import oilcloth.corpus.Corpus.Line;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Lexicon;
import oilcloth.guide.Process;
import oilcloth.measure.Amount;
import oilcloth.measure.Unit;
import oilcloth.placing.Placement;
import oilcloth.recipe.Context;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Ingredient;
import oilcloth.review.Call;
import oilcloth.review.Engine;
import oilcloth.review.Review;
import oilcloth.text.Range;
import oilcloth.text.Tokens;

/** Reads a corpus with the engine and marks it as a teacher would: what was right, and each miss by name. */
final class Marks {
    private static final GuideSnapshot GUIDE = GuideSnapshot.shipped();
    private static final Engine ENGINE = new Engine(GUIDE);

    int lines;
    int linesRight;
    int invented;
    int facts;
    int factsRight;
    int letters;
    int placedRight;
    int placedWrongSurely;
    int called;
    int calledRight;
    int codes;
    int codesFound;
    int falseAlarms;
    int falselySound;
    int soundLost;
    int soundDue;
    final List<String> misses = new ArrayList<>();

    static Marks of(List<Letter> corpus) {
        Marks marks = new Marks();
        corpus.forEach(marks::mark);
        return marks;
    }

    private void mark(Letter letter) {
        Review review = ENGINE.review(
                letter.text(),
                new Context(
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Context.Stage.PLANNING,
                        Optional.empty(),
                        java.time.Instant.EPOCH));
        letters++;
        lines(letter, review);
        facts(letter, review);
        place(letter, review);
        if (!letter.calls().isEmpty()) {
            call(letter, review);
        }
    }

    private void call(Letter letter, Review review) {
        called++;
        String call = review.call().name().toLowerCase(Locale.ROOT);
        boolean right = letter.calls().contains(call);
        calledRight += right ? 1 : 0;
        if (!right) {
            misses.add(letter.name() + ": called " + call + ", not " + letter.calls() + "; asked "
                    + review.questions().stream().map(q -> q.question().code()).toList());
        }
        falselySound += !right && review.call() == Call.SOUND ? 1 : 0;
        soundDue += letter.calls().equals(List.of("sound")) ? 1 : 0;
        soundLost += letter.calls().equals(List.of("sound")) && !right ? 1 : 0;
        List<Finding> grave = review.findings().stream()
                .filter(f -> f.severity() == Severity.DANGER || f.severity() == Severity.CORRECT)
                .toList();
        for (String code : letter.found()) {
            codes++;
            boolean found =
                    review.findings().stream().anyMatch(f -> f.code().equals(code) && f.severity() != Severity.MET);
            codesFound += found ? 1 : 0;
            if (!found) {
                misses.add(letter.name() + ": no finding " + code);
            }
        }
        for (Finding f : grave) {
            if (!letter.found().contains(f.code())) {
                falseAlarms++;
                misses.add(letter.name() + ": false alarm? " + f.severity() + " " + f.code() + " "
                        + f.evidence().stream().map(r -> r.of(letter.text())).toList());
            }
        }
    }

    private void lines(Letter letter, Review review) {
        List<Ingredient> left = new ArrayList<>(review.recipe().ingredients());
        for (Line line : letter.lines()) {
            lines++;
            Optional<Ingredient> found =
                    left.stream().filter(i -> matches(line, i)).findFirst();
            if (found.isPresent()) {
                linesRight++;
                left.remove(found.get());
            } else {
                misses.add(letter.name() + ": line not read: " + line + "; left " + near(left, line));
            }
        }
        left.stream()
                .filter(i -> i.amount().isPresent() && !i.aside() && i.perJar().isEmpty())
                .filter(i -> !i.food().kind().name().equals("SALT")
                        && !i.food().kind().name().equals("PECTIN"))
                .forEach(i -> {
                    invented++;
                    misses.add(letter.name() + ": read besides: " + i.amount().orElseThrow() + " "
                            + i.food().name() + " [" + i.range().of(letter.text()) + "]");
                });
    }

    private static List<String> near(List<Ingredient> left, Line line) {
        Optional<Food> food = food(line.food());
        return left.stream()
                .filter(i ->
                        food.isEmpty() || i.food().group().equals(food.get().group()))
                .map(i -> i.amount().map(Object::toString).orElse("no amount") + " "
                        + i.food().name())
                .toList();
    }

    private static Optional<Food> food(String name) {
        var tokens = Tokens.of(name, new Range(0, name.length()));
        for (int i = 0; i < tokens.size(); i++) {
            Optional<Lexicon.Match> match = GUIDE.lexicon().at(tokens, i);
            if (match.isPresent()) {
                return match.map(Lexicon.Match::food);
            }
        }
        return Optional.empty();
    }

    private static boolean matches(Line line, Ingredient i) {
        // a food the lexicon does not know cannot have been read
        Optional<Food> food = food(line.food());
        boolean salts = food.isPresent()
                && food.get().kind() == FoodClass.SALT
                && i.food().kind() == FoodClass.SALT;
        if (food.isEmpty()
                || i.amount().isEmpty()
                || !salts && !i.food().group().equals(food.get().group())) {
            return false;
        }
        Amount a = i.amount().get();
        Unit unit = unit(line.unit());
        boolean sameKind = a.unit().kind() == unit.kind()
                && (unit.kind() == Unit.Kind.VOLUME || unit.kind() == Unit.Kind.MASS || a.unit() == unit);
        double factor = sameKind && unit.kind() != Unit.Kind.COUNT ? a.unit().inBase() / unit.inBase() : 1;
        return sameKind && close(a.low() * factor, line.low()) && close(a.high() * factor, line.high());
    }

    private static boolean close(double a, double b) {
        return Math.abs(a - b) <= 0.01 * Math.max(1e-9, Math.abs(b));
    }

    private static Unit unit(String name) {
        return switch (name.toLowerCase(Locale.ROOT)) {
            case "lb" -> Unit.POUND;
            case "oz" -> Unit.OUNCE;
            case "g" -> Unit.GRAM;
            case "kg" -> Unit.KILOGRAM;
            case "l" -> Unit.LITRE;
            case "ml" -> Unit.MILLILITRE;
            case "tbsp" -> Unit.TABLESPOON;
            case "tsp" -> Unit.TEASPOON;
            default -> Unit.valueOf(name.toUpperCase(Locale.ROOT));
        };
    }

    private void facts(Letter letter, Review review) {
        Facts f = review.recipe().facts();
        for (Map.Entry<String, String> fact : letter.facts().entrySet()) {
            facts++;
            String read =
                    switch (fact.getKey()) {
                        case "jar" -> ids(
                                Facts.values(f.jars()).stream().map(j -> j.id()).toList());
                        case "minutes" -> ids(f.times().stream()
                                .map(t -> Integer.toString(t.value().least().value()))
                                .toList());
                        case "altitude" -> f.altitude()
                                .map(a -> Integer.toString(a.value().feet()))
                                .orElse("");
                        case "headspace" -> f.headspace()
                                .map(h -> Double.toString(h.value().least().inches()))
                                .orElse("");
                        case "method" -> review.subject()
                                .method()
                                .map(m -> m.id())
                                .orElse("");
                        case "psi" -> ids(f.pressures().stream()
                                .map(p -> Integer.toString((int) p.value().psi()))
                                .toList());
                        case "gauge" -> f.gauge()
                                .map(g -> g.value().name().toLowerCase(Locale.ROOT))
                                .orElse("");
                        case "pack" -> ids(Facts.values(f.packs()).stream()
                                .map(p -> p.id())
                                .toList());
                        default -> throw new AssertionError("no such fact in the corpus: " + fact);
                    };
            boolean right = fact.getKey().equals("headspace")
                    ? !read.isEmpty() && close(Double.parseDouble(read), Double.parseDouble(fact.getValue()))
                    : fact.getKey().equals("altitude")
                            ? !read.isEmpty()
                                    && Math.abs(Integer.parseInt(read) - Integer.parseInt(fact.getValue())) < 2
                            : Set.of(read.split(" ")).contains(fact.getValue());
            if (right) {
                factsRight++;
            } else {
                misses.add(letter.name() + ": " + fact + " read as “" + read + "”");
            }
        }
    }

    private static String ids(List<String> values) {
        return String.join(" ", new java.util.LinkedHashSet<>(values));
    }

    private void place(Letter letter, Review review) {
        Placement p = review.placement();
        List<String> open = p.open().stream().map(Process::id).toList();
        boolean right = letter.places().isEmpty()
                ? open.isEmpty() || review.call() != Call.SOUND && p.certainty() != Placement.Certainty.HIGH
                : open.stream().anyMatch(letter.places()::contains)
                        || (open.isEmpty() && letter.places().contains("none"));
        if (right) {
            placedRight++;
        } else {
            boolean sure = !open.isEmpty() && p.certainty() == Placement.Certainty.HIGH;
            placedWrongSurely += sure ? 1 : 0;
            misses.add(letter.name() + ": placed on " + open + " " + p.certainty() + ", not " + letter.places());
        }
    }

    double shareOfCodes() {
        return codes == 0 ? 1 : (double) codesFound / codes;
    }

    double shareOfLines() {
        return lines == 0 ? 1 : (double) linesRight / lines;
    }

    double shareOfFacts() {
        return facts == 0 ? 1 : (double) factsRight / facts;
    }

    double sharePlaced() {
        return (double) placedRight / letters;
    }

    @Override
    public String toString() {
        return String.format(
                Locale.ROOT,
                "%d letters: calls %d/%d, falsely sound %d, sound lost %d of %d, findings %d/%d, unexpected grave %d, lines %d/%d (%.1f %%), read besides %d, facts %d/%d (%.1f %%), placed %d/%d (%.1f %%), placed wrong "
                        + "with confidence %d",
                letters,
                calledRight,
                called,
                falselySound,
                soundLost,
                soundDue,
                codesFound,
                codes,
                falseAlarms,
                linesRight,
                lines,
                100 * shareOfLines(),
                invented,
                factsRight,
                facts,
                100 * shareOfFacts(),
                placedRight,
                letters,
                100 * sharePlaced(),
                placedWrongSurely);
    }
}
