package oilcloth.check.ingredient;

import java.util.Optional;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Finding;
import oilcloth.check.Findings;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.recipe.Ingredient;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** Kind and order of pectin. */
public final class PectinUse implements Check {
    private static final CheckInfo INFO = new CheckInfo(
            "ingredient.pectin",
            "Pectin swapped, or added in the wrong order",
            "Powdered pectin goes into the cold fruit before the sugar, liquid pectin in after it. They do not stand in for each other.",
            "Guide 7");

    private static final Cue SWAPPED =
            Cue.of("\\b(liquid|powder(ed)?)( pectin)? (instead of|in place of|for) (the )?(powder(ed)?|liquid)\\b");
    private static final Cue SUGAR_FIRST = Cue.of(
            "\\b(fruit|berries|juice|peaches|apricots|plums|it|all)\\b[^.;\\n]{0,30}\\bsugar\\b[^.;\\n]{0,40}(boil|heat)\\w*[^\\n]{0,60}\\b(then|stir in|add|whisk in)\\b[^.;\\n]{0,24}\\bpectin\\b|\\b(boil|heat)\\w*\\b[^.;\\n]{0,30}\\bsugar\\b[^.;\\n]{0,40}\\bthen\\b[^.;\\n]{0,30}\\bpectin\\b|\\bpectin (in )?(at the (very )?end|last)\\b|\\badd (the )?pectin (last|after the sugar)\\b|\\bpectin\\b[^.;\\n]{0,20}\\bafter (the )?sugar\\b");
    private static final Cue PECTIN_FIRST = Cue.of(
            "\\bpectin\\b[^.;\\n]{0,40}(boil|heat)\\w*[^\\n]{0,40}\\b(then|add|stir in)\\b[^.;\\n]{0,16}\\bsugar\\b|\\bpectin\\b[^.;\\n]{0,20}\\bbefore (the )?sugar\\b");

    @Override
    public CheckInfo info() {
        return INFO;
    }

    @Override
    public void look(Subject s, Findings out) {
        Optional<Range> swapped = s.said().anywhere(SWAPPED);
        if (swapped.isPresent()) {
            add(s, out, swapped.get(), "swapped");
            return;
        }
        for (Ingredient i : s.recipe().inJar()) {
            String name = Preserve.isPectin(i) ? i.food().name() : "";
            if (name.equals("pectin, regular powdered")) {
                s.said().anywhere(SUGAR_FIRST).ifPresent(r -> add(s, out, r, "order"));
            } else if (name.equals("pectin, liquid")) {
                s.said().anywhere(PECTIN_FIRST).ifPresent(r -> add(s, out, r, "order"));
            } else if (name.startsWith("pectin, calcium")
                    && s.recipe().inJar().stream()
                            .noneMatch(c -> c.food().name().equals("calcium water"))) {
                add(s, out, i.range(), "calcium");
            }
        }
    }

    private static void add(Subject s, Findings out, Range at, String variant) {
        out.add(Finding.of(INFO.code(), variant, Severity.CAUTION, s.citePlaced(INFO))
                .at(at)
                .fix());
    }
}
