package oilcloth;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import org.junit.jupiter.api.Test;

/** Imports in the core point one way. */
class ArchitectureTest {
    private static final JavaClasses CLASSES = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("oilcloth");

    @Test
    void noFrameworks() {
        ArchRule rule = noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "org.springframework..",
                        "jakarta..",
                        "org.hibernate..",
                        "com.fasterxml..",
                        "java.sql..",
                        "java.net.http..")
                .because("the rules of the job run and are tested without web or database");
        rule.check(CLASSES);
    }

    @Test
    void measuresStandAlone() {
        ArchRule rule = noClasses()
                .that()
                .resideInAPackage("oilcloth.measure..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "oilcloth.text..",
                        "oilcloth.guide..",
                        "oilcloth.recipe..",
                        "oilcloth.reading..",
                        "oilcloth.check..",
                        "oilcloth.review..")
                .because("quantities know nothing of canning");
        rule.check(CLASSES);
    }

    @Test
    void readingDoesNotJudge() {
        ArchRule rule = noClasses()
                .that()
                .resideInAPackage("oilcloth.reading..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "oilcloth.placing..",
                        "oilcloth.acidity..",
                        "oilcloth.heat..",
                        "oilcloth.check..",
                        "oilcloth.review..")
                .because("what the text says is one thing, what to think of it another");
        rule.check(CLASSES);
    }

    @Test
    void checksDoNotRead() {
        ArchRule rule = noClasses()
                .that()
                .resideInAPackage("oilcloth.check..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("oilcloth.reading..", "oilcloth.review..", "oilcloth.reply..")
                .because("a check looks at a subject; the engine feeds it");
        rule.check(CLASSES);
    }

    @Test
    void noCycles() {
        ArchRule rule = SlicesRuleDefinition.slices()
                .matching("oilcloth.(*)..")
                .should()
                .beFreeOfCycles()
                .because("a room that needs the next room and is needed by it is one room");
        rule.check(CLASSES);
    }
}
