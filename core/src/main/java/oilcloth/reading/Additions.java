package oilcloth.reading;

import java.util.Set;
import java.util.regex.Matcher;
import java.util.stream.IntStream;
import oilcloth.recipe.Unread;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** Things added that have no name we know. */
final class Additions {
    private static final Cue PREPOSITION = Cue.of(
            "\\b(to|into|in|on|onto|over|until|till|and|for|with|at|from|so|if|when|as|before|after|within|during|through|then|or|but|because|while|by|per|instead|like|off|out|without)\\b|[,;.:()!?]");

    private static final Cue FILLER = Cue.of(
            "^( |\\b(the|a|an|some|your|my|our|in|more|another|any|of|just|also|about|up|all|both|other|their|its|to|with|this|that|these|those|every|each|own|last|first|next|little|bit|lots?|plenty|others|few|tender|crisp|firm|ripe|young|small|large|medium|good|sound|mature|uniform|clean|plain|nice|it|them|nothing|anything|whole|soon|later|tomorrow|today|tonight|now|again|right|straight|guide|guide's|leaflet's|book's|sheet's)\\b)+");

    /** "I use mine on beans": what is eaten with what. */
    private static final Cue THEIRS = Cue.of(" (mine|hers|his|ours|theirs) (on|over|with|for)\\b");

    private Additions() {}

    /** "stir in the gloop": something went in, and nothing in it is known. */
    static void read(Sentence s, Draft draft) {
        if (!s.has(Vocabulary.ADD) || NothingSaid.by(s) || Hearsay.isDisowned(s)) {
            return;
        }
        Matcher verb = Vocabulary.ADD.matcher(s.low());
        while (verb.find()) {
            if (s.negatedAt(verb.start())) {
                continue;
            }
            int from = verb.end();
            if (THEIRS.matcher(s.low()).region(from, s.low().length()).lookingAt()) {
                continue;
            }
            Matcher filler = FILLER.matcher(s.low()).region(from, s.low().length());
            filler.useAnchoringBounds(true);
            int start = filler.lookingAt() ? filler.end() : from;
            Matcher stop = PREPOSITION.matcher(s.low()).region(start, s.low().length());
            int end = stop.find() ? stop.start() : s.low().length();
            end = Math.min(end, start + 60);
            judge(s, draft, start, end);
        }
    }

    /** "I use all colors", "keep adding quarters": of what is named already. */
    private static final Set<String> SORTS = Set.of("colors", "colours", "sizes", "shapes", "quarters", "halves");

    /** "I was told to include my elevation": put into the letter. */
    private static final Set<String> OF_A_LETTER = Set.of(
            "elevation",
            "altitude",
            "address",
            "phone",
            "photo",
            "picture",
            "name",
            "question",
            "label",
            "labels",
            "stamp",
            "envelope",
            "details",
            "county");

    private static void judge(Sentence s, Draft draft, int start, int end) {
        int words = 0;
        int first = -1;
        int last = -1;
        for (int i = 0; i < s.size(); i++) {
            Range r = s.token(i).range();
            int offset = r.start() - s.range().start();
            if (offset < start || offset >= end || !s.token(i).isWord()) {
                continue;
            }
            String word = s.token(i).norm();
            if (SORTS.contains(word)
                    || OF_A_LETTER.contains(word)
                    || word.equals("else") && (s.is(i - 1, "all") || s.is(i - 1, "everything"))) {
                return;
            }
            if (StepWords.isManner(word) || word.equals("well") || word.endsWith("ed") && StepWords.isKnown(word)) {
                continue;
            }
            words++;
            if (s.isClaimed(i) || Vocabulary.KITCHEN.contains(s.token(i).norm())) {
                return;
            }
            first = first < 0 ? i : first;
            last = i;
        }
        // "put in the church raffle basket"
        boolean elsewhere = first >= 0
                && IntStream.rangeClosed(first, last)
                        .allMatch(i -> Talk.isAbout(s.token(i).norm()))
                && s.weight() < MarkedRemarks.HARMLESS;
        if (words > 0 && words <= 5 && !elsewhere) {
            draft.unread.add(new Unread(s.span(first, last + 1), true));
        }
    }
}
