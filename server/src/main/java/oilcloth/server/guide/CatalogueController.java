package oilcloth.server.guide;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import oilcloth.formats.Catalogue;
import oilcloth.guide.GuideSnapshot;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The catalogue of checks, as the guide in force has it. */
@RestController
class CatalogueController {
    private final CurrentGuide guide;
    /** Its examples take a moment to run; only the guide in force is kept. */
    private final Map<String, Catalogue> made = new ConcurrentHashMap<>();

    CatalogueController(CurrentGuide guide) {
        this.guide = guide;
    }

    @GetMapping("/api/catalogue")
    List<Catalogue.Entry> catalogue() {
        GuideSnapshot now = guide.snapshot();
        made.keySet().removeIf(hash -> !hash.equals(now.hash()));
        return made.computeIfAbsent(now.hash(), h -> Catalogue.of(now)).entries();
    }
}
