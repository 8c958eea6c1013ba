package oilcloth.reading;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;

/**
 * Sifts {@link EverydayWords} out of WordNet 3.1, as part of the build: the words of which no sense is a thing, a food, a
 * plant, an animal, a shape, a matter, or something that hands do. The words of its licence stand at the head of the list, as
 * it asks.
 */
public final class WordSieve {
    private static final String FOLDER = "/net/sf/extjwnl/data/wordnet/wn31/";

    /** Its files of words and senses. */
    private static final List<String> PARTS_OF_SPEECH = List.of("noun", "verb", "adj", "adv");

    /**
     * Numbers of its files of senses by subject: adjectives made of names (1) and adverbs (2); nouns of qualities (7), thought
     * (9), speech (10), events (11), feelings (12), groups (14), places (15), motives (16), people (18), natural phenomena (19),
     * belongings (21), relations (24), states (26), time (28); verbs of thought (31), speech (32), contest (33), feeling (37),
     * the senses (39), having (40), dealing with others (41), weather (43).
     */
    private static final Set<Integer> HARMLESS =
            Set.of(1, 2, 7, 9, 10, 11, 12, 14, 15, 16, 18, 19, 21, 24, 26, 28, 31, 32, 33, 37, 39, 40, 41, 43);

    private static final Pattern WORD = Pattern.compile("[a-z]{4,}");

    private WordSieve() {}

    /**
     * Writes the list.
     *
     * @param args the file to write
     */
    public static void main(String[] args) throws IOException {
        Set<String> harmless = new TreeSet<>();
        Set<String> others = new HashSet<>();
        List<String> licence = new ArrayList<>();
        for (String part : PARTS_OF_SPEECH) {
            Map<String, Integer> subjects = subjects(part, licence);
            for (String line : lines("index." + part)) {
                String[] fields = line.strip().split(" ");
                if (line.startsWith(" ") || !WORD.matcher(fields[0]).matches()) {
                    continue;
                }
                int senses = Integer.parseInt(fields[2]);
                boolean all = true;
                for (int i = fields.length - senses; i < fields.length; i++) {
                    all &= HARMLESS.contains(subjects.get(fields[i]));
                }
                (all ? harmless : others).add(fields[0]);
            }
        }
        harmless.removeAll(others);
        Path file = Path.of(args[0]);
        Files.createDirectories(file.getParent());
        try (PrintWriter out = new PrintWriter(Files.newBufferedWriter(file))) {
            licence.forEach(l -> out.println("# " + l.strip()));
            harmless.forEach(out::println);
        }
    }

    /** The subject of each sense, by its place in the file; and the licence from its head. */
    private static Map<String, Integer> subjects(String part, List<String> licence) throws IOException {
        Map<String, Integer> subjects = new HashMap<>();
        boolean told = !licence.isEmpty();
        for (String line : lines("data." + part)) {
            if (line.startsWith(" ")) {
                if (!told) {
                    licence.add(line.strip().replaceFirst("^\\d+ ?", ""));
                }
            } else {
                String[] fields = line.split(" ", 3);
                subjects.put(fields[0], Integer.valueOf(fields[1]));
            }
        }
        return subjects;
    }

    private static List<String> lines(String file) throws IOException {
        try (BufferedReader in = new BufferedReader(
                new InputStreamReader(WordSieve.class.getResourceAsStream(FOLDER + file), StandardCharsets.UTF_8))) {
            return in.lines().toList();
        }
    }
}
