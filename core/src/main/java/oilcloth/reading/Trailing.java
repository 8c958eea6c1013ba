package oilcloth.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oilcloth.recipe.Unread;
import oilcloth.text.Cue;
import oilcloth.text.Range;
import oilcloth.text.Token;

/**
 * What hangs on behind the time in the canner: "15 minutes boiling water, lids loose". It is no clause of its own and the
 * sentence has said something else, so nobody weighs it; a word not known to be harmless there is asked about.
 */
final class Trailing {
    private static final WordList HARMLESS = WordList.load("canner-words.txt");

    /** What is done once the time is over, and so nothing against it. */
    private static final Cue AFTERWARDS = Cue.of(
            "\\b((with |then )?(the )?(heat|burner|stove|gas|fire)( was| is)?( turned)? off|(turned?|shut) (it |the (heat|burner|stove) )?off|(then )?(the )?lids? (came |comes )?off|took (it |them |the \\w+ )?off|let (it|them|the (pressure|canner|gauge|jars)) (\\w+ )?(down|drop|fall|cool|come|go|sit|stand|rest)|cool(ed|ing)?( down| off| naturally)*|above sea level|(with )?(the )?(weight|it) (was |kept )?(going|rocking|jiggling|dancing|doing its dance)( gently| steadily| the (whole|entire) time)?|before (i |we )?(the weight (goes|went) on|put(ting)? the weight on)|never left (it|the (stove|kitchen|canner))|or better|(adjusted|add(ed)?|allowing) for (my |our |the )?(altitude|elevation))\\b");

    /** Known words all, and yet no time that was tested. */
    private static final Cue UNSURE = Cue.of(
            "\\b((un)?til|till) (it|they|the (lids?|jars|tops)|all|every\\w*)\\b[^.;]{0,24}\\b(seal|sealed|ping|pinged|pop|popped)\\b|\\b(count\\w*|includ\\w+|from) (the )?(time|minutes|start)\\b[^.;]{0,20}\\b(took|takes|heat|boil|come|start)\\w*\\b|\\bmore or less\\b|\\b(no|without( any)?|with no) lids?\\b|\\bfrom cold\\b|\\bwhile (it|they) cool\\w*|\\bor longer or\\b");

    /** Words: what is longer may be let pass for what it sounds like. */
    private static final int LONGEST = 3;

    /** Words behind what was read last; beyond them the sentence tells of something else. */
    private static final int REACH = 14;

    private final MarkedRemarks marked = MarkedRemarks.shipped();

    void read(Sentence s, Draft draft) {
        List<Range> read = read(draft);
        int from = start(s, draft);
        if (from < 0) {
            return;
        }
        s.findAny(UNSURE)
                .filter(r -> r.start()
                        >= s.token(Math.min(from, s.size() - 1)).range().start())
                .ifPresent(r -> draft.unread.add(new Unread(r, true)));
        List<Range> harmless = AFTERWARDS
                .matcher(s.low())
                .results()
                .map(m -> new Range(m.start(), m.end()).shift(s.range().start()))
                .toList();
        int run = -1;
        int behind = 0;
        for (int i = from; i <= s.size() && behind <= REACH; i++) {
            boolean known = i < s.size()
                    && (s.isClaimed(i) || read.stream().anyMatch(s.token(i).range()::overlaps));
            boolean open = i < s.size() && s.token(i).kind() != Token.Kind.SIGN && !known;
            behind = known ? 0 : behind + 1;
            if (open && run < 0) {
                run = i;
            } else if (!open && run >= 0) {
                weigh(s, draft, run, i, harmless);
                run = -1;
            }
        }
    }

    private void weigh(Sentence s, Draft draft, int from, int to, List<Range> harmless) {
        Range words = s.span(from, to);
        boolean spoken = draft.unread.stream().anyMatch(u -> u.bears() && words.overlaps(u.range()))
                || draft.practices.stream().anyMatch(p -> words.overlaps(p.range()));
        if (spoken) {
            return;
        }
        boolean strange = false;
        for (int i = from; i < to; i++) {
            strange |= !isHarmless(s.token(i).norm())
                    && harmless.stream().noneMatch(s.token(i).range()::overlaps);
        }
        if (strange && !(to - from > LONGEST && marked.weight(s, words) < MarkedRemarks.HARMLESS)) {
            draft.unread.add(new Unread(words, true));
        }
    }

    /** "we're", "mother's": by the word itself. */
    private static boolean isHarmless(String word) {
        int apostrophe = Math.max(word.indexOf('\''), word.indexOf('’'));
        return HARMLESS.has(apostrophe > 0 ? word.substring(0, apostrophe) : word);
    }

    private static List<Range> read(Draft draft) {
        List<Range> read = new ArrayList<>(draft.facts.ranges());
        Stream.of(draft.facts.vented(), draft.facts.gauge(), draft.facts.sterilised(), draft.facts.bubblesRemoved())
                .flatMap(Optional::stream)
                .flatMap(f -> f.range().stream())
                .forEach(read::add);
        return read;
    }

    /** The token behind the time, or behind the canner where that comes first; -1 where the sentence tells no time. */
    private static int start(Sentence s, Draft draft) {
        boolean timed =
                draft.facts.times().stream().flatMap(t -> t.range().stream()).anyMatch(s.range()::contains);
        if (!timed) {
            return -1;
        }
        return Stream.of(draft.facts.times(), draft.facts.methods())
                .flatMap(List::stream)
                .flatMap(f -> f.range().stream())
                .filter(s.range()::contains)
                .mapToInt(r -> s.first(new Range(r.end(), s.range().end())))
                .min()
                .orElse(-1);
    }
}
