package oilcloth.server.incoming;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;

/**
 * Which cases somebody wants to see; what is null or empty does not narrow.
 *
 * @param q words of the text, name, place, food or a code
 * @param assigned a username, or {@code nobody}
 * @param within only those whose jars came out within 24 hours
 * @param due only those whose day to look again has come
 */
record Wanted(
        @Size(max = 200) String q,
        @Pattern(regexp = "|open|answered|all") String state,
        @Pattern(regexp = "|stop|correct|ask|sound") String call,
        @Size(max = 60) String assigned,
        @Size(max = 40) String tag,
        Boolean within,
        Boolean due,
        @Min(0) @Max(100_000) Integer page) {
    boolean onlyWithin() {
        return Boolean.TRUE.equals(within);
    }

    boolean onlyDue() {
        return Boolean.TRUE.equals(due);
    }

    int pageNumber() {
        return page == null ? 0 : page;
    }
}
