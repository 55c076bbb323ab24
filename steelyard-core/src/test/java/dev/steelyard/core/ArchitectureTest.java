package dev.steelyard.core;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.properties.HasReturnType.Predicates.rawReturnType;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "dev.steelyard.core", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule knowsNoFramework = noClasses()
            .should()
            .dependOnClassesThat()
            .resideOutsideOfPackages("dev.steelyard.core..", "java..", "org.jspecify.annotations");

    @ArchTest
    static final ArchRule hasNoClockAndNoInputOrOutput = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("java.io", "java.nio..", "java.net..", "java.sql..")
            .orShould()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .callMethod(java.time.Instant.class, "now")
            .orShould()
            .callMethod(java.util.Locale.class, "getDefault")
            .orShould()
            .callMethod(System.class, "currentTimeMillis");

    @ArchTest
    static final ArchRule noBinaryFloatingPoint = noClasses()
            .should()
            .dependOnClassesThat()
            .belongToAnyOf(Double.class, Float.class)
            .orShould()
            .callMethodWhere(target(rawReturnType(double.class)))
            .because("no binary floating point reaches a price");

    @ArchTest
    static final ArchRule runningKnowsNeitherReadingNorChecking = noClasses()
            .that()
            .resideInAnyPackage("..formula.run..", "..formula.function..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("..formula.parse..", "..formula.check..");

    @ArchTest
    static final ArchRule vocabularyKnowsNoStage = noClasses()
            .that()
            .resideInAPackage("..formula.ast..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("..formula.parse..", "..formula.check..", "..formula.run..", "..formula.function..");

    @ArchTest
    static final ArchRule noCirclesInFormulas =
            slices().matching("dev.steelyard.core.formula.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule noCircles =
            slices().matching("dev.steelyard.core.(*)..").should().beFreeOfCycles();
}
