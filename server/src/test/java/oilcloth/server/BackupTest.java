package oilcloth.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The two commands of the script, on a real database of their own. */
class BackupTest {
    @Test
    void whatWasBackedUpComesBack(@TempDir Path data) throws IOException, InterruptedException {
        Process check = new ProcessBuilder(
                        "bash",
                        "src/test/resources/backup-check.sh",
                        Path.of("..").toRealPath().toString(),
                        data.toString())
                .redirectErrorStream(true)
                .start();
        String said = new String(check.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(check.waitFor(3, TimeUnit.MINUTES)).isTrue();
        assertThat(said).contains("all of it came back");
        assertThat(check.exitValue()).as(said).isZero();
    }
}
