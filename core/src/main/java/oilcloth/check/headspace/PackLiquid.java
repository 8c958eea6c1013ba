package oilcloth.check.headspace;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.Process;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.Fact;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** What covers the food in the jar. */
public final class PackLiquid implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "pack.liquid",
            "A covering liquid that was not tested",
            "The heat moves through the liquid. Thicker or fattier ones carry it more slowly.",
            "Guide 4");

    /** "Raw pints with a little water". */
    private static final Cue WITH_WATER = Cue.of(
            "\\b(jars?|pints?|quarts?|half[- ]pints?|raw|packed)( jars?)?,? (with|and) (a |an |the |some |little |bit |splash |half |cup |of |hot |boiling |warm |salted |tablespoons? )*(water|broth|stock|brine|tomato juice)\\b(?! ?-?bath)(?! in the canner)|(?<!\\b(no|without|any|never|of) )(?<!\\b(no|without|any) (hot|more|extra) )\\b(hot |boiling )?(water|broth|stock) (is |was |gets |got )?(added|poured (over|in|on)|to cover|over (the (meat|fish|pieces|chicken|chunks|top of the meat)|to the top))\\b|\\bwith (hot |boiling |chicken |beef |some |salted |plain )*(broth|stock|water|brine) (to cover|over|on top|poured)\\b");

    private static final Set<FoodClass> MEATS = Set.of(FoodClass.MEAT, FoodClass.SEAFOOD);

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        boolean vegetable = s.kind() == FoodKind.LOW_ACID
                && s.placement().recipe().isEmpty()
                && s.placement().family().equals("pieces")
                && s.produce().foods().stream().noneMatch(MEATS::contains);
        boolean meat = s.produce()
                .main()
                .filter(f -> f.kind() == FoodClass.MEAT || f.kind() == FoodClass.SEAFOOD)
                .isPresent();
        boolean tomato =
                s.produce().main().filter(f -> f.kind() == FoodClass.TOMATO).isPresent()
                        && s.kind() == FoodKind.BORDERLINE;
        if (meat) {
            rawMeat(s, out);
            return;
        }
        if (!s.placement().isPlaced() || !(vegetable || tomato)) {
            return;
        }
        Set<String> tested = tomato ? Set.of("water", "juice", "none") : Set.of("water", "none");
        List<Fact<String>> other = s.facts().liquids().stream()
                .filter(l -> !tested.contains(l.value()))
                .toList();
        List<Ingredient> broth = s.placement().unlisted().stream()
                .filter(i -> isLiquid(i.food()))
                .toList();
        if (other.isEmpty() && broth.isEmpty()) {
            return;
        }
        Finding.Builder finding = Finding.of(INFO.code(), "liquid", Severity.CORRECT, s.citePlaced(INFO))
                .word(
                        "liquid",
                        other.isEmpty()
                                ? broth.get(0).food().name()
                                : other.get(0).value());
        other.stream().limit(1).forEach(finding::at);
        broth.forEach(i -> finding.at(i.range()));
        out.add(finding.fix());
    }

    /** Raw meat, poultry and fish give their own juice: the guide has them packed raw without any liquid. */
    private static void rawMeat(Subject s, Findings out) {
        boolean raw = s.placement()
                .first()
                .map(Process::id)
                .filter(id -> id.endsWith("-raw") && !id.startsWith("tuna"))
                .isPresent();
        Optional<Fact<String>> liquid = s.facts().liquids().stream()
                .filter(l -> !l.value().equals("none"))
                .findFirst();
        Optional<Range> water = s.said().anywhere(WITH_WATER);
        if (raw && (liquid.isPresent() || water.isPresent())) {
            Finding.Builder finding = Finding.of(INFO.code(), "raw-meat", Severity.CORRECT, s.cite("Guide 5"))
                    .at(liquid);
            water.filter(r -> liquid.isEmpty()).ifPresent(finding::at);
            out.add(finding.fix());
        }
    }

    /** Judged here and not as something added. */
    public static boolean isLiquid(Food food) {
        return food.name().equals("broth") || food.isFruitJuice() || food.name().equals("tomato juice");
    }
}
