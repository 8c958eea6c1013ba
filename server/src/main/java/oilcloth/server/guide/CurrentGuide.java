package oilcloth.server.guide;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import oilcloth.correcting.Solver;
import oilcloth.formats.GuideLibraries;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.RowKey;
import oilcloth.lookup.Lookup;
import oilcloth.review.Engine;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The snapshot that answers now, with the engine and the lookup over it. Whoever changes the overlay, on this server or
 * another on the same database, is seen at the next question. Every new snapshot is published to a file for the command
 * line.
 */
@Service
public class CurrentGuide {
    private record Loaded(long version, GuideSnapshot snapshot, Engine engine, Solver solver, Lookup lookup) {}

    private final OfficeOverlay overlay;
    private final String published;
    private volatile Loaded loaded;

    /** @param published where the snapshot is written for the command line; blank for nowhere */
    CurrentGuide(OfficeOverlay overlay, @Value("${oilcloth.guide.file}") String published) {
        this.overlay = overlay;
        this.published = published;
    }

    @Transactional(readOnly = true)
    public GuideSnapshot snapshot() {
        return now().snapshot();
    }

    @Transactional(readOnly = true)
    public Engine engine() {
        return now().engine();
    }

    @Transactional(readOnly = true)
    public Solver solver() {
        return now().solver();
    }

    @Transactional(readOnly = true)
    public Lookup lookup() {
        return now().lookup();
    }

    /** Whether this office has read a row against print, as of now. @param row as {@link RowKey#text} */
    @Transactional(readOnly = true)
    public String proofOf(String row) {
        return ProofDesk.shown(now().snapshot(), RowKey.ofText(row)).proof().id();
    }

    private Loaded now() {
        long version = overlay.version();
        Loaded current = loaded;
        if (current == null || current.version() != version) {
            current = load(version);
        }
        return current;
    }

    private synchronized Loaded load(long version) {
        if (loaded == null || loaded.version() != version) {
            GuideSnapshot snapshot = GuideSnapshot.with(overlay.now());
            Engine engine = new Engine(snapshot);
            loaded = new Loaded(version, snapshot, engine, new Solver(engine), new Lookup(snapshot));
            publish(snapshot);
        }
        return loaded;
    }

    private void publish(GuideSnapshot snapshot) {
        if (published.isBlank()) {
            return;
        }
        Path file = Path.of(published).toAbsolutePath();
        try {
            Files.createDirectories(file.getParent());
            Path part = Files.createTempFile(file.getParent(), "guide", ".part");
            Files.writeString(part, GuideLibraries.json(GuideLibraries.of(snapshot)), StandardCharsets.UTF_8);
            Files.move(part, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException e) {
            throw new UncheckedIOException("the guide could not be published to " + file, e);
        }
    }
}
