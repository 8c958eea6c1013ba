package oilcloth.review;

import java.util.List;
import oilcloth.check.Findings;
import oilcloth.check.Message;
import oilcloth.check.Question;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Method;
import oilcloth.text.Cue;

/** What has to be known of the steps of some recipes: how jars are filled, what is soaked, rinsed, and how much goes in. */
final class StepNeeds {
    private static final Cue HALF_SOLIDS =
            Cue.of("\\bhalf[- ]?(full|way|solids)|\\bhalf\\b[^.]{0,20}\\b(solids|solid|vegetables|with the)");
    /** Boiled for a few minutes they are not soaked through. */
    private static final String COOKED = "\\b(boil(ed)?|simmer(ed)?|cook(ed)?|parboil\\w*)\\b(?! water)"
            + "(?!( them| it)? (for )?(about )?([1-9]|1\\d|two|three|five|ten|fifteen)( ?(to|-) ?\\d+)? ?min)";

    private static final Cue SOAKED =
            Cue.of("\\bsoak\\w*|\\brehydrat\\w*|\\b(beans|pintos|peas|limas|them|these)\\b[^.;]{0,60}" + COOKED + "|"
                    + COOKED + "[^.;]{0,30}\\b(beans|pintos|peas|limas|them)\\b");
    private static final Cue RINSED =
            Cue.of("\\brins\\w*\\b[^.]{0,120}\\b(two more|twice more|three times|3 times|2 more|repeat)");

    private StepNeeds() {}

    static void ask(Subject s, Findings out) {
        fill(s, out);
        lime(s, out);
        soak(s, out);
        okra(s, out);
    }

    /** Soup is tested half solids, half broth. */
    private static void fill(Subject s, Findings out) {
        boolean soup = s.placement().first().map(p -> p.id().startsWith("soup")).orElse(false);
        boolean half = s.said().anywhere(HALF_SOLIDS).isPresent();
        if (soup && !half) {
            out.ask(Needs.plain("ask.soup-fill", Message.of("ask.soup-fill"), List.of("time.short"), null));
        }
    }

    /** Tomatoes with okra or zucchini are tested at about three pounds to one. */
    private static void okra(Subject s, Findings out) {
        if (s.placement()
                .first()
                .filter(p -> p.id().startsWith("tomatoes-okra"))
                .isEmpty()) {
            return;
        }
        double tomatoes = s.produce().cupsByGroup().getOrDefault("tomato", 0.0);
        double vegetable = s.produce().cupsByGroup().values().stream()
                        .mapToDouble(Double::doubleValue)
                        .sum()
                - tomatoes;
        boolean measured =
                s.produce().ingredients().stream().allMatch(i -> i.leastVolume().isPresent());
        // okra is lighter than tomatoes: a pound of it is about four and a half cups, three of tomatoes a little over
        // seven
        if (!measured || vegetable > tomatoes * 0.75) {
            out.ask(Needs.plain("ask.amount", Message.of("ask.amounts"), List.of("ingredient.low-acid-raised"), null));
        }
    }

    /** Lime left in the vegetables takes the acid away: three rinses, each with a soak. */
    private static void lime(Subject s, Findings out) {
        boolean rinsed = s.said().anywhere(RINSED).isPresent();
        s.recipe().ingredients().stream()
                .filter(i -> i.food().name().equals("pickling lime") && !rinsed)
                .findFirst()
                .ifPresent(i -> out.ask(new Question(
                        "ask.lime",
                        Message.of("ask.lime"),
                        List.of("ingredient.lime"),
                        List.of(),
                        List.of(i.range()))));
    }

    /** Dry beans drink up the liquid in the jar: the tested times hold for beans soaked and boiled before. */
    private static void soak(Subject s, Findings out) {
        boolean pressure =
                s.placement().method().filter(m -> m == Method.PRESSURE).isPresent();
        boolean told = s.said().anywhere(SOAKED).isPresent() || out.has("method.prep", Severity.CORRECT);
        s.recipe().ingredients().stream()
                .filter(i -> i.food().name().equals("beans, dry") && pressure && !told)
                .findFirst()
                .ifPresent(i -> out.ask(new Question(
                        "ask.soak", Message.of("ask.soak"), List.of("method.prep"), List.of(), List.of(i.range()))));
    }
}
