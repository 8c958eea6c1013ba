package oilcloth.guide;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import oilcloth.measure.Amount;
import oilcloth.text.Cue;

/** Builds the guide snapshot from the shipped tables and the office's overlay, and refuses what contradicts itself. */
final class GuideLoader {
    private static final String EDITION = "AIB 539, 2015 revision";

    private final Tables tables;
    private final Map<String, Food> foods = new LinkedHashMap<>();
    private final Map<String, Process> processes = new LinkedHashMap<>();
    private final Map<String, Source> sources = new LinkedHashMap<>();
    private final Lexicon lexicon = new Lexicon();

    GuideLoader(Overlay overlay) {
        this(GuideLoader::resource, overlay);
    }

    /** @param open gives the content of a table by file name */
    GuideLoader(Function<String, String> open, Overlay overlay) {
        tables = new Tables(open, overlay);
    }

    GuideSnapshot load() {
        for (Row r : tables.sources()) {
            sources.put(r.get("id"), new Source(r.get("id"), r.get("title"), r.get("edition"), r.get("place")));
        }
        loadFoods();
        for (Method method : Method.values()) {
            ProcessTables.read(method, tables.processes(method), sources.keySet())
                    .forEach(p -> processes.put(p.key(), p));
        }
        List<TestedRecipe> recipes = new RecipeTables(tables, processes, sources.keySet(), lexicon).read();
        KitchenTables kitchen = new KitchenTables(tables, foods.keySet(), sources.keySet());
        List<PlacingRule> placing = loadPlacing();
        List<AcidRule> acid = loadAcidRules();
        tables.requireKnownReadings();
        return new GuideSnapshot(
                EDITION,
                tables,
                processes,
                recipes,
                placing,
                acid,
                loadLimits(),
                sources,
                loadPractices(),
                foods,
                lexicon,
                kitchen.kitchen(),
                kitchen.thresholds());
    }

    private void loadFoods() {
        List<Row> aliases = tables.rows("food-aliases.csv");
        // Foods of our own come first: the table lists tuna among fish and oysters among clams, the processes tell them
        // apart.
        List<Row> all = new ArrayList<>(tables.rows("foods-extra.csv"));
        all.addAll(tables.rows("foods.csv"));
        for (Row r : all) {
            Food food = new Food(
                    r.get("name"),
                    r.parse("class", FoodClass::ofId),
                    r.parse("acidity_group", a -> Acidity.valueOf(a.toUpperCase(Locale.ROOT))),
                    r.optionalNumber("grams_per_cup"),
                    r.optionalNumber("unit_trimmed_g"),
                    r.optionalNumber("cups_per_medium"),
                    chemistry(r));
            foods.put(food.name(), food);
        }
        // Names written for reading canners' letters come first, so that "peppers" is not ground pepper.
        for (Row r : aliases) {
            Food food = foods.get(r.get("food"));
            if (food == null) {
                throw r.bad("no food " + r.get("food"));
            }
            lexicon.add(r.get("alias"), food);
        }
        for (Row r : all) {
            Food food = foods.get(r.get("name"));
            lexicon.add(food.name(), food);
            int comma = food.name().indexOf(", ");
            if (comma > 0) {
                lexicon.add(food.name().substring(comma + 2) + " " + food.name().substring(0, comma), food);
            }
            Arrays.stream(r.get("aliases").split(";")).forEach(a -> lexicon.add(a, food));
        }
    }

    private static Optional<Chemistry> chemistry(Row r) {
        Chemistry.Species species =
                switch (r.get("acid_species")) {
                    case "acetic" -> Chemistry.Species.ACETIC;
                    case "citric" -> Chemistry.Species.CITRIC;
                    case "ascorbic" -> Chemistry.Species.ASCORBIC;
                    case "lactic" -> Chemistry.Species.LACTIC;
                    case "alkalinity", "base" -> Chemistry.Species.BASE;
                    default -> Chemistry.Species.NONE;
                };
        boolean buffers = !r.get("buf_low").isEmpty() && !r.get("ph_low").isEmpty();
        if (!buffers && species == Chemistry.Species.NONE) {
            return Optional.empty();
        }
        Chemistry.Buffer buffer = buffers
                ? new Chemistry.Buffer(r.number("buf_low"), r.number("buf_mmol_per_kg_per_pH"), r.number("buf_high"))
                : Chemistry.Buffer.NONE;
        // the table gives mol or eq per litre (about a kilogram) or per gram
        double perGram = r.get("acid_molar").isEmpty()
                ? 0
                : r.get("acid_unit").endsWith("/g") ? r.number("acid_molar") * 1000 : r.number("acid_molar");
        return Optional.of(new Chemistry(
                r.optionalNumber("ph_low").orElse(7),
                r.optionalNumber("ph_high").orElse(7),
                buffer,
                Math.abs(perGram),
                species));
    }

    private List<PlacingRule> loadPlacing() {
        List<PlacingRule> rules = new ArrayList<>();
        for (Row r : tables.placing()) {
            Process process = processes.get((r.get("table").equals("pressure") ? Method.PRESSURE : Method.BOILING).id()
                    + ":" + r.get("process"));
            if (process == null) {
                throw r.bad("no process " + r.get("process"));
            }
            Set<String> names = Set.of(r.get("foods").split("\\|"));
            for (String name : names) {
                if (!name.startsWith("@") && !foods.containsKey(name) && !name.contains(" with ")) {
                    throw r.bad("no food " + name);
                }
            }
            rules.add(new PlacingRule(process, names, r.get("form"), r.get("liquid")));
        }
        return rules;
    }

    private List<AcidRule> loadAcidRules() {
        return tables.acid().stream()
                .map(r -> new AcidRule(
                        r.get("food"),
                        r.parse("form", f -> AcidRule.Form.valueOf(f.toUpperCase(Locale.ROOT))),
                        Amount.of(
                                r.number("per_pint"),
                                RecipeTables.unit(r.get("unit")).orElseThrow()),
                        r.get("source"),
                        r.get("proof").isEmpty()
                                ? Proof.UNREAD
                                : Proof.valueOf(r.get("proof").toUpperCase(Locale.ROOT))))
                .toList();
    }

    private Map<String, FamilyLimit> loadLimits() {
        Map<String, FamilyLimit> limits = new LinkedHashMap<>();
        for (Row r : tables.rows("family-limits.csv")) {
            limits.put(
                    r.get("family"),
                    new FamilyLimit(
                            r.get("family"),
                            r.optionalNumber("brine_percent_min"),
                            r.number("low_acid_cups_per_cup_acid_max"),
                            r.number("equivalent_percent_min"),
                            r.number("hydrogen_mmol_per_kg_min"),
                            r.get("source")));
        }
        return limits;
    }

    private List<PracticeRule> loadPractices() {
        List<PracticeRule> rules = new ArrayList<>();
        for (Row r : tables.rows("practices.csv")) {
            if (!sources.containsKey(r.get("source"))) {
                throw r.bad("no source “" + r.get("source") + "”");
            }
            String graver = r.get("graver");
            int space = graver.indexOf(' ');
            rules.add(new PracticeRule(
                    r.get("code"),
                    r.get("acid_food"),
                    r.get("acidified"),
                    r.get("low_acid"),
                    Optional.of(r.get("pressure")).filter(p -> !p.isEmpty()),
                    pattern(r.get("food")),
                    pattern(graver.substring(space + 1))
                            .map(p -> new PracticeRule.Graver(graver.substring(0, space), p)),
                    pattern(r.get("pattern")).orElseThrow(),
                    pattern(r.get("exception")),
                    r.get("title"),
                    r.get("why"),
                    r.get("prevention"),
                    r.get("source"),
                    r.get("wrong"),
                    r.get("right")));
        }
        return rules;
    }

    private static Optional<Cue> pattern(String regex) {
        return regex.isEmpty() ? Optional.empty() : Optional.of(Cue.of(regex));
    }

    private static String resource(String file) {
        try (InputStream in = GuideLoader.class.getResourceAsStream("/oilcloth/guide/" + file)) {
            if (in == null) {
                throw new IllegalStateException("the guide table " + file + " is missing from the application");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
