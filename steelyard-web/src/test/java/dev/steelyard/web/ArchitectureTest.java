package dev.steelyard.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import jakarta.persistence.Entity;
import org.springframework.stereotype.Controller;

@AnalyzeClasses(packages = "dev.steelyard", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule noCircles =
            slices().matching("dev.steelyard.web.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule coreDoesNotKnowTheWeb = noClasses()
            .that()
            .resideInAPackage("dev.steelyard.core..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("dev.steelyard.web..");

    @ArchTest
    static final ArchRule storedRowsStayInTheirFeature = classes()
            .that()
            .areAnnotatedWith(Entity.class)
            .and()
            .resideOutsideOfPackage("dev.steelyard.web.shop")
            .should()
            .bePackagePrivate();

    @ArchTest
    static final ArchRule controllersAreNobodysBusiness =
            classes().that().areAnnotatedWith(Controller.class).should().bePackagePrivate();

    @ArchTest
    static final ArchRule theClockIsAskedInOnePlace = noClasses()
            .that()
            .resideOutsideOfPackage("dev.steelyard.web.database")
            .should()
            .callMethod(java.time.Instant.class, "now")
            .orShould()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .callMethod(System.class, "currentTimeMillis");
}
