package oilcloth.guide;

import java.util.Optional;
import java.util.OptionalDouble;
import oilcloth.measure.Amount;
import oilcloth.measure.Unit;
import oilcloth.measure.Volume;

/**
 * One food of the foods table.
 *
 * @param gramsPerCup grams in a US cup, prepared as the table says; empty when the table gives none
 * @param trimmedGrams grams of one trimmed piece (a pepper, a clove of garlic); empty when unknown
 * @param cupsEach cups that one medium piece gives; empty when unknown
 * @param chemistry empty where the table does not say how it takes up acid
 */
public record Food(
        String name,
        FoodClass kind,
        Acidity acidity,
        OptionalDouble gramsPerCup,
        OptionalDouble trimmedGrams,
        OptionalDouble cupsEach,
        Optional<Chemistry> chemistry) {

    /** Grams of one clove or head of garlic, which the table gives in words. */
    private static final double GARLIC_HEAD_GRAMS = 45;

    /** Kitchen names for groups that tested recipes let stand in for one another. */
    public String group() {
        if (kind == FoodClass.PEPPER) {
            return "pepper";
        }
        return switch (name) {
            case "onion", "onion, red", "shallot" -> "onion";
            case "cucumber, pickling", "cucumber, slicing" -> "cucumber";
            case "zucchini", "summer squash, yellow" -> "summer squash";
            case "green bean", "wax bean" -> "snap bean";
            case "tomato",
                    "tomato, paste type",
                    "tomato, cherry",
                    "tomato, yellow",
                    "tomatoes, canned",
                    "tomato juice",
                    "tomato sauce, plain" -> "tomato";
            case "cherry, sweet", "cherry, sour" -> "cherry";
            case "grape, concord", "grape, table" -> "grape";
            case "sugar, granulated", "sugar, brown" -> "sugar";
            case "kidney beans, cooked", "black beans, cooked", "beans, dry" -> "bean";
            case "cauliflower", "brussels sprout" -> "cauliflower";
            case "peach, yellow", "nectarine" -> "peach";
            case "vegetable oil", "olive oil" -> "oil";
            case "horseradish", "horseradish, prepared", "prepared horseradish" -> "horseradish";
            case "cumin", "cumin seed", "cumin, ground" -> "cumin";
            default -> name;
        };
    }

    /** Dry herbs and spices, and extracts by the drop: what a recipe may have or lack as one likes. */
    public boolean isSeasoning() {
        return kind.isDrySeasoning()
                || kind == FoodClass.FLAVORING && (name.endsWith(" extract") || name.equals("food colouring"));
    }

    /** "Fruit", "vegetables": a heading over foods, and which of them nobody knows. */
    public boolean isUmbrella() {
        return name.equals("fruit") || name.equals("vegetables");
    }

    /** Broth and bones name no animal. */
    public boolean isOfBones() {
        return name.equals("broth") || name.equals("bone");
    }

    public boolean isVinegar() {
        return name.startsWith("vinegar");
    }

    public boolean isCitrusJuice() {
        return name.startsWith("lemon juice") || name.startsWith("lime juice");
    }

    /** Vinegar, lemon or lime juice, citric acid: what makes a jar sour enough. */
    public boolean isAcidulant() {
        return isVinegar() || isCitrusJuice() || name.equals("citric acid");
    }

    public boolean isFruitJuice() {
        return name.endsWith(" juice") && kind == FoodClass.FRUIT;
    }

    /**
     * The volume an amount of this food takes, prepared; empty when the table does not know its density or the unit
     * has no known content ("a bunch", "a can").
     */
    public Optional<Volume> volume(Amount amount, double figure) {
        Unit unit = amount.unit();
        return switch (unit.kind()) {
            case VOLUME -> Optional.of(Volume.ofMillilitres(figure * unit.inBase()));
            case MASS -> ofGrams(figure * unit.inBase());
            case COUNT -> ofPieces(unit, figure);
            case PACK -> Optional.empty();
        };
    }

    private Optional<Volume> ofGrams(double grams) {
        return gramsPerCup.isPresent()
                ? Optional.of(Volume.ofCups(grams / gramsPerCup.getAsDouble()))
                : Optional.empty();
    }

    private Optional<Volume> ofPieces(Unit unit, double count) {
        if (name.equals("garlic") && unit == Unit.HEAD) {
            return ofGrams(count * GARLIC_HEAD_GRAMS);
        }
        if (cupsEach.isPresent() && unit != Unit.SLICE && unit != Unit.SPRIG) {
            return Optional.of(Volume.ofCups(count * cupsEach.getAsDouble()));
        }
        if (trimmedGrams.isPresent() && unit != Unit.SLICE && unit != Unit.SPRIG) {
            return ofGrams(count * trimmedGrams.getAsDouble());
        }
        return Optional.empty();
    }
}
