package oilcloth.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import oilcloth.formats.UnusableInput;
import oilcloth.practice.Anonymous;
import oilcloth.server.account.Accounts;
import oilcloth.server.account.Role;
import oilcloth.server.account.SignedIn;
import oilcloth.server.answers.Answers;
import oilcloth.server.cases.CaseController;
import oilcloth.server.cases.Cases;
import oilcloth.server.cases.Replies;
import oilcloth.server.incoming.DeskWork;
import oilcloth.server.office.Office;
import oilcloth.server.practice.Practice;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Teasel County's food preservation desk: made-up people, made-up recipes, so that a first start shows something. */
@Component
@Order(1)
@ConditionalOnProperty("oilcloth.demo")
class DemoDesk implements ApplicationRunner {
    /** The password of every demo account; printed by the start script. */
    private static final String PASSWORD = "teasel-county";

    private static final Logger LOG = LoggerFactory.getLogger(DemoDesk.class);

    private record Letter(
            String file, String canner, String place, Integer altitudeFt, int hoursAgo, Integer jarsOutHoursAgo) {}

    private static final List<Letter> LETTERS = List.of(
            new Letter("pears", "Odalys Brandt", "Fennimore Bench", 5_200, 1, null),
            new Letter("corn-relish", "Merritt Quill", "Candlewick", 1_780, 3, 5),
            new Letter("beans-water-bath", "Tamsin Okoro-Hale", "Lower Teasel", 4_650, 6, 30),
            new Letter("okra", "Rosalind Achterberg", "Kettle Lake", 610, 20, null),
            new Letter("venison", "Hollis Vantongeren", "Dunmore Hollow", 2_350, 26, null),
            new Letter("peach-wax", "Wilhelmina Stroud", "", null, 31, null),
            new Letter("pear-chutney", "Casimir Delacroix-Webb", "Galloway Springs", 6_500, 50, null),
            new Letter("figs", "Ines Halloran", "Alder Ferry", 430, 55, 8),
            new Letter("beef-soup", "Barnaby Friel", "Juniper Crossing", 3_420, 75, null),
            new Letter("beets", "Leopoldine Marsh", "East Teasel", 4_920, 98, null),
            new Letter("raspberry-jam", "Quentin Abara", "Brindle Flat", 985, 120, null),
            new Letter("two-in-one", "Ursula Petrakis", "Lower Teasel", 4_650, 125, null),
            new Letter("attic-salsa", "Thaddeus Orchard", "Galloway Springs", 6_500, 128, null),
            new Letter("run-on-beets", "Delphine Achebe", "Brindle Flat", 980, 130, null));

    private static final Set<String> EXERCISES = Set.of("pears", "corn-relish", "okra", "beef-soup", "figs", "beets");

    private static final SignedIn EDUCATOR = new SignedIn("educator", "Philippa Yarrow", Role.EDUCATOR, "", List.of());

    private final Accounts accounts;
    private final Cases cases;
    private final Replies replies;
    private final Answers answers;
    private final DeskWork desk;
    private final Office office;
    private final Practice practice;
    private final Clock clock;

    DemoDesk(
            Accounts accounts,
            Cases cases,
            Replies replies,
            Answers answers,
            DeskWork desk,
            Office office,
            Practice practice,
            Clock clock) {
        this.accounts = accounts;
        this.cases = cases;
        this.replies = replies;
        this.answers = answers;
        this.desk = desk;
        this.office = office;
        this.practice = practice;
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments arguments) throws IOException, UnusableInput {
        accounts.add("educator", "Philippa Yarrow", Role.EDUCATOR, PASSWORD);
        accounts.add("volunteer", "Anselm Birdsong", Role.VOLUNTEER, PASSWORD);
        accounts.add("lead", "Cordelia Maddox", Role.LEAD, PASSWORD);
        if (!cases.isEmpty()) {
            return;
        }
        Instant now = clock.instant();
        Map<String, UUID> opened = new HashMap<>();
        for (Letter letter : LETTERS) {
            Instant out =
                    letter.jarsOutHoursAgo() == null ? null : now.minus(Duration.ofHours(letter.jarsOutHoursAgo()));
            UUID id = cases.open(
                    text(letter.file()),
                    CaseController.Details.of(letter.canner(), letter.place(), letter.altitudeFt(), out, false),
                    "Anselm Birdsong",
                    now.minus(Duration.ofHours(letter.hoursAgo())));
            opened.put(letter.file(), id);
        }
        desk.give(opened.get("corn-relish"), "volunteer", Set.of("relish"));
        desk.give(opened.get("venison"), "educator", Set.of("game", "fair class"));
        desk.give(opened.get("attic-salsa"), "educator", Set.of("fair class"));
        for (String letter : List.of("beets", "raspberry-jam")) {
            UUID id = opened.get(letter);
            answers.sign(id, replies.accept(id, "Anselm Birdsong"), false, EDUCATOR);
        }
        office.set("Teasel County Food Preservation Desk", "food@teasel-county.example");
        office.phrase(
                "Class at the grange hall",
                "Our next canning class is at the grange hall on the first Saturday of the month. Bring a jar.",
                "Nuestra próxima clase es en el salón el primer sábado del mes. Traiga un frasco.",
                "Philippa Yarrow");
        office.phrase(
                "Have the gauge tested",
                "We test dial gauges for free on Wednesdays. Bring the lid of your canner.",
                "Revisamos medidores de carátula gratis los miércoles. Traiga la tapa de su envasadora.",
                "Philippa Yarrow");
        for (Letter letter : LETTERS) {
            if (EXERCISES.contains(letter.file())) {
                practice.put(
                        cases.titleOf(opened.get(letter.file())),
                        Anonymous.of(text(letter.file()), letter.canner(), letter.place()),
                        letter.altitudeFt(),
                        "Philippa Yarrow");
            }
        }
        LOG.info("demo desk with {} cases", LETTERS.size());
    }

    private static String text(String name) throws IOException {
        try (InputStream in = DemoDesk.class.getResourceAsStream("/demo/" + name + ".txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
