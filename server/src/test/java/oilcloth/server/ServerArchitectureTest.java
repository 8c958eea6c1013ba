package oilcloth.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchRule;
import jakarta.persistence.Entity;
import org.junit.jupiter.api.Test;

/** How the server is cut up. */
class ServerArchitectureTest {
    private static final JavaClasses CLASSES = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("oilcloth");

    @Test
    void entitiesStayHome() {
        ArchRule rule = classes()
                .that()
                .areAnnotatedWith(Entity.class)
                .should()
                .bePackagePrivate()
                .because("what leaves a feature is a record made for leaving");
        rule.check(CLASSES);
    }

    @Test
    void coreAndFormatsKnowNoServer() {
        ArchRule rule = noClasses()
                .that()
                .resideOutsideOfPackage("oilcloth.server..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("oilcloth.server..", "org.springframework..", "jakarta..")
                .because("the command line answers without a server");
        rule.check(CLASSES);
    }
}
