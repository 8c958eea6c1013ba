package oilcloth.formats;

import java.util.Map;
import java.util.Optional;
import oilcloth.formats.ReviewDocument.EditDoc;
import oilcloth.guide.Food;
import oilcloth.guide.GuideSnapshot;
import oilcloth.measure.Amount;
import oilcloth.measure.Headspace;
import oilcloth.measure.JarSize;
import oilcloth.measure.Minutes;
import oilcloth.measure.Pressure;
import oilcloth.measure.Unit;
import oilcloth.recipe.CanningMethod;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Follow;
import oilcloth.text.Range;

/** Typed edits as documents, and back. */
public final class Edits {
    private Edits() {}

    static EditDoc document(Edit edit) {
        return new EditDoc(edit.kind(), edit.values());
    }

    /** @throws IllegalArgumentException for an edit nobody knows, or one without its values; in plain words */
    public static Edit read(EditDoc doc, GuideSnapshot guide) {
        Values v = new Values(doc.kind(), doc.values() == null ? Map.of() : doc.values());
        return switch (doc.kind()) {
            case "setMinutes" -> new Edit.SetMinutes(Minutes.of((int) v.number("minutes")));
            case "setPressure" -> new Edit.SetPressure(Pressure.ofPsi(v.number("psi")));
            case "setHeadspace" -> new Edit.SetHeadspace(Headspace.ofInches(v.number("inches")));
            case "setJar" -> new Edit.SetJar(v.jar());
            case "setMethod" -> new Edit.SetMethod(v.method());
            case "setProcess" -> new Edit.SetProcess(
                    v.method(),
                    v.has("minutes") ? Optional.of(Minutes.of((int) v.number("minutes"))) : Optional.empty());
            case "addAcidPerJar" -> new Edit.AddAcidPerJar(v.food("acid", guide), v.amount(), v.jar());
            case "addIngredient" -> new Edit.AddIngredient(v.food("food", guide), v.amount());
            case "setIngredient" -> new Edit.SetIngredient(v.range(), v.food("food", guide), v.amount());
            case "remove" -> new Edit.Remove(v.range(), v.food("food", guide));
            case "leaveOff" -> new Edit.LeaveOff(v.range());
            case "follow" -> new Follow(v.step(), v.text("value"));
            default -> throw new IllegalArgumentException("“" + doc.kind() + "” is no edit");
        };
    }

    /** The values of one edit. */
    private record Values(String kind, Map<String, Object> values) {
        boolean has(String name) {
            return values.get(name) != null;
        }

        String text(String name) {
            Object value = values.get(name);
            if (value == null) {
                throw new IllegalArgumentException("the edit " + kind + " needs " + name);
            }
            return value.toString();
        }

        double number(String name) {
            try {
                return Double.parseDouble(text(name));
            } catch (NumberFormatException e) {
                throw new IllegalArgumentException("“" + text(name) + "” is no figure for " + name);
            }
        }

        Range range() {
            return new Range((int) number("start"), (int) number("end"));
        }

        Amount amount() {
            try {
                return Amount.of(number("figure"), Unit.valueOf(text("unit")));
            } catch (IllegalArgumentException e) {
                throw new IllegalArgumentException(
                        "“" + values.get("figure") + " " + values.get("unit") + "” is no amount");
            }
        }

        Food food(String name, GuideSnapshot guide) {
            return guide.food(text(name));
        }

        JarSize jar() {
            return JarSize.ofId(text("jar"))
                    .orElseThrow(() -> new IllegalArgumentException("“" + text("jar") + "” is no jar"));
        }

        CanningMethod method() {
            return CanningMethod.ofId(text("method"))
                    .orElseThrow(() -> new IllegalArgumentException("“" + text("method") + "” is no method"));
        }

        Follow.Step step() {
            for (Follow.Step step : Follow.Step.values()) {
                if (step.id().equals(text("step"))) {
                    return step;
                }
            }
            throw new IllegalArgumentException("“" + text("step") + "” is no step");
        }
    }
}
