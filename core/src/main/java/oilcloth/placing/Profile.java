package oilcloth.placing;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import oilcloth.acidity.Brine;
import oilcloth.guide.Food;
import oilcloth.guide.TestedRecipe;

/**
 * A tested recipe as placing looks at it, worked out once for each guide.
 *
 * @param lines what fills the jar
 * @param brine empty where it has no vinegar
 * @param lemon whether lemon or lime juice is among its acids
 * @param name in lower case
 * @param words of the name, the longer ones
 * @param list what it measures out
 */
record Profile(
        TestedRecipe tested,
        List<ProduceLine> lines,
        Optional<Brine> brine,
        boolean lemon,
        String name,
        List<String> words,
        MeasuredList list) {
    private static final int SHORT_WORD = 3;

    static Profile of(TestedRecipe tested) {
        String name = tested.name().toLowerCase(Locale.ROOT);
        return new Profile(
                tested,
                List.copyOf(ProduceLine.of(tested)),
                Brine.of(tested),
                tested.ingredients().stream()
                        .anyMatch(i ->
                                i.role().equals("acid") && i.foods().stream().anyMatch(Food::isCitrusJuice)),
                name,
                Arrays.stream(name.split("[^a-z0-9]+"))
                        .filter(w -> w.length() > SHORT_WORD)
                        .toList(),
                MeasuredList.of(tested));
    }
}
