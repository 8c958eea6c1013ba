package oilcloth.server.cases;

import java.util.UUID;

/** Which cases have a signed answer that stands; their replies are locked. */
public interface SignedReplies {
    boolean isSigned(UUID caseId);
}
