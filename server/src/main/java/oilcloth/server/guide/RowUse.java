package oilcloth.server.guide;

import java.util.List;
import java.util.Map;
import java.util.UUID;

/** Which of this office's answers rest on which row; told by the cases. */
public interface RowUse {
    /** A case whose latest review rests on a row. @param answered whether a reply was saved */
    record TouchedCase(UUID id, String title, String cannerName, String call, String guide, boolean answered) {}

    /** Cases by row; rows no case rests on are absent. */
    Map<String, Long> counts();

    List<TouchedCase> restingOn(String row);
}
