package oilcloth.measure;

/** Gauge pressure in a pressure canner, pounds per square inch, 0 to 30. */
public record Pressure(double psi) {
    /** @throws IllegalArgumentException outside 0 to 30 psi */
    public Pressure {
        if (!(psi >= 0 && psi <= 30)) {
            throw new IllegalArgumentException("pressure runs from 0 to 30 psi: " + psi);
        }
    }

    public static Pressure ofPsi(double psi) {
        return new Pressure(psi);
    }
}
