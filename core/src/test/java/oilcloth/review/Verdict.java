package oilcloth.review;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import oilcloth.corpus.Examples;

/** A marked letter: its call, and the codes of every danger and correction that must be found in it. */
record Verdict(Call call, Set<String> must, String text) {
    static List<Verdict> all() {
        return Examples.blocks("/oilcloth/reading/marked-letters.txt")
                .map(Verdict::of)
                .toList();
    }

    private static Verdict of(String block) {
        int line = block.indexOf('\n');
        String[] head = block.substring(0, line).split("\\|");
        Set<String> must = head.length < 2 ? Set.of() : Set.of(head[1].strip().split("\\s+"));
        return new Verdict(
                Call.valueOf(head[0].strip().toUpperCase(Locale.ROOT)),
                must,
                block.substring(line + 1).strip());
    }
}
