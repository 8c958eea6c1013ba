package oilcloth.server.places;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Looks places up for the new-case form. */
@RestController
class PlaceController {
    private final Gazetteer gazetteer;

    PlaceController(Gazetteer gazetteer) {
        this.gazetteer = gazetteer;
    }

    @GetMapping("/api/places")
    List<Place> find(@RequestParam(defaultValue = "") String q) {
        return gazetteer.find(q);
    }
}
