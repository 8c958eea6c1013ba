package oilcloth.server.cases;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import oilcloth.check.Language;
import oilcloth.measure.Altitude;
import oilcloth.recipe.Assertion;
import oilcloth.recipe.Assertions;
import oilcloth.recipe.Context;

/** A canner's question: the text as received, what is known beside it, and what was asserted since. */
@Entity
@Table(name = "canning_case")
class CanningCase {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final int LONGEST_TITLE = 200;

    @Id
    private UUID id;

    private String cannerName;
    private String place;
    private String contact;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(5)")
    private Language language;

    private Integer altitudeFt;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(30)")
    private CannerKind canner;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(20)")
    private JarsState jars;

    private Instant jarsOutAt;

    @Column(columnDefinition = "mediumtext")
    private String recipeText;

    @Column(columnDefinition = "longtext")
    private String assertions;

    private String title;
    private Instant createdAt;
    private String createdBy;

    @Version
    private int version;

    protected CanningCase() {}

    CanningCase(String recipeText, Instant createdAt, String createdBy) {
        this.id = UUID.randomUUID();
        this.recipeText = recipeText;
        this.assertions = "[]";
        this.title = "";
        this.createdAt = createdAt;
        this.createdBy = createdBy;
    }

    void describe(CaseController.Details details) {
        this.cannerName = details.cannerName().strip();
        this.place = details.place().strip();
        this.contact = details.contact() == null ? "" : details.contact().strip();
        this.language = details.language() == null ? Language.EN : details.language();
        this.altitudeFt = details.altitudeFt();
        this.canner = details.canner();
        this.jars = details.jars();
        this.jarsOutAt = details.jars() == JarsState.MADE ? details.jarsOutAt() : null;
    }

    void erase() {
        this.cannerName = "";
        this.place = "";
        this.contact = "";
        this.recipeText = "erased on request";
        this.assertions = "[]";
        this.title = "erased on request";
    }

    /** More of the canner's own words, after those that came before; ranges of the earlier text stay true. */
    void append(String words) {
        this.recipeText = recipeText.stripTrailing() + "\n\n" + words;
    }

    void title(String words) {
        this.title = words.length() <= LONGEST_TITLE ? words : words.substring(0, LONGEST_TITLE);
    }

    /** What the engine is told beside the text. */
    Context context(Instant now) {
        Context.Stage stage =
                switch (jars) {
                    case NOT_YET -> Context.Stage.PLANNING;
                    case OPENED -> Context.Stage.OPENED;
                    case MADE -> jarsOutAt != null && now.isBefore(jarsOutAt.plus(oilcloth.jars.JarAdvice.WINDOW))
                            ? Context.Stage.MADE_TODAY
                            : Context.Stage.ON_SHELF;
                };
        return new Context(
                Optional.ofNullable(altitudeFt).map(Altitude::ofFeet),
                Optional.ofNullable(canner).map(CannerKind::method),
                Optional.ofNullable(canner).flatMap(CannerKind::gauge),
                stage,
                Optional.ofNullable(jarsOutAt),
                now);
    }

    List<Assertion> assertions() {
        try {
            return JSON.readValue(assertions, new TypeReference<List<Assertion>>() {});
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("the assertions of case " + id + " cannot be read", e);
        }
    }

    void assertThat(Assertion assertion) {
        write(Assertions.with(assertions(), assertion));
    }

    /** @param start where the words of an anchored assertion stood; null for one about the whole */
    void takeBack(Assertion.Field field, Integer start) {
        write(assertions().stream()
                .filter(a -> a.field() != field || !Objects.equals(a.at() == null ? null : a.at().start(), start))
                .toList());
    }

    private void write(List<Assertion> all) {
        try {
            this.assertions = JSON.writeValueAsString(all);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    UUID id() {
        return id;
    }

    String cannerName() {
        return cannerName;
    }

    String place() {
        return place;
    }

    String contact() {
        return contact;
    }

    Language language() {
        return language;
    }

    Integer altitudeFt() {
        return altitudeFt;
    }

    CannerKind canner() {
        return canner;
    }

    JarsState jars() {
        return jars;
    }

    Instant jarsOutAt() {
        return jarsOutAt;
    }

    String recipeText() {
        return recipeText;
    }

    String title() {
        return title;
    }

    Instant createdAt() {
        return createdAt;
    }

    String createdBy() {
        return createdBy;
    }

    int version() {
        return version;
    }
}
