package oilcloth.guide;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.regex.Pattern;
import oilcloth.measure.Amount;
import oilcloth.measure.Headspace;
import oilcloth.measure.JarSize;
import oilcloth.measure.Unit;
import oilcloth.text.Range;
import oilcloth.text.Tokens;
import org.apache.commons.csv.CSVRecord;

/** Builds the guide snapshot from its tables, and refuses a table that contradicts itself. */
final class GuideLoader {
    private static final String EDITION = "AIB 539, 2015 revision";
    private static final List<String> FILES = List.of(
            "sources.csv",
            "foods.csv",
            "foods-extra.csv",
            "food-aliases.csv",
            "processes-boiling.csv",
            "processes-pressure.csv",
            "tested-recipes.csv",
            "tested-recipe-ingredients.csv",
            "tested-recipe-steps.csv",
            "placing.csv",
            "acid-per-jar.csv",
            "family-limits.csv",
            "practices.csv");

    private final Map<String, String> content = new LinkedHashMap<>();
    private final Map<String, Food> foods = new LinkedHashMap<>();
    private final Map<String, Process> processes = new LinkedHashMap<>();
    private final Map<String, Source> sources = new LinkedHashMap<>();
    private final Lexicon lexicon = new Lexicon();

    GuideLoader() {
        this(GuideLoader::resource);
    }

    /** @param open gives the content of a table by file name */
    GuideLoader(Function<String, String> open) {
        FILES.forEach(f -> content.put(f, open.apply(f)));
    }

    GuideSnapshot load() {
        rows("sources.csv")
                .forEach(r -> sources.put(
                        r.get("id"), new Source(r.get("id"), r.get("title"), r.get("edition"), r.get("place"))));
        loadFoods();
        loadProcesses("processes-boiling.csv", Method.BOILING);
        loadProcesses("processes-pressure.csv", Method.PRESSURE);
        List<TestedRecipe> recipes = loadRecipes();
        return new GuideSnapshot(
                EDITION,
                hash(),
                processes,
                recipes,
                loadPlacing(),
                loadAcidRules(),
                loadLimits(),
                sources,
                loadPractices(),
                foods,
                lexicon);
    }

    private void loadFoods() {
        List<CSVRecord> aliases = rows("food-aliases.csv");
        // Foods of our own come first: the table lists tuna among fish and oysters among clams, the processes tell them
        // apart.
        List<CSVRecord> all = new ArrayList<>(rows("foods-extra.csv"));
        all.addAll(rows("foods.csv"));
        for (CSVRecord r : all) {
            Food food = new Food(
                    r.get("name"),
                    FoodClass.ofId(r.get("class")),
                    Acidity.valueOf(r.get("acidity_group").toUpperCase(java.util.Locale.ROOT)),
                    number(r, "grams_per_cup"),
                    number(r, "unit_trimmed_g"),
                    number(r, "cups_per_medium"));
            foods.put(food.name(), food);
        }
        // Names written for reading canners' letters come first, so that "peppers" is not ground pepper.
        for (CSVRecord r : aliases) {
            Food food = foods.get(r.get("food"));
            if (food == null) {
                throw new Csv.BadRow("food-aliases.csv", r, "no food " + r.get("food"));
            }
            lexicon.add(r.get("alias"), food);
        }
        for (CSVRecord r : all) {
            Food food = foods.get(r.get("name"));
            lexicon.add(food.name(), food);
            int comma = food.name().indexOf(", ");
            if (comma > 0) {
                lexicon.add(food.name().substring(comma + 2) + " " + food.name().substring(0, comma), food);
            }
            Arrays.stream(r.get("aliases").split(";")).forEach(a -> lexicon.add(a, food));
        }
    }

    private void loadProcesses(String file, Method method) {
        Map<String, SortedMap<JarSize, ProcessRow>> rows = new LinkedHashMap<>();
        Map<String, CSVRecord> first = new LinkedHashMap<>();
        for (CSVRecord r : rows(file)) {
            String id = r.get("id");
            first.putIfAbsent(id, r);
            JarSize jar =
                    JarSize.ofId(r.get("jar")).orElseThrow(() -> new Csv.BadRow(file, r, "no jar " + r.get("jar")));
            requireSource(file, r);
            ProcessRow row = method == Method.BOILING ? boilingRow(file, r, jar) : pressureRow(r, jar);
            if (rows.computeIfAbsent(id, k -> new TreeMap<>()).put(jar, row) != null) {
                throw new Csv.BadRow(file, r, "two rows for " + id + " in " + jar.id());
            }
        }
        rows.forEach((id, byJar) -> {
            CSVRecord r = first.get(id);
            Process process = new Process(
                    method,
                    id,
                    r.get("food"),
                    r.get("style"),
                    Pack.valueOf(r.get("pack").toUpperCase(java.util.Locale.ROOT)),
                    byJar);
            processes.put(process.key(), process);
        });
    }

    private static ProcessRow boilingRow(String file, CSVRecord r, JarSize jar) {
        List<Integer> minutes = List.of(
                integer(r, "t_0_1000"), integer(r, "t_1001_3000"), integer(r, "t_3001_6000"), integer(r, "t_6001_up"));
        for (int i = 1; i < minutes.size(); i++) {
            if (minutes.get(i) < minutes.get(i - 1)) {
                throw new Csv.BadRow(file, r, "the time falls with altitude: " + minutes);
            }
        }
        return new ProcessRow(
                jar,
                Headspace.ofInches(Double.parseDouble(r.get("headspace_in"))),
                minutes,
                List.of(),
                List.of(),
                r.get("acid"),
                r.get("notes"),
                r.get("source"),
                Confidence.ofId(r.get("confidence")),
                Proof.UNREAD,
                (int) r.getRecordNumber() + 1);
    }

    private static ProcessRow pressureRow(CSVRecord r, JarSize jar) {
        List<Optional<Integer>> dial = List.of(
                psi(r, "dial_psi_0_2000"),
                psi(r, "dial_psi_2001_4000"),
                psi(r, "dial_psi_4001_6000"),
                psi(r, "dial_psi_6001_8000"));
        List<Optional<Integer>> weighted = List.of(psi(r, "weighted_psi_0_1000"), psi(r, "weighted_psi_1001_up"));
        String acid = r.get("notes").startsWith("acidify exactly") ? "as for boiling water, per jar" : "";
        return new ProcessRow(
                jar,
                Headspace.ofInches(Double.parseDouble(r.get("headspace_in"))),
                List.of(integer(r, "minutes")),
                dial,
                weighted,
                acid,
                r.get("notes"),
                r.get("source"),
                Confidence.ofId(r.get("confidence")),
                Proof.UNREAD,
                (int) r.getRecordNumber() + 1);
    }

    private List<TestedRecipe> loadRecipes() {
        Map<String, List<TestedIngredient>> ingredients = new LinkedHashMap<>();
        for (CSVRecord r : rows("tested-recipe-ingredients.csv")) {
            ingredients.computeIfAbsent(r.get("recipe"), k -> new ArrayList<>()).add(testedIngredient(r));
        }
        Map<String, List<CSVRecord>> steps = new LinkedHashMap<>();
        rows("tested-recipe-steps.csv").forEach(r -> steps.computeIfAbsent(r.get("recipe"), k -> new ArrayList<>())
                .add(r));
        List<TestedRecipe> recipes = new ArrayList<>();
        for (CSVRecord r : rows("tested-recipes.csv")) {
            requireSource("tested-recipes.csv", r);
            Method method = r.get("table").equals("pressure") ? Method.PRESSURE : Method.BOILING;
            List<String> ids = r.get("processes").isEmpty()
                    ? List.of()
                    : List.of(r.get("processes").split(";"));
            for (String id : ids) {
                if (!processes.containsKey(method.id() + ":" + id)) {
                    throw new Csv.BadRow("tested-recipes.csv", r, "no process " + id + " by " + method.id());
                }
            }
            List<CSVRecord> lines = steps.getOrDefault(r.get("id"), List.of());
            recipes.add(new TestedRecipe(
                    r.get("id"),
                    r.get("name"),
                    r.get("source"),
                    method,
                    ids,
                    r.get("form"),
                    r.get("yield"),
                    r.get("brine"),
                    Confidence.ofId(r.get("confidence")),
                    List.copyOf(ingredients.getOrDefault(r.get("id"), List.of())),
                    lines.stream()
                            .filter(s -> s.get("kind").equals("step"))
                            .map(s -> s.get("text"))
                            .toList(),
                    lines.stream()
                            .filter(s -> !s.get("kind").equals("step"))
                            .map(s -> s.get("text"))
                            .toList()));
        }
        return recipes;
    }

    private TestedIngredient testedIngredient(CSVRecord r) {
        String item = r.get("item");
        String note = r.get("note");
        String role = r.get("role");
        String[] range = r.get("qty").split("-");
        double low = Double.parseDouble(range[0]);
        double high = Double.parseDouble(range[range.length - 1]);
        List<Food> named = foodsIn(item);
        boolean aside =
                role.equals("soak") || note.contains("soak") || note.contains("drawn off") || note.contains("drained");
        return new TestedIngredient(
                item,
                named,
                unit(r.get("unit")).map(u -> new Amount(low, high, u, true)),
                role,
                note.contains("optional"),
                aside);
    }

    /** The distinct foods a tested line names, in order: "green or yellow beans" stands for both. */
    private List<Food> foodsIn(String item) {
        var tokens = Tokens.of(item, new Range(0, item.length()));
        List<Food> named = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            Optional<Lexicon.Match> match = lexicon.at(tokens, i);
            if (match.isPresent()) {
                Food food = match.get().food();
                if (!named.contains(food)) {
                    named.add(food);
                }
                i += match.get().length() - 1;
            }
        }
        return List.copyOf(named);
    }

    private List<PlacingRule> loadPlacing() {
        List<PlacingRule> rules = new ArrayList<>();
        for (CSVRecord r : rows("placing.csv")) {
            Process process = processes.get((r.get("table").equals("pressure") ? Method.PRESSURE : Method.BOILING).id()
                    + ":" + r.get("process"));
            if (process == null) {
                throw new Csv.BadRow("placing.csv", r, "no process " + r.get("process"));
            }
            Set<String> names = Set.of(r.get("foods").split("\\|"));
            for (String name : names) {
                if (!name.startsWith("@") && !foods.containsKey(name) && !name.contains(" with ")) {
                    throw new Csv.BadRow("placing.csv", r, "no food " + name);
                }
            }
            rules.add(new PlacingRule(process, names, r.get("form"), r.get("liquid")));
        }
        return rules;
    }

    private List<AcidRule> loadAcidRules() {
        return rows("acid-per-jar.csv").stream()
                .map(r -> new AcidRule(
                        r.get("food"),
                        AcidRule.Form.valueOf(r.get("form").toUpperCase(java.util.Locale.ROOT)),
                        Amount.of(
                                Double.parseDouble(r.get("per_pint")),
                                unit(r.get("unit")).orElseThrow()),
                        r.get("source")))
                .toList();
    }

    private Map<String, FamilyLimit> loadLimits() {
        Map<String, FamilyLimit> limits = new LinkedHashMap<>();
        for (CSVRecord r : rows("family-limits.csv")) {
            limits.put(
                    r.get("family"),
                    new FamilyLimit(
                            r.get("family"),
                            number(r, "brine_percent_min"),
                            Double.parseDouble(r.get("low_acid_cups_per_cup_acid_max")),
                            r.get("source")));
        }
        return limits;
    }

    private List<PracticeRule> loadPractices() {
        List<PracticeRule> rules = new ArrayList<>();
        for (CSVRecord r : rows("practices.csv")) {
            requireSource("practices.csv", r);
            String exception = r.get("exception");
            rules.add(new PracticeRule(
                    r.get("code"),
                    r.get("acid_food"),
                    r.get("low_acid"),
                    Pattern.compile(r.get("pattern"), Pattern.CASE_INSENSITIVE),
                    exception.isEmpty() ? null : Pattern.compile(exception, Pattern.CASE_INSENSITIVE),
                    r.get("title"),
                    r.get("why"),
                    r.get("prevention"),
                    r.get("source"),
                    r.get("wrong"),
                    r.get("right")));
        }
        return rules;
    }

    private void requireSource(String file, CSVRecord r) {
        if (!sources.containsKey(r.get("source"))) {
            throw new Csv.BadRow(file, r, "no source " + r.get("source"));
        }
    }

    private List<CSVRecord> rows(String file) {
        return Csv.read(content.get(file));
    }

    private String hash() {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            content.forEach((name, text) -> {
                digest.update(name.getBytes(StandardCharsets.UTF_8));
                digest.update(text.getBytes(StandardCharsets.UTF_8));
            });
            return HexFormat.of().formatHex(digest.digest()).substring(0, 12);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
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

    private static Optional<Unit> unit(String name) {
        return switch (name) {
            case "cup" -> Optional.of(Unit.CUP);
            case "Tbsp" -> Optional.of(Unit.TABLESPOON);
            case "tsp" -> Optional.of(Unit.TEASPOON);
            case "lb" -> Optional.of(Unit.POUND);
            case "oz" -> Optional.of(Unit.OUNCE);
            case "qt" -> Optional.of(Unit.QUART);
            case "pt" -> Optional.of(Unit.PINT);
            case "gal" -> Optional.of(Unit.GALLON);
            case "clove" -> Optional.of(Unit.CLOVE);
            case "head" -> Optional.of(Unit.HEAD);
            case "stick" -> Optional.of(Unit.STICK);
            case "each" -> Optional.of(Unit.EACH);
            case "drop" -> Optional.of(Unit.DROP);
            default -> Optional.empty();
        };
    }

    private static int integer(CSVRecord r, String column) {
        return Integer.parseInt(r.get(column));
    }

    private static OptionalDouble number(CSVRecord r, String column) {
        return !r.isMapped(column) || r.get(column).isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(Double.parseDouble(r.get(column)));
    }

    private static Optional<Integer> psi(CSVRecord r, String column) {
        String value = r.get(column);
        return value.matches("\\d+") ? Optional.of(Integer.valueOf(value)) : Optional.empty();
    }
}
