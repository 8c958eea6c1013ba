package oilcloth.server.places;

import java.util.List;
import java.util.Optional;

/** Finds places by name. Behind it a real elevation service could stand. */
public interface Gazetteer {
    /** Places whose name holds these words, at most ten, alphabetically. */
    List<Place> find(String words);

    /** The place whose whole name stands in a text. */
    Optional<Place> named(String text);
}
