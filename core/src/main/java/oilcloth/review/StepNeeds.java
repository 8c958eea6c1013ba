package oilcloth.review;

import java.util.List;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import oilcloth.check.Findings;
import oilcloth.check.Message;
import oilcloth.check.Question;
import oilcloth.check.Severity;
import oilcloth.check.Subject;
import oilcloth.guide.Method;
import oilcloth.guide.Pack;
import oilcloth.guide.TestedRecipe;
import oilcloth.guide.Threshold;
import oilcloth.placing.FoodKind;
import oilcloth.recipe.Fact;
import oilcloth.recipe.Preparation;
import oilcloth.text.Cue;
import oilcloth.text.Range;

/** What has to be known of the steps of some recipes: how jars are filled, what is soaked, rinsed, and how much goes in. */
final class StepNeeds {
    private static final Cue HALF_SOLIDS =
            Cue.of("\\bhalf[- ]?(full|way|solids)|\\bhalf\\b[^.]{0,20}\\b(solids|solid|vegetables|with the)");
    private static final Cue SOAKED = Cue.of(
            "(?<!\\b(not|never|without|no|n't|weren't|didn't) )\\bsoak\\w*|\\brehydrat\\w*|\\boff (the )?heat\\b[^.;]{0,30}\\bhours?\\b|\\b(stand|stood)\\b[^.;]{0,24}\\b(hours?|overnight)\\b|\\b(cover\\w*|water|in|under)\\b[^.;]{0,16}\\bwater\\b[^.;]{0,16}\\bovernight\\b|\\b(sit|sat|set|rest|rested)( for)? (an|one|1|two|2) (full )?hours?\\b(?=[^.;]{0,16}\\b(drain|rins)\\w*)");

    private static final String BEANS = "\\b(beans|pintos|peas|limas|lentils|garbanzos|chickpeas)\\b";

    /** Said of the beans; the meat of a soup is cooked tender as well. */
    private static final Cue COOKED_SOFT = Cue.of(BEANS
            + "[^.;]{0,60}\\b(boil|simmer|cook)\\w*\\b[^.;]{0,30}\\b(tender|soft|done|an hour)\\b(?<!half an hour)|\\b(boil|simmer|cook)\\w*\\b[^.;]{0,20}"
            + BEANS + "[^.;]{0,30}\\b(tender|soft|done|an hour)\\b(?<!half an hour)");

    private static final Cue BOILED_LONG = Cue.of(
            "\\b(boil|simmer|cook)\\w*\\b[^.;]{0,30}\\b(thirty|30|half an hour)\\b|\\b(boil|simmer|cook)\\w*\\b[^.;]{0,70}\\bfor (thirty|30|half an hour)\\b");

    /** Minutes dry beans are boiled before they are filled. */
    private static final double BEANS_BOILED = 30;

    private static final Cue RINSED = Cue.of(
            "\\brins\\w*\\b[^.]{0,120}\\b(two more|twice more|three times|3 times|2 more|repeat)|\\brins\\w*\\b[^.]{0,120}\\bagain\\b[^.]{0,40}\\bagain\\b|\\b(three|3) (soaks|rinses|rinsings)\\b");

    /** A soak after the lime of less than the hour. */
    private static final Cue RINSED_SHORT = Cue.of(
            "\\b(fresh|cold|clean|clear)( cold| clean| fresh)* water\\b[^.;]{0,40}\\b(\\d{1,2}|five|ten|fifteen|twenty|thirty|forty|forty[- ]five|half an hour|a few|few|couple of)( ?min\\w*)?\\b(?<=min|mins|minute|minutes|hour)");

    private StepNeeds() {}

    static void ask(Subject s, Findings out) {
        fill(s, out);
        lime(s, out);
        soak(s, out);
        okra(s, out);
        unheated(s, out);
        ferment(s, out);
        stretched(s, out);
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
        boolean rinsed = s.said().anywhere(RINSED).isPresent()
                && s.said().anywhere(RINSED_SHORT).isEmpty();
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

    /** "Packed half full and topped with water". */
    private static final Cue TOPPED = Cue.of(
            "\\b((top|topped|topping|finish|finished)\\b( (it|them|each|the (jars?|rest)))?( up| off| out)?|(fill|filled|made|make)( (it|them|each|the (jars?|rest)))? (up|out)) with (plain |hot |boiling |cold |tap |a little |some )*water\\b|\\bwater ((in|into|to|over) (each|every|the)|per|a) (hot )?(jar|pint|quart)s?\\b");

    /** Water in a jar of pickles beside the brine makes it weaker than its strength tells. */
    private static void stretched(Subject s, Findings out) {
        boolean brined = s.placement().recipe().isPresent() && s.kind() == FoodKind.PICKLE;
        s.said()
                .anywhere(TOPPED)
                .filter(r -> brined)
                .ifPresent(r -> out.ask(new Question(
                        "ask.water", Message.of("ask.water"), List.of("acid.brine-weak"), List.of(), List.of(r))));
    }

    private static final Pattern DEGREES =
            Pattern.compile("(?i)\\b(\\d{2,3})(?: ?(?:to|-|–) ?(\\d{2,3}))? ?(?:°|º|degrees|deg|f\\b)");

    private static final Cue FERMENTED_OUT = Cue.of("\\b(bubbl\\w+|done|finished|fully|complete\\w*|weeks|months?)\\b");

    /** Degrees Fahrenheit; above it food is cooked, and no room is meant. */
    private static final double HOTTEST_ROOM = 120;

    /** Acid grows with the weeks: a ferment cut short, or kept too cold or too warm, may have little of it. */
    private static void ferment(Subject s, Findings out) {
        if (s.placement().recipe().filter(TestedRecipe::isFermented).isEmpty()) {
            return;
        }
        s.said()
                .anywhere(SALT_CUT)
                .ifPresent(r -> out.ask(new Question(
                        "ask.amount",
                        Message.of("ask.amounts"),
                        List.of("ingredient.salt-cut"),
                        List.of(),
                        List.of(r))));
        OptionalDouble days = s.facts().prepared().stream()
                .map(Fact::value)
                .filter(p -> p.kind() == Preparation.Kind.STOOD)
                .mapToDouble(Preparation::figure)
                .max();
        List<Double> rooms = DEGREES.matcher(s.recipe().text())
                .results()
                .flatMap(m -> Stream.of(m.group(1), m.group(2)))
                .filter(Objects::nonNull)
                .map(Double::valueOf)
                .filter(f -> f <= HOTTEST_ROOM)
                .toList();
        boolean cool = rooms.stream().anyMatch(f -> f < s.guide().figure(Threshold.FERMENT_COOL));
        double least = s.guide().figure(cool ? Threshold.FERMENT_COOL_LEAST : Threshold.FERMENT_LEAST);
        boolean told = days.isPresent()
                ? days.getAsDouble() >= least
                : s.said().anywhere(FERMENTED_OUT).isPresent();
        if (!told) {
            ask(out, "ask.ferment-time");
        }
        double coldest = s.guide().figure(Threshold.FERMENT_COLDEST);
        double warmest = s.guide().figure(Threshold.FERMENT_WARMEST);
        if (rooms.stream().anyMatch(f -> f < coldest || f > warmest)) {
            ask(out, "ask.ferment-heat");
        }
    }

    /** In a ferment the salt is what keeps the wrong bacteria down. */
    private static final Cue SALT_CUT = Cue.of(
            "\\b(cut|cuts|cutting|halved?|reduced?|skimp(ed)?|skip(ped)?|less|half|without|no|low|light on|easy on)\\b[^.;]{0,14}\\bsalt\\b|\\bsalt\\b[^.;]{0,16}\\b(in half|by half|left out|reduced)\\b");

    private static void ask(Findings out, String code) {
        out.ask(Needs.plain(code, Message.of(code), List.of("acid.ferment-unproven"), null));
    }

    /** Said not to be boiled or blanched, where the tested steps may have it so. */
    private static void unheated(Subject s, Findings out) {
        boolean hot = s.placement().open().stream().allMatch(p -> p.pack() == Pack.HOT);
        Stream<Range> unheated = s.facts().prepared().stream()
                .filter(f -> f.value().kind() == Preparation.Kind.UNHEATED)
                .flatMap(f -> f.range().stream())
                .filter(r -> hot || r.of(s.recipe().text()).contains("blanch"));
        // "fill raw" beside "pack hot": a raw pack alone is a finding
        Stream<Range> raw = s.facts().packs().stream()
                .filter(f -> hot && f.value() == Pack.RAW && !out.has("pack.raw", Severity.CORRECT))
                .flatMap(f -> f.range().stream());
        Stream.concat(unheated, raw)
                .filter(r -> !out.has("method.prep", Severity.CORRECT))
                .findFirst()
                .ifPresent(r -> out.ask(new Question(
                        "ask.unheated",
                        Message.of("ask.unheated"),
                        List.of("method.prep", "pack.raw"),
                        List.of(),
                        List.of(r))));
    }

    /** Dry beans drink up the liquid in the jar: the tested times hold for beans soaked and boiled before. */
    private static void soak(Subject s, Findings out) {
        boolean pressure =
                s.placement().method().filter(m -> m == Method.PRESSURE).isPresent();
        boolean tender = s.said().anywhere(COOKED_SOFT).isPresent();
        boolean boiled = tender
                || s.said().anywhere(BOILED_LONG).isPresent()
                || s.facts().prepared().stream()
                        .map(Fact::value)
                        .anyMatch(p -> p.kind() == Preparation.Kind.HEATED && p.figure() >= BEANS_BOILED);
        boolean boils = s.placement()
                        .first()
                        .filter(p -> p.id().startsWith("beans-dry"))
                        .isPresent()
                || s.placement()
                        .recipe()
                        .filter(r -> r.steps().stream().anyMatch(step -> step.startsWith("Soak beans")))
                        .isPresent();
        boolean soaked = s.said().anywhere(SOAKED).isPresent();
        boolean told = (boils ? soaked && boiled : soaked || tender) || out.has("method.prep", Severity.CORRECT);
        s.recipe().ingredients().stream()
                .filter(i -> i.food().name().equals("beans, dry") && pressure && !told)
                .findFirst()
                .ifPresent(i -> out.ask(new Question(
                        "ask.soak", Message.of("ask.soak"), List.of("method.prep"), List.of(), List.of(i.range()))));
    }
}
