package oilcloth.server.guide;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.persistence.EntityNotFoundException;
import java.util.List;
import java.util.Optional;
import oilcloth.arithmetic.ScaledRecipe;
import oilcloth.formats.GuideLibrary;
import oilcloth.formats.GuideLibrary.ProcessEntry;
import oilcloth.formats.GuideLibrary.RecipeEntry;
import oilcloth.formats.GuideLibrary.SourceEntry;
import oilcloth.formats.UnusableInput;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Unit;
import oilcloth.server.account.SignedIn;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The library over HTTP: looked at by everybody, added to by an educator. */
@RestController
@RequestMapping("/api/guide")
class LibraryController {
    /** A tested recipe cut to the produce at hand. */
    record ScaledView(
            String id,
            double factor,
            List<ScaledLine> lines,
            ScaledJars jars,
            Double brinePercent,
            List<ScaledLoad> loads,
            boolean pectinDoubled) {}

    /** @param amount as cooks write it, or null where the recipe gives none */
    record ScaledLine(String tested, String amount, String item, String prep, String note, String role) {}

    record ScaledJars(double least, double most, String jar) {}

    record ScaledLoad(String canner, int loads, int last) {}

    /** The library file to bring in, as text. */
    record LibraryFile(String json) {}

    private final CurrentGuide guide;
    private final OwnLibrary own;

    LibraryController(CurrentGuide guide, OwnLibrary own) {
        this.guide = guide;
        this.own = own;
    }

    @GetMapping("/library")
    GuideLibrary library() {
        return own.all();
    }

    /** The same as a file to keep. */
    @GetMapping("/library/file")
    ResponseEntity<GuideLibrary> file() {
        ContentDisposition name = ContentDisposition.attachment()
                .filename("oilcloth-library.json")
                .build();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, name.toString())
                .body(own.all());
    }

    @GetMapping(path = "/library.schema.json", produces = MediaType.APPLICATION_JSON_VALUE)
    Resource schema() {
        return new ClassPathResource("/oilcloth/library.schema.json");
    }

    @PostMapping("/library")
    @PreAuthorize("hasRole('EDUCATOR')")
    OwnLibrary.Imported bring(
            @RequestBody LibraryFile file, @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by)
            throws UnusableInput {
        return own.bring(file.json(), by);
    }

    @PutMapping("/own/sources")
    @PreAuthorize("hasRole('EDUCATOR')")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void source(@RequestBody SourceEntry source, @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        own.save(source, by);
    }

    @PutMapping("/own/processes")
    @PreAuthorize("hasRole('EDUCATOR')")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void process(@RequestBody ProcessEntry process, @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        own.save(process, by);
    }

    @PutMapping("/own/recipes")
    @PreAuthorize("hasRole('EDUCATOR')")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void recipe(@RequestBody RecipeEntry recipe, @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        own.save(recipe, by);
    }

    @DeleteMapping("/own/{kind}/{id}")
    @PreAuthorize("hasRole('EDUCATOR')")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(
            @PathVariable OwnEntry.Kind kind,
            @PathVariable String id,
            @Parameter(hidden = true) @AuthenticationPrincipal SignedIn by) {
        own.remove(kind, id, by);
    }

    /** By a factor, or so that one line (counted from 0) comes to what is at hand. */
    @GetMapping("/recipes/{id}/scaled")
    ScaledView scaled(
            @PathVariable String id,
            @RequestParam Optional<Double> factor,
            @RequestParam Optional<Integer> line,
            @RequestParam Optional<Double> have,
            @RequestParam Optional<Unit> unit) {
        GuideSnapshot now = guide.snapshot();
        TestedRecipe recipe = now.recipes().stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow(EntityNotFoundException::new);
        ScaledRecipe scaled = line.isPresent() && have.isPresent() && unit.isPresent()
                ? ScaledRecipe.toHave(recipe, line.get(), have.get(), unit.get(), now)
                : ScaledRecipe.by(recipe, factor.orElse(1.0), now);
        return view(scaled);
    }

    private static ScaledView view(ScaledRecipe s) {
        return new ScaledView(
                s.recipe().id(),
                s.factor(),
                s.lines().stream()
                        .map(l -> new ScaledLine(
                                l.tested().printed(),
                                l.amount().map(Object::toString).orElse(null),
                                l.tested().item(),
                                l.tested().prep(),
                                l.tested().note(),
                                l.tested().role()))
                        .toList(),
                s.jars()
                        .map(j -> new ScaledJars(j.least(), j.most(), j.jar().label()))
                        .orElse(null),
                s.brine().map(b -> b.percent()).orElse(null),
                s.loads().stream()
                        .map(l -> new ScaledLoad(l.canner().canner(), l.loads(), l.last()))
                        .toList(),
                s.pectinDoubled());
    }
}
