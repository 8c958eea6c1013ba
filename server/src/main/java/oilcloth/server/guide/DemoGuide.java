package oilcloth.server.guide;

import java.util.List;
import java.util.TreeMap;
import oilcloth.formats.GuideLibrary.BandEntry;
import oilcloth.formats.GuideLibrary.JarEntry;
import oilcloth.formats.GuideLibrary.ProcessEntry;
import oilcloth.formats.GuideLibrary.SourceEntry;
import oilcloth.server.account.Role;
import oilcloth.server.account.SignedIn;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** What a made-up office has read and added, so that the demo's proofreading desk and library show something. */
@Component
@Order(0)
@ConditionalOnProperty("oilcloth.demo")
class DemoGuide implements ApplicationRunner {
    private static final SignedIn EDUCATOR = new SignedIn("educator", "Philippa Yarrow", Role.EDUCATOR, "", List.of());
    private static final String PRINT = "AIB 539, 2015, office copy";

    private final CurrentGuide guide;
    private final ProofDesk desk;
    private final OwnLibrary library;

    DemoGuide(CurrentGuide guide, ProofDesk desk, OwnLibrary library) {
        this.guide = guide;
        this.desk = desk;
        this.library = library;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (!guide.snapshot().overlay().isEmpty()) {
            return;
        }
        desk.read("boiling:pickled-okra-raw/pint", new TreeMap<>(), PRINT, "6-14", EDUCATOR);
        desk.read("boiling:corn-relish-hot/pint", new TreeMap<>(), PRINT, "6-19", EDUCATOR);
        library.save(
                new SourceEntry(
                        "Teasel leaflet", "Teasel pectin leaflet (made up for the demo)", "2024", "side 2", true),
                EDUCATOR);
        library.save(
                new ProcessEntry(
                        "boiling-water",
                        "teasel-quince-jam",
                        "quince jam with Teasel pectin",
                        "a minute more for each 1,000 ft",
                        "hot",
                        List.of("quince"),
                        "jam",
                        "powdered-pectin",
                        "Teasel leaflet",
                        "made-up figures for the demo",
                        true,
                        List.of(new JarEntry(
                                "half-pint",
                                0.25,
                                "",
                                List.of(
                                        new BandEntry(1_000, 10),
                                        new BandEntry(2_000, 11),
                                        new BandEntry(3_000, 12),
                                        new BandEntry(4_000, 13),
                                        new BandEntry(5_000, 14),
                                        new BandEntry(6_000, 15)),
                                null,
                                List.of(),
                                List.of(),
                                null,
                                null,
                                null))),
                EDUCATOR);
    }
}
