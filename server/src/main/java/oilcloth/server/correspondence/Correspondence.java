package oilcloth.server.correspondence;

import jakarta.persistence.EntityNotFoundException;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import oilcloth.formats.UnusableInput;
import oilcloth.server.cases.CannerData;
import oilcloth.server.cases.Cases;
import oilcloth.server.incoming.DeskWork;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps later letters and photos. */
@Service
public class Correspondence implements CannerData {
    private static final int MOST_PHOTOS = 6;
    /** What a file begins with, whatever it calls itself. */
    private static final Map<String, byte[]> PICTURES = Map.of(
            "image/jpeg", new byte[] {(byte) 0xff, (byte) 0xd8, (byte) 0xff},
            "image/png", new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});

    private final MessageStore messages;
    private final PhotoStore photos;
    private final Cases cases;
    private final DeskWork desk;
    private final Clock clock;

    Correspondence(MessageStore messages, PhotoStore photos, Cases cases, DeskWork desk, Clock clock) {
        this.messages = messages;
        this.photos = photos;
        this.cases = cases;
        this.desk = desk;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<CorrespondenceController.Message> messages(UUID caseId) {
        cases.mustExist(caseId);
        return messages.findByCaseIdOrderByWrittenAt(caseId).stream()
                .map(CaseMessage::view)
                .toList();
    }

    /**
     * Takes in what the canner wrote back; the case comes to the top of Incoming.
     *
     * @param readWithRecipe whether it goes on the end of the recipe's text, and all of it is reviewed again
     * @throws UnusableInput when the words are no text
     */
    @Transactional(rollbackFor = UnusableInput.class)
    public void takeIn(UUID caseId, String words, boolean readWithRecipe, String by) throws UnusableInput {
        cases.mustExist(caseId);
        messages.save(new CaseMessage(caseId, words.strip(), now(), by));
        if (readWithRecipe) {
            cases.append(caseId, words.strip(), by);
        }
        desk.wroteBack(caseId, now());
    }

    @Transactional(readOnly = true)
    List<UUID> photos(UUID caseId) {
        cases.mustExist(caseId);
        return photos.idsOf(caseId);
    }

    /** @throws IllegalArgumentException for anything but a JPEG or PNG picture, and beyond the sixth */
    @Transactional
    public void addPhoto(UUID caseId, byte[] content, String by) {
        cases.mustExist(caseId);
        String type = PICTURES.entrySet().stream()
                .filter(p -> content.length > p.getValue().length
                        && Arrays.equals(p.getValue(), Arrays.copyOf(content, p.getValue().length)))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("A photo of the card is a JPEG or PNG picture."));
        if (photos.idsOf(caseId).size() >= MOST_PHOTOS) {
            throw new IllegalArgumentException("A case holds at most " + MOST_PHOTOS + " photos.");
        }
        photos.save(new CasePhoto(caseId, type, content, now(), by));
    }

    @Transactional(readOnly = true)
    CasePhoto photo(UUID caseId, UUID id) {
        return photos.findById(id).filter(p -> p.caseId().equals(caseId)).orElseThrow(EntityNotFoundException::new);
    }

    @Transactional
    public void removePhoto(UUID caseId, UUID id) {
        photos.delete(photo(caseId, id));
    }

    @Override
    @Transactional
    public void erase(UUID caseId) {
        messages.deleteByCaseId(caseId);
        photos.deleteByCaseId(caseId);
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
