package oilcloth.lookup;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oilcloth.guide.Food;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Lexicon;
import oilcloth.guide.PlacingRule;
import oilcloth.guide.Process;
import oilcloth.guide.TestedRecipe;
import oilcloth.reading.Spoken;
import oilcloth.text.Range;
import oilcloth.text.Token;
import oilcloth.text.Tokens;

/** A process with everything it can be asked for by. */
final class Candidate {

    private final Process process;
    private final List<PlacingRule> rules;
    private final Optional<TestedRecipe> recipe;
    private final Set<Food> named;
    private final Set<String> words = new HashSet<>();

    private Candidate(Process process, List<PlacingRule> rules, Optional<TestedRecipe> recipe, GuideSnapshot guide) {
        this.process = process;
        this.rules = rules;
        this.recipe = recipe;
        String name = process.food() + " " + recipe.map(TestedRecipe::name).orElse("");
        this.named = foodsIn(name, guide);
        if (process.id().startsWith("bread-and-butter")) {
            words.add(Spoken.BREAD_AND_BUTTER);
        }
        for (Token token :
                tokens(name + " " + process.style() + " " + process.id().replace('-', ' '))) {
            words.add(Lexicon.stem(token.norm()));
        }
    }

    static List<Candidate> all(GuideSnapshot guide) {
        List<Candidate> all = new ArrayList<>();
        for (Process process : guide.processes()) {
            List<PlacingRule> rules = guide.placing().stream()
                    .filter(r -> r.process().equals(process))
                    .toList();
            Optional<TestedRecipe> recipe = rules.isEmpty()
                    ? guide.recipes().stream()
                            .filter(r -> r.method() == process.method()
                                    && r.processes().contains(process.id()))
                            .findFirst()
                    : Optional.empty();
            all.add(new Candidate(process, rules, recipe, guide));
        }
        return all;
    }

    Process process() {
        return process;
    }

    Optional<TestedRecipe> recipe() {
        return recipe;
    }

    /** A plain pack of one food, whatever its proportions; the others hold for one tested recipe. */
    boolean isPlain() {
        return !rules.isEmpty();
    }

    Set<String> forms() {
        Set<String> forms = new LinkedHashSet<>();
        rules.forEach(r -> forms.add(r.form()));
        recipe.ifPresent(r -> forms.add(r.form()));
        return forms;
    }

    Set<String> liquids() {
        Set<String> liquids = new LinkedHashSet<>();
        rules.stream().map(PlacingRule::liquid).filter(l -> !l.isEmpty()).forEach(liquids::add);
        return liquids;
    }

    boolean takes(Food food) {
        boolean byRule = rules.stream().anyMatch(r -> r.takes(food));
        return byRule
                || process.food().equals(food.name())
                || ((rules.isEmpty() || isMixture()) && named.stream().anyMatch(f -> isSame(f, food)));
    }

    /** Tomatoes with okra or zucchini: no process for the one without the other. */
    boolean isMixture() {
        return rules.stream().flatMap(r -> r.foods().stream()).anyMatch(f -> f.contains(" with "));
    }

    /** Told apart from its like by what it leaves out: meat, sugar. */
    boolean isWithout() {
        return process.id().contains("-no-");
    }

    /** Whether its recipe has this food among its vegetables and fruits. */
    boolean uses(Food food) {
        return recipe.stream()
                .flatMap(r -> r.ingredients().stream())
                .filter(i -> i.role().equals("vegetable") || i.role().equals("fruit"))
                .flatMap(i -> i.foods().stream().limit(2))
                .anyMatch(f -> isSame(f, food));
    }

    private static boolean isSame(Food mine, Food asked) {
        return mine.group().equals(asked.group());
    }

    /** How many other foods its name has that were not asked for. */
    long beyond(Collection<Food> asked) {
        if (asked.stream().allMatch(f -> rules.stream().anyMatch(r -> r.takes(f)))) {
            return 0;
        }
        return named.stream()
                .filter(f -> f.kind().isProduce())
                .map(Food::group)
                .distinct()
                .filter(g -> asked.stream().noneMatch(a -> a.group().equals(g)))
                .count();
    }

    long matching(Collection<String> stems) {
        return stems.stream().filter(words::contains).count();
    }

    private static Set<Food> foodsIn(String name, GuideSnapshot guide) {
        List<Token> tokens = tokens(name);
        Set<Food> foods = new LinkedHashSet<>();
        for (int i = 0; i < tokens.size(); i++) {
            Optional<Lexicon.Match> match = guide.lexicon().at(tokens, i);
            if (match.isPresent()) {
                foods.add(match.get().food());
                i += match.get().length() - 1;
            }
        }
        return foods;
    }

    private static List<Token> tokens(String words) {
        return Tokens.of(words, new Range(0, words.length()));
    }
}
