package oilcloth.placing;

import java.util.List;
import java.util.Optional;
import oilcloth.guide.Method;
import oilcloth.guide.Process;
import oilcloth.guide.TestedRecipe;
import oilcloth.recipe.Ingredient;

/**
 * Where a recipe stands: the tested recipe or process it is nearest to.
 *
 * @param open the processes it may still be, all of one method; empty when it has no tested relative
 * @param recipe the tested recipe whose proportions decide, when there is one
 * @param family jam, pickle, salsa … as far as known, for limits that hold where no recipe matches
 * @param unlisted ingredients the tested process or recipe does not list
 */
public record Placement(
        List<Process> open,
        Optional<TestedRecipe> recipe,
        Certainty certainty,
        String family,
        FoodKind kind,
        List<Ingredient> unlisted,
        List<Alternative> alternatives) {

    /** How sure the placing is, in words: no figure is claimed that nobody calibrated. */
    public enum Certainty {
        HIGH,
        MEDIUM,
        LOW
    }

    /** Another process or recipe it resembles. */
    public record Alternative(String id, String title, Certainty certainty, Likeness likeness) {}

    public Placement {
        open = List.copyOf(open);
        unlisted = List.copyOf(unlisted);
        alternatives = List.copyOf(alternatives);
    }

    public boolean isPlaced() {
        return !open.isEmpty();
    }

    /** True when pack, liquid or form could still be one of several tested processes. */
    public boolean isUndecided() {
        return open.size() > 1;
    }

    public Optional<Process> first() {
        return open.stream().findFirst();
    }

    public Optional<Method> method() {
        return first().map(Process::method);
    }
}
