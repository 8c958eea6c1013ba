package oilcloth.formats;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import oilcloth.check.Aspect;
import oilcloth.check.Check;
import oilcloth.check.CheckInfo;
import oilcloth.check.Example;
import oilcloth.check.Registry;
import oilcloth.check.Severity;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.PracticeRule;
import oilcloth.guide.Source;
import oilcloth.recipe.Context;
import oilcloth.review.Engine;

/** The catalogue of checks, from the checks' own metadata and examples: for the page, the client and the documentation. */
public final class Catalogue {
    /**
     * One check.
     *
     * @param severities what it can be, the gravest first
     * @param wrong what it fires on; {@code right} what it leaves alone
     */
    public record Entry(
            String code,
            String aspect,
            List<String> severities,
            String summary,
            String why,
            String source,
            String wrong,
            String right) {}

    private final List<Entry> entries;

    private Catalogue(List<Entry> entries) {
        this.entries = entries;
    }

    /** Runs the examples of every check to see how grave it can be; a second or so. */
    public static Catalogue of(GuideSnapshot guide) {
        Engine engine = new Engine(guide);
        Map<String, PracticeRule> practices =
                guide.practices().stream().collect(Collectors.toMap(PracticeRule::code, Function.identity()));
        List<Entry> entries = new ArrayList<>();
        for (Check check : Registry.checks(guide)) {
            CheckInfo info = check.info();
            entries.add(Optional.ofNullable(practices.get(info.code()))
                    .map(p -> practice(p, guide))
                    .orElseGet(() -> written(info, engine)));
        }
        entries.sort(Comparator.comparing((Entry e) -> Aspect.ofCode(e.code())).thenComparing(Entry::code));
        return new Catalogue(List.copyOf(entries));
    }

    public List<Entry> entries() {
        return entries;
    }

    private static Entry practice(PracticeRule rule, GuideSnapshot guide) {
        TreeSet<Severity> severities = new TreeSet<>(Comparator.reverseOrder());
        List<String> said = new ArrayList<>(List.of(rule.acidFood(), rule.acidified(), rule.lowAcid()));
        rule.underPressure().ifPresent(said::add);
        rule.graver().ifPresent(g -> said.add(g.severity()));
        said.stream()
                .filter(s -> !s.equals(PracticeRule.NONE))
                .map(s -> Severity.valueOf(s.toUpperCase(Locale.ROOT)))
                .forEach(severities::add);
        return entry(
                rule.code(),
                severities,
                rule.title(),
                rule.why(),
                guide.source(rule.source()),
                rule.wrong(),
                rule.right());
    }

    private static Entry written(CheckInfo info, Engine engine) {
        List<Example> examples = Example.of(info.code());
        TreeSet<Severity> severities = new TreeSet<>(Comparator.reverseOrder());
        for (Example e : examples) {
            engine.review(e.text(), Context.planning(e.altitude().orElse(null))).findings().stream()
                    .filter(f -> f.code().equals(info.code()) && f.severity() != Severity.MET)
                    .forEach(f -> severities.add(f.severity()));
        }
        return entry(
                info.code(),
                severities,
                info.summary(),
                info.rationale(),
                engine.guide().source(info.source()),
                first(examples, true),
                first(examples, false));
    }

    private static Entry entry(
            String code,
            TreeSet<Severity> severities,
            String summary,
            String why,
            Source source,
            String wrong,
            String right) {
        return new Entry(
                code,
                Aspect.ofCode(code).id(),
                severities.stream().map(s -> s.name().toLowerCase(Locale.ROOT)).toList(),
                summary,
                why,
                source.title() + ", " + source.edition(),
                wrong.strip(),
                right.strip());
    }

    private static String first(List<Example> examples, boolean wrong) {
        return examples.stream()
                .filter(e -> e.wrong() == wrong)
                .findFirst()
                .orElseThrow()
                .text();
    }

    /** The page of the documentation. */
    public String markdown() {
        StringBuilder page = new StringBuilder("# The checks\n\nGenerated from the checks themselves; do not edit.\n\n")
                .append(entries.size())
                .append(" checks. A severity is what the check can say at most, by food and by what was found.\n");
        String aspect = "";
        for (Entry e : entries) {
            if (!e.aspect().equals(aspect)) {
                aspect = e.aspect();
                page.append("\n## ")
                        .append(aspect.substring(0, 1).toUpperCase(Locale.ROOT))
                        .append(aspect.substring(1))
                        .append('\n');
            }
            page.append("\n### `")
                    .append(e.code())
                    .append("`\n\n")
                    .append(e.summary())
                    .append(". ")
                    .append(e.why())
                    .append("\n\n")
                    .append("- Can be: ")
                    .append(e.severities().isEmpty() ? "a question" : String.join(", ", e.severities()))
                    .append('\n')
                    .append("- Source: ")
                    .append(e.source())
                    .append('\n')
                    .append("- Fires on: ")
                    .append(oneLine(e.wrong()))
                    .append('\n')
                    .append("- Leaves alone: ")
                    .append(oneLine(e.right()))
                    .append('\n');
        }
        return page.toString();
    }

    private static String oneLine(String example) {
        return "“" + example.replaceAll("\\s*\\n+\\s*", " / ") + "”";
    }

    /** The codes as a type of the client. */
    public String typeScript() {
        return entries.stream()
                .map(Entry::code)
                .sorted()
                .map(c -> "  '" + c + "',\n")
                .collect(Collectors.joining(
                        "",
                        "// Generated from the checks of the core; do not edit.\nexport const codes = [\n",
                        "] as const;\n\nexport type Code = (typeof codes)[number];\n"));
    }
}
