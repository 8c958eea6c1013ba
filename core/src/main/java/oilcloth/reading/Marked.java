package oilcloth.reading;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import oilcloth.guide.GuideSnapshot;
import oilcloth.text.Range;
import oilcloth.text.Sentences;

/**
 * A sentence of a letter as an educator marked it.
 *
 * @param matters whether it takes "sound" from a recipe that would have it
 */
record Marked(String text, boolean matters) {

    /** Single remarks, under headings such as {@code [matters beans]}: the mark, and the recipe the tests try it behind. */
    static List<Marked> remarks() {
        List<Marked> marked = new ArrayList<>();
        boolean matters = false;
        for (String line : WordList.lines("marked-remarks.txt")) {
            if (line.startsWith("[")) {
                matters = line.startsWith("[matters");
            } else {
                marked.add(new Marked(line, matters));
            }
        }
        return marked;
    }

    /** The sentences of the letters whose call is "sound", under {@code === sound}: none of them matters. */
    static List<Marked> letters() {
        List<Marked> marked = new ArrayList<>();
        boolean sound = false;
        for (String line : WordList.lines("marked-letters.txt")) {
            if (line.startsWith("===")) {
                sound = line.equals("=== sound");
            } else if (sound) {
                for (Range sentence : Sentences.of(line, new Range(0, line.length()))) {
                    marked.add(new Marked(sentence.of(line), false));
                }
            }
        }
        return marked;
    }

    /** Steps told rightly, in many ways; the lines that begin with {@code @} name the step. */
    static List<Marked> steps() {
        return WordList.lines("marked-steps.txt").stream()
                .filter(l -> !l.startsWith("@"))
                .map(l -> new Marked(l, false))
                .toList();
    }

    /** The steps of the tested recipes, as a bulletin tells them and as the canner does: "I combine the vinegar …". */
    static List<Marked> tested() {
        return GuideSnapshot.shipped().recipes().stream()
                .flatMap(r -> r.steps().stream())
                .flatMap(step ->
                        Sentences.of(step, new Range(0, step.length())).stream().map(sentence -> sentence.of(step)))
                .flatMap(told -> Stream.of(told, "I " + Character.toLowerCase(told.charAt(0)) + told.substring(1)))
                .map(told -> new Marked(told, false))
                .toList();
    }

    /** All that is marked, each wording once. */
    static List<Marked> all() {
        Map<String, Marked> all = new LinkedHashMap<>();
        Stream.of(remarks(), letters(), steps(), tested())
                .flatMap(List::stream)
                .forEach(m -> all.putIfAbsent(m.text(), m));
        return List.copyOf(all.values());
    }
}
