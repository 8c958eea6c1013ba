package oilcloth.server.cases;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import oilcloth.server.guide.RowUse;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Tells the guide which cases rest on which of its rows. */
@Component
class RestingCases implements RowUse {
    private final ReviewStore reviews;

    RestingCases(ReviewStore reviews) {
        this.reviews = reviews;
    }

    @Override
    @Transactional(readOnly = true)
    public Map<String, Long> counts() {
        return reviews.casesByRow().stream()
                .collect(Collectors.toMap(ReviewStore.RowCount::row, ReviewStore.RowCount::cases));
    }

    @Override
    @Transactional(readOnly = true)
    public List<TouchedCase> restingOn(String row) {
        return reviews.restingOn(row);
    }
}
