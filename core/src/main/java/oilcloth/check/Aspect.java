package oilcloth.check;

import java.util.Locale;

/** The eight sides of a recipe an educator looks at. A code's prefix tells its aspect. */
public enum Aspect {
    ACID,
    INGREDIENTS,
    METHOD,
    TIME,
    HEADSPACE,
    JARS,
    AFTER,
    SOURCE;

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** @throws IllegalArgumentException for a code of no known family */
    public static Aspect ofCode(String code) {
        String prefix = code.substring(0, code.indexOf('.'));
        return switch (prefix) {
            case "acid" -> ACID;
            case "ingredient" -> INGREDIENTS;
            case "method" -> METHOD;
            case "time" -> TIME;
            case "pack", "headspace" -> HEADSPACE;
            case "jar", "vessel" -> JARS;
            case "after" -> AFTER;
            case "source" -> SOURCE;
            default -> throw new IllegalArgumentException("no aspect for " + code);
        };
    }
}
