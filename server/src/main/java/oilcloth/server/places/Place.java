package oilcloth.server.places;

/** A place and how high it lies: the lowest and the highest kitchens in it, in feet. */
public record Place(String name, int lowestFeet, int highestFeet) {}
