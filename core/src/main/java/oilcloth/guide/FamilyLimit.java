package oilcloth.guide;

import java.util.OptionalDouble;

/** The weakest value among the tested recipes of a family: a net with holes, it never clears anything. */
public record FamilyLimit(
        String family, OptionalDouble brinePercentMin, double lowAcidCupsPerCupAcidMax, String source) {}
