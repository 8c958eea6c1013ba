package oilcloth.reading;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import oilcloth.text.Cue;
import oilcloth.text.Token;

/**
 * A figure in a clause every word of which is known, and that tells nothing but the time in the canner or its pressure: "it was
 * twenty minutes", "held it at that for 20 minutes", "kept it at 11 all along". The clauses are those of
 * {@code plain-tellings.txt}.
 */
final class PlainTelling {
    private static final PatternFile PATTERNS = PatternFile.load("plain-tellings.txt");
    private static final Cue TIME = PATTERNS.any("time");
    private static final Cue PRESSURE = PATTERNS.any("pressure");

    /** Stands for the figure in the patterns. */
    private static final String FIGURE = "0";

    private static final Set<String> BREAKS = Set.of(",", ";", ":", ".", "(", ")", "–", "—", "-", "!", "…");
    private static final Set<String> JOINS = Set.of("and", "then", "so");

    /** Before a clause that does not open its sentence. */
    private static final Cue OF_THE_CANNER = Cue.of(
            "\\b(pounds?|lbs?|psi|dial|gauge|weight|weighted|jiggler|pressure|canner|vent\\w*|steam\\w*|lids?|bands?|rims?|bath)\\b|\\d ?#");

    /** Then it was no longer processed. */
    private static final Cue IS_OVER =
            Cue.of("\\b(zero|0|off|down|natural\\w*|cool\\w*|drop\\w*|fell|nothing|gone|itself|own)\\b");

    /** What may stand behind the clause in its sentence. */
    private static final Cue ENDS_IT = Cue.of(
            "((then|and|i|we|just|finally|,) )*(turned|shut|cut|switched|took|off|heat|burner|cool\\w*|waited|natural\\w*|lifted|removed|let (it|the \\w+|them) (come|cool|drop|go|fall|sit|stand|rest))\\b");

    /** Tokens; longer clauses tell more than one thing. */
    private static final int REACH = 24;

    private PlainTelling() {}

    /**
     * Whether a time is told so; all its clause is then accounted for.
     *
     * @param to the token behind the time's unit
     */
    static boolean time(Sentence s, int from, int to) {
        return claimed(TIME, s, from, to);
    }

    /**
     * Whether a pressure is told so; all its clause is then accounted for.
     *
     * @param to the token behind the figure, or behind its unit
     */
    static boolean pressure(Sentence s, int from, int to) {
        return claimed(PRESSURE, s, from, to);
    }

    /** Letters of what was told before. */
    private static final int BEFORE = 80;

    private static final Cue ENDED = Cue.of(
            "\\b((heat|burner|stove|fire|gas|flame|it|canner|that|her)( was| is)?|turned|shut|cut|switched) off\\b|\\boff (the )?(heat|burner|stove)\\b|\\blet (it|her|them|the (canner|pressure))( just)? (cool|come down|go down|drop|fall|down|depressuri[sz]e)|\\b(cooled|cooling|zero|came down|naturally|depressuri[sz]\\w+)\\b");

    /** "Heat off. It was twenty minutes.": how long it took to cool. */
    static boolean isOver(Sentence s) {
        int start = s.range().start();
        return ENDED.in(s.whole().substring(Math.max(0, start - BEFORE), start).toLowerCase(Locale.ROOT));
    }

    private static boolean claimed(Cue tellings, Sentence s, int from, int to) {
        List<Integer> ends = IntStream.rangeClosed(to, Math.min(s.size(), to + REACH))
                .filter(e -> mayEnd(s, e))
                .boxed()
                .toList();
        for (int b = Math.max(0, from - REACH); b <= from; b++) {
            for (int e : mayBegin(s, b) ? ends : List.<Integer>of()) {
                if (tellings.is(clause(s, b, from, to, e))) {
                    s.claim(from, to);
                    account(s, b, e);
                    return true;
                }
            }
        }
        return false;
    }

    /** Jars and other figures that it names are read yet. */
    private static void account(Sentence s, int begin, int end) {
        for (int k = begin; k < end; k++) {
            Optional<JarMentions.Found> jar = JarMentions.at(s, k);
            if (jar.isPresent()) {
                k = jar.get().next() - 1;
            } else if (Numbers.at(s.tokens(), k).isEmpty()) {
                s.claim(k, k + 1);
            }
        }
        if (begin == 0 && end + 1 >= s.size()) {
            s.setPlain();
        }
    }

    private static String clause(Sentence s, int begin, int from, int to, int end) {
        String clause = words(s, begin, from) + FIGURE + " " + words(s, to, end);
        return clause.replace("( ", "").replace(") ", "").stripTrailing();
    }

    private static String words(Sentence s, int from, int to) {
        return s.around(from, 0, to - from);
    }

    private static boolean mayBegin(Sentence s, int begin) {
        if (begin == 0) {
            return true;
        }
        Token before = s.token(begin - 1);
        return (BREAKS.contains(before.norm()) && !before.is(":") || JOINS.contains(before.norm()))
                && OF_THE_CANNER.in(words(s, 0, begin))
                && !IS_OVER.in(words(s, 0, begin));
    }

    private static boolean mayEnd(Sentence s, int end) {
        if (end == s.size()) {
            return true;
        }
        String sign = s.token(end).norm();
        boolean last = end + 1 == s.size() && !s.token(end).isWord() && !sign.equals("?");
        return last
                || (BREAKS.contains(sign) || JOINS.contains(sign))
                        && ENDS_IT.opens(words(s, sign.equals(",") || !JOINS.contains(sign) ? end + 1 : end, s.size()));
    }
}
