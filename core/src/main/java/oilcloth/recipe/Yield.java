package oilcloth.recipe;

import oilcloth.measure.JarSize;

/** How many jars of which size; the count may be a range. */
public record Yield(double least, double most, JarSize jar) {}
