package dev.steelyard.words;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.Locale;

@AnalyzeClasses(packages = "dev.steelyard.words", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule knowsTheCoreAndLanguagesAlone = noClasses()
            .should()
            .dependOnClassesThat()
            .resideOutsideOfPackages(
                    "dev.steelyard.words",
                    "dev.steelyard.core..",
                    "java..",
                    "com.ibm.icu..",
                    "org.jspecify.annotations");

    @ArchTest
    static final ArchRule noLanguageOfTheMachine = noClasses()
            .should()
            .callMethod(Locale.class, "getDefault")
            .because("a page reads the same wherever it is made");
}
