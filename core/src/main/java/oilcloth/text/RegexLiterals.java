package oilcloth.text;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Reads the part of the regular expression language that the patterns use; what it does not know it skips. */
final class RegexLiterals {
    /** Shorter ones stand in every sentence. */
    private static final int SHORTEST = 2;

    /**
     * Letters a match needs.
     *
     * @param opensWord whether no letter can stand right before them
     */
    record Part(String letters, boolean opensWord) {}

    private final String regex;
    private int at;
    /** Whether what was taken last ends where a word may begin. */
    private boolean apart;

    RegexLiterals(String regex) {
        this.regex = regex;
    }

    /**
     * Sets of literals: a match needs one of each. Of several alternatives only the union of what tells most of each; none
     * where one of them needs nothing.
     */
    List<List<Part>> needed() {
        return needed(false);
    }

    private List<List<Part>> needed(boolean opensWord) {
        List<List<List<Part>>> alternatives = new ArrayList<>();
        boolean allApart = true;
        do {
            alternatives.add(sequence(opensWord));
            allApart &= apart;
        } while (next('|'));
        apart = allApart;
        if (alternatives.size() == 1) {
            return alternatives.get(0);
        }
        List<Part> union = new ArrayList<>();
        for (List<List<Part>> one : alternatives) {
            if (one.isEmpty()) {
                return List.of();
            }
            union.addAll(mostTelling(one));
        }
        return List.of(union);
    }

    /** Of some sets, not empty, the one with the longest shortest literal. */
    static List<Part> mostTelling(List<List<Part>> sets) {
        return sets.stream()
                .max(Comparator.comparingInt(RegexLiterals::shortest))
                .orElseThrow();
    }

    /** The literals a match begins with, over all alternatives; empty when one of them may begin otherwise. */
    Optional<List<Part>> leading() {
        return leading(false);
    }

    private Optional<List<Part>> leading(boolean opensWord) {
        List<Part> all = new ArrayList<>();
        boolean free = false;
        do {
            Optional<List<Part>> one = first(opensWord);
            free |= one.isEmpty();
            one.ifPresent(all::addAll);
            skipSequence();
        } while (next('|'));
        return free ? Optional.empty() : Optional.of(all);
    }

    private void skipSequence() {
        while (at < regex.length() && regex.charAt(at) != '|' && regex.charAt(at) != ')') {
            atom(new StringBuilder(), false);
            quantified();
        }
    }

    private Optional<List<Part>> first(boolean within) {
        boolean opensWord = within;
        while (at < regex.length() && (regex.startsWith("\\b", at) || lookaround(at))) {
            opensWord |= regex.startsWith("\\b", at);
            atom(new StringBuilder(), false);
        }
        if (at < regex.length() && regex.charAt(at) == '(') {
            at++;
            if (regex.startsWith("?:", at)) {
                at += 2;
            } else if (regex.startsWith("?", at)) {
                at--;
                return Optional.empty();
            }
            Optional<List<Part>> inside = leading(opensWord);
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
                : Optional.of(List.of(new Part(
                        run.toString().toLowerCase(Locale.ROOT),
                        opensWord && Character.isLetterOrDigit(run.charAt(0)))));
    }

    private static boolean isLetter(char c) {
        return Character.isLetterOrDigit(c) || c == ' ' || c == '\'' || c == '-' || c == '#' || c == '"' || c == ',';
    }

    private boolean next(char c) {
        if (at < regex.length() && regex.charAt(at) == c) {
            at++;
            return true;
        }
        return false;
    }

    /** All that a sequence needs. */
    private List<List<Part>> sequence(boolean opensWord) {
        List<List<Part>> all = new ArrayList<>();
        StringBuilder run = new StringBuilder();
        boolean runOpens = false;
        apart = opensWord;
        while (at < regex.length() && regex.charAt(at) != '|' && regex.charAt(at) != ')') {
            int start = at;
            boolean before = apart;
            runOpens = run.length() == 0 ? before : runOpens;
            List<List<Part>> need = atom(run, before);
            boolean optional = quantified();
            apart = endsApart(start, before, optional);
            if (regex.charAt(start) != '(' && need.isEmpty() && run.length() > 0 && optional) {
                // the quantifier belongs to the last letter of the run
                run.setLength(run.length() - 1);
                literal(run, runOpens, all);
            } else if (!need.isEmpty() || breaks(start)) {
                literal(run, runOpens, all);
                if (!optional) {
                    all.addAll(need);
                }
            } else if (at > start && repeats(start)) {
                literal(run, runOpens, all);
            }
        }
        literal(run, runOpens, all);
        return all;
    }

    /** Whether a word may begin right behind the atom that began at {@code start}, and a letter cannot stand before it. */
    private boolean endsApart(int start, boolean before, boolean optional) {
        char c = regex.charAt(start);
        boolean ends;
        if (c == '(') {
            ends = lookaround(start) ? before : apart;
        } else if (c == '\\') {
            ends = regex.charAt(start + 1) == 'b';
        } else {
            ends = c == ' ' && !(at > start + 1 && regex.charAt(at - 1) == '?');
        }
        return ends && (!optional || before);
    }

    /** A run of letters has ended. */
    private static void literal(StringBuilder run, boolean opensWord, List<List<Part>> all) {
        int from = 0;
        while (from < run.length() && run.charAt(from) == ' ') {
            from++;
        }
        String letters = run.substring(from).toLowerCase(Locale.ROOT);
        if (letters.length() >= SHORTEST) {
            boolean word = Character.isLetterOrDigit(letters.charAt(0));
            all.add(List.of(new Part(letters, word && (opensWord || from > 0))));
        }
        run.setLength(0);
    }

    static int shortest(List<Part> literals) {
        return literals.stream().mapToInt(l -> l.letters().length()).min().orElse(0);
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
    private List<List<Part>> atom(StringBuilder run, boolean opensWord) {
        char c = regex.charAt(at);
        if (c == '(') {
            return group(opensWord);
        }
        if (c == '[') {
            skipClass();
            return List.of();
        }
        if (c == '\\') {
            char e = regex.charAt(at + 1);
            at += 2;
            if (!Character.isLetterOrDigit(e)) {
                run.append(e);
            }
            return List.of();
        }
        at++;
        if (c != '.' && c != '^' && c != '$') {
            run.append(c);
        }
        return List.of();
    }

    private List<List<Part>> group(boolean opensWord) {
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
                return List.of();
            }
            at++;
        }
        List<List<Part>> inside = needed(opensWord);
        next(')');
        return zero ? List.of() : inside;
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
