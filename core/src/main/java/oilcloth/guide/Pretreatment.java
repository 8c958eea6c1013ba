package oilcloth.guide;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a tested process asks of the food before it is filled, as the words of its style give it.
 *
 * @param heatMinutes minutes it is boiled, simmered or steamed at least; empty where the style gives none
 * @param pieceInches how large its cubes are at most; empty where the style gives no size, or whole ones too
 * @param whole whether it is for small ones left whole, where cut ones have a way of their own
 * @param soak how long it is soaked; empty where it is not
 */
public record Pretreatment(OptionalInt heatMinutes, OptionalDouble pieceInches, boolean whole, Soak soak) {
    /**
     * Hours of soaking.
     *
     * @param hours at least; 0 where nothing is soaked
     * @param quickHours at least after a boil of a few minutes
     */
    public record Soak(int hours, int quickHours) {
        static final Soak NONE = new Soak(0, 0);
    }

    private static final String MINUTES = "(?:boiled|steamed|simmered)[^,();]*? (\\d+)(?:-\\d+)? min";
    private static final Pattern HEAT = Pattern.compile(MINUTES);
    private static final Pattern CUBES = Pattern.compile("(\\d+)-inch cubes");

    /** "cubed (1/2 in, boiled 2 min) or whole small (1-2 in, boiled 10 min)": each size with its own time. */
    private static final Pattern SIZED =
            Pattern.compile("([^()]*)\\((?:\\d+-)?(\\d+)(?:/(\\d+))? in, " + MINUTES + "\\)");

    /** "soaked 12-18 h (or boiled 2 min and soaked 1 h)". */
    private static final Pattern SOAKED =
            Pattern.compile("soaked (\\d+)(?:-\\d+)? h \\(or boiled \\d+ min and soaked (\\d+) h\\)");

    /** "Cover with water, boil 5 min, fill to 1 in": all of it is heated, and at once filled. */
    private static final Pattern FILLED = Pattern.compile("(?:boil|simmer) (\\d+) min(?=[;,][^.]*\\bfill|;)");

    /** What a recipe canned under pressure asks by its steps, where its process asks nothing. */
    public static List<Pretreatment> of(TestedRecipe recipe) {
        return recipe.method() != Method.PRESSURE
                ? List.of()
                : recipe.steps().stream()
                        .flatMap(step -> FILLED.matcher(step).results())
                        .map(m -> new Pretreatment(
                                OptionalInt.of(Integer.parseInt(m.group(1))), OptionalDouble.empty(), false, Soak.NONE))
                        .toList();
    }

    /** The ways a process may be prepared, any of which will do; empty where its style asks nothing. */
    public static List<Pretreatment> of(Process process) {
        List<Pretreatment> ways = new ArrayList<>();
        Matcher sized = SIZED.matcher(process.style());
        while (sized.find()) {
            double inches = Double.parseDouble(sized.group(2))
                    / (sized.group(3) == null ? 1 : Double.parseDouble(sized.group(3)));
            ways.add(new Pretreatment(
                    OptionalInt.of(Integer.parseInt(sized.group(4))),
                    OptionalDouble.of(inches),
                    sized.group(1).contains("whole"),
                    Soak.NONE));
        }
        if (!ways.isEmpty()) {
            return List.copyOf(ways);
        }
        Matcher soaked = SOAKED.matcher(process.style());
        Soak soak = soaked.find()
                ? new Soak(Integer.parseInt(soaked.group(1)), Integer.parseInt(soaked.group(2)))
                : Soak.NONE;
        OptionalInt heat = HEAT.matcher(soaked.reset().replaceAll(""))
                .results()
                .mapToInt(m -> Integer.parseInt(m.group(1)))
                .max();
        Matcher cubes = CUBES.matcher(process.style());
        OptionalDouble inches =
                cubes.find() ? OptionalDouble.of(Double.parseDouble(cubes.group(1))) : OptionalDouble.empty();
        return heat.isPresent() || inches.isPresent()
                ? List.of(new Pretreatment(heat, inches, false, soak))
                : List.of();
    }
}
