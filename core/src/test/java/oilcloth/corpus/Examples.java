package oilcloth.corpus;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/** The files of examples that stand beside the tests. */
public final class Examples {
    private Examples() {}

    /** @param path from the root of the class path, such as "/letters.txt" */
    public static String text(String path) {
        try (InputStream in = Examples.class.getResourceAsStream(path)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static final Map<String, List<String>> LINES = new ConcurrentHashMap<>();

    /** Its lines, without blank ones and comments. */
    public static List<String> lines(String path) {
        return LINES.computeIfAbsent(path, p -> text(p).lines()
                .filter(l -> !l.startsWith("#") && !l.isBlank())
                .toList());
    }

    /** The names of its sections, in their order. */
    public static List<String> sections(String path) {
        return lines(path).stream()
                .filter(l -> l.startsWith("["))
                .map(l -> l.substring(1, l.length() - 1))
                .distinct()
                .toList();
    }

    /** The lines under {@code [section]}, wherever it stands again. */
    public static List<String> section(String path, String section) {
        List<String> found = new ArrayList<>();
        boolean inside = false;
        for (String line : lines(path)) {
            if (line.startsWith("[")) {
                inside = line.equals("[" + section + "]");
            } else if (inside) {
                found.add(line);
            }
        }
        return found;
    }

    /** What stands between lines that begin with {@code ===}: the rest of that line, and what follows. */
    public static Stream<String> blocks(String path) {
        return Stream.of(text(path).split("(?m)^=== ")).filter(b -> !b.isBlank());
    }
}
