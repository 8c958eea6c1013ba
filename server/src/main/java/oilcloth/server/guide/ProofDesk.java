package oilcloth.server.guide;

import jakarta.persistence.EntityNotFoundException;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import oilcloth.guide.AcidRule;
import oilcloth.guide.Confidence;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Overlay;
import oilcloth.guide.Process;
import oilcloth.guide.ProcessRow;
import oilcloth.guide.Proof;
import oilcloth.guide.Reading;
import oilcloth.guide.RowKey;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.JarSize;
import oilcloth.server.account.SignedIn;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads the guide's rows against print: what agrees, what print has instead, and who saw it twice. */
@Service
class ProofDesk {
    /** A row in the list. @param waiting a weaker figure was read once and does not rule yet */
    record RowLine(
            String row,
            String title,
            String place,
            String confidence,
            String proof,
            long cases,
            boolean waiting,
            String reader) {}

    /** One figure of a row: shipped, as it rules now, and as last read in print (null where nothing else was read). */
    record RowFigure(String column, String label, String shipped, String ruling, String printed) {}

    /** One entry of a row's history. */
    record RowEvent(String kind, Map<String, String> printed, String edition, String page, String person, Instant at) {}

    /** A row laid open. */
    record RowView(
            RowLine line,
            String source,
            String edition,
            String notes,
            List<RowFigure> figures,
            List<RowEvent> history,
            List<RowUse.TouchedCase> cases) {}

    private final CurrentGuide guide;
    private final OfficeOverlay overlay;
    private final ReadingStore readings;
    private final RowUse use;
    private final Clock clock;

    ProofDesk(CurrentGuide guide, OfficeOverlay overlay, ReadingStore readings, RowUse use, Clock clock) {
        this.guide = guide;
        this.overlay = overlay;
        this.readings = readings;
        this.use = use;
        this.clock = clock;
    }

    /** The rows this office's answers rest on first, among them the unread and the doubtful ones. */
    @Transactional(readOnly = true)
    List<RowLine> rows() {
        GuideSnapshot now = guide.snapshot();
        Map<String, Long> counts = use.counts();
        List<RowLine> lines = new ArrayList<>();
        for (RowKey key : now.rows()) {
            lines.add(line(now, key, counts.getOrDefault(key.text(), 0L)));
        }
        lines.sort(Comparator.comparing((RowLine l) -> !l.waiting())
                .thenComparing(l -> l.cases() == 0)
                .thenComparing(l -> !l.proof().equals(Proof.UNREAD.id()))
                .thenComparing(l -> -l.cases())
                .thenComparing(l -> !l.confidence().equals("medium")));
        return lines;
    }

    /** What is shown of one row, whatever its table. */
    record Shown(String title, String source, Confidence confidence, Proof proof, String notes) {}

    static Shown shown(GuideSnapshot now, RowKey key) {
        return switch (key.table()) {
            case BOILING, PRESSURE -> {
                int slash = key.id().lastIndexOf('/');
                Process process = now.processes().stream()
                        .filter(p -> p.rowKey(JarSize.PINT).table() == key.table())
                        .filter(p -> slash > 0 && p.id().equals(key.id().substring(0, slash)))
                        .findFirst()
                        .orElseThrow(EntityNotFoundException::new);
                ProcessRow row = JarSize.ofId(key.id().substring(slash + 1))
                        .map(j -> process.rows().get(j))
                        .orElseThrow(EntityNotFoundException::new);
                yield new Shown(
                        process.title() + ", " + row.jar().label(),
                        row.source(),
                        row.confidence(),
                        row.proof(),
                        row.notes());
            }
            case ACID -> {
                AcidRule rule = now.acidRules().stream()
                        .filter(a -> a.key().equals(key))
                        .findFirst()
                        .orElseThrow(EntityNotFoundException::new);
                yield new Shown(
                        "Acid for " + rule.foodGroup() + ": " + rule.form().label() + " per pint, in "
                                + rule.perPint().unit().label(),
                        rule.source(),
                        Confidence.HIGH,
                        rule.proof(),
                        "");
            }
            case RECIPE -> {
                TestedRecipe recipe = recipe(now, key);
                yield new Shown(
                        "Recipe: " + recipe.name(),
                        recipe.source(),
                        recipe.confidence(),
                        recipe.proof(),
                        recipe.brine());
            }
        };
    }

    private static TestedRecipe recipe(GuideSnapshot now, RowKey key) {
        return now.recipes().stream()
                .filter(r -> r.key().equals(key))
                .findFirst()
                .orElseThrow(EntityNotFoundException::new);
    }

    private static RowLine line(GuideSnapshot now, RowKey key, long cases) {
        Shown shown = shown(now, key);
        Optional<Reading> reading = reading(now, key);
        return new RowLine(
                key.text(),
                shown.title(),
                now.source(shown.source()).place(),
                shown.confidence().name().toLowerCase(java.util.Locale.ROOT),
                shown.proof().id(),
                cases,
                now.waiting().stream().anyMatch(r -> r.row().equals(key)),
                reading.map(Reading::reader).orElse(null));
    }

    private static Optional<Reading> reading(GuideSnapshot now, RowKey key) {
        return now.overlay().readings().stream()
                .filter(r -> r.row().equals(key))
                .findFirst();
    }

    @Transactional(readOnly = true)
    RowView row(String text) {
        GuideSnapshot now = guide.snapshot();
        RowKey key = RowKey.ofText(text);
        if (!now.rows().contains(key)) {
            throw new EntityNotFoundException();
        }
        List<RowUse.TouchedCase> cases = use.restingOn(text);
        Shown shown = shown(now, key);
        Optional<Reading> reading = reading(now, key);
        boolean waiting = now.waiting().stream().anyMatch(r -> r.row().equals(key));
        List<RowFigure> figures = new ArrayList<>();
        now.shippedFigures(key).forEach((column, shipped) -> {
            String printed = reading.map(r -> r.printed().get(column)).orElse(null);
            figures.add(new RowFigure(
                    column, label(now, key, column), shipped, printed == null || waiting ? shipped : printed, printed));
        });
        figures.sort(Comparator.comparing(RowFigure::column, ProofDesk::byBand));
        return new RowView(
                line(now, key, cases.size()),
                now.source(shown.source()).title(),
                now.source(shown.source()).edition(),
                shown.notes(),
                figures,
                readings.findByRowKeyOrderBySeq(text).stream()
                        .map(e -> new RowEvent(
                                e.kind().name().toLowerCase(java.util.Locale.ROOT),
                                overlay.printed(e.printed()),
                                e.edition(),
                                e.page(),
                                e.person(),
                                e.at()))
                        .toList(),
                cases);
    }

    /** Columns as the printed table has them: headspace first, then by the altitude or line they start at. */
    private static int byBand(String a, String b) {
        return Comparator.comparing((String c) -> !c.startsWith("headspace"))
                .thenComparing(c -> c.replaceAll("\\d.*", ""))
                .thenComparing(c -> Integer.parseInt("0" + c.replaceFirst("\\D*(\\d*).*", "$1")))
                .compare(a, b);
    }

    private static String label(GuideSnapshot now, RowKey key, String column) {
        if (key.table() == RowKey.Table.RECIPE) {
            var line =
                    recipe(now, key).ingredients().get(Integer.parseInt(column.substring(column.indexOf('.') + 1)) - 1);
            return line.item() + line.printed().substring(line.printed().indexOf(' '));
        }
        return switch (column) {
            case "headspace_in" -> "headspace, in";
            case "per_pint" -> "per pint";
            case "minutes" -> "minutes";
            case "t_0_1000" -> "min, 0–1,000 ft";
            case "t_1001_3000" -> "min, 1,001–3,000 ft";
            case "t_3001_6000" -> "min, 3,001–6,000 ft";
            case "t_6001_up" -> "min, over 6,000 ft";
            case "dial_psi_0_2000" -> "dial psi, 0–2,000 ft";
            case "dial_psi_2001_4000" -> "dial psi, 2,001–4,000 ft";
            case "dial_psi_4001_6000" -> "dial psi, 4,001–6,000 ft";
            case "dial_psi_6001_8000" -> "dial psi, 6,001–8,000 ft";
            case "weighted_psi_0_1000" -> "weighted psi, 0–1,000 ft";
            case "weighted_psi_1001_up" -> "weighted psi, over 1,000 ft";
            default -> column;
        };
    }

    /**
     * Somebody read the row: it agrees when no figure differs from the shipped one.
     *
     * @throws IllegalArgumentException when a figure cannot be, or the row would contradict itself
     */
    @Transactional
    RowView read(String row, SortedMap<String, String> typed, String edition, String page, SignedIn by) {
        SortedMap<String, String> shipped = guide.snapshot().shippedFigures(RowKey.ofText(row));
        SortedMap<String, String> printed = new TreeMap<>();
        typed.forEach((column, value) -> {
            String figure = value.strip();
            if (!shipped.containsKey(column)) {
                throw new IllegalArgumentException("The row has no figure “" + column + "”.");
            }
            if (!figure.matches("\\d+(\\.\\d+)?(-\\d+(\\.\\d+)?)?|")) {
                throw new IllegalArgumentException("“" + figure + "” is no figure.");
            }
            if (!figure.equals(shipped.get(column))) {
                printed.put(column, figure);
            }
        });
        add(row, ReadingEvent.Kind.READ, printed, edition.strip(), page.strip(), by);
        return row(row);
    }

    /** @throws IllegalArgumentException when nothing waits, or the same person reads twice */
    @Transactional
    RowView second(String row, SignedIn by) {
        Reading first = guide.snapshot().waiting().stream()
                .filter(r -> r.row().text().equals(row))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("Nothing of this row waits for a second reader."));
        String reader = readings.findByRowKeyOrderBySeq(row).stream()
                .filter(e -> e.kind() == ReadingEvent.Kind.READ)
                .reduce((a, b) -> b)
                .map(ReadingEvent::username)
                .orElse("");
        if (reader.equals(by.username())) {
            throw new IllegalArgumentException("The second reader is somebody else than the first.");
        }
        add(row, ReadingEvent.Kind.SECOND, first.printed(), first.edition(), first.page(), by);
        return row(row);
    }

    @Transactional
    RowView withdraw(String row, SignedIn by) {
        Reading standing = reading(guide.snapshot(), RowKey.ofText(row))
                .orElseThrow(() -> new IllegalArgumentException("Nothing was read of this row."));
        add(row, ReadingEvent.Kind.WITHDRAWN, standing.printed(), standing.edition(), standing.page(), by);
        return row(row);
    }

    private void add(
            String row,
            ReadingEvent.Kind kind,
            SortedMap<String, String> printed,
            String edition,
            String page,
            SignedIn by) {
        readings.save(new ReadingEvent(
                row,
                kind,
                overlay.write(printed),
                edition,
                page,
                by.displayName(),
                by.username(),
                clock.instant().truncatedTo(ChronoUnit.MICROS)));
        Overlay after = overlay.now();
        // throws, and takes the reading back, when the guide would contradict itself
        GuideSnapshot.with(after);
    }
}
