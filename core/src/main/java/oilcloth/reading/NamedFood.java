package oilcloth.reading;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import oilcloth.guide.Lexicon;
import oilcloth.text.Cue;

/** The food that a word of a sentence names, by the words around it; the name of another thing is none. */
final class NamedFood {
    private NamedFood() {}

    static Optional<Lexicon.Match> at(Sentence s, Lexicon lexicon, int i) {
        return isVerb(s, i) || isOnALabel(s, i) || isOfTheShell(s, i) || isInHalves(s, i)
                ? Optional.empty()
                : leaves(s, lexicon, i)
                        .or(() -> bananas(s, lexicon, i))
                        .or(() -> lexicon.at(s.tokens(), i))
                        .map(m -> lexicon.turnedRound(s.tokens(), i, m).orElse(m));
    }

    private static final Set<String> WHO_CANNED = Set.of(
            "i",
            "we",
            "she",
            "he",
            "they",
            "you",
            "pressure",
            "home",
            "have",
            "had",
            "has",
            "also",
            "then",
            "finally",
            "always",
            "never");

    /** "I canned tomatoes": what was done, and not how they were bought. */
    private static boolean isVerb(Sentence s, int i) {
        return s.is(i, "canned")
                && (i == 0 ? !s.isItem() : WHO_CANNED.contains(s.token(i - 1).norm()));
    }

    private static final Cue IN_HALVES =
            Cue.of("half (- )?and (- )?half ?[,:(]? ?(solids?|meat|vegetables|liquid|broth|of (solids?|each))\\b");

    /** "Jars filled half and half, solids and broth": no cream. */
    private static boolean isInHalves(Sentence s, int i) {
        return s.is(i, "half") && s.opensAt(i, 8, IN_HALVES);
    }

    private static final Set<String> BEFORE_A_DATE =
            Set.of("the", "today's", "write", "wrote", "written", "writing", "mark", "marked");

    private static final Set<String> BEHIND_A_DATE = Set.of("on", "in", "of", "each", "and", ",", ".", ";", "!", ")");

    /** "The date on two of them": no fruit. */
    private static boolean isOnALabel(Sentence s, int i) {
        return s.is(i, "date")
                && !s.isItem()
                && i > 0
                && BEFORE_A_DATE.contains(s.token(i - 1).norm())
                && (i + 1 >= s.size() || BEHIND_A_DATE.contains(s.token(i + 1).norm()));
    }

    private static final Cue OF_GREENS = Cue.of("\\bgreens [(:] [^).;:]*$");

    private static final Set<String> HAVE_GREENS =
            Set.of("turnip", "turnips", "mustard", "beet", "beets", "radish", "collard", "kale");

    /** "Greens (turnip and mustard)": the leaves. */
    private static Optional<Lexicon.Match> leaves(Sentence s, Lexicon lexicon, int i) {
        if (!HAVE_GREENS.contains(s.token(i).norm())
                || !s.isBefore(i, 8, OF_GREENS)
                || s.low().contains("root")) {
            return Optional.empty();
        }
        int greens = i - 1;
        while (!s.is(greens, "greens")) {
            greens--;
        }
        return lexicon.at(List.of(s.token(i), s.token(greens)), 0).map(m -> new Lexicon.Match(m.food(), 1));
    }

    private static final Cue OF_PEPPERS = Cue.of("\\bpeppers? [(:,] ?((hot|sweet|mild|yellow|mostly|the|i used) )*$");

    /** "Hot peppers (yellow banana)": no fruit. */
    private static Optional<Lexicon.Match> bananas(Sentence s, Lexicon lexicon, int i) {
        if (!(s.is(i, "banana") || s.is(i, "bananas")) || !s.isBefore(i, 6, OF_PEPPERS)) {
            return Optional.empty();
        }
        int peppers = i - 1;
        while (!s.token(peppers).norm().startsWith("pepper")) {
            peppers--;
        }
        return lexicon.at(List.of(s.token(i), s.token(peppers)), 0).map(m -> new Lexicon.Match(m.food(), 1));
    }

    private static final Pattern SHELLFISH =
            Pattern.compile("(?i)\\b(oysters?|clams?|crabs?)\\b(?! (mushroom|apple|sauce))");

    /** "Opened them, meats washed in salt water": of the oysters. */
    private static boolean isOfTheShell(Sentence s, int i) {
        return s.is(i, "meats") && s.wholeHas(SHELLFISH);
    }
}
