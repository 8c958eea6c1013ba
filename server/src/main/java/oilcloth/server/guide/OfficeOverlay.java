package oilcloth.server.guide;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import oilcloth.formats.GuideLibraries;
import oilcloth.formats.GuideLibrary.ProcessEntry;
import oilcloth.formats.GuideLibrary.RecipeEntry;
import oilcloth.formats.GuideLibrary.SourceEntry;
import oilcloth.guide.Overlay;
import oilcloth.guide.OwnProcess;
import oilcloth.guide.OwnRecipe;
import oilcloth.guide.Reading;
import oilcloth.guide.RowKey;
import oilcloth.guide.Source;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Folds what was read and added, in order, into the overlay that stands now. */
@Component
class OfficeOverlay {
    private final ReadingStore readings;
    private final OwnEntryStore entries;
    private final ObjectMapper json;
    private final ZoneId zone;

    OfficeOverlay(
            ReadingStore readings,
            OwnEntryStore entries,
            ObjectMapper json,
            @Value("${oilcloth.desk.zone}") ZoneId zone) {
        this.readings = readings;
        this.entries = entries;
        this.json = json;
        this.zone = zone;
    }

    /** Grows with every event: two servers see by it that the guide has moved. */
    long version() {
        return readings.newest() + entries.newest();
    }

    Overlay now() {
        List<Source> sources = new ArrayList<>();
        List<OwnProcess> processes = new ArrayList<>();
        List<OwnRecipe> recipes = new ArrayList<>();
        Map<String, OwnEntry> newest = new LinkedHashMap<>();
        entries.findAllByOrderBySeq().forEach(e -> newest.put(e.kind() + ":" + e.entryId(), e));
        for (OwnEntry entry : newest.values()) {
            if (entry.document() == null) {
                continue;
            }
            switch (entry.kind()) {
                case SOURCE -> sources.add(GuideLibraries.source(read(entry.document(), SourceEntry.class)));
                case PROCESS -> processes.add(GuideLibraries.ownProcess(read(entry.document(), ProcessEntry.class)));
                case RECIPE -> recipes.add(GuideLibraries.ownRecipe(read(entry.document(), RecipeEntry.class)));
            }
        }
        return new Overlay(sources, processes, recipes, standing());
    }

    private List<Reading> standing() {
        Map<String, Reading> standing = new LinkedHashMap<>();
        for (ReadingEvent e : readings.findAllByOrderBySeq()) {
            switch (e.kind()) {
                case READ -> standing.put(
                        e.rowKey(),
                        new Reading(
                                RowKey.ofText(e.rowKey()),
                                printed(e.printed()),
                                e.edition(),
                                e.page(),
                                e.person(),
                                day(e),
                                Optional.empty()));
                case SECOND -> standing.computeIfPresent(
                        e.rowKey(),
                        (k, r) -> new Reading(
                                r.row(),
                                r.printed(),
                                r.edition(),
                                r.page(),
                                r.reader(),
                                r.on(),
                                Optional.of(new Reading.Second(e.person(), day(e)))));
                case WITHDRAWN -> standing.remove(e.rowKey());
            }
        }
        return List.copyOf(standing.values());
    }

    private LocalDate day(ReadingEvent e) {
        return LocalDate.ofInstant(e.at(), zone);
    }

    SortedMap<String, String> printed(String document) {
        try {
            return json.readValue(document, new TypeReference<TreeMap<String, String>>() {});
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    private <T> T read(String document, Class<T> type) {
        try {
            return json.readValue(document, type);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    String write(Object document) {
        try {
            return json.writeValueAsString(document);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }
}
