package oilcloth.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Searches lower-case text for a pattern, looking first for literals of which each alternative of the pattern needs one;
 * that spares most sentences most of the searching. Derived from the pattern itself, so that nobody has to keep them.
 */
public final class Cues {
    private static final ConcurrentHashMap<Pattern, Cues> KNOWN = new ConcurrentHashMap<>();

    /** A lower-case text made ready for many searches: which three letters stand together in it. */
    public static final class Searched {
        private static final int BITS = 4096;
        private final String low;
        private final long[] trigrams = new long[BITS / Long.SIZE];

        public Searched(String low) {
            this.low = low;
            for (int i = 0; i + 3 <= low.length(); i++) {
                int bit = trigram(low, i);
                trigrams[bit / Long.SIZE] |= 1L << bit;
            }
        }

        private static int trigram(String s, int i) {
            return (s.charAt(i) * 961 + s.charAt(i + 1) * 31 + s.charAt(i + 2)) & (BITS - 1);
        }

        private boolean holds(Literal literal) {
            boolean possible = literal.bit < 0 || (trigrams[literal.bit / Long.SIZE] & 1L << literal.bit) != 0;
            return possible && low.contains(literal.letters);
        }
    }

    private record Literal(String letters, int bit) {
        static Literal of(String letters) {
            return new Literal(letters, letters.length() < 3 ? -1 : Searched.trigram(letters, 0));
        }
    }

    /** One alternative of a pattern; compiled when a text first needs it, which for most is never. */
    private static final class Alternative {
        private final String regex;
        private final int flags;
        /** Of which it needs one; empty where it may match anything. */
        private final Literal[] literals;
        /** With one of which every match begins; empty where that is not known. */
        private final Literal[] leading;

        private volatile Pattern compiled;

        Alternative(String regex, int flags, Literal[] literals, Literal[] leading) {
            this.regex = regex;
            this.flags = flags;
            this.literals = literals;
            this.leading = leading;
        }

        Matcher matcher(String low) {
            Pattern p = compiled;
            if (p == null) {
                p = Pattern.compile(regex, flags);
                compiled = p;
            }
            return p.matcher(low);
        }

        boolean mayMatch(Searched text) {
            for (Literal literal : literals) {
                if (text.holds(literal)) {
                    return true;
                }
            }
            return literals.length == 0;
        }

        /** The start of the first match before {@code limit}, with its end left in the matcher; -1 for none. */
        int start(Matcher m, Searched text, int from, int limit) {
            if (leading.length == 0) {
                return m.find(from) && m.start() < limit ? m.start() : -1;
            }
            m.useTransparentBounds(true).useAnchoringBounds(false);
            int best = limit;
            int end = -1;
            for (Literal literal : leading) {
                if (!text.holds(literal)) {
                    continue;
                }
                int at = text.low.indexOf(literal.letters, from);
                while (at >= 0 && at < best) {
                    if (m.region(at, text.low.length()).lookingAt()) {
                        best = at;
                        end = m.end();
                    }
                    at = text.low.indexOf(literal.letters, at + 1);
                }
            }
            // leave the matcher on the match that counts
            return end >= 0 && m.region(best, text.low.length()).lookingAt() ? best : -1;
        }
    }

    private final List<Alternative> alternatives;

    private Cues(List<Alternative> alternatives) {
        this.alternatives = alternatives;
    }

    /** Whether the pattern could match in the text. False is sure, true is not. */
    public static boolean mayMatch(Pattern pattern, Searched text) {
        for (Alternative a : KNOWN.computeIfAbsent(pattern, Cues::of).alternatives) {
            if (a.mayMatch(text)) {
                return true;
            }
        }
        return false;
    }

    /** The leftmost match at or after an offset, as the whole pattern would find it. Offsets are into the text. */
    public static Optional<Range> find(Pattern pattern, Searched text, int from) {
        int start = text.low.length() + 1;
        int end = -1;
        for (Alternative a : KNOWN.computeIfAbsent(pattern, Cues::of).alternatives) {
            if (!a.mayMatch(text)) {
                continue;
            }
            Matcher m = a.matcher(text.low);
            // of two that begin at the same place the one written first counts
            int at = a.start(m, text, from, start);
            if (at >= 0) {
                start = at;
                end = m.end();
            }
        }
        return end < 0 ? Optional.empty() : Optional.of(new Range(start, end));
    }

    private static Cues of(Pattern pattern) {
        boolean plain = (pattern.flags() & ~(Pattern.CASE_INSENSITIVE | Pattern.MULTILINE)) == 0;
        if (!plain) {
            return new Cues(
                    List.of(new Alternative(pattern.pattern(), pattern.flags(), new Literal[0], new Literal[0])));
        }
        List<Alternative> alternatives = new ArrayList<>();
        for (String regex : split(pattern.pattern())) {
            alternatives.add(new Alternative(
                    regex,
                    pattern.flags(),
                    literals(new RegexLiterals(regex).alternatives()),
                    literals(new RegexLiterals(regex).leading())));
        }
        return new Cues(List.copyOf(alternatives));
    }

    private static Literal[] literals(Optional<List<String>> letters) {
        return letters.orElse(List.of()).stream().distinct().map(Literal::of).toArray(Literal[]::new);
    }

    /** The alternatives at the top of a pattern; flags set inside it hold for all, so such a pattern stays whole. */
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
        return regex.contains("(?i)") ? List.of(regex) : parts;
    }
}
