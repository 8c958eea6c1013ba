package oilcloth.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Reads the part of the regular expression language that the patterns use; what it does not know it skips. */
final class RegexLiterals {
    /** Shorter ones stand in every sentence. */
    private static final int SHORTEST = 2;

    private final String regex;
    private int at;

    RegexLiterals(String regex) {
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
        return Character.isLetterOrDigit(c) || c == ' ' || c == '\'' || c == '-' || c == '#' || c == '"' || c == ',';
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
