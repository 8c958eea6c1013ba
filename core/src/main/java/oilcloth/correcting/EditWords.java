package oilcloth.correcting;

import oilcloth.measure.Fractions;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Follow;
import oilcloth.recipe.Recipe;

/** An edit in a few words, for a list. */
public final class EditWords {
    private EditWords() {}

    /** @param recipe the one the edit is about, for the words it changes */
    public static String of(Edit edit, Recipe recipe) {
        if (edit instanceof Edit.SetMinutes e) {
            return "process " + e.minutes().value() + " minutes";
        }
        if (edit instanceof Edit.SetPressure e) {
            return "at " + Fractions.format(e.pressure().psi()) + " pounds pressure";
        }
        if (edit instanceof Edit.SetHeadspace e) {
            return Fractions.format(e.headspace().inches()) + " inch headspace";
        }
        if (edit instanceof Edit.SetJar e) {
            return "use " + e.jar().label() + " jars";
        }
        if (edit instanceof Edit.SetMethod e) {
            return "process in a " + canner(e.method());
        }
        if (edit instanceof Edit.SetProcess e) {
            return "process in a " + canner(e.method())
                    + e.minutes().map(m -> ", " + m.value() + " minutes").orElse("");
        }
        if (edit instanceof Edit.AddAcidPerJar e) {
            return Words.of(e.amount(), e.acid()) + " into each " + e.jar().label();
        }
        if (edit instanceof Edit.AddIngredient e) {
            return "add " + Words.of(e.amount(), e.food());
        }
        if (edit instanceof Edit.SetIngredient e) {
            return Words.of(e.amount(), e.food()) + " for “" + brief(e.at().of(recipe.text())) + "”";
        }
        if (edit instanceof Edit.Remove e) {
            return "leave out “" + brief(e.at().of(recipe.text())) + "”";
        }
        if (edit instanceof Edit.LeaveOff e) {
            return "leave off “" + brief(e.at().of(recipe.text())) + "”";
        }
        Follow e = (Follow) edit;
        return MarkedText.step(e).replaceAll("\\.$", "");
    }

    private static String canner(CanningMethod method) {
        return method.id().replace('-', ' ').replace("boiling water", "boiling-water") + " canner";
    }

    private static final int LONGEST = 48;

    private static String brief(String words) {
        String line = words.strip().replaceAll("\\s+", " ");
        return line.length() <= LONGEST ? line : line.substring(0, LONGEST).stripTrailing() + "…";
    }
}
