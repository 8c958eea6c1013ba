package oilcloth.server.places;

import java.util.List;

/** Finds places by name. Behind it a real elevation service could stand. */
interface Gazetteer {
    /** Places whose name holds these words, at most ten, alphabetically. */
    List<Place> find(String words);
}
