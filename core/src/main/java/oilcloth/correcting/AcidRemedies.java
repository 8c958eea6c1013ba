package oilcloth.correcting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oilcloth.acidity.Brine;
import oilcloth.acidity.Proportions;
import oilcloth.arithmetic.Measured;
import oilcloth.check.Finding;
import oilcloth.check.Message;
import oilcloth.check.Subject;
import oilcloth.guide.AcidRule;
import oilcloth.guide.Acidity;
import oilcloth.guide.FamilyLimit;
import oilcloth.guide.Food;
import oilcloth.guide.FoodClass;
import oilcloth.guide.Threshold;
import oilcloth.measure.Amount;
import oilcloth.measure.Fractions;
import oilcloth.measure.JarSize;
import oilcloth.measure.Unit;
import oilcloth.measure.Volume;
import oilcloth.recipe.Edit;
import oilcloth.recipe.Follow;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** More acid, or less of what the acid has to carry. */
final class AcidRemedies {
    /** Vinegar beyond this many times what the canner has is another dish. */
    private static final double MOST_VINEGAR = 8;

    private AcidRemedies() {}

    /** The tested forms of acid for this food, into each jar. */
    static List<Remedy> perJar(Subject s) {
        JarSize jar = s.jars().stream()
                .findFirst()
                .or(() -> s.strictest().map(p -> p.rows().firstKey()))
                .orElse(JarSize.PINT);
        return s.acidRules().stream()
                .map(rule -> {
                    Food acid = s.guide().food(food(rule.form()));
                    return new Remedy(
                            List.of(new Edit.AddAcidPerJar(acid, rule.perJar(jar), jar)),
                            switch (rule.form()) {
                                case LEMON -> 1.5;
                                case CITRIC -> 1.6;
                                case VINEGAR -> 2.5;
                            },
                            new Message("price.acid." + rule.form().id(), Map.of()));
                })
                .toList();
    }

    private static String food(AcidRule.Form form) {
        return switch (form) {
            case LEMON -> "lemon juice, bottled";
            case CITRIC -> "citric acid";
            case VINEGAR -> "vinegar, white 5%";
        };
    }

    static List<Remedy> bottled(Subject s, Finding f) {
        List<Remedy> remedies = bottled(s, f.evidence());
        boolean perJar = !s.acidRules().isEmpty() && s.placement().recipe().isEmpty();
        return perJar ? perJar(s) : remedies;
    }

    static List<Remedy> bottled(Subject s, List<Range> at) {
        List<Edit> edits = new ArrayList<>();
        for (Ingredient i : s.recipe().acids()) {
            if (at.contains(i.range()) && i.food().isCitrusJuice() && i.amount().isPresent()) {
                String fruit = i.food().name().startsWith("lime") ? "lime" : "lemon";
                boolean spoons = i.amount().get().unit().kind() == Unit.Kind.VOLUME;
                // three lemons become as much bottled juice as they would have given
                Optional<Amount> amount = spoons
                        ? i.amount()
                        : i.mostVolume().map(v -> Measured.as(Amount.of(v.cups(), Unit.CUP), "acid"));
                amount.ifPresent(a ->
                        edits.add(new Edit.SetIngredient(i.range(), s.guide().food(fruit + " juice, bottled"), a)));
            }
        }
        return edits.isEmpty() ? List.of() : List.of(new Remedy(edits, 0.7, Message.of("price.acid.lemon")));
    }

    /** Raise the vinegar, or hold back vegetables. */
    static List<Remedy> ratio(Subject s) {
        double acid;
        double solids;
        double most;
        Optional<Proportions> p = s.placement().recipe().map(t -> Proportions.of(s.recipe(), t, s.guide()));
        if (p.isPresent()) {
            acid = p.get().acidStatedCups();
            solids = p.get().solids().most();
            most = p.get().testedSolids() / p.get().acidTestedCups();
            if (p.get().testedAllSolids() > 0) {
                double all = p.get().allSolids().most()
                        / (p.get().testedAllSolids() / p.get().acidTestedCups());
                solids = Math.max(solids, all * most);
            }
        } else {
            acid = s.recipe().acids().stream()
                    .filter(i -> i.perJar().isEmpty())
                    .mapToDouble(i -> i.leastVolume().map(Volume::cups).orElse(0.0))
                    .sum();
            solids = s.produce().ingredients().stream()
                    .filter(i -> i.food().acidity() == Acidity.LOW)
                    .mapToDouble(i -> i.mostVolume().map(Volume::cups).orElse(0.0))
                    .sum();
            most = s.guide()
                    .limit(s.placement().family())
                    .or(() -> s.guide().limit("pickle"))
                    .map(FamilyLimit::lowAcidCupsPerCupAcidMax)
                    .orElse(0.0);
        }
        if (most <= 0 || solids <= 0) {
            return List.of();
        }
        return acid <= 0 ? added(s, solids / most) : changed(s, solids / most / acid);
    }

    private static List<Remedy> added(Subject s, double cups) {
        Food vinegar = s.guide().food("vinegar, white 5%");
        Amount amount = Measured.as(Amount.of(cups, Unit.CUP), "acid");
        return List.of(new Remedy(
                List.of(new Edit.AddIngredient(vinegar, amount)),
                3,
                new Message("price.vinegar", Map.of("more", amount.toString()))));
    }

    /** @param factor more vinegar for the same vegetables */
    private static List<Remedy> changed(Subject s, double factor) {
        List<Remedy> remedies = new ArrayList<>();
        raise(s, factor).ifPresent(remedies::add);
        holdBack(s, 1 / factor).ifPresent(remedies::add);
        return remedies;
    }

    private static Optional<Remedy> raise(Subject s, double factor) {
        Optional<Ingredient> first = s.recipe().acids().stream()
                .filter(i -> i.amount().isPresent() && i.perJar().isEmpty())
                .findFirst();
        if (first.isEmpty() || factor > MOST_VINEGAR) {
            return Optional.empty();
        }
        Ingredient acid = first.get();
        Amount now = acid.amount().orElseThrow();
        double rest = s.recipe().acids().stream()
                .filter(i -> i != acid && i.perJar().isEmpty())
                .mapToDouble(i -> i.leastVolume().map(Volume::cups).orElse(0.0))
                .sum();
        double mine = acid.leastVolume().map(Volume::cups).orElse(0.0);
        double own = mine <= 0 ? factor : ((mine + rest) * factor - rest) / mine;
        // a range is measured by its lower end
        Amount then = Measured.as(Amount.of(now.low() * own, now.unit()), "acid");
        Amount more =
                new Amount(Math.max(0, then.low() - now.low()), Math.max(0, then.low() - now.low()), now.unit(), true);
        return Optional.of(new Remedy(
                List.of(new Edit.SetIngredient(acid.range(), acid.food(), then)),
                2 + Math.log(Math.max(1, factor)),
                new Message("price.vinegar", Map.of("more", more.toString()))));
    }

    /** All low-acid vegetables in proportion, so that the taste stays. */
    private static Optional<Remedy> holdBack(Subject s, double factor) {
        List<Edit> edits = new ArrayList<>();
        double lost = 0;
        for (Ingredient i : s.produce().ingredients()) {
            boolean counts = i.food().acidity() != Acidity.HIGH
                    && i.amount().isPresent()
                    && i.perJar().isEmpty();
            if (counts) {
                Amount then = Measured.as(i.amount().get().times(factor), "vegetable");
                edits.add(new Edit.SetIngredient(i.range(), i.food(), then));
                lost += i.mostVolume().map(Volume::cups).orElse(0.0) * (1 - factor);
            }
        }
        return edits.isEmpty()
                ? Optional.empty()
                : Optional.of(new Remedy(
                        edits,
                        2 + 6 * (1 - factor),
                        new Message("price.held-back", Map.of("cups", Fractions.format(Math.round(lost * 4) / 4.0)))));
    }

    /** The one vegetable that is too much: back to its share, or the acid up to carry it. */
    static List<Remedy> raised(Subject s, Finding f) {
        Object stated = f.figures().get("statedCups");
        Object tested = f.figures().get("testedCups");
        if (!(stated instanceof Double have) || !(tested instanceof Double may) || may <= 0) {
            return List.of();
        }
        List<Remedy> remedies = new ArrayList<>();
        List<Edit> edits = new ArrayList<>();
        for (Ingredient i : s.recipe().ingredients()) {
            if (f.evidence().contains(i.range()) && i.amount().isPresent()) {
                Amount then = Measured.as(i.amount().get().times(may / have), "vegetable");
                edits.add(new Edit.SetIngredient(i.range(), i.food(), then));
            }
        }
        if (!edits.isEmpty()) {
            remedies.add(new Remedy(
                    edits,
                    1.5 + 3 * (1 - may / have),
                    new Message(
                            "price.held-back", Map.of("cups", Fractions.format(Math.round((have - may) * 4) / 4.0)))));
        }
        raise(s, have / may).ifPresent(remedies::add);
        return remedies;
    }

    /** Less water, or more vinegar with it. */
    static List<Remedy> brine(Subject s, Finding f) {
        double required = s.placement()
                .recipe()
                .flatMap(Brine::of)
                .map(Brine::percent)
                .orElse(s.guide().figure(Threshold.BRINE_LEAST));
        Optional<Brine> mine = Brine.of(s.recipe());
        List<Remedy> remedies = new ArrayList<>();
        if (mine.isEmpty()) {
            return remedies;
        }
        List<Ingredient> waters = s.recipe().inJar().stream()
                .filter(i -> i.food().kind() == FoodClass.WATER && i.amount().isPresent())
                .toList();
        double vinegarCups = mine.get().vinegar().cups();
        double waterCups = mine.get().water().cups();
        double waterMost = Math.max(0, vinegarCups * (Brine.VINEGAR_PERCENT / required - 1));
        if (waters.size() == 1 && waterCups > 0) {
            Ingredient w = waters.get(0);
            Amount then = Measured.as(w.amount().orElseThrow().times(waterMost / waterCups), "water");
            Edit edit = waterMost < 0.05
                    ? new Edit.Remove(w.range(), w.food())
                    : new Edit.SetIngredient(w.range(), w.food(), then);
            remedies.add(new Remedy(
                    List.of(edit),
                    1.5 + (waterCups - waterMost) / (waterCups + vinegarCups) * 4,
                    Message.of("price.less-brine")));
        }
        if (required < Brine.VINEGAR_PERCENT) {
            double vinegarLeast = waterCups * required / (Brine.VINEGAR_PERCENT - required);
            raise(s, vinegarLeast / Math.max(0.01, vinegarCups)).ifPresent(remedies::add);
        }
        return remedies;
    }

    /** A strength below five per cent, wherever it stands. */
    private static final Cue WEAK =
            Cue.of("\\(?\\b[1-4](\\.\\d+)?\\s?(%|per ?cent)( (acidity|acid|strength))?\\)?|\\b[1-4]0 grain\\b");

    static List<Remedy> strength(Subject s) {
        List<Edit> edits = new ArrayList<>();
        for (Ingredient i : s.recipe().acids()) {
            if (i.food().isVinegar() && i.amount().isPresent()) {
                edits.add(new Edit.SetIngredient(
                        i.range(),
                        s.guide().food("vinegar, white 5%"),
                        i.amount().get()));
            }
        }
        Optional<Range> weak = s.said().anywhere(WEAK);
        while (weak.isPresent()) {
            edits.add(new Edit.LeaveOff(weak.get()));
            weak = s.said().after(WEAK, weak.get().end() + 1);
        }
        edits.add(new Follow(Follow.Step.VINEGAR_PERCENT, "5"));
        return List.of(new Remedy(edits, 0.8, Message.of("price.five-percent")));
    }
}
