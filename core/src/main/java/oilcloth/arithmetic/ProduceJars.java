package oilcloth.arithmetic;

import oilcloth.guide.Kitchen;
import oilcloth.measure.JarSize;

/**
 * Produce as bought to jars, with the spread cooks meet.
 *
 * @param least and {@code most}: about a fifth either way
 */
public record ProduceJars(Kitchen.Yield yield, double pounds, JarSize jar, double least, double likely, double most) {
    private static final double SPREAD = 0.2;

    /** Jars from so many pounds. @param pounds above 0 */
    public static ProduceJars fromPounds(Kitchen.Yield yield, double pounds, JarSize jar) {
        if (!(pounds > 0)) {
            throw new IllegalArgumentException("how many pounds?");
        }
        double likely = pounds / yield.poundsPerQuart() * quartsPerJar(jar);
        return new ProduceJars(yield, pounds, jar, likely * (1 - SPREAD), likely, likely * (1 + SPREAD));
    }

    /** Pounds for so many jars. @param jars above 0 */
    public static ProduceJars forJars(Kitchen.Yield yield, double jars, JarSize jar) {
        return fromPounds(yield, jars / quartsPerJar(jar) * yield.poundsPerQuart(), jar);
    }

    /** How many of these jars a quart fills. */
    private static double quartsPerJar(JarSize jar) {
        return 2 / jar.pints();
    }
}
