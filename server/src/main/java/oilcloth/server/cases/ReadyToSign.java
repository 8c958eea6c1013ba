package oilcloth.server.cases;

import java.util.Map;
import java.util.UUID;
import oilcloth.check.Language;

/**
 * A reply with all it rests on, for signing.
 *
 * @param behind whether the review has changed since the letter caught up with it
 * @param rows the rows of the guide, each with its proof state now
 */
public record ReadyToSign(
        UUID caseId,
        String title,
        String cannerName,
        String place,
        String body,
        Language language,
        boolean behind,
        String call,
        String guide,
        String engine,
        Map<String, String> rows) {}
