package oilcloth.server.cases;

import java.util.Map;
import java.util.UUID;
import oilcloth.check.Language;

/**
 * A reply with all it rests on, for signing.
 *
 * @param rows the rows of the guide, each with its proof state now
 */
public record ReadyToSign(
        UUID caseId,
        String title,
        String cannerName,
        String place,
        String body,
        Language language,
        String call,
        String guide,
        String engine,
        Map<String, String> rows) {}
