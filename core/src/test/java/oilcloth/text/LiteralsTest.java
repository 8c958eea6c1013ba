package oilcloth.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** One pass tells for every literal what searching for each of them tells. */
class LiteralsTest {
    @Test
    void whatStandsInATextIsFoundAndNothingElse() {
        Random random = new Random(11);
        Literals literals = new Literals();
        List<Literals.Literal> all = IntStream.range(0, 600)
                .mapToObj(n -> literals.literal(letters(random, 2 + random.nextInt(5))))
                .distinct()
                .toList();
        for (int n = 0; n < 400; n++) {
            String text = letters(random, random.nextInt(60));
            Literals.Present present = literals.in(text);
            for (Literals.Literal literal : all) {
                assertThat(present.mayHold(literal))
                        .as(literal.letters() + " in " + text)
                        .isEqualTo(text.contains(literal.letters()));
            }
        }
    }

    @Test
    void aCueIsPossibleWhereOneOfItsLiteralsStands() {
        Literals literals = new Literals();
        int lids = literals.newCue(List.of(literals.literal("lid"), literals.literal("cover")));
        int wax = literals.newCue(List.of(literals.literal("wax")));
        Literals.Present present = literals.in("cover with melted paraffin");
        assertThat(present.mayMatch(lids)).isTrue();
        assertThat(present.mayMatch(wax)).isFalse();
        assertThat(present.mayMatch(literals.newCue(List.of(literals.literal("oven")))))
                .as("made since: possible")
                .isTrue();
    }

    private static String letters(Random random, int length) {
        StringBuilder b = new StringBuilder();
        for (int i = 0; i < length; i++) {
            b.append("abcd é".charAt(random.nextInt(6)));
        }
        return b.toString();
    }
}
