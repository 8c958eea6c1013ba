package oilcloth.server.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import oilcloth.check.Language;
import oilcloth.formats.UnusableInput;
import oilcloth.guide.TestedIngredient;
import oilcloth.guide.TestedRecipe;
import oilcloth.server.cases.CaseController;
import oilcloth.server.cases.Cases;
import oilcloth.server.cases.JarsState;
import oilcloth.server.guide.CurrentGuide;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Fills a desk with made-up cases, to see how it bears them; then stops. Tested recipes, retold with common mistakes. */
@Component
@Order(2)
@ConditionalOnProperty("oilcloth.generate")
class ManyCases implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(ManyCases.class);
    private static final List<String> FIRST = List.of(
            "Ada", "Bertil", "Cosima", "Dorrit", "Edda", "Fenn", "Gisela", "Hal", "Isolde", "Joss", "Kaja", "Lorne",
            "Mabry", "Nils", "Orla", "Perrin", "Quill", "Runa", "Sorrel", "Tove", "Ulla", "Vesper", "Wren", "Xan",
            "Yara", "Zeno");
    private static final List<String> LAST = List.of(
            "Amsel",
            "Birch",
            "Corbin",
            "Dahl",
            "Elm",
            "Fairweather",
            "Gantry",
            "Holm",
            "Iversen",
            "Junco",
            "Kestrel",
            "Larkin",
            "Marl",
            "Nettle",
            "Oxley",
            "Pike",
            "Quince",
            "Rook",
            "Sedge",
            "Thorne",
            "Umber",
            "Vale",
            "Wicker",
            "Yew");
    private static final List<String> PLACES = List.of(
            "Alder Ferry",
            "Brindle Flat",
            "Candlewick",
            "Dunmore Hollow",
            "East Teasel",
            "Fennimore Bench",
            "Galloway Springs",
            "Kettle Lake",
            "Lower Teasel",
            "");
    private static final List<String> OPENINGS = List.of(
            "",
            "Is this one all right?",
            "My aunt always made it like this.",
            "Found this on a card in the kitchen drawer.",
            "We want to sell some at the fair.",
            "Please look this over before Saturday.");

    private final Cases cases;
    private final CurrentGuide guide;
    private final Clock clock;
    private final ConfigurableApplicationContext context;
    private final int count;

    ManyCases(
            Cases cases,
            CurrentGuide guide,
            Clock clock,
            ConfigurableApplicationContext context,
            @Value("${oilcloth.generate}") int count) {
        this.cases = cases;
        this.guide = guide;
        this.clock = clock;
        this.context = context;
        this.count = count;
    }

    @Override
    public void run(ApplicationArguments arguments) throws UnusableInput {
        Random random = new Random(1);
        List<TestedRecipe> recipes = guide.snapshot().recipes();
        Instant now = clock.instant();
        long began = System.nanoTime();
        int made = 0;
        for (int i = 0; i < count; i++) {
            TestedRecipe recipe = recipes.get(random.nextInt(recipes.size()));
            Integer altitude = random.nextInt(5) == 0 ? null : 100 * random.nextInt(80);
            Instant at = now.minus(Duration.ofMinutes(random.nextInt(60 * 24 * 180)));
            boolean jars = random.nextInt(6) == 0;
            try {
                cases.open(
                        letter(recipe, random),
                        CaseController.Details.sent(
                                pick(FIRST, random) + " " + pick(LAST, random),
                                pick(PLACES, random),
                                "",
                                random.nextInt(9) == 0 ? Language.ES : Language.EN,
                                altitude,
                                jars ? JarsState.MADE : JarsState.NOT_YET,
                                jars ? at.minus(Duration.ofHours(random.nextInt(30))) : null),
                        "generator",
                        at);
                made++;
            } catch (UnusableInput e) {
                LOG.info("left out {}: {}", recipe.id(), e.getMessage());
            }
        }
        LOG.info("{} cases in {} s", made, (System.nanoTime() - began) / 1_000_000_000);
        SpringApplication.exit(context);
    }

    private static <T> T pick(List<T> all, Random random) {
        return all.get(random.nextInt(all.size()));
    }

    private static String letter(TestedRecipe recipe, Random random) {
        double vinegar = random.nextInt(3) == 0 ? 0.5 : 1;
        String lines = recipe.ingredients().stream().map(i -> line(i, vinegar)).collect(Collectors.joining("\n"));
        int minutes = 5 * (1 + random.nextInt(12));
        String jar = random.nextBoolean() ? "pints" : "quarts";
        String canner = random.nextInt(6) == 0 ? "pressure canner at 11 pounds" : "boiling water canner";
        return pick(OPENINGS, random) + "\n\n" + recipe.name() + "\n\n" + lines + "\n\n"
                + String.join(" ", recipe.steps()) + "\nFill " + jar
                + ", leave 1/2 inch headspace, remove the bubbles. Process "
                + minutes + " minutes in a " + canner + ".";
    }

    private static String line(TestedIngredient ingredient, double vinegar) {
        double share = ingredient.item().contains("vinegar") ? vinegar : 1;
        return ingredient.amount().map(a -> a.times(share) + " ").orElse("") + ingredient.item();
    }
}
