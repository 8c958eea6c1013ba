package oilcloth.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
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
    private static final int SHORTEST = 2;

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
                    literals(new Parser(regex).alternatives()),
                    literals(new Parser(regex).leading())));
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

    /** Reads the part of the regular expression language that the patterns use; what it does not know it skips. */
    private static final class Parser {
        private final String regex;
        private int at;

        Parser(String regex) {
            this.regex = regex;
        }

        /** The union over all alternatives; empty when one of them needs nothing. */
        Optional<List<String>> alternatives() {
            List<String> all = new ArrayList<>();
            boolean free = false;
            do {
                Optional<List<String>> one = sequence();
                free |= one.isEmpty();
                one.ifPresent(all::addAll);
            } while (next('|'));
            return free ? Optional.empty() : Optional.of(all);
        }

        /** The literals a match begins with, over all alternatives; empty when one of them may begin otherwise. */
        Optional<List<String>> leading() {
            List<String> all = new ArrayList<>();
            boolean free = false;
            do {
                Optional<List<String>> one = first();
                free |= one.isEmpty();
                one.ifPresent(all::addAll);
                skipSequence();
            } while (next('|'));
            return free ? Optional.empty() : Optional.of(all);
        }

        private void skipSequence() {
            while (at < regex.length() && regex.charAt(at) != '|' && regex.charAt(at) != ')') {
                atom(new StringBuilder());
                quantified();
            }
        }

        private Optional<List<String>> first() {
            while (at < regex.length() && (regex.startsWith("\\b", at) || lookaround(at))) {
                atom(new StringBuilder());
            }
            if (at < regex.length() && regex.charAt(at) == '(') {
                at++;
                if (regex.startsWith("?:", at)) {
                    at += 2;
                } else if (regex.startsWith("?", at)) {
                    at--;
                    return Optional.empty();
                }
                Optional<List<String>> inside = leading();
                next(')');
                return quantified() ? Optional.empty() : inside;
            }
            StringBuilder run = new StringBuilder();
            while (at < regex.length() && isLetter(regex.charAt(at))) {
                run.append(regex.charAt(at++));
                int before = at;
                boolean optional = quantified();
                if (optional) {
                    run.setLength(run.length() - 1);
                }
                if (at > before) {
                    break;
                }
            }
            return run.length() == 0
                    ? Optional.empty()
                    : Optional.of(List.of(run.toString().toLowerCase(Locale.ROOT)));
        }

        private static boolean isLetter(char c) {
            return Character.isLetterOrDigit(c)
                    || c == ' '
                    || c == '\''
                    || c == '-'
                    || c == '#'
                    || c == '"'
                    || c == ',';
        }

        private boolean next(char c) {
            if (at < regex.length() && regex.charAt(at) == c) {
                at++;
                return true;
            }
            return false;
        }

        /** Of all that a sequence needs, the one with the longest shortest literal. */
        private Optional<List<String>> sequence() {
            Optional<List<String>> best = Optional.empty();
            StringBuilder run = new StringBuilder();
            while (at < regex.length() && regex.charAt(at) != '|' && regex.charAt(at) != ')') {
                int start = at;
                Optional<List<String>> need = atom(run);
                boolean optional = quantified();
                if (regex.charAt(start) != '(' && need.isEmpty() && run.length() > 0 && optional) {
                    // the quantifier belongs to the last letter of the run
                    run.setLength(run.length() - 1);
                    best = better(best, literal(run));
                    run.setLength(0);
                } else if (need.isPresent() || breaks(start)) {
                    best = better(best, literal(run));
                    run.setLength(0);
                    best = optional ? best : better(best, need);
                } else if (at > start && repeats(start)) {
                    best = better(best, literal(run));
                    run.setLength(0);
                }
            }
            return better(best, literal(run));
        }

        private static Optional<List<String>> literal(CharSequence run) {
            return run.length() < SHORTEST
                    ? Optional.empty()
                    : Optional.of(List.of(run.toString().toLowerCase(Locale.ROOT)));
        }

        private static Optional<List<String>> better(Optional<List<String>> a, Optional<List<String>> b) {
            if (a.isEmpty() || b.isEmpty()) {
                return a.isEmpty() ? b : a;
            }
            return shortest(b.get()) > shortest(a.get()) ? b : a;
        }

        private static int shortest(List<String> literals) {
            return literals.stream().mapToInt(String::length).min().orElse(0);
        }

        /** Whether the atom that began here is more than a letter or a zero-width sign. */
        private boolean breaks(int start) {
            char c = regex.charAt(start);
            if (c == '\\') {
                char e = regex.charAt(start + 1);
                return e != 'b' && e != 'B' && Character.isLetterOrDigit(e);
            }
            return c == '(' && !lookaround(start) || c == '[' || c == '.';
        }

        /** Whether the letter that began here may stand more than once ("x+"): nothing may follow it in the run. */
        private boolean repeats(int start) {
            return at - start > 1 && "+*{".indexOf(regex.charAt(at - 1)) >= 0
                    || at - start > 1 && regex.charAt(at - 1) == '}';
        }

        private boolean lookaround(int start) {
            return regex.startsWith("(?=", start)
                    || regex.startsWith("(?!", start)
                    || regex.startsWith("(?<=", start)
                    || regex.startsWith("(?<!", start)
                    || regex.startsWith("(?i)", start);
        }

        /** Takes one atom; a letter goes into the run, a group gives what it needs. */
        private Optional<List<String>> atom(StringBuilder run) {
            char c = regex.charAt(at);
            if (c == '(') {
                return group();
            }
            if (c == '[') {
                skipClass();
                return Optional.empty();
            }
            if (c == '\\') {
                char e = regex.charAt(at + 1);
                at += 2;
                if (!Character.isLetterOrDigit(e)) {
                    run.append(e);
                }
                return Optional.empty();
            }
            at++;
            if (c != '.' && c != '^' && c != '$') {
                run.append(c);
            }
            return Optional.empty();
        }

        private Optional<List<String>> group() {
            int start = at;
            boolean zero = lookaround(start);
            at++;
            if (next('?')) {
                // "?:", "?=", "?!", "?<=", "?<!", "?<name>", "?i"
                while (at < regex.length() && ":=!>)".indexOf(regex.charAt(at)) < 0) {
                    at++;
                }
                if (regex.charAt(at) == ')') {
                    at++;
                    return Optional.empty();
                }
                at++;
            }
            Optional<List<String>> inside = alternatives();
            next(')');
            return zero ? Optional.empty() : inside;
        }

        private void skipClass() {
            at++;
            next('^');
            next(']');
            while (regex.charAt(at) != ']') {
                at += regex.charAt(at) == '\\' ? 2 : 1;
            }
            at++;
        }

        /** Takes a quantifier; true when what it follows may be absent. */
        private boolean quantified() {
            boolean optional = false;
            while (at < regex.length()) {
                char c = regex.charAt(at);
                if (c == '?' || c == '*') {
                    optional = true;
                    at++;
                } else if (c == '+') {
                    at++;
                } else if (c == '{') {
                    optional |= regex.charAt(at + 1) == '0';
                    at = regex.indexOf('}', at) + 1;
                } else {
                    break;
                }
            }
            return optional;
        }
    }
}
