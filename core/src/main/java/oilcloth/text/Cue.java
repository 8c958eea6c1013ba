package oilcloth.text;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.text.Literals.Literal;
import oilcloth.text.Literals.Needs;
import oilcloth.text.Literals.Present;

/**
 * A pattern looked for in text in lower case. Each of its alternatives needs one of some literals to stand in the text; a
 * text made ready once ({@link Searched}) knows which literals stand in it, so that most cues are told absent without a
 * search. The literals are derived from the pattern itself. Nothing is compiled before a text needs it.
 */
public final class Cue {
    private static final ConcurrentHashMap<String, Cue> KNOWN = new ConcurrentHashMap<>();
    private static final Literals LITERALS = new Literals();
    /** More of them tell little more. */
    private static final int MOST_SETS = 2;
    /** Literals. */
    private static final int FEW = 6;

    /** A lower-case text made ready for many searches. */
    public static final class Searched {
        private final String low;
        private final Present present;

        public Searched(String low) {
            this.low = low;
            this.present = LITERALS.in(low);
        }

        /** Whether the cue could match. False is sure, true is not. */
        public boolean mayHold(Cue cue) {
            return present.mayMatch(cue.id);
        }
    }

    /** One alternative of a pattern. */
    private static final class Alternative {
        private final String regex;
        /** With one of which every match begins; empty where that is not known. */
        private final Leading[] leading;

        private volatile Pattern compiled;

        Alternative(String regex, Leading[] leading) {
            this.regex = regex;
            this.leading = leading;
        }

        Matcher matcher(String low) {
            Pattern p = compiled;
            if (p == null) {
                p = Pattern.compile(regex);
                compiled = p;
            }
            return p.matcher(low);
        }

        /**
         * The first match that begins at or after an offset and before {@code limit}; null for none.
         *
         * @param present what stands in the text; null where that is not known
         */
        Range first(String low, Present present, int from, int limit) {
            if (regex.startsWith("^")) {
                Matcher m = from == 0 && limit > 0 ? matcher(low) : null;
                return m != null && m.lookingAt() ? new Range(0, m.end()) : null;
            }
            if (leading.length == 0) {
                Matcher m = matcher(low);
                return m.find(from) && m.start() < limit ? new Range(m.start(), m.end()) : null;
            }
            Matcher m = null;
            int best = limit;
            int end = -1;
            for (Leading beginning : leading) {
                if (present != null && !beginning.mayStandIn(present)) {
                    continue;
                }
                int at = beginning.next(low, from);
                while (at >= 0 && at < best) {
                    if (m == null) {
                        m = matcher(low).useTransparentBounds(true).useAnchoringBounds(false);
                    }
                    if (m.region(at, low.length()).lookingAt()) {
                        best = at;
                        end = m.end();
                    }
                    at = beginning.next(low, at + 1);
                }
            }
            return end < 0 ? null : new Range(best, end);
        }
    }

    /**
     * Letters that a match begins with.
     *
     * @param literal null where they are one letter alone
     */
    private record Leading(String letters, boolean opensWord, Literal literal) {
        static Leading of(RegexLiterals.Part part) {
            return new Leading(
                    part.letters(),
                    part.opensWord(),
                    part.letters().length() > 1 ? LITERALS.literal(part.letters(), part.opensWord()) : null);
        }

        boolean mayStandIn(Present present) {
            return literal == null || present.mayHold(literal);
        }

        /** Where they stand next; negative for nowhere. */
        int next(String low, int from) {
            int at = low.indexOf(letters, from);
            while (opensWord && at > 0 && Literals.isInWord(low.charAt(at - 1))) {
                at = low.indexOf(letters, at + 1);
            }
            return at;
        }
    }

    private final String regex;
    private final Alternative[] alternatives;
    /** Its number among the literals; those of its alternatives follow it. */
    private final int id;

    /** What it needs one of, where they are so few that looking for each costs less than a search; else none. */
    private final String[] few;

    private volatile Pattern whole;

    private Cue(String regex) {
        this.regex = regex;
        List<Alternative> made = new ArrayList<>();
        List<Literal> needed = new ArrayList<>();
        List<Needs> needs = new ArrayList<>();
        boolean free = false;
        for (String part : split(regex)) {
            List<List<RegexLiterals.Part>> sets = new RegexLiterals(part)
                    .needed().stream()
                            .filter(Cue::isTelling)
                            .sorted(Comparator.comparingInt(RegexLiterals::shortest)
                                    .reversed())
                            .limit(MOST_SETS)
                            .toList();
            made.add(new Alternative(
                    part,
                    new RegexLiterals(part)
                            .leading()
                            .filter(begins -> begins.stream()
                                    .allMatch(l -> l.opensWord() || l.letters().length() > 1))
                            .map(begins ->
                                    begins.stream().distinct().map(Leading::of).toArray(Leading[]::new))
                            .orElse(new Leading[0])));
            needs.add(new Needs(set(sets, 0), set(sets, 1)));
            free |= sets.isEmpty();
            if (!sets.isEmpty()) {
                needed.addAll(literals(RegexLiterals.mostTelling(sets)));
            }
        }
        this.alternatives = made.toArray(Alternative[]::new);
        List<Literal> each = free ? List.of() : needed.stream().distinct().toList();
        needs.add(0, new Needs(each, List.of()));
        this.id = LITERALS.newCues(needs);
        this.few = each.size() > FEW
                ? new String[0]
                : each.stream().map(Literal::letters).toArray(String[]::new);
    }

    /**
     * @param regex in lower case, without flags, jars by their full names; the same text gives the same cue. Wrong syntax shows at the first match
     *     tried.
     */
    public static Cue of(String regex) {
        return KNOWN.computeIfAbsent(regex, r -> new Cue(Abbreviations.widened(r)));
    }

    /** The leftmost match at or after an offset, as the whole pattern would find it. Offsets are into the text. */
    public Optional<Range> find(Searched text, int from) {
        if (!text.mayHold(this)) {
            return Optional.empty();
        }
        Range found = null;
        int limit = text.low.length() + 1;
        int own = id + 1;
        int end = own + alternatives.length;
        for (int n = text.present.next(own, end); n < end; n = text.present.next(n + 1, end)) {
            // of two that begin at the same place the one written first counts
            Range first = alternatives[n - own].first(text.low, text.present, from, limit);
            if (first != null) {
                found = first;
                limit = first.start();
            }
        }
        return Optional.ofNullable(found);
    }

    /** Whether it stands in some words in lower case that were not made ready. */
    public boolean in(String low) {
        return mayStandIn(low)
                && Arrays.stream(alternatives).anyMatch(a -> a.first(low, null, 0, low.length() + 1) != null);
    }

    /** Whether some words in lower case begin with it. */
    public boolean opens(String low) {
        return mayStandIn(low) && matcher(low).lookingAt();
    }

    /** Whether some words in lower case are it from end to end. */
    public boolean is(String low) {
        return mayStandIn(low) && matcher(low).matches();
    }

    private boolean mayStandIn(String low) {
        if (few.length == 0) {
            return true;
        }
        for (String letters : few) {
            if (low.contains(letters)) {
                return true;
            }
        }
        return false;
    }

    /** The whole pattern on some words in lower case. */
    public Matcher matcher(CharSequence low) {
        Pattern p = whole;
        if (p == null) {
            p = Pattern.compile(regex);
            whole = p;
        }
        return p.matcher(low);
    }

    /** Every cue made so far. */
    static List<Cue> all() {
        return List.copyOf(KNOWN.values());
    }

    @Override
    public String toString() {
        return regex;
    }

    /** One letter alone stands in every text and tells nothing. */
    private static boolean isTelling(List<RegexLiterals.Part> letters) {
        return letters.stream().allMatch(l -> l.letters().length() > 1);
    }

    private static List<Literal> set(List<List<RegexLiterals.Part>> sets, int i) {
        return i < sets.size() ? literals(sets.get(i)) : List.of();
    }

    private static List<Literal> literals(List<RegexLiterals.Part> letters) {
        return letters.stream()
                .distinct()
                .map(l -> LITERALS.literal(l.letters(), l.opensWord()))
                .toList();
    }

    /** The alternatives at the top of a pattern. */
    private static List<String> split(String regex) {
        List<String> parts = new ArrayList<>();
        int depth = 0;
        int from = 0;
        boolean set = false;
        for (int i = 0; i < regex.length(); i++) {
            char c = regex.charAt(i);
            if (c == '\\') {
                i++;
            } else if (c == '[') {
                set = true;
            } else if (c == ']') {
                set = false;
            } else if (!set && c == '(') {
                depth++;
            } else if (!set && c == ')') {
                depth--;
            } else if (!set && c == '|' && depth == 0) {
                parts.add(regex.substring(from, i));
                from = i + 1;
            }
        }
        parts.add(regex.substring(from));
        return parts;
    }
}
