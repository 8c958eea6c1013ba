package oilcloth.review;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import oilcloth.guide.Gauge;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Method;
import oilcloth.guide.Pack;
import oilcloth.guide.Process;
import oilcloth.guide.ProcessRow;
import oilcloth.guide.TestedIngredient;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Altitude;
import oilcloth.measure.Fractions;
import oilcloth.measure.JarSize;

/** Writes tested recipes and processes down as a home canner would, with every needed fact. */
final class Retold {
    private static final GuideSnapshot GUIDE = GuideSnapshot.shipped();

    private Retold() {}

    static String recipe(TestedRecipe tested, Process process, JarSize jar, Altitude altitude) {
        StringBuilder text = new StringBuilder(tested.name()).append("\n\n");
        for (TestedIngredient i : tested.ingredients()) {
            if (i.optional() && i.item().contains("lime")) {
                continue;
            }
            String amount = i.amount()
                    .map(a -> figure(a.low())
                            + (a.unit().label().isEmpty() ? "" : " " + a.unit().label()))
                    .orElse("1 package");
            String strength = i.foods().stream().anyMatch(f -> f.isVinegar()) ? " (5%)" : "";
            String aside = i.aside() ? " (for the soak, drained off)" : "";
            text.append(amount)
                    .append(' ')
                    .append(
                            i.item().startsWith("other vegetables")
                                    ? "chopped celery, onions, carrots and peppers"
                                    : i.item())
                    .append(strength)
                    .append(aside)
                    .append('\n');
        }
        text.append('\n');
        String otherPack = process.pack() == Pack.HOT ? "Raw" : "Hot";
        tested.steps().stream()
                .filter(s -> !s.startsWith(otherPack + " pack:") && !s.startsWith("Firmer variation"))
                .forEach(s -> text.append(s).append('\n'));
        return text.append(pack(process))
                .append(canning(process, jar, altitude))
                .toString();
    }

    private static String figure(double value) {
        return Fractions.format(value);
    }

    static String pack(Process process) {
        return process.pack() == Pack.HOT ? "Pack hot. " : "Raw pack. ";
    }

    /** The last lines of a recipe: jar, headspace, method, time, altitude. */
    static String canning(Process process, JarSize jar, Altitude altitude) {
        ProcessRow row = process.rowFor(jar).orElseThrow();
        int minutes = row.minutesAt(altitude).value();
        String fill = String.format(
                Locale.ROOT,
                "Fill %s jars, leaving %s inch headspace. ",
                jar.id(),
                Fractions.format(row.headspace().inches()));
        String sterile = minutes < 10 ? "Boil the empty jars 16 minutes to sterilize them first. " : "";
        String canner = process.method() == Method.BOILING
                ? "Process " + minutes + " minutes in a boiling-water canner. "
                : "Vent 10 minutes, then pressure can " + minutes + " minutes at "
                        + row.psiAt(Gauge.DIAL, altitude).orElseThrow() + " psi, dial gauge. ";
        return sterile + fill + canner + "Our altitude is " + altitude.feet() + " feet.\n";
    }

    static Optional<Process> process(TestedRecipe tested, String id) {
        return GUIDE.process(tested.method(), id);
    }

    static List<Altitude> altitudes() {
        return List.of(Altitude.ofFeet(0), Altitude.ofFeet(2_500), Altitude.ofFeet(5_000), Altitude.ofFeet(7_500));
    }
}
