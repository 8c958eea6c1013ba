package oilcloth.server.cases;

import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oilcloth.formats.ReviewDocument;
import oilcloth.formats.ReviewDocument.FindingDoc;
import oilcloth.formats.ReviewDocument.IngredientDoc;
import oilcloth.guide.Food;
import oilcloth.review.Review;
import oilcloth.text.Fingerprint;
import org.springframework.jdbc.core.namedparam.MapSqlParameterSource;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.jdbc.core.namedparam.SqlParameterSource;
import org.springframework.stereotype.Component;

/** What a case is looked up by, written anew with each review. */
@Component
class CaseIndex {
    private final NamedParameterJdbcTemplate database;

    CaseIndex(NamedParameterJdbcTemplate database) {
        this.database = database;
    }

    void put(CanningCase of, Review reviewed, ReviewDocument review, Instant at) {
        List<ReviewDocument> recipes = review.parts().isEmpty() ? List.of(review) : review.parts();
        Map<String, Object> brief = Map.of(
                "id", of.id(),
                "outcome", review.call(),
                "worst", review.worstOpen(),
                "at", Timestamp.from(at),
                "food", reviewed.subject().produce().main().map(Food::name).orElse(""),
                "method",
                        review.stated().method() == null ? "" : review.stated().method(),
                "process",
                        review.placed().process() == null ? "" : review.placed().process(),
                "likeness", Fingerprint.of(of.recipeText()),
                "words", words(of, recipes));
        database.update(
                """
                insert into case_index
                    (case_id, outcome, worst_open, reviewed_at, food, method, process, likeness, words)
                values (:id, :outcome, :worst, :at, :food, :method, :process, :likeness, :words)
                on duplicate key update outcome = :outcome, worst_open = :worst, reviewed_at = :at, food = :food,
                    method = :method, process = :process, likeness = :likeness, words = :words
                """,
                brief);
        database.update("delete from case_code where case_id = :id", Map.of("id", of.id()));
        SqlParameterSource[] codes = recipes.stream()
                .flatMap(r -> r.findings().stream())
                .map(f -> List.of(f.code(), f.severity()))
                .distinct()
                .map(f -> new MapSqlParameterSource(Map.of("id", of.id(), "code", f.get(0), "severity", f.get(1))))
                .toArray(SqlParameterSource[]::new);
        database.batchUpdate("insert into case_code (case_id, code, severity) values (:id, :code, :severity)", codes);
    }

    void erase(UUID id) {
        database.update("update case_index set words = '', likeness = 0 where case_id = :id", Map.of("id", id));
    }

    private static String words(CanningCase of, List<ReviewDocument> recipes) {
        Stream<String> foods =
                recipes.stream().flatMap(r -> r.ingredients().stream()).map(IngredientDoc::food);
        Stream<String> codes = recipes.stream()
                .flatMap(r -> r.findings().stream())
                .map(FindingDoc::code)
                .map(SearchWords::ofCode);
        return Stream.of(
                        Stream.of(of.title(), of.cannerName(), of.place(), of.contact(), of.recipeText()),
                        new TreeSet<>(foods.toList()).stream(),
                        new TreeSet<>(codes.toList()).stream())
                .flatMap(s -> s)
                .collect(Collectors.joining(" "));
    }
}
