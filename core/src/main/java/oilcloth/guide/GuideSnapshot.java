package oilcloth.guide;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Everything the engine reviews against, immutable, named by edition and content hash. */
public final class GuideSnapshot {
    private final String edition;
    private final String hash;
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
            String hash,
            Map<String, Process> processes,
            List<TestedRecipe> recipes,
            List<PlacingRule> placing,
            List<AcidRule> acidRules,
            Map<String, FamilyLimit> limits,
            Map<String, Source> sources,
            List<PracticeRule> practices,
            Map<String, Food> foods,
            Lexicon lexicon) {
        this.edition = edition;
        this.hash = hash;
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
        private static final GuideSnapshot SNAPSHOT = new GuideLoader().load();
    }

    public String edition() {
        return edition;
    }

    /** The first twelve hex digits of the SHA-256 over all tables. */
    public String hash() {
        return hash;
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
