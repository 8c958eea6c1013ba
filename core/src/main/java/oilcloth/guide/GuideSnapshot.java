package oilcloth.guide;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;

/** Everything the engine reviews against, immutable, named by edition and content hash. */
public final class GuideSnapshot {
    private final String edition;
    private final Tables tables;
    private final String hash;
    private final Kitchen kitchen;
    private final Map<Threshold, Threshold.Value> thresholds;
    private final Map<String, Process> processes;
    private final List<TestedRecipe> recipes;
    private final List<PlacingRule> placing;
    private final List<AcidRule> acidRules;
    private final Map<String, FamilyLimit> limits;
    private final Map<String, Source> sources;
    private final List<PracticeRule> practices;
    private final Map<String, Food> foods;
    private final Lexicon lexicon;

    GuideSnapshot(
            String edition,
            Tables tables,
            Map<String, Process> processes,
            List<TestedRecipe> recipes,
            List<PlacingRule> placing,
            List<AcidRule> acidRules,
            Map<String, FamilyLimit> limits,
            Map<String, Source> sources,
            List<PracticeRule> practices,
            Map<String, Food> foods,
            Lexicon lexicon,
            Kitchen kitchen,
            Map<Threshold, Threshold.Value> thresholds) {
        this.edition = edition;
        this.tables = tables;
        this.hash = tables.hash();
        this.kitchen = kitchen;
        this.thresholds = Map.copyOf(thresholds);
        this.processes = processes;
        this.recipes = List.copyOf(recipes);
        this.placing = List.copyOf(placing);
        this.acidRules = List.copyOf(acidRules);
        this.limits = Map.copyOf(limits);
        this.sources = Map.copyOf(sources);
        this.practices = List.copyOf(practices);
        this.foods = Map.copyOf(foods);
        this.lexicon = lexicon;
    }

    /** The guide shipped with the application; loaded once. */
    public static GuideSnapshot shipped() {
        return Shipped.SNAPSHOT;
    }

    private static final class Shipped {
        private static final GuideSnapshot SNAPSHOT = new GuideLoader(Overlay.NONE).load();
    }

    /**
     * The shipped guide with an office's layer over it.
     *
     * @throws IllegalArgumentException when the overlay contradicts itself or the shipped guide
     */
    public static GuideSnapshot with(Overlay overlay) {
        return overlay.isEmpty() ? shipped() : new GuideLoader(overlay).load();
    }

    public String edition() {
        return edition;
    }

    /** The first twelve hex digits of the SHA-256 over all tables and the office's layer. */
    public String hash() {
        return hash;
    }

    /** The same over the shipped tables alone: what an overlay was made for. */
    public String baseHash() {
        return tables.baseHash();
    }

    public Overlay overlay() {
        return tables.overlay();
    }

    /** What was read in print as a weaker figure and does not rule until a second person has read it. */
    public List<Reading> waiting() {
        return tables.waiting();
    }

    /** Every row that can be read against print. */
    public List<RowKey> rows() {
        return tables.readable();
    }

    /** The shipped figures of a row by column name, whatever the office read; empty for an unknown row. */
    public SortedMap<String, String> shippedFigures(RowKey row) {
        return tables.shipped(row);
    }

    public Kitchen kitchen() {
        return kitchen;
    }

    public Threshold.Value threshold(Threshold threshold) {
        return thresholds.get(threshold);
    }

    /** The figure alone, in the unit of the threshold. */
    public double figure(Threshold threshold) {
        return thresholds.get(threshold).value();
    }

    /** The factor a volume may stray from a tested recipe by: 1.10 is ten per cent more. */
    public double proportionTolerance() {
        return 1 + figure(Threshold.PROPORTION_TOLERANCE) / 100;
    }

    public Collection<Food> foods() {
        return foods.values();
    }

    public List<AcidRule> acidRules() {
        return acidRules;
    }

    public Collection<Source> sources() {
        return sources.values();
    }

    /** Edition and hash in one line, as printed and stored with every review. */
    public String name() {
        return edition + " · " + hash;
    }

    public Collection<Process> processes() {
        return processes.values();
    }

    public Optional<Process> process(Method method, String id) {
        return Optional.ofNullable(processes.get(method.id() + ":" + id));
    }

    public List<TestedRecipe> recipes() {
        return recipes;
    }

    public List<PlacingRule> placing() {
        return placing;
    }

    /** The forms of acid tested for a food group; empty when none was ever tested for it. */
    public List<AcidRule> acidRules(String foodGroup) {
        return acidRules.stream().filter(r -> r.foodGroup().equals(foodGroup)).toList();
    }

    public Optional<FamilyLimit> limit(String family) {
        return Optional.ofNullable(limits.get(family));
    }

    /** @throws IllegalArgumentException for an id that is not in the sources table */
    public Source source(String id) {
        Source source = sources.get(id);
        if (source == null) {
            throw new IllegalArgumentException("no source " + id);
        }
        return source;
    }

    public List<PracticeRule> practices() {
        return practices;
    }

    /** @throws IllegalArgumentException for a name that is not in the foods table */
    public Food food(String name) {
        Food food = foods.get(name);
        if (food == null) {
            throw new IllegalArgumentException("no food " + name);
        }
        return food;
    }

    public Set<String> foodNames() {
        return foods.keySet();
    }

    public Lexicon lexicon() {
        return lexicon;
    }
}
