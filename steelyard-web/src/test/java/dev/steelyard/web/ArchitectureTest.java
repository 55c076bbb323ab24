package dev.steelyard.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import dev.steelyard.web.shop.Shops;
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

    /**
     * Transactions that lock the same rows in another order end in each other's way: so whoever raises the revision of prices
     * has the shop's row first.
     */
    @ArchTest
    static final ArchRule whoeverPublishesHoldsTheShop = classes()
            .that(new DescribedPredicate<JavaClass>("raise the revision") {
                @Override
                public boolean test(JavaClass one) {
                    return !one.isEquivalentTo(Shops.class) && calls(one, "raiseRevision");
                }
            })
            .should(new ArchCondition<JavaClass>("hold the shop's row") {
                @Override
                public void check(JavaClass one, ConditionEvents events) {
                    if (!calls(one, "hold")) {
                        events.add(SimpleConditionEvent.violated(one, one.getName() + " does not hold the shop's row"));
                    }
                }
            });

    private static boolean calls(JavaClass one, String method) {
        return one.getMethodCallsFromSelf().stream()
                .anyMatch(call -> call.getTargetOwner().isEquivalentTo(Shops.class)
                        && call.getName().equals(method));
    }
}
