package oilcloth.recipe;

import java.util.Arrays;
import java.util.Optional;

/** How the canner treats the filled jars. */
public enum CanningMethod {
    BOILING_WATER("boiling-water"),
    STEAM("steam"),
    PRESSURE("pressure"),
    /** Filled hot, closed, and left to seal. */
    OPEN_KETTLE("open-kettle"),
    /** Kept cold; not a shelf-stable product. */
    COLD_STORAGE("cold-storage");

    private final String id;

    CanningMethod(String id) {
        this.id = id;
    }

    public String id() {
        return id;
    }

    public static Optional<CanningMethod> ofId(String id) {
        return Arrays.stream(values()).filter(m -> m.id.equals(id)).findFirst();
    }
}
