package oilcloth.check;

import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import oilcloth.guide.AcidRule;
import oilcloth.guide.Confidence;
import oilcloth.guide.Food;
import oilcloth.guide.Gauge;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Method;
import oilcloth.guide.Process;
import oilcloth.guide.ProcessRow;
import oilcloth.guide.Proof;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;
import oilcloth.placing.FoodKind;
import oilcloth.placing.Placement;
import oilcloth.placing.Produce;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Context;
import oilcloth.recipe.Fact;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Recipe;

/** Everything a check may look at: the recipe as read, where it stands, what is known beside it, and the guide. */
public final class Subject {
    private final Recipe recipe;
    private final Placement placement;
    private final Context context;
    private final GuideSnapshot guide;
    private final Produce produce;
    private final Said said;

    public Subject(Recipe recipe, Placement placement, Context context, GuideSnapshot guide, Said said) {
        this.recipe = recipe;
        this.placement = placement;
        this.context = context;
        this.guide = guide;
        this.produce = Produce.of(recipe);
        this.said = said;
    }

    public Recipe recipe() {
        return recipe;
    }

    /** The words of the text, for what is no fact. */
    public Said said() {
        return said;
    }

    public Facts facts() {
        return recipe.facts();
    }

    public Placement placement() {
        return placement;
    }

    public Context context() {
        return context;
    }

    public GuideSnapshot guide() {
        return guide;
    }

    public Produce produce() {
        return produce;
    }

    public FoodKind kind() {
        return placement.kind();
    }

    /** Danger where a departure may be deadly, else correct. */
    public Severity grave() {
        return kind().isGrave() ? Severity.DANGER : Severity.CORRECT;
    }

    /** Where it is done: what the educator or the case says, and the text; of two, the higher. */
    public Optional<Altitude> altitude() {
        return altitude(facts(), context);
    }

    private static Optional<Altitude> altitude(Facts facts, Context context) {
        return Stream.of(facts.altitude().map(Fact::value), context.altitude())
                .flatMap(Optional::stream)
                .max(Comparator.comparingInt(Altitude::feet));
    }

    /** Of times and pressures told for several altitudes and gauges, those for this one. */
    public static Recipe settled(Recipe recipe, Context context) {
        Facts facts = recipe.facts();
        return facts.byAltitude().isEmpty()
                ? recipe
                : recipe.withFacts(facts.at(altitude(facts, context), gauge(facts, context)));
    }

    /** Heat after filling that is none of the methods, and no open kettle either. */
    private static final Set<String> OTHER_HEAT = Set.of(
            "method.oven",
            "method.microwave",
            "method.dishwasher",
            "method.slow-cooker",
            "method.sun",
            "method.multicooker");

    public static Optional<CanningMethod> methodOf(Recipe recipe, Context context) {
        Set<CanningMethod> said = Facts.values(recipe.facts().methods());
        if (said.contains(CanningMethod.PRESSURE)) {
            return Optional.of(CanningMethod.PRESSURE);
        }
        for (CanningMethod method : List.of(CanningMethod.STEAM, CanningMethod.BOILING_WATER)) {
            if (said.contains(method)) {
                return Optional.of(method);
            }
        }
        if (recipe.facts().openKettle().isPresent()
                && recipe.facts().times().isEmpty()
                && recipe.practices().stream()
                        .noneMatch(p -> OTHER_HEAT.contains(p.rule().code()))) {
            return Optional.of(CanningMethod.OPEN_KETTLE);
        }
        if (said.contains(CanningMethod.COLD_STORAGE) && recipe.facts().times().isEmpty()) {
            return Optional.of(CanningMethod.COLD_STORAGE);
        }
        return context.canner();
    }

    public Optional<CanningMethod> method() {
        return methodOf(recipe, context);
    }

    /** True when the jars are processed by the method the tested process is for. */
    public boolean methodFits() {
        Optional<CanningMethod> said = method();
        if (said.isEmpty() || !placement.isPlaced()) {
            return false;
        }
        boolean pressure = placement.method().orElseThrow() == Method.PRESSURE;
        return switch (said.get()) {
            case PRESSURE -> pressure;
            case BOILING_WATER, STEAM -> !pressure;
            case OPEN_KETTLE, COLD_STORAGE -> false;
        };
    }

    public Optional<Gauge> gauge() {
        return gauge(facts(), context);
    }

    private static Optional<Gauge> gauge(Facts facts, Context context) {
        return facts.gauge().map(Fact::value).or(context::gauge);
    }

    /** The jars the text names, in order; several when it names several. */
    public Set<JarSize> jars() {
        if (facts().yield().isPresent() && facts().yield().get().range().isEmpty()) {
            return Set.of(facts().yield().get().value().jar());
        }
        return new LinkedHashSet<>(Facts.values(facts().jars()));
    }

    /** The rows still possible for a jar, one for each open process that has one. */
    public List<ProcessRow> rows(JarSize jar) {
        return placement.open().stream().flatMap(p -> p.rowFor(jar).stream()).toList();
    }

    /** The one process the card shows: of those still open, the one that asks the most. */
    public Optional<Process> strictest() {
        return placement.open().stream()
                .max(java.util.Comparator.comparing((Process p) -> p.anyRow().most()));
    }

    public Cited cite(ProcessRow row) {
        return new Cited(guide.source(row.source()), row.confidence(), row.proof());
    }

    public Cited cite(TestedRecipe tested) {
        return new Cited(guide.source(tested.source()), tested.confidence(), tested.proof());
    }

    public Cited cite(String source) {
        return new Cited(guide.source(source), Confidence.HIGH, Proof.UNREAD);
    }

    /** The source of the placed recipe or process, or of the check itself where nothing is placed. */
    public Cited citePlaced(CheckInfo info) {
        return placement
                .recipe()
                .map(this::cite)
                .or(() -> strictest().map(p -> cite(p.anyRow())))
                .orElseGet(() -> cite(info.source()));
    }

    /** The acid forms tested per jar for the main food; empty when none is. */
    public List<AcidRule> acidRules() {
        return produce.main().map(Food::group).map(guide::acidRules).orElse(List.of());
    }
}
