package oilcloth.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import jakarta.persistence.Entity;

/** How the server is cut up. */
@AnalyzeClasses(packages = "oilcloth", importOptions = ImportOption.DoNotIncludeTests.class)
class ServerArchitectureTest {
    @ArchTest
    static final ArchRule entitiesStayHome = classes()
            .that()
            .areAnnotatedWith(Entity.class)
            .should()
            .bePackagePrivate()
            .because("what leaves a feature is a record made for leaving");

    @ArchTest
    static final ArchRule coreAndFormatsKnowNoServer = noClasses()
            .that()
            .resideOutsideOfPackage("oilcloth.server..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("oilcloth.server..", "org.springframework..", "jakarta..")
            .because("the command line answers without a server");
}
