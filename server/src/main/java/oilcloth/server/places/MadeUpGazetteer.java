package oilcloth.server.places;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The made-up county of Teasel and its neighbours; ships with the application. */
@Component
class MadeUpGazetteer implements Gazetteer {
    private static final int MOST = 10;
    private static final List<Place> PLACES = List.of(
            Place.of("Alder Ferry", 410, 460),
            Place.of("Brindle Flat", 960, 1_040),
            Place.of("Candlewick", 1_720, 1_830),
            Place.of("Dunmore Hollow", 2_250, 2_400),
            Place.of("East Teasel", 4_880, 4_960),
            Place.of("Fennimore Bench", 5_150, 5_260),
            Place.of("Galloway Springs", 6_440, 6_620),
            Place.of("High Larkin", 7_180, 7_350),
            Place.of("Iron Meadow", 8_240, 8_390),
            Place.of("Juniper Crossing", 3_380, 3_470),
            Place.of("Kettle Lake", 590, 640),
            Place.of("Lower Teasel", 4_610, 4_700));

    @Override
    public List<Place> find(String words) {
        String wanted = words.strip().toLowerCase(Locale.ROOT);
        return PLACES.stream()
                .filter(p -> p.name().toLowerCase(Locale.ROOT).contains(wanted))
                .sorted(Comparator.comparing(Place::name))
                .limit(MOST)
                .toList();
    }

    @Override
    public Optional<Place> named(String text) {
        String low = text.toLowerCase(Locale.ROOT);
        return PLACES.stream()
                .filter(p -> low.contains(p.name().toLowerCase(Locale.ROOT)))
                .findFirst();
    }
}
