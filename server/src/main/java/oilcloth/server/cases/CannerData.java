package oilcloth.server.cases;

import java.util.UUID;

/** Whoever keeps something of the canner's beside the case takes it away when asked to. */
public interface CannerData {
    void erase(UUID caseId);
}
