package oilcloth.server.plan;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import oilcloth.formats.DayPlanCalendar;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;
import oilcloth.plan.DayPlan;
import oilcloth.plan.Job;
import oilcloth.plan.Stove;
import oilcloth.server.cases.CaseCorrections;
import oilcloth.server.cases.Cases;
import oilcloth.server.guide.CurrentGuide;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Lays out a day; nothing is kept. */
@RestController
class PlanController {
    /**
     * A recipe of the day: of a case, as sent or corrected, or a tested one in a jar.
     *
     * @param caseId or null for a tested recipe
     * @param recipe the tested recipe's id, where there is no case
     * @param jar of a tested recipe; a case has its own
     */
    record JobWish(
            UUID caseId,
            @Min(0) int part,
            boolean corrected,
            @Size(max = 120) String recipe,
            @Size(max = 20) String jar,
            @Min(1) @Max(200) int jars) {}

    /**
     * Either a start or the moment it is to be done by.
     *
     * @param zone whose midnight counts, as the browser knows it
     */
    record PlanWish(
            Instant start,
            Instant doneBy,
            @Min(-1_400) @Max(16_000) int altitudeFt,
            @NotBlank @Size(max = 40) String canner,
            @NotNull Stove.Burner burner,
            @NotNull ZoneId zone,
            @NotEmpty @Size(max = 6) List<@NotNull @Valid JobWish> jobs) {}

    record TaskDoc(int job, String kind, boolean hands, Instant from, Instant to, String words) {}

    record PlanDoc(Instant start, Instant done, List<String> names, List<TaskDoc> tasks, List<String> warnings) {}

    private final CurrentGuide guide;
    private final Cases cases;
    private final CaseCorrections corrections;
    private final Clock clock;

    PlanController(CurrentGuide guide, Cases cases, CaseCorrections corrections, Clock clock) {
        this.guide = guide;
        this.cases = cases;
        this.corrections = corrections;
        this.clock = clock;
    }

    @PostMapping("/api/plan")
    PlanDoc plan(@Valid @RequestBody PlanWish wish) {
        List<Job> jobs = jobs(wish);
        DayPlan plan = plan(wish, jobs);
        return new PlanDoc(
                plan.start().toInstant(),
                plan.done().toInstant(),
                jobs.stream().map(Job::name).toList(),
                plan.tasks().stream()
                        .map(t -> new TaskDoc(
                                t.job(),
                                t.kind().id(),
                                t.kind().isHandsOn(),
                                plan.start().plusMinutes(t.from()).toInstant(),
                                plan.start().plusMinutes(t.to()).toInstant(),
                                t.words()))
                        .toList(),
                plan.warnings());
    }

    @PostMapping(path = "/api/plan/calendar", produces = "text/calendar")
    ResponseEntity<String> calendar(@Valid @RequestBody PlanWish wish) {
        List<Job> jobs = jobs(wish);
        String written = DayPlanCalendar.of(
                plan(wish, jobs), jobs.stream().map(Job::name).toList(), clock.instant());
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/calendar;charset=UTF-8"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("day-plan.ics")
                                .build()
                                .toString())
                .body(written);
    }

    private DayPlan plan(PlanWish wish, List<Job> jobs) {
        if ((wish.start() == null) == (wish.doneBy() == null)) {
            throw new IllegalArgumentException("Say when the day begins, or by when it is to be done.");
        }
        GuideSnapshot now = guide.snapshot();
        DayPlan.Kitchen kitchen = new DayPlan.Kitchen(Altitude.ofFeet(wish.altitudeFt()), wish.canner(), wish.burner());
        return wish.start() != null
                ? DayPlan.from(wish.start().atZone(wish.zone()), jobs, kitchen, now)
                : DayPlan.doneBy(wish.doneBy().atZone(wish.zone()), jobs, kitchen, now);
    }

    private List<Job> jobs(PlanWish wish) {
        Altitude altitude = Altitude.ofFeet(wish.altitudeFt());
        return wish.jobs().stream().map(j -> job(j, altitude)).toList();
    }

    private Job job(JobWish wish, Altitude altitude) {
        if (wish.caseId() != null) {
            return Job.of(
                    cases.titleOf(wish.caseId()),
                    corrections.at(altitude, wish.caseId(), wish.part(), wish.corrected()),
                    wish.jars());
        }
        TestedRecipe recipe = guide.snapshot().recipes().stream()
                .filter(r -> r.id().equals(wish.recipe()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("Choose a case or a tested recipe for each line."));
        JarSize jar = JarSize.ofId(wish.jar() == null ? "" : wish.jar())
                .orElseThrow(() -> new IllegalArgumentException("Choose a jar for " + recipe.name() + "."));
        return Job.of(recipe, guide.snapshot(), altitude, jar, wish.jars());
    }
}
