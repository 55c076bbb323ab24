package dev.steelyard.neighbour;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The store knows Steelyard by what is published, as any other would. */
@AnalyzeClasses(packages = "dev.steelyard", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule itKnowsNoOtherModule = noClasses()
            .that()
            .resideInAPackage("dev.steelyard.neighbour..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "dev.steelyard.core..", "dev.steelyard.words..", "dev.steelyard.format..", "dev.steelyard.web..");
}
