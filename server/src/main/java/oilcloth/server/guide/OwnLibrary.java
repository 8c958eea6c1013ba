package oilcloth.server.guide;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import oilcloth.formats.GuideLibraries;
import oilcloth.formats.GuideLibrary;
import oilcloth.formats.GuideLibrary.ProcessEntry;
import oilcloth.formats.GuideLibrary.ReadingEntry;
import oilcloth.formats.GuideLibrary.RecipeEntry;
import oilcloth.formats.GuideLibrary.SourceEntry;
import oilcloth.formats.UnusableInput;
import oilcloth.guide.GuideSnapshot;
import oilcloth.guide.Overlay;
import oilcloth.server.account.SignedIn;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The office's own sources, processes and recipes: saved, removed, imported. */
@Service
class OwnLibrary {
    /** What an import brought. @param waiting readings that wait for a second reader of this office */
    record Imported(int sources, int processes, int recipes, int readings, int waiting) {}

    private final CurrentGuide guide;
    private final OfficeOverlay overlay;
    private final OwnEntryStore entries;
    private final ReadingStore readings;
    private final Clock clock;

    OwnLibrary(CurrentGuide guide, OfficeOverlay overlay, OwnEntryStore entries, ReadingStore readings, Clock clock) {
        this.guide = guide;
        this.overlay = overlay;
        this.entries = entries;
        this.readings = readings;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    GuideLibrary all() {
        return GuideLibraries.of(guide.snapshot());
    }

    @Transactional
    void save(SourceEntry source, SignedIn by) {
        GuideLibraries.source(source);
        save(OwnEntry.Kind.SOURCE, source.id(), source, by);
        check();
    }

    @Transactional
    void save(ProcessEntry process, SignedIn by) {
        GuideLibraries.ownProcess(process);
        save(OwnEntry.Kind.PROCESS, process.id(), process, by);
        check();
    }

    @Transactional
    void save(RecipeEntry recipe, SignedIn by) {
        GuideLibraries.ownRecipe(recipe);
        save(OwnEntry.Kind.RECIPE, recipe.id(), recipe, by);
        check();
    }

    /** @throws IllegalArgumentException when another entry still rests on it */
    @Transactional
    void remove(OwnEntry.Kind kind, String id, SignedIn by) {
        save(kind, id, null, by);
        check();
    }

    /** All or nothing: an entry that does not fit takes the whole file back. */
    @Transactional(rollbackFor = UnusableInput.class)
    Imported bring(String json, SignedIn by) throws UnusableInput {
        GuideLibrary library = GuideLibraries.parse(json);
        Overlay brought = GuideLibraries.overlay(library);
        List<SourceEntry> sources = own(library.sources(), SourceEntry::own);
        List<ProcessEntry> processes = own(library.processes(), ProcessEntry::own);
        List<RecipeEntry> recipes = own(library.recipes(), RecipeEntry::own);
        sources.forEach(s -> save(OwnEntry.Kind.SOURCE, s.id(), s, by));
        processes.forEach(p -> save(OwnEntry.Kind.PROCESS, p.id(), p, by));
        recipes.forEach(r -> save(OwnEntry.Kind.RECIPE, r.id(), r, by));
        Overlay now = overlay.now();
        int read = 0;
        for (ReadingEntry r : library.readings() == null ? List.<ReadingEntry>of() : library.readings()) {
            if (now.readings().stream().noneMatch(s -> s.row().text().equals(r.row()))) {
                // the second reader of another office is not ours: a weaker figure waits again
                readings.save(new ReadingEvent(
                        r.row(),
                        ReadingEvent.Kind.READ,
                        overlay.write(r.printed()),
                        r.edition(),
                        r.page(),
                        r.reader(),
                        by.username(),
                        clock.instant().truncatedTo(ChronoUnit.MICROS)));
                read++;
            }
        }
        GuideSnapshot after = check();
        return new Imported(
                brought.sources().size(),
                brought.processes().size(),
                brought.recipes().size(),
                read,
                after.waiting().size());
    }

    private static <T> List<T> own(List<T> maybe, java.util.function.Predicate<T> own) {
        return maybe == null ? List.of() : maybe.stream().filter(own).toList();
    }

    private void save(OwnEntry.Kind kind, String id, Object document, SignedIn by) {
        entries.save(new OwnEntry(
                kind,
                id,
                document == null ? null : overlay.write(document),
                by.displayName(),
                clock.instant().truncatedTo(ChronoUnit.MICROS)));
    }

    /** Throws, and takes everything back, when the guide would contradict itself. */
    private GuideSnapshot check() {
        return GuideSnapshot.with(overlay.now());
    }
}
