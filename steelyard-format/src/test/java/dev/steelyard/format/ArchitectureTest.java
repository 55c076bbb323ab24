package dev.steelyard.format;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.properties.HasReturnType.Predicates.rawReturnType;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.ZonedDateTime;

@AnalyzeClasses(packages = "dev.steelyard.format", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule knowsTheCoreWordsAndJsonAlone = noClasses()
            .that()
            .resideOutsideOfPackage("dev.steelyard.format.table")
            .should()
            .dependOnClassesThat()
            .resideOutsideOfPackages(
                    "dev.steelyard.format..",
                    "dev.steelyard.core..",
                    "dev.steelyard.words",
                    "java..",
                    "tools.jackson..",
                    "org.jspecify.annotations");

    @ArchTest
    static final ArchRule tablesKnowNothingOfPrices = noClasses()
            .that()
            .resideInAPackage("dev.steelyard.format.table")
            .should()
            .dependOnClassesThat()
            .resideOutsideOfPackages(
                    "dev.steelyard.format.table",
                    "dev.steelyard.core.number",
                    "java..",
                    "javax.xml.stream..",
                    "org.apache.commons.csv",
                    "org.dhatim.fastexcel..",
                    "org.jspecify.annotations");

    @ArchTest
    static final ArchRule onlyTablesAndTheCommandTouchFilesAndTheClock = noClasses()
            .that()
            .resideOutsideOfPackages("dev.steelyard.format.cli", "dev.steelyard.format.table")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("java.nio.file..")
            .orShould()
            .callMethod(ZonedDateTime.class, "now");

    @ArchTest
    static final ArchRule noBinaryFloatingPoint = noClasses()
            .should()
            .callMethodWhere(target(rawReturnType(double.class)))
            .because("no binary floating point reaches a price");
}
