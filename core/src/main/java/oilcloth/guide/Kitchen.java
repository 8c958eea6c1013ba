package oilcloth.guide;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import oilcloth.measure.Headspace;
import oilcloth.measure.JarSize;

/** The guide's general figures for the kitchen, each with its source (rules of the Complete Guide and companions). */
public record Kitchen(
        List<HeadspaceClass> headspaces,
        List<Yield> yields,
        List<Syrup> syrups,
        List<Salt> salts,
        List<CannerLoad> loads,
        List<NoProcess> noProcesses) {

    /** Headspace by class of food. */
    public record HeadspaceClass(String name, Headspace least, Headspace most, String source) {}

    /**
     * Produce as bought to jars; spread about a fifth either way.
     *
     * @param container what a usual container weighs and gives, in words; may be blank
     */
    public record Yield(
            String food,
            String name,
            OptionalDouble poundsPerSevenQuarts,
            OptionalDouble poundsPerNinePints,
            double poundsPerQuart,
            String container,
            String source) {}

    /** A syrup: per cent sugar by weight, and cups of water and sugar for a load of nine pints and of seven quarts. */
    public record Syrup(
            String name,
            double percent,
            double pintLoadWaterCups,
            double pintLoadSugarCups,
            double quartLoadWaterCups,
            double quartLoadSugarCups,
            String source) {}

    /** A salt and its weight. @param ferment whether it may be used in a ferment */
    public record Salt(
            String kind, double gramsPerCup, double gramsPerTeaspoon, boolean ferment, String note, String source) {}

    /** How many jars of a size stand in a canner. @param twoLayers empty where a second layer is not done */
    public record CannerLoad(
            String canner, JarSize jar, int oneLayer, OptionalInt twoLayers, String note, String source) {
        public int most() {
            return twoLayers.orElse(oneLayer);
        }
    }

    /**
     * A food that must not be canned as asked.
     *
     * @param forms forms it is refused in; empty for any plain pack of it
     * @param words names of dishes that are refused whatever is in them
     */
    public record NoProcess(
            List<String> foods, List<String> forms, List<String> words, String why, String instead, String source) {
        public boolean covers(Food food, java.util.Collection<String> asked) {
            return foods.contains(food.name())
                    && (forms.isEmpty() || forms.stream().anyMatch(asked::contains));
        }
    }

    /** The rule that refuses a dish by its name. */
    public Optional<NoProcess> noProcess(String word) {
        return noProcesses.stream().filter(n -> n.words().contains(word)).findFirst();
    }

    public Optional<NoProcess> noProcess(Food food, java.util.Collection<String> forms) {
        return noProcesses.stream().filter(n -> n.covers(food, forms)).findFirst();
    }
}
