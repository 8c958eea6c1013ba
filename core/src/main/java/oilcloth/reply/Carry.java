package oilcloth.reply;

import com.github.difflib.DiffUtils;
import com.github.difflib.patch.AbstractDelta;
import java.util.ArrayList;
import java.util.List;

/**
 * A letter that was edited, brought up to a new review: lines the educator left alone follow the review; lines they
 * changed stay as they wrote them, and what the review would say there instead is handed over beside it.
 *
 * @param letter with the educator's words kept
 * @param left lines of the new letter that found no place, because the educator had changed what stood there
 */
public record Carry(String letter, List<String> left) {
    public Carry {
        left = List.copyOf(left);
    }

    /**
     * @param base the letter as composed when the draft was begun
     * @param mine the draft
     * @param fresh the letter as it would be composed now
     */
    public static Carry of(String base, String mine, String fresh) {
        List<String> from = lines(base);
        List<AbstractDelta<String>> ours = DiffUtils.diff(from, lines(mine)).getDeltas();
        List<AbstractDelta<String>> theirs = DiffUtils.diff(from, lines(fresh)).getDeltas();
        List<String> merged = new ArrayList<>();
        List<String> left = new ArrayList<>();
        int at = 0;
        int o = 0;
        int t = 0;
        while (o < ours.size() || t < theirs.size()) {
            AbstractDelta<String> our = o < ours.size() ? ours.get(o) : null;
            AbstractDelta<String> their = t < theirs.size() ? theirs.get(t) : null;
            if (our != null && their != null && meet(our, their)) {
                merged.addAll(from.subList(at, Math.max(at, our.getSource().getPosition())));
                merged.addAll(our.getTarget().getLines());
                at = Math.max(at, end(our));
                o++;
                while (t < theirs.size() && meet(our, theirs.get(t))) {
                    theirs.get(t).getTarget().getLines().stream()
                            .filter(l ->
                                    !l.isBlank() && !our.getTarget().getLines().contains(l))
                            .forEach(left::add);
                    at = Math.max(at, end(theirs.get(t)));
                    t++;
                }
                continue;
            }
            boolean oursFirst = their == null
                    || our != null
                            && our.getSource().getPosition()
                                    <= their.getSource().getPosition();
            AbstractDelta<String> next = oursFirst ? our : their;
            if (next.getSource().getPosition() >= at) {
                merged.addAll(from.subList(at, next.getSource().getPosition()));
                merged.addAll(next.getTarget().getLines());
                at = end(next);
            } else {
                // its lines went with the change before
                (oursFirst ? merged : left).addAll(next.getTarget().getLines());
                at = Math.max(at, end(next));
            }
            if (oursFirst) {
                o++;
            } else {
                t++;
            }
        }
        merged.addAll(from.subList(at, from.size()));
        return new Carry(String.join("\n", merged), left);
    }

    private static List<String> lines(String letter) {
        return List.of(letter.split("\n", -1));
    }

    private static int end(AbstractDelta<String> delta) {
        return delta.getSource().getPosition() + delta.getSource().size();
    }

    /** Whether both touch the same lines, or put something in at the same place. */
    private static boolean meet(AbstractDelta<String> one, AbstractDelta<String> other) {
        int start = one.getSource().getPosition();
        int otherStart = other.getSource().getPosition();
        return start == otherStart || start < end(other) && otherStart < end(one);
    }
}
