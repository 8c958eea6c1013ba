package oilcloth.server.answers;

import java.time.Instant;
import java.util.UUID;
import oilcloth.check.Language;

/**
 * A signed answer as shown.
 *
 * @param number which answer to the case this is, from 1
 * @param rowStates the rows of the guide it rested on, each with its proof state then
 */
public record AnswerView(
        UUID id,
        UUID caseId,
        int number,
        String title,
        String cannerName,
        String place,
        String body,
        Language language,
        String call,
        String guide,
        String engine,
        String rowStates,
        String signedBy,
        Instant signedAt,
        String reopenedBy,
        Instant reopenedAt,
        String reopenedWhy,
        String sentBy,
        Instant sentAt,
        String sentTo) {}
