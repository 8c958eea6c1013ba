package oilcloth.acidity;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oilcloth.guide.Acidity;
import oilcloth.guide.Food;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.TestedIngredient;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Amount;
import oilcloth.measure.Unit;
import oilcloth.measure.Volume;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.Recipe;

/**
 * A recipe against its tested relative, scaled to the same acid (or, where the tested recipe has none, to the same main
 * produce). Volumes carry a range where a weight or a count had to be turned into cups.
 */
public final class Proportions {
    /** A count without a size may be this far off in volume; a weight this far. */
    private static final double COUNT_SPREAD = 0.20;

    private static final double WEIGHT_SPREAD = 0.10;

    /** A volume known within bounds. */
    public record Cups(double least, double most) {
        static final Cups NONE = new Cups(0, 0);

        Cups plus(Cups other) {
            return new Cups(least + other.least, most + other.most);
        }
    }

    /** A low-acid food beyond what the tested recipe carries at this acid. */
    public record Raised(String group, Cups stated, double tested, boolean certain) {}

    private final Map<String, Cups> stated = new LinkedHashMap<>();
    private final Map<String, Double> tested = new LinkedHashMap<>();
    private final Map<String, Boolean> lowAcid = new HashMap<>();
    private final Map<String, String> clusters;
    /** The food each group was tested with. */
    private final Map<String, Food> mains = new HashMap<>();

    private final List<Ingredient> unmeasured = new ArrayList<>();
    private final TestedRecipe recipe;
    private final double tolerance;
    private final double acidStated;
    private final double acidTested;
    private final double scale;

    private Proportions(Recipe read, TestedRecipe tested, GuideSnapshot guide) {
        this.recipe = tested;
        this.tolerance = guide.proportionTolerance();
        Map<String, String> cluster = clusters(tested);
        this.clusters = cluster;
        Map<String, Unit.Kind> units = new HashMap<>();
        for (TestedIngredient line : tested.ingredients()) {
            addTested(line, cluster, units);
        }
        for (Ingredient i : read.inJar()) {
            addStated(i, cluster, units);
        }
        this.acidStated = cupsOfAcid(read);
        this.acidTested = cupsOfAcid(tested);
        this.scale = scaleToTested();
    }

    public static Proportions of(Recipe read, TestedRecipe tested, GuideSnapshot guide) {
        return new Proportions(read, tested, guide);
    }

    /** Whether a food is counted under that group, as peppers are where a recipe allows "celery, onions or peppers". */
    public boolean isOf(Food food, String group) {
        return clusters.getOrDefault(food.group(), food.group()).equals(group);
    }

    public double tolerance() {
        return tolerance;
    }

    private static boolean counts(Food food) {
        return food.kind().isProduce()
                && !food.name().equals("fruit")
                && !food.name().equals("vegetables")
                && !food.isFruitJuice()
                // fresh garlic is judged by itself
                && !food.name().equals("garlic")
                && !food.name().endsWith(" peel");
    }

    private void addTested(TestedIngredient line, Map<String, String> cluster, Map<String, Unit.Kind> units) {
        List<Food> foods = line.foods().stream().filter(Proportions::counts).toList();
        if (foods.isEmpty() || line.aside() || foods.size() < line.foods().size() && !isUmbrella(line)) {
            return;
        }
        Food food = foods.get(0);
        String group = cluster.getOrDefault(food.group(), food.group());
        // The most a tested range allows; a pack that cannot be measured allows nothing by itself.
        double cups = line.amount()
                .flatMap(a -> food.volume(a, a.high()))
                .map(Volume::cups)
                .orElse(0.0);
        tested.merge(group, cups, Double::sum);
        mains.putIfAbsent(group, food);
        line.amount().ifPresent(a -> units.putIfAbsent(group, a.unit().kind()));
        lowAcid.merge(group, food.acidity() == Acidity.LOW, (a, b) -> a || b);
    }

    private void addStated(Ingredient i, Map<String, String> cluster, Map<String, Unit.Kind> units) {
        if (!counts(i.food())) {
            return;
        }
        String group = cluster.getOrDefault(i.food().group(), i.food().group());
        Food measured = sameMeasure(i, group, units);
        Optional<Volume> least = i.amount().flatMap(a -> measured.volume(a, a.low()));
        Optional<Volume> most = i.amount().flatMap(a -> measured.volume(a, a.high()));
        lowAcid.merge(group, i.food().acidity() == Acidity.LOW, (a, b) -> a || b);
        if (least.isEmpty() || most.isEmpty() || i.perJar().isPresent()) {
            unmeasured.add(i);
            return;
        }
        Unit.Kind kind = i.amount().map(a -> a.unit().kind()).orElseThrow();
        double spread = kind == units.getOrDefault(group, Unit.Kind.VOLUME)
                ? 0
                : kind == Unit.Kind.COUNT || units.get(group) == Unit.Kind.COUNT ? COUNT_SPREAD : WEIGHT_SPREAD;
        stated.merge(
                group, new Cups(least.get().cups() * (1 - spread), most.get().cups() * (1 + spread)), Cups::plus);
    }

    /** "Tomatillos may replace tomatoes in the same measure": a pound of the one for a pound of the other. */
    private Food sameMeasure(Ingredient i, String group, Map<String, Unit.Kind> units) {
        boolean weighed =
                i.amount().filter(a -> a.unit().kind() == Unit.Kind.MASS).isPresent()
                        && units.get(group) == Unit.Kind.MASS;
        return weighed && !i.food().group().equals(group) ? mains.getOrDefault(group, i.food()) : i.food();
    }

    /** "other vegetables in total: celery, onions, carrots". */
    private static boolean isUmbrella(TestedIngredient line) {
        return line.foods().get(0).name().equals("vegetables");
    }

    /** "onions and/or peppers" share one allowance. */
    private static Map<String, String> clusters(TestedRecipe tested) {
        Map<String, String> cluster = new HashMap<>();
        for (TestedIngredient line : tested.ingredients()) {
            boolean together = isUmbrella(line) || line.foods().stream().allMatch(Proportions::counts);
            List<Food> foods = line.foods().stream().filter(Proportions::counts).toList();
            if (foods.size() > 1 && together) {
                foods.forEach(f -> cluster.put(f.group(), foods.get(0).group()));
            }
        }
        if (tested.form().equals("salsa")) {
            cluster.putIfAbsent("tomato, green", "tomato");
            cluster.putIfAbsent("tomatillo", tested.id().startsWith("tomatillo") ? "tomatillo" : "tomato");
        }
        if (tested.id().equals("bread-and-butter-pickles")) {
            cluster.put("summer squash", "cucumber");
        }
        return cluster;
    }

    private static double cupsOfAcid(Recipe read) {
        double cups = 0;
        for (Ingredient i : read.acids()) {
            if (i.perJar().isEmpty() && !i.food().name().equals("citric acid")) {
                double strength = i.food().isVinegar() ? Math.min(1, Brine.strength(i) / Brine.VINEGAR_PERCENT) : 1;
                cups += i.leastVolume().map(Volume::cups).orElse(0.0) * strength;
            }
        }
        return cups;
    }

    private static double cupsOfAcid(TestedRecipe tested) {
        double cups = 0;
        for (TestedIngredient line : tested.ingredients()) {
            if (!line.aside()
                    && !line.foods().isEmpty()
                    && line.foods().get(0).isAcidulant()
                    && !line.item().contains(" per ")) {
                Food food = line.foods().get(0);
                Amount amount = line.amount().orElseThrow();
                cups += food.volume(amount, amount.low()).map(Volume::cups).orElse(0.0);
            }
        }
        return cups;
    }

    /**
     * Whether the citrus juice of a recipe tested with vinegar and juice falls short for the vinegar there is: the juice is the
     * stronger acid, and the cups together would hide it.
     */
    public boolean isShortOfJuice(Recipe read, TestedRecipe tested) {
        double listed = tested.ingredients().stream()
                .filter(l -> !l.aside()
                        && !l.foods().isEmpty()
                        && l.foods().get(0).isCitrusJuice()
                        && !l.item().contains(" per "))
                .mapToDouble(l -> l.foods()
                        .get(0)
                        .volume(
                                l.amount().orElseThrow(),
                                l.amount().orElseThrow().low())
                        .map(Volume::cups)
                        .orElse(0.0))
                .sum();
        double juice = citrusCups(read);
        double vinegar = acidStated - juice;
        double testedVinegar = acidTested - listed;
        return vinegar > 0 && listed > 0 && testedVinegar > 0 && juice * tolerance < listed * vinegar / testedVinegar;
    }

    private static double citrusCups(Recipe read) {
        return read.acids().stream()
                .filter(i -> i.perJar().isEmpty() && i.food().isCitrusJuice())
                .mapToDouble(i -> i.leastVolume().map(Volume::cups).orElse(0.0))
                .sum();
    }

    private double scaleToTested() {
        return acidTested > 0 ? acidStated / acidTested : batch();
    }

    /** How many tested batches this is by its main produce; 0 where nobody measured it. */
    public double batch() {
        String main = tested.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse("");
        // "fresh or frozen berries": whichever there are
        boolean onlyOne = tested.size() == 1 && stated.size() == 1;
        Cups mine = onlyOne ? stated.values().iterator().next() : stated.get(main);
        return mine == null || tested.get(main) == 0 ? 0 : mine.least() / tested.get(main);
    }

    /** True when neither acid nor main produce was measured, so that nothing can be compared. */
    public boolean isIncomparable() {
        return scale == 0;
    }

    /** How many tested batches this is, by its acid or, without acid, by its main produce. */
    public double scale() {
        return scale;
    }

    public double acidStatedCups() {
        return acidStated;
    }

    public double acidTestedCups() {
        return acidTested;
    }

    /** Produce nobody measured, where the tested recipe's proportions decide. */
    public List<Ingredient> unmeasured() {
        return List.copyOf(unmeasured);
    }

    /** Cups of the solids that the acid has to carry: the low-acid ones, or all where the tested recipe has only acid fruit. */
    public Cups solids() {
        return stated.entrySet().stream()
                .filter(e -> !testedHasLowAcid() || lowAcid.getOrDefault(e.getKey(), false))
                .map(Map.Entry::getValue)
                .reduce(Cups.NONE, Cups::plus);
    }

    public double testedSolids() {
        return tested.entrySet().stream()
                .filter(e -> !testedHasLowAcid() || lowAcid.getOrDefault(e.getKey(), false))
                .mapToDouble(Map.Entry::getValue)
                .sum();
    }

    private boolean testedHasLowAcid() {
        return tested.keySet().stream().anyMatch(g -> lowAcid.getOrDefault(g, false));
    }

    /** Cups of all produce, tomatoes and fruit included. */
    public Cups allSolids() {
        return stated.values().stream().reduce(Cups.NONE, Cups::plus);
    }

    public double testedAllSolids() {
        return tested.values().stream().mapToDouble(Double::doubleValue).sum();
    }

    /** How far the proportions stray from the tested ones: 0 is none, 1 about a factor of three on average. */
    public double distance() {
        double sum = 0;
        int n = 0;
        for (Map.Entry<String, Cups> e : stated.entrySet()) {
            double allowed = tested.getOrDefault(e.getKey(), 0.0) * scale;
            double middle = (e.getValue().least() + e.getValue().most()) / 2;
            if (allowed > 0 && middle > 0) {
                sum += Math.min(1, Math.abs(Math.log(middle / allowed)));
                n++;
            }
        }
        return n == 0 ? 0 : sum / n;
    }

    /** True when all the low-acid solids together are more than this acid carries. */
    private boolean overloaded() {
        return acidTested > 0
                && acidStated > 0
                && solids().least() / acidStated > testedSolids() / acidTested * tolerance;
    }

    /** In a jar of beets the jar limits the beets, and they limit the onions. */
    private List<Raised> packed() {
        List<Raised> raised = new ArrayList<>();
        Optional<String> main = tested.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .filter(stated::containsKey);
        if (main.isEmpty()) {
            return raised;
        }
        double most = stated.get(main.get()).most() / tested.get(main.get());
        stated.forEach((group, cups) -> {
            double allowed = tested.getOrDefault(group, 0.0) * most;
            boolean lesser = !group.equals(main.get()) && allowed > 0 && lowAcid.getOrDefault(group, false);
            if (lesser && cups.least() > allowed * PACKED_TOLERANCE) {
                raised.add(new Raised(group, cups, allowed, true));
            }
        });
        return raised;
    }

    /** Counts of onions and little peppers vary by half. */
    private static final double PACKED_TOLERANCE = 1.5;

    /**
     * How many tested batches the tomatoes or the fruit make at most, where they are the most of the recipe: they bring acid of
     * their own, so that less of them carries fewer peppers and onions. Without bound where the main produce is low in acid.
     */
    private double mostOfSourMain() {
        return tested.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .filter(main -> main.getValue() > 0
                        && stated.containsKey(main.getKey())
                        && !lowAcid.getOrDefault(main.getKey(), false))
                .map(main -> stated.get(main.getKey()).most() / main.getValue())
                .orElse(Double.MAX_VALUE);
    }

    /** Food groups beyond the tested share at this acid and batch size, certain or possible. */
    public List<Raised> raised() {
        List<Raised> raised = new ArrayList<>();
        if (isIncomparable()) {
            return raised;
        }
        if (recipe.isPacked()) {
            return packed();
        }
        double carried = Math.min(scale, mostOfSourMain());
        stated.forEach((group, cups) -> {
            Double allowed = tested.get(group);
            if (allowed == null || allowed == 0 || !lowAcid.getOrDefault(group, false)) {
                return;
            }
            double limit = allowed * carried * tolerance + 1e-6;
            // When all the vegetables together are too many, only those beyond their own share are named besides.
            double share = overloaded() ? allowed / testedSolids() * solids().most() * tolerance : 0;
            if (cups.most() > limit && cups.least() > share) {
                raised.add(new Raised(group, cups, allowed * carried, cups.least() > limit));
            }
        });
        return raised;
    }
}
