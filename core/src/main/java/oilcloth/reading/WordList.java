package oilcloth.reading;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Words of a file, in their base forms. */
final class WordList {
    private static final String[] ENDINGS = {"ed", "ing", "s", "es", "d"};

    private final Set<String> words;

    private WordList(Set<String> words) {
        this.words = words;
    }

    static WordList load(String file) {
        Set<String> all = new HashSet<>();
        sections(file).values().forEach(l -> all.addAll(l.words));
        return new WordList(Set.copyOf(all));
    }

    /** The lists of a file that is divided by lines such as {@code [about]}. */
    static Map<String, WordList> sections(String file) {
        Map<String, Set<String>> read = new HashMap<>();
        String section = "";
        for (String line : lines(file)) {
            if (line.startsWith("[")) {
                section = line.substring(1, line.indexOf(']'));
            } else {
                read.computeIfAbsent(section, k -> new HashSet<>()).addAll(List.of(line.split("\\s+")));
            }
        }
        Map<String, WordList> lists = new HashMap<>();
        read.forEach((name, words) -> lists.put(name, new WordList(Set.copyOf(words))));
        return lists;
    }

    /** What stands in a file beside the blank lines and those that begin with {@code #}. */
    static List<String> lines(String file) {
        try (InputStream in = WordList.class.getResourceAsStream("/oilcloth/reading/" + file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .map(String::strip)
                    .filter(l -> !l.isEmpty() && !l.startsWith("#"))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Whether it stands in the list just so. */
    boolean has(String word) {
        return words.contains(word);
    }

    /** Whether it stands in the list, itself or as the base of "-ed", "-ing", "-s". */
    boolean hasForm(String word) {
        if (words.contains(word)) {
            return true;
        }
        for (String ending : ENDINGS) {
            if (word.endsWith(ending) && word.length() > ending.length() + 1) {
                String stem = word.substring(0, word.length() - ending.length());
                boolean doubled = stem.length() > 2 && stem.charAt(stem.length() - 1) == stem.charAt(stem.length() - 2);
                if (words.contains(stem)
                        || words.contains(stem + "e")
                        || doubled && words.contains(stem.substring(0, stem.length() - 1))
                        || stem.endsWith("i") && words.contains(stem.substring(0, stem.length() - 1) + "y")) {
                    return true;
                }
            }
        }
        return false;
    }
}
