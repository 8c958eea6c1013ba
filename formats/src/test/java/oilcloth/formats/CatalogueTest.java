package oilcloth.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import oilcloth.guide.GuideSnapshot;
import org.junit.jupiter.api.Test;

/** What is generated from the checks must be as the checks are now: run with {@code -Doilcloth.write-catalogue=true}. */
class CatalogueTest {
    private static final Catalogue CATALOGUE = Catalogue.of(GuideSnapshot.shipped());

    private static void matches(Path file, String content) throws IOException {
        if (Boolean.getBoolean("oilcloth.write-catalogue")) {
            Files.writeString(file, content);
        }
        assertThat(Files.readString(file)).as(file + " is stale").isEqualTo(content);
    }

    @Test
    void theDocumentationIsFresh() throws IOException {
        matches(Path.of("../docs/catalogue.md"), CATALOGUE.markdown());
    }

    @Test
    void theClientsTypesAreFresh() throws IOException {
        matches(Path.of("../web/src/api/codes.ts"), CATALOGUE.typeScript());
    }

    @Test
    void everyAspectHasChecksAndEveryCheckAGravity() {
        assertThat(CATALOGUE.entries())
                .extracting(Catalogue.Entry::aspect)
                .contains("acid", "ingredients", "method", "time", "headspace", "jars", "after", "source");
        assertThat(CATALOGUE.entries().stream().filter(e -> e.severities().isEmpty()))
                .extracting(Catalogue.Entry::code)
                .containsExactly("time.altitude-unknown");
    }
}
