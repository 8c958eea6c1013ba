package oilcloth.guide;

/**
 * Where a figure or rule comes from.
 *
 * @param id stable id in the sources table
 * @param title the publication, as an educator cites it
 * @param edition its edition or revision
 * @param place guide, page or section
 */
public record Source(String id, String title, String edition, String place) {
    /** @throws IllegalArgumentException without id or title: nothing is said without a source */
    public Source {
        if (id.isBlank() || title.isBlank()) {
            throw new IllegalArgumentException("a source has an id and a title");
        }
    }
}
