package oilcloth.server.places;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;

/** The made-up county of Teasel and its neighbours; ships with the application. */
@Component
class MadeUpGazetteer implements Gazetteer {
    private static final int MOST = 10;
    private static final List<Place> PLACES = List.of(
            new Place("Alder Ferry", 410, 460),
            new Place("Brindle Flat", 960, 1_040),
            new Place("Candlewick", 1_720, 1_830),
            new Place("Dunmore Hollow", 2_250, 2_400),
            new Place("East Teasel", 4_880, 4_960),
            new Place("Fennimore Bench", 5_150, 5_260),
            new Place("Galloway Springs", 6_440, 6_620),
            new Place("High Larkin", 7_180, 7_350),
            new Place("Iron Meadow", 8_240, 8_390),
            new Place("Juniper Crossing", 3_380, 3_470),
            new Place("Kettle Lake", 590, 640),
            new Place("Lower Teasel", 4_610, 4_700));

    @Override
    public List<Place> find(String words) {
        String wanted = words.strip().toLowerCase(Locale.ROOT);
        return PLACES.stream()
                .filter(p -> p.name().toLowerCase(Locale.ROOT).contains(wanted))
                .sorted(Comparator.comparing(Place::name))
                .limit(MOST)
                .toList();
    }
}
