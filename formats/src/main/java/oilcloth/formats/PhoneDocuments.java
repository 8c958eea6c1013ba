package oilcloth.formats;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import oilcloth.check.Cited;
import oilcloth.check.Message;
import oilcloth.check.Messages;
import oilcloth.check.acid.AcidWords;
import oilcloth.formats.PhoneDocument.PhoneAnswerDoc;
import oilcloth.formats.PhoneDocument.PhoneAskDoc;
import oilcloth.formats.PhoneDocument.PhoneChoiceDoc;
import oilcloth.formats.PhoneDocument.UnderstoodDoc;
import oilcloth.formats.ReviewDocument.RungDoc;
import oilcloth.guide.Food;
import oilcloth.guide.Gauge;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Kitchen;
import oilcloth.guide.ProcessRow;
import oilcloth.guide.TestedRecipe;
import oilcloth.lookup.Answer;
import oilcloth.lookup.CounterQuestion;
import oilcloth.lookup.PhoneAnswer;
import oilcloth.measure.Altitude;
import oilcloth.measure.Fractions;
import oilcloth.measure.JarSize;
import oilcloth.measure.Minutes;
import oilcloth.reading.Spoken;

/** Writes a phone answer as the document of the contract, and as a page for the terminal. */
public final class PhoneDocuments {
    private static final Messages SAY = Messages.english();

    private PhoneDocuments() {}

    public static PhoneDocument of(PhoneAnswer answer, GuideSnapshot guide) {
        return new PhoneDocument(
                understood(answer),
                answer.answers().stream().map(PhoneDocuments::answer).toList(),
                answer.ask().stream().map(PhoneDocuments::ask).toList(),
                answer.none().map(PhoneDocuments::none).orElse(null),
                answer.also().stream().map(PhoneDocuments::answer).toList(),
                guide.name());
    }

    private static UnderstoodDoc understood(PhoneAnswer answer) {
        Spoken q = answer.understood();
        return new UnderstoodDoc(
                q.foods().isEmpty() ? null : q.foods().stream().map(Food::name).collect(Collectors.joining(", ")),
                q.forms().isEmpty() ? null : String.join(", ", q.forms()),
                q.jar().map(JarSize::id).orElse(null),
                q.pack().map(p -> p.id()).orElse(null),
                q.liquid().orElse(null),
                q.method().map(m -> m.id()).orElse(null),
                q.gauge().map(g -> g.name().toLowerCase(java.util.Locale.ROOT)).orElse(null),
                q.altitude().map(Altitude::feet).orElse(null),
                answer.notUnderstood());
    }

    private static String none(PhoneAnswer.None none) {
        String id = "phone.none." + none.why().id();
        Map<String, Object> args = none.rule()
                .<Map<String, Object>>map((Kitchen.NoProcess r) -> Map.of("why", r.why(), "instead", r.instead()))
                .orElse(Map.of("detail", none.detail()));
        return SAY.say(new Message(id, args));
    }

    private static PhoneAskDoc ask(CounterQuestion q) {
        return new PhoneAskDoc(
                q.what().id(),
                SAY.say(Message.of("phone.ask." + q.what().id())),
                q.between().isEmpty() ? null : q.between(),
                q.choices().stream()
                        .map(c -> new PhoneChoiceDoc(c.label(), c.words()))
                        .toList());
    }

    /** One process in one jar, for any place that shows one. */
    public static PhoneAnswerDoc answer(Answer a) {
        ProcessRow row = a.row();
        return new PhoneAnswerDoc(
                a.process().id(),
                a.process().rowKey(row.jar()).text(),
                a.process().title(),
                a.recipe().map(TestedRecipe::id).orElse(null),
                a.recipe().map(TestedRecipe::name).orElse(null),
                a.process().method().id(),
                a.asked().id(),
                a.asked().label(),
                row.jar() == a.asked() ? null : row.jar().id(),
                a.process().pack().id(),
                a.process().style(),
                a.minutes().map(Minutes::value).orElse(null),
                boxed(a.psi(a.gauge().orElse(Gauge.DIAL))),
                boxed(a.psi(Gauge.WEIGHTED)),
                a.headspace().inches(),
                acid(a),
                a.sterilise().orElse(null),
                a.steamCanner().orElse(null),
                a.advised().map(Minutes::value).orElse(null),
                a.schools().map(s -> s.byBands().value()).orElse(null),
                a.schools().map(s -> s.byThousands().value()).orElse(null),
                a.boilingPoint().map(f -> Math.round(f * 10) / 10.0).orElse(null),
                a.isOffTable(),
                row.notes(),
                ladder(a),
                ReviewDocuments.source(new Cited(a.guide().source(row.source()), row.confidence(), row.proof())));
    }

    private static String acid(Answer a) {
        if (!a.acid().isEmpty()) {
            return AcidWords.forms(a.acid(), a.asked());
        }
        return a.process().needsAcidPerJar() ? a.row().acid() : null;
    }

    private static List<RungDoc> ladder(Answer a) {
        ProcessRow row = a.row();
        if (!row.isPressure()) {
            return rungs(a, row.bandEdges(), i -> new int[] {row.minutes().get(i), 0});
        }
        Gauge gauge = a.gauge().orElse(Gauge.DIAL);
        List<Optional<Integer>> psi = gauge == Gauge.DIAL ? row.dialPsi() : row.weightedPsi();
        List<Integer> edges = gauge == Gauge.DIAL ? ProcessRow.DIAL_BANDS : ProcessRow.WEIGHTED_BANDS;
        return rungs(a, edges, i -> new int[] {row.minutes().get(0), psi.get(i).orElse(0)});
    }

    private static List<RungDoc> rungs(Answer a, List<Integer> edges, java.util.function.IntFunction<int[]> figures) {
        int here = a.altitude().map(h -> ProcessRow.band(edges, h)).orElse(-1);
        List<RungDoc> rungs = new ArrayList<>();
        for (int i = 0; i < edges.size(); i++) {
            int[] figure = figures.apply(i);
            rungs.add(new RungDoc(
                    i == 0 ? 0 : edges.get(i - 1) + 1,
                    edges.get(i) == Integer.MAX_VALUE ? null : edges.get(i),
                    figure[0],
                    figure[1] == 0 ? null : figure[1],
                    i == here));
        }
        return rungs;
    }

    private static Integer boxed(OptionalInt value) {
        return value.isPresent() ? value.getAsInt() : null;
    }

    /** For the terminal: what an educator would read aloud. */
    public static String page(PhoneDocument doc) {
        StringBuilder page = new StringBuilder();
        if (doc.none() != null) {
            page.append(doc.none()).append('\n');
        }
        doc.answers().forEach(a -> line(page, a, doc.understood().altitudeFt()));
        sources(page, doc.answers());
        for (PhoneAskDoc ask : doc.ask()) {
            page.append("  ask: ").append(ask.text());
            if (ask.figures() != null) {
                page.append(" (between ").append(ask.figures()).append(')');
            }
            if (!ask.between().isEmpty()) {
                page.append("  ")
                        .append(ask.between().stream()
                                .map(PhoneChoiceDoc::label)
                                .collect(Collectors.joining(" / ")));
            }
            page.append('\n');
        }
        if (!doc.also().isEmpty()) {
            page.append("also tested:\n");
            doc.also().forEach(a -> line(page, a, doc.understood().altitudeFt()));
        }
        if (!doc.understood().not().isEmpty()) {
            page.append("  not understood: ")
                    .append(String.join(" ", doc.understood().not()))
                    .append('\n');
        }
        return page.append("  ").append(doc.guide()).append('\n').toString();
    }

    private static void line(StringBuilder page, PhoneAnswerDoc a, Integer altitude) {
        page.append(a.jarLabel())
                .append(": ")
                .append(figure(a))
                .append(
                        altitude == null || a.offTable()
                                ? ""
                                : " at " + String.format(java.util.Locale.ROOT, "%,d", altitude) + " ft")
                .append(", headspace ")
                .append(Fractions.format(a.headspaceIn()))
                .append(" in · ")
                .append(a.recipeName() == null ? "" : a.recipeName() + " · ")
                .append(a.title())
                .append('\n');
        if (a.acidPerJar() != null) {
            page.append("  each jar: ").append(a.acidPerJar()).append('\n');
        }
        if (Boolean.TRUE.equals(a.sterilise())) {
            page.append("  boil the empty jars first: the process is short\n");
        }
        if (a.advisedMinutes() != null) {
            page.append("  just under the edge of a band: ")
                    .append(a.advisedMinutes())
                    .append(" min advised\n");
        }
    }

    private static String figure(PhoneAnswerDoc a) {
        if (a.offTable()) {
            return SAY.say(Message.of("phone.off-table"));
        }
        StringBuilder figure = new StringBuilder(a.minutes() == null ? minutesByBand(a) : a.minutes() + " min");
        figure.append(a.method().equals("pressure") ? ", pressure" : ", boiling water");
        if (a.psi() != null || a.psiWeighted() != null) {
            figure.append(a.psi() == null ? "" : " " + a.psi() + " psi");
            boolean other = a.psiWeighted() != null && !a.psiWeighted().equals(a.psi());
            figure.append(other ? " (weighted gauge " + a.psiWeighted() + " psi)" : "");
        }
        return figure.toString();
    }

    private static void sources(StringBuilder page, List<PhoneAnswerDoc> answers) {
        answers.stream()
                .map(PhoneAnswerDoc::source)
                .map(s -> "  " + s.title() + ", " + s.place() + " · "
                        + (s.proof().equals("unread") ? "not yet proofread by this office" : s.proof()) + '\n')
                .distinct()
                .forEach(page::append);
    }

    private static String minutesByBand(PhoneAnswerDoc a) {
        return a.ladder().stream()
                .map(r -> r.minutes()
                        + (r.toFt() == null
                                ? " over " + String.format(java.util.Locale.ROOT, "%,d", r.fromFt() - 1) + " ft"
                                : " to " + String.format(java.util.Locale.ROOT, "%,d", r.toFt())))
                .collect(Collectors.joining(", ", "", " (min)"));
    }
}
