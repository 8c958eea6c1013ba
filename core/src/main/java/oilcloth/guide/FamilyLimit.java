package oilcloth.guide;

import java.util.OptionalDouble;

/**
 * The weakest values among the tested recipes of a family: a net with holes, it never clears anything.
 *
 * @param brinePercentMin acetic acid in the covering liquid, % w/v
 * @param lowAcidCupsPerCupAcidMax cups of low-acid solids to a cup of vinegar, lemon or lime juice
 * @param equivalentPercentMin acetic-equivalent mass % over the whole jar
 * @param hydrogenPerKgMin mmol of H⁺ delivered at pH 4.2 to a kilogram of low-acid solids
 */
public record FamilyLimit(
        String family,
        OptionalDouble brinePercentMin,
        double lowAcidCupsPerCupAcidMax,
        double equivalentPercentMin,
        double hydrogenPerKgMin,
        String source) {}
