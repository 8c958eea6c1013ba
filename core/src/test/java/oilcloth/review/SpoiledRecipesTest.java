package oilcloth.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Process;
import oilcloth.guide.TestedRecipe;
import oilcloth.measure.Altitude;
import oilcloth.measure.JarSize;
import oilcloth.recipe.Context;
import org.junit.jupiter.api.Test;

/** A sound recipe spoiled in one way is never called sound, whatever else the engine makes of it. */
class SpoiledRecipesTest {
    private static final GuideSnapshot GUIDE = GuideSnapshot.shipped();
    private static final Engine ENGINE = new Engine(GUIDE);
    private static final Altitude HERE = Altitude.ofFeet(2_500);

    /** In jam of acid fruit neither juice nor water decides safety; the gherkins say their vinegar twice. */
    private static final Pattern IS_JAM = Pattern.compile("(?i)^[^\\n]*(jam|jelly)");

    private record Told(TestedRecipe tested, Process process, JarSize jar, String text) {}

    /** Every tested recipe in each of its jars, as an educator would tell it. */
    private static final List<Told> SOUND = sound();

    private static List<Told> sound() {
        List<Told> told = new ArrayList<>();
        for (TestedRecipe tested : GUIDE.recipes()) {
            for (String id : tested.processes()) {
                Process process = Retold.process(tested, id).orElseThrow();
                for (JarSize jar : process.jars()) {
                    String text = Retold.recipe(tested, process, jar, HERE);
                    if (ENGINE.review(text, Context.planning(null)).call() == Call.SOUND) {
                        told.add(new Told(tested, process, jar, text));
                    }
                }
            }
        }
        return told;
    }

    private static void neverSound(String how, UnaryOperator<String> spoil) {
        List<String> stillSound = new ArrayList<>();
        int spoiled = 0;
        for (Told told : SOUND) {
            String text = spoil.apply(told.text());
            if (text.equals(told.text())) {
                continue;
            }
            spoiled++;
            if (ENGINE.review(text, Context.planning(null)).call() == Call.SOUND) {
                stillSound.add(told.tested().id() + " " + told.process().id() + " "
                        + told.jar().id());
            }
        }
        assertThat(spoiled).as(how + ": tried").isPositive();
        assertThat(stillSound).as(how + ": still sound of " + spoiled).isEmpty();
    }

    /** Multiplies the amount at the start of each ingredient line whose item matches. */
    private static String scale(String text, Pattern item, double factor) {
        StringBuilder out = new StringBuilder();
        for (String line : text.split("\n", -1)) {
            Matcher m = Pattern.compile("^([\\d½¼¾⅓⅔⅛⅜⅝⅞.]+)( (cup|qt|quart|pint|Tbsp|tsp|lb|gallon)? ?)(.*)$")
                    .matcher(line);
            if (m.matches()
                    && m.group(3) != null
                    && item.matcher(m.group(4)).find()
                    && !m.group(4).contains("soak")
                    && !m.group(4).contains(" per ")) {
                double value = oilcloth.reading.RecipeReaderTest.figure(m.group(1));
                out.append(oilcloth.measure.Fractions.format(value * factor))
                        .append(m.group(2))
                        .append(m.group(4));
            } else {
                out.append(line);
            }
            out.append('\n');
        }
        String result = out.substring(0, out.length() - 1);
        return result;
    }

    @Test
    void halfTheVinegarOrJuice() {
        neverSound(
                "half the acid",
                t -> IS_JAM.matcher(t).find() || t.contains("gherkin")
                        ? t
                        : scale(t, Pattern.compile("vinegar|bottled"), 0.5));
    }

    @Test
    void fourCupsOfWater() {
        neverSound(
                "four cups of water",
                t -> !IS_JAM.matcher(t).find() && (t.contains("bottled") || t.contains("(5%)"))
                        ? t.replaceFirst("\n\n", "\n\n4 cups water\n")
                        : t);
    }

    @Test
    void flour() {
        neverSound("flour", t -> t.replaceFirst("\n\n", "\n\n1/2 cup flour\n"));
        neverSound(
                "flour in a step", t -> t.replaceFirst("(?s)\n\n(.*)\n\n", "\n\n$1\n\nThicken with a little flour.\n"));
    }

    @Test
    void oil() {
        neverSound("a cup of lard", t -> t.replaceFirst("\n\n", "\n\n1 cup lard\n"));
    }

    @Test
    void moreStarchOrOilThanTested() {
        neverSound("three times the starch or oil", t -> scale(t, Pattern.compile("starch|\\boil\\b"), 3));
    }

    @Test
    void extraOnion() {
        neverSound("six cups of potatoes", t -> t.replaceFirst("\n\n", "\n\n6 cups diced potatoes\n"));
    }

    @Test
    void somethingNobodyKnows() {
        neverSound("gloop", t -> t.replaceFirst("\n\n", "\n\n2 cups gloop\n"));
        neverSound("gloop in a step", t -> t.replaceFirst("(?s)\n\n(.*)\n\n", "\n\n$1\n\nStir in the gloop.\n"));
    }

    @Test
    void aShorterTime() {
        neverSound("five minutes less", t -> {
            Matcher m = Pattern.compile("(Process|pressure can) (\\d+) minutes").matcher(t);
            return m.find()
                    ? m.replaceFirst(m.group(1) + " " + Math.max(1, Integer.parseInt(m.group(2)) - 5) + " minutes")
                    : t;
        });
    }

    @Test
    void aLargerJar() {
        neverSound("gallon jars", t -> t.replaceAll("Fill [a-z0-9-]+ jars", "Fill half-gallon jars"));
    }

    @Test
    void anUnsaidFact() {
        neverSound("altitude unsaid", t -> t.replaceAll("Our altitude is [0-9]+ feet\\.", ""));
        neverSound(
                "method and time unsaid", t -> t.replaceAll("Process \\d+ minutes in a boiling-water canner\\. ", ""));
        neverSound("time unsaid", t -> t.replaceAll("Process \\d+ minutes in", "Process in")
                .replaceAll("pressure can \\d+ minutes", "pressure can"));
        neverSound("pressure unsaid", t -> t.replaceAll(" at \\d+ psi, dial gauge", ""));
        neverSound("venting unsaid", t -> t.replaceAll("Vent 10 minutes, then ", ""));
        neverSound(
                "no process at all",
                t -> t.replaceAll(
                        "Process \\d+ minutes in a boiling-water canner\\. ", "Seal at once, no need to process. "));
        neverSound("vinegar strength unsaid", t -> t.replaceAll(" ?\\(5%\\)| ?5%", ""));
        neverSound("vinegar of 4 %", t -> t.replaceAll("5%", "4%"));
        neverSound(
                "fresh lemon",
                t -> IS_JAM.matcher(t).find()
                        ? t
                        : t.replaceAll("bottled lemon or lime juice|bottled lemon juice", "fresh lemon juice"));
    }

    @Test
    void higherUp() {
        neverSound("the time for 2,500 ft at 8,500 ft", t -> t.replace("2500 feet", "8500 feet"));
    }

    @Test
    void anUnacidifiedFood() {
        neverSound(
                "all the acid left out",
                t -> !hasAcid(t)
                        ? t
                        : t.lines()
                                .filter(l -> !l.contains("vinegar") && !l.contains("bottled") && !l.contains("acid"))
                                .collect(java.util.stream.Collectors.joining("\n")));
    }

    private static boolean hasAcid(String t) {
        return !IS_JAM.matcher(t).find() && (t.contains("(5%)") || t.contains("bottled"));
    }
}
