package oilcloth.reading;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import oilcloth.text.Cue;

/**
 * Patterns of a file: one a line, in lower case, of whole words; {@code {name} = pattern} gives a part of the lines below
 * it a name, those of other parts among them. A line such as {@code [changed]} begins a section.
 */
final class PatternFile {
    private final Map<String, List<String>> sections;

    private PatternFile(Map<String, List<String>> sections) {
        this.sections = sections;
    }

    static PatternFile load(String file) {
        Map<String, String> named = new HashMap<>();
        Map<String, List<String>> sections = new LinkedHashMap<>();
        List<String> section = sections.computeIfAbsent("", k -> new ArrayList<>());
        for (String line : WordList.lines(file)) {
            String[] naming = line.split(" = ", 2);
            if (line.matches("\\[[a-z]+]")) {
                section = sections.computeIfAbsent(line.substring(1, line.length() - 1), k -> new ArrayList<>());
            } else if (naming.length == 2) {
                named.put(naming[0], spelledOut(naming[1], named));
            } else {
                section.add("\\b(?:" + spelledOut(line, named) + ")\\b");
            }
        }
        return new PatternFile(sections);
    }

    private static String spelledOut(String pattern, Map<String, String> named) {
        String whole = pattern;
        for (Map.Entry<String, String> name : named.entrySet()) {
            whole = whole.replace(name.getKey(), name.getValue());
        }
        return whole;
    }

    /** The patterns of a section one by one; the lines before the first section have the empty name. */
    List<Cue> cues(String section) {
        return sections.get(section).stream().map(Cue::of).toList();
    }

    /** All patterns of a section as one. */
    Cue any(String section) {
        return Cue.of(String.join("|", sections.get(section)));
    }
}
