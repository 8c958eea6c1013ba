package oilcloth.lookup;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import oilcloth.lookup.CounterQuestion.Choice;
import oilcloth.lookup.CounterQuestion.What;
import oilcloth.measure.JarSize;
import oilcloth.measure.Minutes;
import oilcloth.reading.Spoken;

/** Finds what the figures still depend on: only that is asked back. */
final class CounterQuestions {
    /** Where the table's word is not what is said aloud. */
    private static final Map<String, String> LABELS = Map.of(
            "pieces", "whole or in pieces",
            "none", "nothing added",
            "juice", "tomato juice",
            "powdered-pectin", "powdered pectin",
            "liquid-pectin", "liquid pectin");
    /** Where the table's word would not be heard as meant. */
    private static final Map<String, String> WORDS = Map.of(
            "none",
            "no liquid",
            "juice",
            "in juice",
            "water",
            "in water",
            "ground",
            "ground meat",
            "pieces",
            "whole pieces");

    private final List<Answer> answers;
    private final Map<String, Candidate> candidates;
    private final Spoken q;

    CounterQuestions(List<Answer> answers, List<Candidate> candidates, Spoken q) {
        this.answers = answers;
        this.candidates = candidates.stream()
                .collect(Collectors.toMap(c -> c.process().key(), c -> c, (a, b) -> a, LinkedHashMap::new));
        this.q = q;
    }

    List<CounterQuestion> all() {
        List<CounterQuestion> ask = new ArrayList<>();
        if (differ(answers)) {
            Map<What, Function<Answer, String>> sides = new LinkedHashMap<>();
            sides.put(What.FORM, a -> String.join("/", candidate(a).forms()));
            sides.put(What.LIQUID, a -> String.join("/", candidate(a).liquids()));
            sides.put(What.PACK, a -> a.process().pack().id());
            boolean recipes = candidates.values().stream().anyMatch(c -> !c.isPlain());
            for (Map.Entry<What, Function<Answer, String>> side : sides.entrySet()) {
                boolean packAlone = side.getKey() == What.PACK;
                if ((!recipes || packAlone) && depends(side.getValue(), sides)) {
                    ask.add(new CounterQuestion(side.getKey(), choices(side.getValue()), between()));
                }
            }
            if (ask.isEmpty()) {
                ask.add(new CounterQuestion(What.RECIPE, titles(), between()));
            }
        }
        if (q.jar().isEmpty() && jarsDiffer()) {
            ask.add(new CounterQuestion(What.JAR, jars(), between()));
        }
        boolean altitudeMatters = answers.stream()
                .anyMatch(a -> a.isPressure() || !a.row().least().equals(a.row().most()));
        if (q.altitude().isEmpty() && altitudeMatters) {
            ask.add(new CounterQuestion(What.ALTITUDE, List.of(), span()));
        }
        return ask;
    }

    private Candidate candidate(Answer a) {
        return candidates.get(a.process().key());
    }

    /** Whether two processes in the same jar give different figures. */
    private static boolean differ(List<Answer> some) {
        Map<JarSize, Set<String>> byJar = new LinkedHashMap<>();
        some.forEach(a ->
                byJar.computeIfAbsent(a.asked(), k -> new LinkedHashSet<>()).add(a.figures()));
        return byJar.values().stream().anyMatch(f -> f.size() > 1);
    }

    /** Whether figures change with this side while all other sides stay, or the side alone tells the figures apart. */
    private boolean depends(Function<Answer, String> side, Map<What, Function<Answer, String>> sides) {
        if (answers.stream().map(side).distinct().count() < 2) {
            return false;
        }
        Map<String, List<Answer>> rest = answers.stream().collect(Collectors.groupingBy(a -> sides.values().stream()
                .filter(f -> f != side)
                .map(f -> f.apply(a))
                .collect(Collectors.joining("|"))));
        boolean alone = rest.values().stream().anyMatch(CounterQuestions::differ);
        boolean nothingElse = sides.values().stream()
                .filter(f -> f != side)
                .allMatch(f -> answers.stream().map(f).distinct().count() < 2 || side == sides.get(What.FORM));
        return alone || nothingElse;
    }

    private List<Choice> choices(Function<Answer, String> side) {
        return answers.stream()
                .map(side)
                .filter(s -> !s.isEmpty())
                .distinct()
                .map(s -> new Choice(LABELS.getOrDefault(s, s), WORDS.getOrDefault(s, s.replace('-', ' '))))
                .toList();
    }

    private List<Choice> titles() {
        return candidates.values().stream()
                .map(c -> new Choice(
                        c.recipe().map(r -> r.name()).orElse(c.process().title()),
                        c.process().id()))
                .distinct()
                .toList();
    }

    private boolean jarsDiffer() {
        Map<String, Set<String>> byProcess = new LinkedHashMap<>();
        answers.forEach(a -> byProcess
                .computeIfAbsent(a.process().key(), k -> new LinkedHashSet<>())
                .add(a.figures()));
        return byProcess.values().stream().anyMatch(f -> f.size() > 1);
    }

    private List<Choice> jars() {
        return answers.stream()
                .map(Answer::asked)
                .distinct()
                .sorted()
                .map(j -> new Choice(j.label(), j.id()))
                .toList();
    }

    private String between() {
        List<Integer> minutes = answers.stream()
                .map(Answer::minutes)
                .flatMap(Optional::stream)
                .map(Minutes::value)
                .sorted()
                .distinct()
                .toList();
        return minutes.size() < 2 ? "" : minutes.get(0) + " and " + minutes.get(minutes.size() - 1) + " minutes";
    }

    private String span() {
        if (answers.stream().anyMatch(Answer::isPressure)) {
            return "";
        }
        int least =
                answers.stream().mapToInt(a -> a.row().least().value()).min().orElse(0);
        int most = answers.stream().mapToInt(a -> a.row().most().value()).max().orElse(0);
        return least + " and " + most + " minutes";
    }
}
