package oilcloth.formats;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import oilcloth.formats.GuideLibrary.AcidEntry;
import oilcloth.formats.GuideLibrary.BandEntry;
import oilcloth.formats.GuideLibrary.FoodEntry;
import oilcloth.formats.GuideLibrary.JarEntry;
import oilcloth.formats.GuideLibrary.LineEntry;
import oilcloth.formats.GuideLibrary.ProcessEntry;
import oilcloth.formats.GuideLibrary.ReadingEntry;
import oilcloth.formats.GuideLibrary.RecipeEntry;
import oilcloth.formats.GuideLibrary.SourceEntry;
import oilcloth.formats.GuideLibrary.ThresholdEntry;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Method;
import oilcloth.guide.Overlay;
import oilcloth.guide.OwnProcess;
import oilcloth.guide.OwnRecipe;
import oilcloth.guide.Pack;
import oilcloth.guide.PlacingRule;
import oilcloth.guide.Process;
import oilcloth.guide.ProcessRow;
import oilcloth.guide.Reading;
import oilcloth.guide.RowKey;
import oilcloth.guide.Source;
import oilcloth.guide.TestedRecipe;
import oilcloth.guide.Threshold;
import oilcloth.measure.JarSize;

/** Writes a guide snapshot as a library file and reads the office's layer back from one; nothing is lost between. */
public final class GuideLibraries {
    private static final ObjectMapper JSON =
            new ObjectMapper().configure(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES, true);

    private GuideLibraries() {}

    public static GuideLibrary of(GuideSnapshot guide) {
        Set<String> ownSources =
                guide.overlay().sources().stream().map(Source::id).collect(Collectors.toSet());
        Set<String> ownRecipes =
                guide.overlay().recipes().stream().map(OwnRecipe::id).collect(Collectors.toSet());
        return new GuideLibrary(
                GuideLibrary.FORMAT,
                guide.edition(),
                guide.hash(),
                guide.baseHash(),
                guide.sources().stream()
                        .map(s ->
                                new SourceEntry(s.id(), s.title(), s.edition(), s.place(), ownSources.contains(s.id())))
                        .toList(),
                guide.processes().stream().map(p -> process(p, guide)).toList(),
                guide.recipes().stream()
                        .map(r -> recipe(r, ownRecipes.contains(r.id())))
                        .toList(),
                guide.foods().stream()
                        .map(f -> new FoodEntry(
                                f.name(),
                                f.group(),
                                id(f.kind()),
                                id(f.acidity()),
                                f.gramsPerCup().isPresent() ? f.gramsPerCup().getAsDouble() : null,
                                f.cupsEach().isPresent() ? f.cupsEach().getAsDouble() : null))
                        .toList(),
                guide.acidRules().stream()
                        .map(a -> new AcidEntry(
                                a.foodGroup(),
                                a.form().id(),
                                a.perPint().low(),
                                a.perPint().unit().label(),
                                a.source(),
                                a.proof().id()))
                        .toList(),
                Arrays.stream(Threshold.values())
                        .map(guide::threshold)
                        .map(t -> new ThresholdEntry(t.threshold().id(), t.value(), t.unit(), t.meaning(), t.source()))
                        .toList(),
                guide.overlay().readings().stream().map(GuideLibraries::reading).toList());
    }

    private static String id(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static ProcessEntry process(Process p, GuideSnapshot guide) {
        List<PlacingRule> rules =
                guide.placing().stream().filter(r -> r.process().equals(p)).toList();
        boolean own =
                guide.overlay().processes().stream().anyMatch(o -> o.id().equals(p.id()) && o.method() == p.method());
        return new ProcessEntry(
                p.method().id(),
                p.id(),
                p.food(),
                p.style(),
                p.pack().id(),
                rules.stream()
                        .flatMap(r -> r.foods().stream())
                        .sorted()
                        .distinct()
                        .toList(),
                rules.stream().map(PlacingRule::form).findFirst().orElse(""),
                rules.stream().map(PlacingRule::liquid).findFirst().orElse(""),
                p.anyRow().source(),
                p.anyRow().notes(),
                own,
                p.rows().values().stream().map(GuideLibraries::jar).toList());
    }

    private static JarEntry jar(ProcessRow row) {
        List<BandEntry> bands = new ArrayList<>();
        for (int i = 0; i < row.bandEdges().size(); i++) {
            int edge = row.bandEdges().get(i);
            bands.add(new BandEntry(
                    edge == Integer.MAX_VALUE ? null : edge, row.minutes().get(i)));
        }
        return new JarEntry(
                row.jar().id(),
                row.headspace().inches(),
                row.acid(),
                bands,
                row.isPressure() ? row.minutes().get(0) : null,
                psi(row.dialPsi()),
                psi(row.weightedPsi()),
                row.source(),
                id(row.confidence()),
                row.proof().id());
    }

    private static List<Integer> psi(List<Optional<Integer>> bands) {
        List<Integer> psi = new ArrayList<>();
        bands.forEach(b -> psi.add(b.orElse(null)));
        return psi;
    }

    private static RecipeEntry recipe(TestedRecipe r, boolean own) {
        return new RecipeEntry(
                r.id(),
                r.name(),
                r.source(),
                r.method().id(),
                r.processes(),
                r.form(),
                r.yield(),
                r.brine(),
                id(r.confidence()),
                r.proof().id(),
                own,
                r.ingredients().stream()
                        .map(i -> {
                            int space = i.printed().indexOf(' ');
                            return new LineEntry(
                                    i.printed().substring(0, space),
                                    i.printed().substring(space + 1),
                                    i.item(),
                                    i.role(),
                                    i.note());
                        })
                        .toList(),
                r.steps(),
                r.variations());
    }

    private static ReadingEntry reading(Reading r) {
        return new ReadingEntry(
                r.row().text(),
                r.printed(),
                r.edition(),
                r.page(),
                r.reader(),
                r.on().toString(),
                r.second().map(Reading.Second::reader).orElse(null),
                r.second().map(s -> s.on().toString()).orElse(null));
    }

    public static String json(GuideLibrary library) {
        try {
            return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(library);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    /** @throws UnusableInput with one plain line when it is no library file */
    public static GuideLibrary parse(String json) throws UnusableInput {
        GuideLibrary library;
        try {
            library = JSON.readValue(json, GuideLibrary.class);
        } catch (JsonProcessingException e) {
            String at =
                    e.getLocation() == null ? "" : " (line " + e.getLocation().getLineNr() + ")";
            throw new UnusableInput("This is no library file" + at + ": " + firstLine(e.getOriginalMessage()));
        }
        if (library == null || !GuideLibrary.FORMAT.equals(library.format())) {
            throw new UnusableInput("This is no library file of the format " + GuideLibrary.FORMAT + ".");
        }
        return library;
    }

    private static String firstLine(String message) {
        return message.lines().findFirst().orElse("");
    }

    /**
     * The office's layer of a library file.
     *
     * @throws UnusableInput when an entry lacks what it needs
     */
    public static Overlay overlay(GuideLibrary library) throws UnusableInput {
        try {
            return new Overlay(
                    list(library.sources()).stream()
                            .filter(SourceEntry::own)
                            .map(GuideLibraries::source)
                            .toList(),
                    list(library.processes()).stream()
                            .filter(ProcessEntry::own)
                            .map(GuideLibraries::ownProcess)
                            .toList(),
                    list(library.recipes()).stream()
                            .filter(RecipeEntry::own)
                            .map(GuideLibraries::ownRecipe)
                            .toList(),
                    list(library.readings()).stream()
                            .map(GuideLibraries::reading)
                            .toList());
        } catch (NullPointerException e) {
            throw new UnusableInput("An entry of the library file lacks something: " + e.getMessage());
        } catch (IllegalArgumentException | DateTimeException e) {
            throw new UnusableInput("An entry of the library file is wrong: " + e.getMessage());
        }
    }

    /**
     * The guide a published file stands for.
     *
     * @throws UnusableInput when the file was made for other shipped tables, or contradicts itself
     */
    public static GuideSnapshot snapshot(String json) throws UnusableInput {
        GuideLibrary library = parse(json);
        String base = GuideSnapshot.shipped().baseHash();
        if (!base.equals(library.base())) {
            throw new UnusableInput("This guide file was published over other shipped tables (" + library.base()
                    + "; this program ships " + base + "). Publish it again.");
        }
        try {
            return GuideSnapshot.with(overlay(library));
        } catch (IllegalArgumentException e) {
            throw new UnusableInput("The guide file contradicts itself: " + e.getMessage());
        }
    }

    private static <T> List<T> list(List<T> maybe) {
        return maybe == null ? List.of() : maybe;
    }

    private static String words(String maybe) {
        return maybe == null ? "" : maybe;
    }

    private static String needed(String value, String what) {
        if (value == null || value.isBlank()) {
            throw new IllegalArgumentException("there is no " + what);
        }
        return value;
    }

    public static Source source(SourceEntry s) {
        return new Source(
                needed(s.id(), "source id"), needed(s.title(), "source title"), words(s.edition()), words(s.place()));
    }

    private static Method method(String id) {
        return Arrays.stream(Method.values())
                .filter(m -> m.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("“" + id + "” is no method"));
    }

    /** @throws IllegalArgumentException when something needed is missing or out of range */
    public static OwnProcess ownProcess(ProcessEntry p) {
        return new OwnProcess(
                method(p.method()),
                needed(p.id(), "process id"),
                needed(p.food(), "food of process " + p.id()),
                words(p.style()),
                Pack.valueOf(needed(p.pack(), "pack of process " + p.id()).toUpperCase(Locale.ROOT)),
                new TreeSet<>(list(p.foods())),
                needed(p.form(), "form of process " + p.id()),
                words(p.liquid()),
                needed(p.source(), "source of process " + p.id()),
                words(p.notes()),
                list(p.jars()).stream()
                        .map(j -> new OwnProcess.Jar(
                                JarSize.ofId(words(j.jar()))
                                        .orElseThrow(() -> new IllegalArgumentException("“" + j.jar() + "” is no jar")),
                                j.headspaceIn(),
                                words(j.acid()),
                                list(j.bands()).stream()
                                        .map(b -> new OwnProcess.Band(
                                                b.toFt() == null ? OptionalInt.empty() : OptionalInt.of(b.toFt()),
                                                b.minutes()))
                                        .toList(),
                                j.minutes() == null ? 0 : j.minutes(),
                                list(j.dialPsi()),
                                list(j.weightedPsi())))
                        .toList());
    }

    /** @throws IllegalArgumentException when something needed is missing */
    public static OwnRecipe ownRecipe(RecipeEntry r) {
        return new OwnRecipe(
                needed(r.id(), "recipe id"),
                needed(r.name(), "name of recipe " + r.id()),
                needed(r.source(), "source of recipe " + r.id()),
                method(r.method()),
                list(r.processes()),
                needed(r.form(), "form of recipe " + r.id()),
                words(r.yield()),
                words(r.brine()),
                list(r.ingredients()).stream()
                        .map(l -> new OwnRecipe.Line(
                                needed(l.quantity(), "quantity in recipe " + r.id()),
                                words(l.unit()),
                                needed(l.item(), "item in recipe " + r.id()),
                                needed(l.role(), "role in recipe " + r.id()),
                                words(l.note())))
                        .toList(),
                list(r.steps()),
                list(r.variations()));
    }

    public static Reading reading(ReadingEntry r) {
        return new Reading(
                RowKey.ofText(words(r.row())),
                new TreeMap<>(r.printed() == null ? Map.of() : r.printed()),
                words(r.edition()),
                words(r.page()),
                words(r.reader()),
                LocalDate.parse(words(r.on())),
                r.secondReader() == null
                        ? Optional.empty()
                        : Optional.of(new Reading.Second(r.secondReader(), LocalDate.parse(words(r.secondOn())))));
    }
}
