package oilcloth.correcting;

import java.util.List;
import oilcloth.check.Finding;
import oilcloth.check.Message;
import oilcloth.check.Question;
import oilcloth.recipe.Edit;

/**
 * What the solver found.
 *
 * @param ways the cheapest first; empty when the recipe is sound as it is, or cannot be mended
 * @param soFar where there is no way: what can be mended before the questions are answered; it is not called sound
 * @param first questions only the canner can answer: until then nothing is proved
 * @param beyond findings no edit can mend without making it another recipe
 * @param instead what to make of the produce where there is no way
 * @param mended for each finding beyond a note what would mend it, the cheapest first; empty for one that nothing mends
 * @param looks how many recipes were tried
 */
public record Corrections(
        List<Way> ways,
        List<Edit> soFar,
        List<Question> first,
        List<Finding> beyond,
        List<Instead> instead,
        List<Mended> mended,
        int looks) {

    /** One finding by itself, and the cheapest edits for it. */
    public record Mended(Finding finding, List<Edit> edits, Message price) {}

    public Corrections {
        ways = List.copyOf(ways);
        soFar = List.copyOf(soFar);
        first = List.copyOf(first);
        beyond = List.copyOf(beyond);
        instead = List.copyOf(instead);
        mended = List.copyOf(mended);
    }
}
