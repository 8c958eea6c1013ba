package oilcloth.server.season;

import java.time.LocalDate;
import java.util.List;
import oilcloth.formats.SafeCsv;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The season, over HTTP. */
@RestController
class SeasonController {
    record Count(String name, int cases) {}

    record Hazard(String code, String summary, int cases) {}

    /** @param monday its first day */
    record Week(LocalDate monday, int letters, int calls) {}

    /**
     * @param medianHours from a letter to its first signed answer, or null
     * @param teach the next lessons, the most needed first
     */
    record SeasonDoc(
            LocalDate from,
            LocalDate to,
            int letters,
            int answered,
            int calls,
            Double medianHours,
            List<Week> weeks,
            List<Count> outcomes,
            List<Count> places,
            List<Count> foods,
            List<Count> methods,
            List<Hazard> hazards,
            List<String> teach) {}

    private final Season season;

    SeasonController(Season season) {
        this.season = season;
    }

    @GetMapping("/api/season")
    SeasonDoc season(@RequestParam LocalDate from, @RequestParam LocalDate to) {
        return season.between(from, to);
    }

    @GetMapping(path = "/api/season/file", produces = "text/csv")
    ResponseEntity<String> file(@RequestParam LocalDate from, @RequestParam LocalDate to) {
        SeasonDoc doc = season.between(from, to);
        SafeCsv csv = new SafeCsv("what", "name", "count");
        csv.row("letters", "", doc.letters());
        csv.row("answered", "", doc.answered());
        csv.row("phone calls", "", doc.calls());
        csv.row("median hours to answer", "", doc.medianHours() == null ? "" : doc.medianHours());
        doc.weeks().forEach(w -> csv.row("letters in the week of", w.monday(), w.letters()));
        doc.weeks().forEach(w -> csv.row("calls in the week of", w.monday(), w.calls()));
        doc.outcomes().forEach(c -> csv.row("call", c.name(), c.cases()));
        doc.places().forEach(c -> csv.row("place", c.name(), c.cases()));
        doc.foods().forEach(c -> csv.row("food", c.name(), c.cases()));
        doc.methods().forEach(c -> csv.row("method", c.name(), c.cases()));
        doc.hazards().forEach(h -> csv.row("hazard", h.code(), h.cases()));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("season.csv")
                                .build()
                                .toString())
                .body(csv.text());
    }
}
