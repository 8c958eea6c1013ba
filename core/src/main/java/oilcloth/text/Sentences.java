package oilcloth.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/** Cuts a text into lines, and a line of prose into sentences, leaving "tsp." and "1.5" whole. */
public final class Sentences {
    private static final Set<String> ABBREVIATIONS = Set.of(
            "tsp", "tsps", "tbsp", "tbsps", "tbls", "tblsp", "ozs", "gals", "kg", "ml", "doz", "ea", "tbs", "tb", "oz",
            "lb", "lbs", "qt", "qts", "pt", "pts", "pkg", "c", "t", "in", "min", "mins", "hr", "hrs", "ft", "gal",
            "approx", "no", "vs", "elev", "el", "alt", "appx", "sm", "med", "lg", "opt", "acc", "abt", "incl", "esp",
            "avg");

    /** "275 ft. my roommate uses it": behind these somebody begins a sentence, large or small. */
    private static final Set<String> MEASURES =
            Set.of("ft", "in", "min", "mins", "hr", "hrs", "lb", "lbs", "qt", "qts", "pt", "pts", "elev", "el", "alt");

    /** "800 ft. above sea level"; any other small word behind a height begins what comes next. */
    private static final Set<String> OF_A_HEIGHT = Set.of(
            "above",
            "elevation",
            "elev",
            "altitude",
            "alt",
            "up",
            "high",
            "higher",
            "here",
            "and",
            "or",
            "so",
            "in",
            "at",
            "of",
            "to",
            "but",
            "a",
            "asl",
            "where",
            "according",
            "per",
            "by",
            "on",
            "over",
            "below",
            "which",
            "if",
            "is",
            "as",
            "from",
            "long",
            "deep",
            "wide",
            "tall",
            "row",
            "rows",
            "away");

    /** Nor does what they measure begin with one of these. */
    private static final Set<String> STEPS =
            Set.of("reheat", "fill", "ladle", "pour", "wipe", "bring", "strain", "debubble", "lids", "bubbles");

    /** "BWB 25 min. off heat, lid off": what is done when the time is up. */
    private static final Set<String> ENDS_OF_A_TIME = Set.of("off", "out", "lift");

    /** "2 Tbsp / Quart" is a share. */
    private static final Set<String> JARS = Set.of("quart", "quarts", "qt", "pint", "pints", "pt", "jar", "half");

    private static final Set<String> SOMEBODY = Set.of(
            "i", "we", "my", "our", "she", "he", "they", "his", "her", "their", "this", "these", "it's", "i'm",
            "we're");

    /** They stand before a name. */
    private static final Set<String> TITLES = Set.of("mr", "mrs", "ms", "dr", "st");

    private static final Set<String> SPOONS =
            Set.of("c", "t", "tsp", "tsps", "tbsp", "tbsps", "tbs", "tbls", "tblsp", "tb");

    /** How the next sentence of a recipe begins. */
    private static final Set<String> OPENERS = Set.of(
            "what",
            "how",
            "add",
            "altitude",
            "bake",
            "blend",
            "boil",
            "bring",
            "combine",
            "cook",
            "cool",
            "cover",
            "cut",
            "dissolve",
            "drain",
            "elevation",
            "fill",
            "heat",
            "i",
            "if",
            "in",
            "it",
            "ladle",
            "leave",
            "let",
            "makes",
            "mix",
            "my",
            "no",
            "our",
            "pack",
            "peel",
            "place",
            "pour",
            "process",
            "put",
            "rinse",
            "simmer",
            "slice",
            "soak",
            "stir",
            "strain",
            "that",
            "the",
            "then",
            "they",
            "this",
            "to",
            "use",
            "wash",
            "water",
            "we",
            "wipe",
            "you");

    private Sentences() {}

    /** The lines that hold more than white space, trimmed, in order. */
    public static List<Range> lines(String text) {
        List<Range> lines = new ArrayList<>();
        int start = 0;
        for (int i = 0; i <= text.length(); i++) {
            if (i == text.length() || text.charAt(i) == '\n' || text.charAt(i) == '\r' || text.charAt(i) == '\u2028') {
                add(text, start, i, lines);
                start = i + 1;
            }
        }
        return lines;
    }

    /** The sentences of a line, trimmed, in order. */
    public static List<Range> of(String text, Range line) {
        List<Range> sentences = new ArrayList<>();
        boolean slashed =
                hasStroke(text, line) && SLASHED.matcher(line.of(text)).find();
        int start = line.start();
        for (int i = line.start(); i < line.end(); i++) {
            char c = text.charAt(i);
            boolean ends = c == '!' || c == '?' || (c == '.' && endsSentence(text, line, i));
            int leads = slashed && isSlash(text, line, i) ? 1 : leadsOn(text, line, i);
            if (leads > 0) {
                add(text, start, i, sentences);
                start = i + leads;
            } else if (ends) {
                int end = closed(text, line, i + 1);
                add(text, start, end, sentences);
                start = end;
            }
        }
        add(text, start, line.end(), sentences);
        return sentences.stream().flatMap(s -> RunOn.clauses(text, s).stream()).toList();
    }

    /** "Venison chunks/ 14 pts/ raw/ 1/2 t salt/ no liquid": steps with a stroke behind each, three at least. */
    private static final Pattern SLASHED =
            Pattern.compile("(?:(?<!(?:\\b[wW]| ))/ (?=\\S)[^/]*+(?:/(?! )[^/]*+)*+){3}");

    private static boolean hasStroke(String text, Range line) {
        int stroke = text.indexOf('/', line.start());
        return stroke >= 0 && stroke < line.end();
    }

    private static boolean isSlash(String text, Range line, int i) {
        return text.charAt(i) == '/'
                && i > line.start()
                && i + 1 < line.end()
                && text.charAt(i + 1) == ' '
                && text.charAt(i - 1) != ' '
                && !word(text, line, wordStart(text, line, i)).equals("w");
    }

    /** How many signs lead from one step to the next at a place, as in "Peel -> slice", "Fill / Process"; 0 for none. */
    private static int leadsOn(String text, Range line, int i) {
        char c = text.charAt(i);
        int signs = c == '→' || c == '/' ? 1 : (c == '-' || c == '=') && text.startsWith(">", i + 1) ? 2 : 0;
        boolean apart = signs > 0
                && i > line.start()
                && i + signs + 1 < line.end()
                && text.charAt(i - 1) == ' '
                && text.charAt(i + signs) == ' ';
        if (!apart) {
            return 0;
        }
        // "21 lb -> 7 qt" is what comes of it
        char next = text.charAt(i + signs + 1);
        boolean leads = c == '/'
                ? Character.isUpperCase(next) && !JARS.contains(word(text, line, i + signs + 1))
                : Character.isLetter(next);
        return leads ? signs : 0;
    }

    private static int wordStart(String text, Range line, int end) {
        int start = end;
        while (start > line.start() && Character.isLetter(text.charAt(start - 1))) {
            start--;
        }
        return start;
    }

    private static final String CLOSING = "\"”»)";

    private static final String APOSTROPHES = "'’";

    /** Behind the mark that closes what ends there: {@code "Vent it ten." "How long?"}, {@code (I don't.)}. */
    private static int closed(String text, Range line, int end) {
        return end < line.end() && CLOSING.indexOf(text.charAt(end)) >= 0 ? end + 1 : end;
    }

    private static boolean endsSentence(String text, Range line, int dot) {
        int next = dot + 1;
        if (leads(text, line, dot)) {
            return false;
        }
        if (next < line.end() && !Character.isWhitespace(text.charAt(next)) && CLOSING.indexOf(text.charAt(next)) < 0) {
            return false;
        }
        int wordStart = wordStart(text, line, dot);
        if (isInitial(text, line, wordStart, dot) || endsInitials(text, line, dot)) {
            return false;
        }
        String word = text.substring(wordStart, dot).toLowerCase(Locale.ROOT);
        if (TITLES.contains(word)) {
            return false;
        }
        if (word.equals("no") && answers(text, line, wordStart)) {
            return true;
        }
        // "I don't." ends with no teaspoon
        boolean contracted = wordStart > line.start() && APOSTROPHES.indexOf(text.charAt(wordStart - 1)) >= 0;
        if (contracted || !ABBREVIATIONS.contains(word)) {
            // "1." at the start of a line is a numbering, not a sentence
            return !(word.isEmpty() && onlyDigitsBefore(text, line, dot));
        }
        while (next < line.end() && Character.isWhitespace(text.charAt(next))) {
            next++;
        }
        if (next < line.end() && MEASURES.contains(word) && SOMEBODY.contains(word(text, line, next))) {
            return true;
        }
        if (next < line.end() && MEASURES.contains(word) && STEPS.contains(word(text, line, next))) {
            return true;
        }
        if (TIMES.contains(word) && next < line.end() && ENDS_OF_A_TIME.contains(word(text, line, next))) {
            return true;
        }
        if (TIMES.contains(word) && next < line.end() && Character.isDigit(text.charAt(next))) {
            return !isTime(text, line, next);
        }
        if (word.equals("ft") && next < line.end() && Character.isLowerCase(text.charAt(next))) {
            return !OF_A_HEIGHT.contains(word(text, line, next));
        }
        return next < line.end()
                && Character.isUpperCase(text.charAt(next))
                && (!(SPOONS.contains(word) && isMeasured(text, line, wordStart))
                        || opens(word(text, line, next))
                        || endsAmountLast(text, line, wordStart));
    }

    private static final Set<String> TIMES = Set.of("min", "mins", "sec", "hr", "hrs");

    /** "1 hr. 15 min." is one time; in "Vent 10 min. 75 min. at 11 lb." each ends a step. */
    private static boolean isTime(String text, Range line, int figure) {
        int unit = figure;
        while (unit < line.end() && !Character.isLetter(text.charAt(unit))) {
            unit++;
        }
        return word(text, line, unit).startsWith("sec");
    }

    private static final Pattern NAME_AND_FIGURE =
            Pattern.compile("[A-Z][A-Za-z ]{2,40}(\\([^)]*\\))?[,:–-] ?[\\d/½¼¾⅓⅔ -]+");

    /** "Salt, 3 tsp. Black pepper, 1/2 tsp.": each begins with its name. */
    private static boolean endsAmountLast(String text, Range line, int unit) {
        int stop = text.lastIndexOf(". ", unit - 1);
        int begins = stop < line.start() ? line.start() : stop + 2;
        return begins < unit
                && NAME_AND_FIGURE.matcher(text.substring(begins, unit).strip()).matches();
    }

    /** "Vented: no. 20 minutes": an answer, and no number. */
    private static boolean answers(String text, Range line, int start) {
        int before = start - 1;
        while (before > line.start() && Character.isWhitespace(text.charAt(before))) {
            before--;
        }
        return before >= line.start() && ":?=-–—(".indexOf(text.charAt(before)) >= 0;
    }

    /** "D. Quill": a letter written large, before a name. */
    private static boolean isInitial(String text, Range line, int start, int dot) {
        return dot - start == 1
                && Character.isUpperCase(text.charAt(start))
                && (start == line.start() || !Character.isLetterOrDigit(text.charAt(start - 1)))
                && dot + 2 < line.end()
                && Character.isUpperCase(text.charAt(dot + 2))
                && dot + 3 < line.end()
                && Character.isLowerCase(text.charAt(dot + 3));
    }

    /** "B.W. 15 min": letters with dots, and no new sentence behind them. */
    private static boolean endsInitials(String text, Range line, int dot) {
        int next = dot + 1;
        while (next < line.end() && Character.isWhitespace(text.charAt(next))) {
            next++;
        }
        return dot - 3 >= line.start()
                && Character.isLetter(text.charAt(dot - 1))
                && text.charAt(dot - 2) == '.'
                && Character.isLetter(text.charAt(dot - 3))
                && next < line.end()
                && (Character.isDigit(text.charAt(next)) || Character.isLowerCase(text.charAt(next)));
    }

    /** "Sugar ...... 2 cups", "Salt . . . 1 Tbsp": dots that lead to an amount. */
    private static boolean leads(String text, Range line, int dot) {
        int next = dot + 1;
        while (next < line.end() && Character.isWhitespace(text.charAt(next))) {
            next++;
        }
        if (next >= line.end()) {
            return false;
        }
        char after = text.charAt(next);
        boolean run = dot > line.start() && text.charAt(dot - 1) == '.'
                || dot > line.start() + 1 && text.charAt(dot - 1) == ' ' && text.charAt(dot - 2) == '.';
        return after == '.' || run && (Character.isDigit(after) || "½¼¾⅓⅔⅛".indexOf(after) >= 0);
    }

    /** "5 c. Concord grape juice": the name of what is measured may be written large. */
    private static boolean isMeasured(String text, Range line, int unit) {
        int at = unit - 1;
        while (at > line.start() && Character.isWhitespace(text.charAt(at))) {
            at--;
        }
        return at >= line.start() && (Character.isDigit(text.charAt(at)) || "½¼¾⅓⅔⅛".indexOf(text.charAt(at)) >= 0);
    }

    private static boolean opens(String word) {
        return OPENERS.contains(word) || word.endsWith("ed");
    }

    private static String word(String text, Range line, int from) {
        int to = from;
        while (to < line.end() && Character.isLetter(text.charAt(to))) {
            to++;
        }
        return text.substring(from, to).toLowerCase(Locale.ROOT);
    }

    private static boolean onlyDigitsBefore(String text, Range line, int dot) {
        for (int i = line.start(); i < dot; i++) {
            if (!Character.isDigit(text.charAt(i))) {
                return false;
            }
        }
        return dot > line.start();
    }

    private static void add(String text, int from, int to, List<Range> out) {
        int start = from;
        int end = to;
        while (start < end && Character.isWhitespace(text.charAt(start))) {
            start++;
        }
        while (end > start && Character.isWhitespace(text.charAt(end - 1))) {
            end--;
        }
        if (end > start) {
            out.add(new Range(start, end));
        }
    }
}
