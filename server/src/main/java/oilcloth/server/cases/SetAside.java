package oilcloth.server.cases;

import java.util.UUID;

/** Findings the desk set aside; told by those who keep them. */
public interface SetAside {
    /** Those of one case. */
    interface Findings {
        /** @param title in English */
        boolean holds(String code, String title);
    }

    Findings of(UUID caseId);
}
