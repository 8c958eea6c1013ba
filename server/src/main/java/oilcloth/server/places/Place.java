package oilcloth.server.places;

import oilcloth.guide.ProcessRow;
import oilcloth.measure.Altitude;

/**
 * A place and how high it lies: the lowest and the highest kitchens in it, in feet.
 *
 * @param edgeFeet the edge of a boiling-water altitude band that the place lies across, or null
 */
public record Place(String name, int lowestFeet, int highestFeet, Integer edgeFeet) {
    static Place of(String name, int lowestFeet, int highestFeet) {
        int low = ProcessRow.band(ProcessRow.BOILING_BANDS, Altitude.ofFeet(lowestFeet));
        int high = ProcessRow.band(ProcessRow.BOILING_BANDS, Altitude.ofFeet(highestFeet));
        return new Place(name, lowestFeet, highestFeet, low == high ? null : ProcessRow.BOILING_BANDS.get(low));
    }
}
