package oilcloth.reading;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.guide.Lexicon;
import oilcloth.text.Cue;
import oilcloth.text.Folded;
import oilcloth.text.Range;
import oilcloth.text.Token;
import oilcloth.text.Tokens;

/** One sentence under the pencil: its tokens, and which of them some reader has already accounted for. */
final class Sentence {
    // "don't forget the vinegar" asks for vinegar, "never skip" likewise
    private static final Cue NEGATION = Cue.of(
            "\\b(no|not|never|don'?t|do not|didn'?t|did not|doesn'?t|won'?t|isn'?t|haven'?t (got )?(a|any|my)|hasn'?t (got )?(a|any))\\b"
                    + "(?!,? (really|wait|kidding|joke|lie)\\b)(?! (forget|only|skip|omit|skimp|be shy|leave out|worry|be afraid|reduce|cut|too|more than|over))"
                    + "|\\b(someone|somebody|people|they|neighbou?r|friend|sister|cousin|mother) (\\w+ )?(said|says|told me) (to |i should |i need to |you should )?(add|use|put( in)?)\\b(?=[^.;]*\\bbut (mine|ours|i|we|my|our)\\b)"
                    + "|\\b(you|we|i|one) (can'?t|cannot|can not|shouldn'?t|should not|mustn'?t|must not|may not|(aren'?t|are not|'re not|am not|'m not) (supposed|allowed) to) (just |ever |simply |really )?(add|put|use|throw|toss|stir|mix)\\b(?![^.;]*\\b(but|yet|though|still|anyway|and) (i|we) )"
                    + "|\\bprefer(s|red)? (it|this|that|them|vinegar|bottled|citric) (to|over)\\b"
                    + "|\\bused to (add|put|use|include|stir in|throw in)\\b(?![^.;]{0,60}\\bstill\\b)"
                    + "|\\bwould \\w+( over)? if (i|we) (ever )?(put|added|used|add|use)\\b"
                    + "|\\b(can'?t|cannot|can not|couldn'?t|don'?t|do not|not|never) (\\w+ )?(recall|remember|sure|certain|know|say|tell) (if|whether)\\b"
                    + "|\\b(quit|gave up|given up|cut out|without|minus|instead of|rather than|in place of|avoid|forgot(?! to (say|mention|tell|write|note|put down|include))|free of|w/o|w /o|w/ o|w / o|scared of|afraid of|(?<!take )(?<!took )(?<!lift )(?<!leaked )(?<!leaks )(?<!came )(?<!comes )(?<!seeped )(?<!spilled )(?<!boiled )(?<!\\b(leave|leaving|left|keep|kept|take|took|taking) (the |all the |all |added |any )?(salt|sugar|it|them) )out of(?! the| a| my))\\b"
                    + "|(?<!n't |never |not )\\b(skip|skipped|omit|omitted|left out|leave out|leaving out)\\b");

    /** Behind one of these a negation says nothing any more. */
    private static final Pattern TURN = Pattern.compile(
            "[,;.:]|\\((?=\\d|$)| ?[-–—]+ ?(and|with|plus|then)\\b|(?<=[a-z]ed )and\\b|(?<=\\b(them|it) ((down|up|in|off|out) )?)and\\b|(?<=[a-z]ed (down|up|in|off|out|on) )and\\b|(?<=\\b(liquid|salt|sugar|broth|bones?|skins?|syrup|spices?) )\\d|\\b(so|but|except|besides|other than|because|and (put|threw|tossed|stirred|added|used))\\b");

    private static final String LEFT_OUT =
            "(?:egg |any )?(?:noodles|pasta|macaroni|rice|barley|cream|milk|butter|cheese|eggs?|dairy|flour|cornstarch|starch|thickeners?|thickening|bacon|ham|sausage|oil|fat|dumplings|crackers|bread|gravy|roux)";

    /** "No noodles, rice, cream or flour.": nothing else in the sentence, and what no jar should hold. */
    private static final Cue NONE_OF = Cue.of("^(and |but |there (?:is|was|are) )?(no|without(?: any)?|never any) "
            + LEFT_OUT + "(, " + LEFT_OUT + ")+,? (or|nor) " + LEFT_OUT + "[.!]?$");

    /** "Caution: Do not add noodles or other pasta, rice, flour, cream, milk or other thickening agents to home canned soups." */
    private static final Cue FORBIDS = Cue.of(
            "^((caution|warning|note|important|remember)( ?[:!,-])? )?(do not|don'?t|never) (add|use|put in|include|stir in) (?!.*\\b(but|except|unless|instead|until|i|we|my|our|only|more than|over|after|before)\\b)"
                    + "[^.;]*\\b(noodles|pasta|rice|flour|cream|milk|thicken\\w*|barley|butter|eggs|cheese|starch|cornstarch)\\b[^.;]*[.!]?$");

    /** How far behind the negating words the word may stand. */
    private static final int BEHIND = 32;

    /** How far before a word its negation may stand. */
    private static final int REACH = 48;

    private final Written written;
    private final Range range;
    private final List<Token> tokens;
    private final BitSet claimed = new BitSet();
    private final String low;
    private final boolean item;
    /** Made when first searched: many a line is only weighed by its tokens. */
    private Cue.Searched searched;

    /** Answers already given: many readers ask the same of a sentence, once for each of its figures. */
    private final Map<Cue, Boolean> known = new IdentityHashMap<>();

    /** Whether it tells one figure and no word else that could mean anything. */
    private boolean plain;

    /** Null where nobody has asked yet; offsets in the sentence. */
    private List<Range> negations;

    /** Null where nobody has asked yet. */
    private List<Optional<Lexicon.Match>> foods;

    /** Null where nobody has asked yet. */
    private JoinedWords joined;

    /** Not a number where nobody has asked yet. */
    private double weight = Double.NaN;

    /** @param item whether it stands in a list, where a bare name is an ingredient */
    Sentence(String text, Range range, boolean item) {
        this(new Written(text), range, item);
    }

    /** @param item whether it stands in a list, where a bare name is an ingredient */
    Sentence(Written written, Range range, boolean item) {
        String text = written.text();
        this.written = written;
        this.range = range;
        this.tokens = Tokens.of(text, range);
        this.low = Folded.of(text, range);
        this.item = item;
    }

    Range range() {
        return range;
    }

    List<Token> tokens() {
        return tokens;
    }

    Token token(int i) {
        return tokens.get(i);
    }

    int size() {
        return tokens.size();
    }

    /** How much its words speak for its mattering, by {@link MarkedRemarks}; weighed once. */
    double weight() {
        if (Double.isNaN(weight)) {
            weight = MarkedRemarks.shipped().weight(this);
        }
        return weight;
    }

    /** The food named at a token, looked up once; every reader asks with the same lexicon. */
    Optional<Lexicon.Match> food(Lexicon lexicon, int i) {
        if (foods == null) {
            foods = new ArrayList<>(Collections.nCopies(tokens.size(), null));
        }
        Optional<Lexicon.Match> found = foods.get(i);
        if (found == null) {
            found = NamedFood.at(this, lexicon, i);
            foods.set(i, found);
        }
        return found;
    }

    String low() {
        return low;
    }

    Cue.Searched searched() {
        if (searched == null) {
            searched = new Cue.Searched(low);
        }
        return searched;
    }

    boolean isItem() {
        return item;
    }

    boolean is(int i, String word) {
        return i >= 0 && i < tokens.size() && tokens.get(i).is(word);
    }

    void claim(int from, int to) {
        claimed.set(from, to);
    }

    /** Marks it as telling one thing, with every word of it understood. */
    void setPlain() {
        plain = true;
    }

    boolean isPlain() {
        return plain;
    }

    /** From the end of each break to the end of the next, the first from the start; none of a short sentence or an unbroken one. */
    List<Range> parts(Cue breaks) {
        if (tokens.size() < SHORTEST_OF_PARTS) {
            return List.of();
        }
        List<Range> parts = new ArrayList<>();
        Matcher m = breaks.matcher(low);
        int start = 0;
        while (m.find()) {
            parts.add(new Range(start, m.end()).shift(range.start()));
            start = m.end();
        }
        if (start > 0 && start < low.length()) {
            parts.add(new Range(start, low.length()).shift(range.start()));
        }
        return parts;
    }

    /** The first token of a part, or the size if it has none. */
    int first(Range part) {
        int low = 0;
        int high = tokens.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (tokens.get(middle).range().start() < part.start()) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private static final int SHORTEST_OF_PARTS = 8;

    /** A clause of it, with what has been accounted for. */
    Sentence part(Range clause) {
        Sentence part = new Sentence(written, clause, false);
        int own = 0;
        for (int i = 0; i < tokens.size() && own < part.size(); i++) {
            if (tokens.get(i).range().start() == part.token(own).range().start()) {
                part.claimed.set(own, claimed.get(i));
                own++;
            }
        }
        return part;
    }

    boolean isClaimed(int i) {
        return claimed.get(i);
    }

    boolean anyClaimed(int from, int to) {
        int next = claimed.nextSetBit(from);
        return next >= 0 && next < to;
    }

    /** The text range of tokens {@code from} to {@code to}, exclusive. */
    Range span(int from, int to) {
        return tokens.get(from).range().to(tokens.get(Math.max(from, to - 1)).range());
    }

    boolean has(Cue cue) {
        return searched().mayHold(cue)
                && known.computeIfAbsent(cue, c -> c.find(searched(), 0).isPresent());
    }

    /** Whether it is the cue from end to end. */
    boolean isWholly(Cue cue) {
        return searched().mayHold(cue) && cue.matcher(low).matches();
    }

    /** Whether it begins with the cue. */
    boolean opensWith(Cue cue) {
        return searched().mayHold(cue) && cue.matcher(low).lookingAt();
    }

    /** The first match that no negation stands before in its clause. */
    Optional<Range> find(Cue cue) {
        Optional<Range> found = cue.find(searched(), 0);
        while (found.isPresent() && negatedAt(found.get().start())) {
            int next = Math.max(found.get().end(), found.get().start() + 1);
            found = next > low.length() ? Optional.empty() : cue.find(searched(), next);
        }
        return found.map(r -> r.shift(range.start()));
    }

    /** The first match, negated or not. */
    Optional<Range> findAny(Cue cue) {
        return cue.find(searched(), 0).map(r -> r.shift(range.start()));
    }

    /** Sets the tokens that stand in a match. */
    void mark(Cue phrase, BitSet told) {
        Optional<Range> found = phrase.find(searched(), 0);
        while (found.isPresent()) {
            Range r = found.get();
            Range here = r.shift(range.start());
            for (int i = 0; i < size(); i++) {
                if (here.contains(token(i).range())) {
                    told.set(i);
                }
            }
            found = phrase.find(searched(), Math.max(r.end(), r.start() + 1));
        }
    }

    /** "I never make them without sausage": then it is in. */
    private static final Cue NEVER_WITHOUT = Cue.of(
            "\\b(never|not|\\w+n't) (make|can|do|put up|fix|cook|pack|process)\\w* (\\w+ ){0,3}without\\b|\\b(never|not) without\\b");

    private List<Range> negations() {
        if (negations == null) {
            negations = new ArrayList<>();
            Optional<Range> twice = NEVER_WITHOUT.find(searched(), 0);
            Optional<Range> not = NEGATION.find(searched(), 0);
            while (not.isPresent()) {
                if (twice.filter(not.get()::overlaps).isEmpty()) {
                    negations.add(not.get());
                }
                not = NEGATION.find(searched(), not.get().end());
            }
        }
        return negations;
    }

    boolean negatedAt(int offsetInSentence) {
        if (!searched().mayHold(NEGATION)) {
            return false;
        }
        if (leavesOutOnly()) {
            return true;
        }
        for (Range not : negations()) {
            if (not.end() <= offsetInSentence
                    && offsetInSentence - not.end() <= BEHIND
                    && offsetInSentence - not.start() <= REACH
                    && !TURN.matcher(low).region(not.end(), offsetInSentence).find()) {
                return true;
            }
        }
        return false;
    }

    /** Whether it only lists what no jar should hold, and says that none of it is in there. */
    boolean leavesOutOnly() {
        return has(NONE_OF) || has(FORBIDS);
    }

    boolean negatedToken(int i) {
        return negatedAt(tokens.get(i).range().start() - range.start());
    }

    /** The words around a token, joined, for cheap context tests. */
    String around(int i, int before, int behind) {
        return joined().around(i, before, behind);
    }

    /** Whether the cue stands among so many words around a token. */
    boolean isAround(int i, int before, int behind, Cue cue) {
        return joined().isAround(i, before, behind, cue);
    }

    /** Whether the cue stands in so many words before a token. */
    boolean isBefore(int i, int reach, Cue cue) {
        return joined().isAround(i, reach, 0, cue);
    }

    /** Whether so many words from a token on begin with the cue. */
    boolean opensAt(int i, int reach, Cue cue) {
        return joined().opensAt(i, reach, cue);
    }

    private JoinedWords joined() {
        if (joined == null) {
            joined = new JoinedWords(tokens);
        }
        return joined;
    }

    /** What stands before some words of it, in lower case. @param letters no more of them are of use */
    String before(Range words, int letters) {
        int at = words.start() - range.start();
        return low.substring(Math.max(0, at - letters), at);
    }

    /** What stands behind some words of it, in lower case. @param letters no more of them are of use */
    String behind(Range words, int letters) {
        int at = words.end() - range.start();
        return low.substring(at, Math.min(low.length(), at + letters));
    }

    /** The whole text the sentence stands in. */
    String whole() {
        return written.text();
    }

    /** Whether the whole text has a list of names with their amounts behind them. */
    boolean isBesideAmountsLast() {
        return written.listsAmountsLast();
    }

    /** Whether the whole text holds a pattern, which is one of a room's constants. */
    boolean wholeHas(Pattern pattern) {
        return written.has(pattern);
    }
}
