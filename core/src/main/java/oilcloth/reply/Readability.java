package oilcloth.reply;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.check.Language;
import oilcloth.text.Range;

/**
 * How hard a letter is to read, as years of school. English: the grade of Flesch and Kincaid (1975), from words to the
 * sentence and syllables to the word. Spanish: the years of Crawford (1984), worked out on Spanish primers, from sentences
 * and syllables to a hundred words. Lines that are no sentences (ingredients, headings, sources) do not count.
 *
 * @param grade years of school, to a tenth; 0 for a text without a sentence
 * @param hardest sentences that pull it up, the hardest first, as half-open UTF-16 ranges of the letter; at most three
 */
public record Readability(double grade, int sentences, int words, List<Range> hardest) {
    /** A canner reads the letter, not a scientist. */
    public static final double AIM = 8;

    private static final int MOST_SHOWN = 3;
    private static final Pattern SENTENCE = Pattern.compile("[^.!?:\\n]*(?:[.:](?=\\d)[^.!?:\\n]*)*[.!?:]+[”\"')\\]]*");
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}½¼¾⅛⅓⅔⅜⅝⅞]+(?:[’'-][\\p{L}\\p{N}]+)*");
    private static final Pattern ENGLISH_VOWELS = Pattern.compile("[aeiouy]+");
    /** The last e that nobody hears, as in "time", "times" and "boiled"; it is heard in "slices" and "heated". */
    private static final Pattern SILENT_E =
            Pattern.compile(".*(?:[^aeiouyl]e|[^aeiouylsxzcg]es|[^aeiouytd]ed|[aeiouy]les?)");
    /** A strong vowel, or one with an accent on a weak one, each begins a syllable; a weak one joins its neighbour. */
    private static final Pattern SPANISH_VOWELS =
            Pattern.compile("[iuü]?[aeoáéó][iuy](?![aeiouáéíóú])|[iuü]?[aeoáéó]|[íú]|[iuü]+");

    private record Counted(Range at, int words, int syllables, double grade) {}

    public Readability {
        hardest = List.copyOf(hardest);
    }

    public static Readability of(String letter, Language language) {
        List<Counted> counted = new ArrayList<>();
        Matcher m = SENTENCE.matcher(letter);
        while (m.find()) {
            int words = 0;
            int syllables = 0;
            Matcher w = WORD.matcher(m.group());
            while (w.find()) {
                words++;
                syllables += syllables(w.group().toLowerCase(Locale.ROOT), language);
            }
            if (words > 0) {
                int start = m.start()
                        + m.group().length()
                        - m.group().stripLeading().length();
                counted.add(
                        new Counted(new Range(start, m.end()), words, syllables, grade(1, words, syllables, language)));
            }
        }
        int words = counted.stream().mapToInt(Counted::words).sum();
        int syllables = counted.stream().mapToInt(Counted::syllables).sum();
        double grade = words == 0 ? 0 : grade(counted.size(), words, syllables, language);
        return new Readability(
                Math.round(grade * 10) / 10.0,
                counted.size(),
                words,
                counted.stream()
                        .filter(c -> c.grade() > AIM)
                        .sorted(Comparator.comparingDouble(Counted::grade).reversed())
                        .limit(MOST_SHOWN)
                        .map(Counted::at)
                        .toList());
    }

    private static double grade(int sentences, int words, int syllables, Language language) {
        double grade = language == Language.ES
                ? -0.205 * 100 * sentences / words + 0.049 * 100 * syllables / words - 3.407
                : 0.39 * words / sentences + 11.8 * syllables / words - 15.59;
        return Math.max(0, grade);
    }

    /** Syllables as they are heard, by the vowels; a figure counts as one. */
    static int syllables(String word, Language language) {
        Matcher vowels = (language == Language.ES ? SPANISH_VOWELS : ENGLISH_VOWELS).matcher(word);
        int found = 0;
        while (vowels.find()) {
            found++;
        }
        if (language == Language.EN && found > 1 && SILENT_E.matcher(word).matches()) {
            found--;
        }
        return Math.max(1, found);
    }
}
