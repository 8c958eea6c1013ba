package oilcloth.reading;

import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;

/**
 * How many figures and facts that a recipe rests on are known: taken before a sentence and behind it, they tell what the
 * sentence brought.
 *
 * @param times those that nothing claims yet among them
 * @param vented 1 where it was told, else 0; likewise {@code sterile}
 * @param acids amounts of acid
 * @param salts amounts of salt
 * @param prepared what was done before jars were filled
 * @param jars jars named
 * @param once what is told once of the jars and the place: headspace, height, pack, size
 */
record Support(
        int times, int pressures, int vented, int sterile, int acids, int salts, int prepared, int jars, int once) {
    static Support of(Draft draft) {
        return new Support(
                draft.facts.times().size() + draft.looseTimes.size(),
                draft.facts.pressures().size(),
                one(draft.facts.vented().isPresent()),
                one(draft.facts.sterilised().isPresent()),
                draft.amountsOf(Food::isAcidulant),
                draft.amountsOf(f -> f.kind() == FoodClass.SALT),
                draft.facts.prepared().size(),
                draft.facts.jars().size(),
                one(draft.facts.headspace().isPresent())
                        + one(draft.facts.altitude().isPresent())
                        + one(!draft.facts.packs().isEmpty())
                        + one(!draft.facts.jars().isEmpty()));
    }

    private static int one(boolean told) {
        return told ? 1 : 0;
    }

    /** Whether more is known of the canning, or more of what was done before. */
    boolean isMoreThan(Support before) {
        return canning() > before.canning() || prepared > before.prepared;
    }

    private int canning() {
        return times + pressures + vented + sterile + acids + salts + once;
    }
}
