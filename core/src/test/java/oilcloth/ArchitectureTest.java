package oilcloth;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;

/** Imports in the core point one way. */
@AnalyzeClasses(packages = "oilcloth", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule noFrameworks = noClasses()
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

    @ArchTest
    static final ArchRule measuresStandAlone = noClasses()
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

    @ArchTest
    static final ArchRule readingDoesNotJudge = noClasses()
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

    @ArchTest
    static final ArchRule checksDoNotRead = noClasses()
            .that()
            .resideInAPackage("oilcloth.check..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("oilcloth.reading..", "oilcloth.review..", "oilcloth.reply..")
            .because("a check looks at a subject; the engine feeds it");

    @ArchTest
    static final ArchRule noCycles = SlicesRuleDefinition.slices()
            .matching("oilcloth.(*)..")
            .should()
            .beFreeOfCycles()
            .because("a room that needs the next room and is needed by it is one room");
}
