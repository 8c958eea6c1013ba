package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oilcloth.check.Messages;
import oilcloth.check.Severity;
import oilcloth.guide.Acidity;
import oilcloth.guide.Confidence;
import oilcloth.guide.FoodClass;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.PlacingRule;
import oilcloth.guide.Process;
import oilcloth.guide.ProcessRow;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;
import oilcloth.recipe.Context;
import org.junit.jupiter.api.Test;

/** Every plain process, told with its row and every needed fact, is placed on itself and sound; five minutes less is not. */
class PlainProcessesTest {
    private static final GuideSnapshot GUIDE = GuideSnapshot.shipped();
    private static final Engine ENGINE = new Engine(GUIDE);
    private static final Map<String, String> TITLES = Map.ofEntries(
            Map.entry("sauce", "%s sauce"),
            Map.entry("juice", "%s juice"),
            Map.entry("puree", "%s puree"),
            Map.entry("crushed", "Crushed %s"),
            Map.entry("stock", "%s stock"),
            Map.entry("ground", "Ground %s"),
            Map.entry("boneless", "%s, boneless"),
            Map.entry("bone-in", "%s, bone-in"),
            Map.entry("smoked", "Smoked %s"),
            Map.entry("cream-style", "%s, cream style"));

    /** The recipe of a plain process with every needed fact; empty where it takes more than that to tell it. */
    static Optional<String> told(PlacingRule rule, JarSize jar, Altitude altitude) {
        Process process = rule.process();
        String name = rule.foods().stream()
                .sorted()
                .filter(n -> !n.startsWith("@") && !n.contains(" with "))
                .reduce((first, last) -> rule.form().equals("puree") ? last : first)
                .orElse("");
        boolean special = name.isEmpty()
                || rule.form().endsWith("beans")
                || rule.form().equals("jam")
                || rule.form().equals("jelly")
                || process.id().endsWith("15psi-weighted")
                || rule.form().equals("smoked");
        if (special) {
            return Optional.empty();
        }
        boolean tomatoes = rule.foods().contains("tomato");
        String food = tomatoes ? "tomatoes" : plural(name);
        String title = TITLES.getOrDefault(rule.form(), tomatoes ? "Whole %s" : "Canned %s");
        StringBuilder text = new StringBuilder(String.format(title, food))
                .append("\n\n20 lb ")
                .append(food)
                .append('\n');
        if (process.needsAcidPerJar()) {
            text.append(jar == JarSize.PINT ? "1 Tbsp" : "2 Tbsp")
                    .append(" bottled lemon juice per ")
                    .append(jar.id())
                    .append('\n');
        }
        text.append('\n');
        text.append(besides(process.id(), jar));
        text.append(Retold.pack(process));
        if (rule.form().equals("pieces") && rule.liquid().equals("water")) {
            text.append("Cover with hot water. ");
        } else if (rule.form().equals("pieces") && rule.liquid().equals("juice")) {
            text.append("Cover with hot tomato juice. ");
        } else if (rule.form().equals("pieces") && rule.liquid().equals("none")) {
            text.append("Press them down, no added liquid. ");
        }
        return Optional.of(text.append(Retold.canning(process, jar, altitude)).toString());
    }

    private static String plural(String name) {
        int comma = name.indexOf(", ");
        String plain = comma < 0 ? name : name.substring(comma + 2) + " " + name.substring(0, comma);
        return GUIDE.food(name).kind() == FoodClass.MEAT
                        || GUIDE.food(name).kind() == FoodClass.SEAFOOD
                        || plain.endsWith("s")
                ? plain
                : plain + "s";
    }

    /** What the style or the notes of a row ask besides; empty for most. */
    private static String besides(String process, JarSize jar) {
        if (process.startsWith("beans-dry")) {
            return "Soak 12 hours, drain, boil 30 minutes. ";
        }
        if (process.startsWith("clams")) {
            return "Boil the meat 2 minutes in water with 2 Tbsp bottled lemon juice to the gallon, drain. ";
        }
        if (process.startsWith("crab")) {
            return (jar == JarSize.PINT ? "4" : "2") + " Tbsp bottled lemon juice per " + jar.id() + ". ";
        }
        return process.startsWith("fish-raw") && jar == JarSize.QUART
                ? "Follow the slow heat-up steps for quarts of fish. "
                : "";
    }

    @Test
    void whatTheRowAsksBesidesIsAskedUntilSomebodySaysIt() {
        int asked = 0;
        for (PlacingRule rule : GUIDE.placing()) {
            for (JarSize jar : rule.process().jars()) {
                String besides = besides(rule.process().id(), jar);
                Optional<String> text = told(rule, jar, Altitude.ofFeet(500)).filter(t -> !besides.isEmpty());
                if (text.isPresent()) {
                    asked++;
                    assertThat(ENGINE.review(text.get().replace(besides, ""), Context.planning(null))
                                    .call())
                            .as(text.get())
                            .isEqualTo(Call.ASK);
                }
            }
        }
        assertThat(asked).isGreaterThan(6);
    }

    @Test
    void soundWithItsOwnRow() {
        List<String> failed = new ArrayList<>();
        int told = 0;
        for (PlacingRule rule : GUIDE.placing()) {
            for (ProcessRow row : rule.process().rows().values()) {
                if (row.confidence() != Confidence.HIGH) {
                    continue;
                }
                for (Altitude altitude : Retold.altitudes()) {
                    Optional<String> text = told(rule, row.jar(), altitude);
                    if (text.isEmpty()) {
                        continue;
                    }
                    told++;
                    Review review = ENGINE.review(text.get(), Context.planning(null));
                    if (review.call() != Call.SOUND) {
                        failed.add(rule.process().key() + " " + row.jar().id() + " at " + altitude.feet() + " → "
                                + why(review));
                    }
                }
            }
        }
        assertThat(told).isGreaterThan(400);
        assertThat(failed).isEmpty();
    }

    @Test
    void fiveMinutesLessIsNeverSound() {
        List<String> stillSound = new ArrayList<>();
        for (PlacingRule rule : GUIDE.placing()) {
            for (JarSize jar : rule.process().jars()) {
                told(rule, jar, Altitude.ofFeet(2_500)).ifPresent(text -> {
                    int minutes = rule.process()
                            .rowFor(jar)
                            .orElseThrow()
                            .minutesAt(Altitude.ofFeet(2_500))
                            .value();
                    String less = text.replace(minutes + " minutes in a", Math.max(1, minutes - 5) + " minutes in a")
                            .replace("can " + minutes + " minutes", "can " + Math.max(1, minutes - 5) + " minutes");
                    if (!less.equals(text)
                            && ENGINE.review(less, Context.planning(null)).call() == Call.SOUND) {
                        stillSound.add(rule.process().key() + " " + jar.id());
                    }
                });
            }
        }
        assertThat(stillSound).isEmpty();
    }

    @Test
    void lowAcidFoodInBoilingWaterIsAlwaysStopped() {
        List<String> passed = new ArrayList<>();
        for (PlacingRule rule : GUIDE.placing()) {
            boolean lowAcid = rule.foods().stream()
                    .filter(n -> !n.startsWith("@") && !n.contains(" with "))
                    .anyMatch(n -> GUIDE.food(n).acidity() == Acidity.LOW);
            if (!lowAcid) {
                continue;
            }
            for (JarSize jar : rule.process().jars()) {
                told(rule, jar, Altitude.ofFeet(500)).ifPresent(text -> {
                    String boiled = text.replaceAll(
                            "(?s)Vent 10 minutes.*gauge\\.", "Process 3 hours in a boiling-water canner.");
                    if (ENGINE.review(boiled, Context.planning(null)).call() != Call.STOP) {
                        passed.add(rule.process().key() + " " + jar.id());
                    }
                });
            }
        }
        assertThat(passed).isEmpty();
    }

    private static String why(Review review) {
        StringBuilder why = new StringBuilder(review.call().id()).append(" as ");
        why.append(review.placement()
                .recipe()
                .map(r -> r.id())
                .orElseGet(() -> review.placement().first().map(Process::key).orElse("nothing")));
        review.open().stream()
                .filter(f -> f.severity().compareTo(Severity.CORRECT) >= 0)
                .forEach(f -> why.append("; ").append(f.code()).append(" ").append(f.figures()));
        review.questions().forEach(q -> why.append("; ? ")
                .append(Messages.english().say(q.question().text())));
        return why.toString();
    }
}
