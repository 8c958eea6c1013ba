package oilcloth.correcting;

import java.util.Optional;
import oilcloth.arithmetic.ScaledRecipe;
import oilcloth.check.Message;

/**
 * What to make of the produce where the recipe cannot be mended.
 *
 * @param recipe a tested relative scaled to the produce at hand, for {@code TESTED}
 * @param source its id
 */
public record Instead(Kind kind, Message text, String source, Optional<ScaledRecipe> recipe) {
    /** The ways out, the nearest to what the canner wanted first. */
    public enum Kind {
        TESTED,
        ANOTHER,
        FREEZE,
        REFRIGERATE,
        DRY;

        public String id() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }
}
