package oilcloth.formats;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import oilcloth.acidity.AcidMap;
import oilcloth.check.Aspect;
import oilcloth.check.Cited;
import oilcloth.check.Finding;
import oilcloth.check.Messages;
import oilcloth.check.Severity;
import oilcloth.correcting.Corrections;
import oilcloth.correcting.MarkedText;
import oilcloth.correcting.Solver;
import oilcloth.formats.ReviewDocument.AcidMapDoc;
import oilcloth.formats.ReviewDocument.AlternativeDoc;
import oilcloth.formats.ReviewDocument.AnswerDoc;
import oilcloth.formats.ReviewDocument.AspectDoc;
import oilcloth.formats.ReviewDocument.CorrectedDoc;
import oilcloth.formats.ReviewDocument.CorrectionDoc;
import oilcloth.formats.ReviewDocument.DotDoc;
import oilcloth.formats.ReviewDocument.EvidenceDoc;
import oilcloth.formats.ReviewDocument.FindingDoc;
import oilcloth.formats.ReviewDocument.IngredientDoc;
import oilcloth.formats.ReviewDocument.JarsDoc;
import oilcloth.formats.ReviewDocument.LikenessDoc;
import oilcloth.formats.ReviewDocument.Placed;
import oilcloth.formats.ReviewDocument.QuestionDoc;
import oilcloth.formats.ReviewDocument.RequiredDoc;
import oilcloth.formats.ReviewDocument.RungDoc;
import oilcloth.formats.ReviewDocument.SaidDoc;
import oilcloth.formats.ReviewDocument.SheetDoc;
import oilcloth.formats.ReviewDocument.SheetLineDoc;
import oilcloth.formats.ReviewDocument.SourceDoc;
import oilcloth.formats.ReviewDocument.StatedDoc;
import oilcloth.formats.ReviewDocument.UnreadDoc;
import oilcloth.guide.Acidity;
import oilcloth.guide.Process;
import oilcloth.guide.Source;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Amount;
import oilcloth.measure.Minutes;
import oilcloth.placing.FoodKind;
import oilcloth.placing.Likeness;
import oilcloth.placing.Placement;
import oilcloth.placing.RelativeSheet;
import oilcloth.recipe.Assertion;
import oilcloth.recipe.Fact;
import oilcloth.recipe.Facts;
import oilcloth.recipe.Ingredient;
import oilcloth.recipe.ProcessTime;
import oilcloth.review.Asked;
import oilcloth.review.Call;
import oilcloth.review.Required;
import oilcloth.review.Review;
import oilcloth.text.Range;

/** Writes a review as the document of the contract, and the document as JSON. */
public final class ReviewDocuments {
    private static final ObjectMapper JSON = new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);
    private static final Messages SAY = Messages.english();

    private ReviewDocuments() {}

    public static String json(Object document) {
        try {
            return JSON.writeValueAsString(document);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    /** @param file the name shown with it, or null */
    public static ReviewDocument of(Review review, String file) {
        return of(review, file, null);
    }

    /** @param solver finds the corrected recipe of it and of each part; null leaves it out */
    public static ReviewDocument of(Review review, String file, Solver solver) {
        String text = review.text();
        return new ReviewDocument(
                file,
                review.call().id(),
                review.worstOpen().id(),
                text,
                review.subject().altitude().map(a -> a.feet()).orElse(null),
                review.context().stage().id(),
                review.guide().name(),
                Review.ENGINE_VERSION,
                placed(review.placement(), review),
                required(review),
                review.findings().stream().map(f -> finding(f, text)).toList(),
                review.questions().stream().map(q -> question(q, text)).toList(),
                review.recipe().unread().stream()
                        .map(u -> new UnreadDoc(
                                u.range().start(),
                                u.range().end(),
                                u.range().of(text),
                                u.bears() || u.form() && review.subject().kind() == FoodKind.LOW_ACID))
                        .toList(),
                review.jars()
                        .map(j -> new JarsDoc(
                                j.advice().id(),
                                j.by().map(Object::toString).orElse(null),
                                SAY.say(j.why()),
                                j.steps().stream().map(SAY::say).toList(),
                                j.eaten().stream().map(SAY::say).toList()))
                        .orElse(null),
                solver == null ? null : corrected(review, solver.solve(review)),
                aspects(review),
                review.recipe().ingredients().stream()
                        .map(i -> ingredient(i, text))
                        .toList(),
                stated(review),
                review.assertions().stream().map(a -> said(a, review)).toList(),
                review.placement()
                        .recipe()
                        .map(t -> sheet(RelativeSheet.of(review.recipe(), t, review.guide()), text))
                        .orElse(null),
                AcidMap.of(review.recipe(), review.placement().family(), review.guide())
                        .map(ReviewDocuments::acidMap)
                        .orElse(null),
                review.parts().stream().map(p -> of(p, file, solver)).toList());
    }

    private static AcidMapDoc acidMap(AcidMap map) {
        return new AcidMapDoc(
                map.family(),
                map.brine(),
                map.tested().stream().map(ReviewDocuments::dot).toList(),
                dot(map.mine()));
    }

    private static DotDoc dot(AcidMap.Dot d) {
        return new DotDoc(d.id(), d.name(), Math.round(d.ratio() * 100) / 100.0, Math.round(d.percent() * 100) / 100.0);
    }

    private static SaidDoc said(Assertion a, Review review) {
        Optional<Range> at =
                a.at() == null ? Optional.empty() : a.at().in(review.recipe().text());
        return new SaidDoc(
                a.field().name(),
                a.value(),
                at.map(Range::start).orElse(null),
                at.map(Range::end).orElse(null),
                a.at() == null ? null : a.at().quote(),
                textSays(a, at, review).orElse(null),
                a.at() != null && at.isEmpty());
    }

    /** What the text alone says of the same thing. */
    private static Optional<String> textSays(Assertion a, Optional<Range> at, Review review) {
        Facts facts = review.asRead().facts();
        List<Ingredient> there = review.asRead().ingredients().stream()
                .filter(i -> at.isPresent() && i.range().overlaps(at.get()))
                .toList();
        Optional<Object> value =
                switch (a.field()) {
                    case METHOD -> facts.methods().stream().findFirst().map(m -> m.value()
                            .id());
                    case JAR -> facts.jars().stream().findFirst().map(j -> j.value()
                            .id());
                    case MINUTES -> facts.times().stream()
                            .findFirst()
                            .map(t -> t.value().least().value());
                    case PSI -> facts.pressures().stream().findFirst().map(p -> p.value()
                            .psi());
                    case PACK -> facts.packs().stream().findFirst().map(p -> p.value()
                            .id());
                    case LIQUID -> facts.liquids().stream().findFirst().map(l -> l.value());
                    case HEADSPACE_INCHES -> facts.headspace()
                            .map(h -> h.value().least().inches());
                    case ALTITUDE_FEET -> facts.altitude().map(h -> h.value().feet());
                    case FOOD -> there.stream().findFirst().map(i -> i.food().name());
                    case AMOUNT -> there.stream().findFirst().flatMap(Ingredient::amount);
                    case ROLE -> there.stream().findFirst().map(i -> i.aside() ? "aside" : "jar");
                    default -> Optional.empty();
                };
        return value.map(Object::toString);
    }

    private static SheetDoc sheet(RelativeSheet sheet, String text) {
        return new SheetDoc(
                sheet.tested().id(),
                sheet.tested().name(),
                sheet.scale(),
                sheet.lines().stream()
                        .map(l -> new SheetLineDoc(
                                l.tested()
                                        .map(t -> t.printed() + " " + t.item())
                                        .orElse(null),
                                l.scaled().map(Object::toString).orElse(null),
                                l.stated().isEmpty()
                                        ? null
                                        : l.stated().stream()
                                                .map(i -> i.range().of(text).replaceAll("\\s+", " "))
                                                .collect(Collectors.joining("; ")),
                                l.cups().isPresent() ? l.cups().getAsDouble() : null,
                                l.percent().isPresent() ? l.percent().getAsDouble() : null,
                                l.verdict().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                                l.free()))
                        .toList(),
                sheet.tested().variations());
    }

    private static LikenessDoc likeness(Likeness l) {
        return new LikenessDoc(
                l.shared(),
                l.missing(),
                l.beyond(),
                l.brinePercent().map(b -> b[0]).orElse(null),
                l.brinePercent().map(b -> b[1]).orElse(null),
                l.packSaid());
    }

    private static Placed placed(Placement p, Review review) {
        List<AlternativeDoc> others = p.alternatives().stream()
                .map(a -> new AlternativeDoc(
                        a.id(), a.title(), a.certainty().name().toLowerCase(Locale.ROOT), likeness(a.likeness())))
                .toList();
        Process process = review.subject().strictest().orElse(null);
        return new Placed(
                process == null ? null : process.id(),
                p.recipe().map(TestedRecipe::name).orElse(process == null ? null : process.title()),
                p.recipe().map(TestedRecipe::id).orElse(null),
                p.certainty().name().toLowerCase(Locale.ROOT),
                p.isPlaced() ? likeness(Likeness.of(review.recipe(), p, review.guide())) : null,
                others);
    }

    /** The required block alone; null where the recipe is not placed. */
    public static RequiredDoc required(Review review) {
        return review.required().map(ReviewDocuments::required).orElse(null);
    }

    private static RequiredDoc required(Required r) {
        return new RequiredDoc(
                r.method().id(),
                r.jar().id(),
                r.minutes().map(Minutes::value).orElse(null),
                r.least().map(Minutes::value).orElse(null),
                boxed(r.psi()),
                r.headspace().inches(),
                r.acidPerJar().orElse(null),
                r.sterilise(),
                r.ladder().stream()
                        .map(g -> new RungDoc(g.fromFeet(), boxed(g.toFeet()), g.minutes(), boxed(g.psi()), g.here()))
                        .toList(),
                source(r.source()));
    }

    private static Integer boxed(OptionalInt value) {
        return value.isPresent() ? value.getAsInt() : null;
    }

    static FindingDoc finding(Finding f, String text) {
        return new FindingDoc(
                f.code(),
                f.severity().id(),
                f.aspect().id(),
                SAY.say(f.title()),
                SAY.say(f.why()),
                evidence(f.evidence(), text),
                f.figures(),
                f.correction()
                        .map(c -> new CorrectionDoc(
                                SAY.say(c.text()),
                                c.edits().stream().map(Edits::document).toList()))
                        .orElse(null),
                source(f.source()));
    }

    private static CorrectedDoc corrected(Review review, Corrections corrections) {
        return corrections.ways().stream()
                .findFirst()
                .map(w -> new CorrectedDoc(
                        Call.SOUND.id(),
                        w.edits().stream().map(Edits::document).toList(),
                        MarkedText.of(review.recipe(), w.edits()).plain()))
                .orElse(null);
    }

    static QuestionDoc question(Asked asked, String text) {
        return new QuestionDoc(
                asked.question().code(),
                SAY.say(asked.question().text()),
                asked.answers().stream()
                        .map(a -> new AnswerDoc(
                                SAY.say(a.text()),
                                a.call().id(),
                                a.assertion().field().name(),
                                a.assertion().value()))
                        .toList(),
                asked.question().couldBecome(),
                evidence(asked.question().evidence(), text));
    }

    private static List<EvidenceDoc> evidence(List<Range> ranges, String text) {
        return ranges.stream()
                .map(r -> new EvidenceDoc(r.start(), r.end(), r.of(text)))
                .toList();
    }

    static SourceDoc source(Cited cited) {
        Source s = cited.source();
        return new SourceDoc(
                s.id(),
                s.title(),
                s.edition(),
                s.place(),
                cited.proof().id(),
                cited.confidence().name().toLowerCase(Locale.ROOT));
    }

    private static List<AspectDoc> aspects(Review review) {
        Map<Aspect, Severity> worst = review.aspects();
        Map<Aspect, Boolean> asked = new LinkedHashMap<>();
        review.questions().forEach(q -> q.question().couldBecome().forEach(c -> asked.put(Aspect.ofCode(c), true)));
        List<AspectDoc> docs = new ArrayList<>();
        for (Aspect aspect : Aspect.values()) {
            Severity severity = worst.get(aspect);
            boolean open = asked.containsKey(aspect) && (severity == null || severity.compareTo(Severity.CORRECT) < 0);
            docs.add(new AspectDoc(aspect.id(), open ? "open" : severity == null ? "none" : severity.id()));
        }
        return docs;
    }

    private static IngredientDoc ingredient(Ingredient i, String text) {
        String role = i.aside()
                ? "aside"
                : i.food().isAcidulant() ? "acid" : i.food().kind().name().toLowerCase(Locale.ROOT);
        return new IngredientDoc(
                i.range().start(),
                i.range().end(),
                i.range().of(text),
                i.food().name(),
                i.amount().map(Object::toString).orElse(null),
                role,
                i.amount().map(Amount::low).orElse(null),
                i.amount().map(a -> a.unit().name()).orElse(null),
                i.food().kind().isProduce() && i.food().acidity() == Acidity.LOW);
    }

    private static StatedDoc stated(Review review) {
        Facts f = review.recipe().facts();
        return new StatedDoc(
                review.subject().method().map(m -> m.id()).orElse(null),
                review.subject().jars().stream().findFirst().map(j -> j.id()).orElse(null),
                minutes(review),
                f.pressures().stream().map(p -> p.value().psi()).findFirst().orElse(null),
                f.headspace().map(h -> h.value().least().inches()).orElse(null),
                f.headspace().map(h -> h.value().most().inches()).orElse(null));
    }

    /** The shortest time stated for the jar the figures are for; where no time names that jar, the shortest of all. */
    private static Integer minutes(Review review) {
        List<ProcessTime> times =
                review.recipe().facts().times().stream().map(Fact::value).toList();
        List<ProcessTime> ofJar = times.stream()
                .filter(t ->
                        t.jar().isPresent() && t.jar().equals(review.required().map(Required::jar)))
                .toList();
        return (ofJar.isEmpty() ? times : ofJar)
                .stream().map(t -> t.least().value()).min(Integer::compare).orElse(null);
    }
}
