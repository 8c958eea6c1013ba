package oilcloth.check.time;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oilcloth.check.Subject;
import oilcloth.heat.Requirement;
import oilcloth.measure.JarSize;
import oilcloth.recipe.Fact;
import oilcloth.recipe.ProcessTime;

/** What the time checks share: the stated time for a jar, and the requirement it stands against. */
final class Timing {
    private Timing() {}

    /** The jars to judge; every tested one when the text names none. */
    static List<JarSize> jars(Subject s) {
        if (!s.jars().isEmpty()) {
            return List.copyOf(s.jars());
        }
        return s.placement().open().stream()
                .flatMap(p -> p.jars().stream())
                .distinct()
                .sorted()
                .toList();
    }

    /** The shortest time stated for this jar: its own if it has one, else the one said for all. */
    static Optional<Fact<ProcessTime>> stated(Subject s, JarSize jar) {
        List<Fact<ProcessTime>> times = s.facts().times();
        Comparator<Fact<ProcessTime>> shortest =
                Comparator.comparing(t -> t.value().least());
        Optional<Fact<ProcessTime>> own = times.stream()
                .filter(t -> t.value().jar().filter(j -> j == jar).isPresent())
                .min(shortest);
        Optional<Fact<ProcessTime>> general =
                times.stream().filter(t -> t.value().jar().isEmpty()).min(shortest);
        // One jar and one time belong together, whatever jar stood beside the time.
        boolean lone = times.size() == 1 && jars(s).size() == 1;
        return own.or(() -> general).or(() -> lone ? times.stream().findFirst() : Optional.empty());
    }

    static Optional<Requirement> required(Subject s, JarSize jar) {
        return Requirement.of(s.rows(jar), s.altitude());
    }
}
