package oilcloth.arithmetic;

import oilcloth.guide.Kitchen;

/**
 * Runs of a canner for a number of jars.
 *
 * @param loads how many runs
 * @param last jars in the last one
 */
public record Loads(Kitchen.CannerLoad canner, int jars, int loads, int last) {
    /** @param jars 1 or more */
    public static Loads of(Kitchen.CannerLoad canner, int jars) {
        if (jars < 1) {
            throw new IllegalArgumentException("how many jars? At least one");
        }
        int loads = (jars + canner.most() - 1) / canner.most();
        return new Loads(canner, jars, loads, jars - (loads - 1) * canner.most());
    }
}
