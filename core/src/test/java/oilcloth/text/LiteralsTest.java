package oilcloth.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One pass tells for every literal what searching for each of them tells. */
class LiteralsTest {
    @Test
    void whatStandsInATextIsFoundAndNothingElse() {
        Random random = new Random(11);
        Literals literals = new Literals();
        List<Literals.Literal> all = IntStream.range(0, 600)
                .mapToObj(n -> literals.literal(letters(random, 2 + random.nextInt(5)), false))
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
    void whatOpensAWordIsNotFoundWithinOne() {
        Literals literals = new Literals();
        Literals.Literal lid = literals.literal("lid", true);
        assertThat(literals.in("the lids").mayHold(lid)).isTrue();
        assertThat(literals.in("(lid on)").mayHold(lid)).isTrue();
        assertThat(literals.in("solid").mayHold(lid)).isFalse();
        assertThat(literals.in("élid").mayHold(lid)).isFalse();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "\\b(my )?lids?; lid; true",
                "\\b(re-?)?use; use; false",
                "\\bs?he lids; he lids; false",
                "\\w+ lids; lids; true",
                "un ?lid; lid; false",
                "\\b(hot|the) lids; lids; true"
            })
    void whereAPatternCanOnlyBeginAWord(String regex, String letters, boolean opens) {
        assertThat(new RegexLiterals(regex).needed().stream().flatMap(List::stream))
                .filteredOn(p -> p.letters().equals(letters) || letters.endsWith(p.letters()))
                .extracting(RegexLiterals.Part::opensWord)
                .contains(opens);
    }

    @Test
    void aCueIsPossibleWhereOneOfItsLiteralsStands() {
        Literals literals = new Literals();
        int lids = literals.newCues(List.of(
                needs(List.of(literals.literal("lid", false), literals.literal("cover", false))),
                needs(List.of(literals.literal("wax", false)))));
        int wax = lids + 1;
        Literals.Present present = literals.in("cover with melted paraffin");
        assertThat(present.mayMatch(lids)).isTrue();
        assertThat(present.mayMatch(wax)).isFalse();
        assertThat(present.mayMatch(literals.newCues(List.of(needs(List.of(literals.literal("oven", false)))))))
                .as("made since: possible")
                .isTrue();
    }

    @Test
    void aCueThatNeedsTwoIsPossibleWhereBothStand() {
        Literals literals = new Literals();
        Literals.Literal jar = literals.literal("jar", false);
        int both = literals.newCues(List.of(
                new Literals.Needs(
                        List.of(jar), List.of(literals.literal("oven", false), literals.literal("sun", false))),
                new Literals.Needs(List.of(), List.of(jar))));
        assertThat(literals.in("jars in the sun").mayMatch(both)).isTrue();
        assertThat(literals.in("jars in the shade").mayMatch(both)).isFalse();
        assertThat(literals.in("in the sun").mayMatch(both)).isFalse();
        assertThat(literals.in("in the sun").next(both, both + 2)).isEqualTo(both + 2);
        assertThat(literals.in("a jar").next(both, both + 2)).isEqualTo(both + 1);
    }

    private static Literals.Needs needs(List<Literals.Literal> one) {
        return new Literals.Needs(one, List.of());
    }

    @Test
    void ofARowOfCuesThosePossibleAreToldOneByOne() {
        Random random = new Random(12);
        Literals literals = new Literals();
        List<String> needed = IntStream.range(0, 300)
                .mapToObj(n -> n % 90 == 7 ? "" : letters(random, 2 + random.nextInt(3)))
                .toList();
        int first = literals.newCues(needed.stream()
                .map(n -> needs(n.isEmpty() ? List.of() : List.of(literals.literal(n, false))))
                .toList());
        String text = letters(random, 40);
        Literals.Present present = literals.in(text);
        literals.newCues(List.of(needs(List.of(literals.literal("made since", false)))));
        int end = first + needed.size();
        List<Integer> told = new ArrayList<>();
        for (int n = present.next(first, end + 1); n <= end; n = present.next(n + 1, end + 1)) {
            told.add(n - first);
        }
        assertThat(told)
                .isEqualTo(IntStream.rangeClosed(0, needed.size())
                        .filter(n -> n == needed.size() || text.contains(needed.get(n)))
                        .boxed()
                        .toList())
                .hasSizeBetween(6, 200);
        assertThat(present.next(first + 8, first + 8)).isEqualTo(first + 8);
    }

    @Test
    void whatIsMadeAmongTheTextsIsSoonToldExactly() {
        Literals literals = new Literals();
        Literals.Literal lid = literals.literal("lid", true);
        literals.in("a lid");
        for (String more : List.of("rim", "band", "wax")) {
            literals.literal(more, false);
            Literals.Present first = literals.in("solid wax");
            assertThat(first.mayHold(lid)).isFalse();
            assertThat(first.mayHold(literals.literal("wax", false))).isTrue();
        }
        Literals.Literal oven = literals.literal("oven", true);
        List<Boolean> told = IntStream.range(0, 100)
                .mapToObj(n -> literals.in("woven cloth").mayHold(oven))
                .toList();
        assertThat(told).endsWith(false, false, false);
    }

    private static String letters(Random random, int length) {
        StringBuilder b = new StringBuilder();
        for (int i = 0; i < length; i++) {
            b.append("abcd é".charAt(random.nextInt(6)));
        }
        return b.toString();
    }
}
