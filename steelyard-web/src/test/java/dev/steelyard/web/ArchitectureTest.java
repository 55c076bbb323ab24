package dev.steelyard.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import dev.steelyard.web.goods.ChangedGoods;
import dev.steelyard.web.shop.Shops;
import jakarta.persistence.Entity;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;

@AnalyzeClasses(packages = "dev.steelyard", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule noCircles =
            slices().matching("dev.steelyard.web.(**)").should().beFreeOfCycles();

    /** The doors by which houses meet: which packages of other houses each may know. */
    private static final Map<String, Set<String>> FIRST_DOORS = Map.of(
            "base", Set.of(),
            "shop",
                    Set.of(
                            "base.database",
                            "base.page",
                            "book",
                            "editing.draft",
                            "editing.list",
                            "editing.live",
                            "goods",
                            "goods.list"),
            "book", Set.of("goods", "shop"),
            "backup", Set.of("base.database", "base.page", "shop"),
            "goods",
                    Set.of(
                            "base.database",
                            "base.image",
                            "base.page",
                            "book",
                            "editing.draft",
                            "selling.announced",
                            "shop",
                            "shop.history",
                            "shop.people",
                            "sold.lines",
                            "sold.replay"),
            "editing",
                    Set.of(
                            "base.database",
                            "base.image",
                            "base.page",
                            "base.picture",
                            "book",
                            "goods",
                            "selling.codes",
                            "selling.payment",
                            "selling.shown",
                            "shop",
                            "shop.history",
                            "shop.people",
                            "sold.lines",
                            "sold.replay",
                            "sold.under"),
            "selling",
                    Set.of(
                            "base.database",
                            "base.page",
                            "base.picture",
                            "book",
                            "goods",
                            "goods.past",
                            "shop",
                            "shop.history",
                            "shop.people"),
            "api", Set.of("base.database", "base.page", "shop"),
            "store",
                    Set.of(
                            "api",
                            "base.database",
                            "base.page",
                            "base.picture",
                            "book",
                            "editing.draft",
                            "goods",
                            "goods.batch",
                            "goods.intake",
                            "goods.sheets",
                            "selling.announced",
                            "selling.codes",
                            "selling.counter",
                            "selling.orders",
                            "selling.payment",
                            "selling.shown",
                            "shop",
                            "shop.history",
                            "shop.people"),
            "start",
                    Set.of(
                            "backup",
                            "base.database",
                            "base.image",
                            "base.page",
                            "book",
                            "editing.draft",
                            "goods",
                            "selling.orders",
                            "selling.shown",
                            "shop",
                            "shop.history",
                            "shop.people",
                            "store.hooks",
                            "store.keys"));

    private static final Map<String, Set<String>> DOORS = and(
            "sold",
            Set.of(
                    "base.database",
                    "base.page",
                    "base.picture",
                    "book",
                    "goods",
                    "selling.orders",
                    "shop",
                    "shop.people"));

    private static Map<String, Set<String>> and(String house, Set<String> doors) {
        Map<String, Set<String>> all = new HashMap<>(FIRST_DOORS);
        all.put(house, doors);
        return Map.copyOf(all);
    }

    @ArchTest
    static final ArchRule housesMeetThroughTheirDoors = classes()
            .that()
            .resideInAPackage("dev.steelyard.web.*..")
            .should(new ArchCondition<JavaClass>("know other houses by their doors only") {
                @Override
                public void check(JavaClass one, ConditionEvents events) {
                    String house = house(one.getPackageName());
                    for (Dependency dependency : one.getDirectDependenciesFromSelf()) {
                        String other = dependency.getTargetClass().getPackageName();
                        if (other.startsWith(WEB + ".")
                                && !house(other).equals(house)
                                && !DOORS.get(house).contains(other.substring(WEB.length() + 1))) {
                            events.add(SimpleConditionEvent.violated(one, dependency.getDescription()));
                        }
                    }
                }
            });

    private static final String WEB = "dev.steelyard.web";

    private static String house(String room) {
        return room.substring(WEB.length() + 1).split("\\.")[0];
    }

    /** A name says one thing: no two classes share one, in whichever module they are. */
    @ArchTest
    static void noClassNameStandsTwice(JavaClasses all) {
        Map<String, List<String>> byName = all.stream()
                .filter(one -> one.isTopLevelClass() && !one.getSimpleName().equals("package-info"))
                .collect(Collectors.groupingBy(
                        JavaClass::getSimpleName, Collectors.mapping(JavaClass::getName, Collectors.toList())));
        byName.values().removeIf(names -> names.size() == 1);
        assertThat(byName).isEmpty();
    }

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
            .resideOutsideOfPackage("dev.steelyard.web.base.database")
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
                    return !one.isEquivalentTo(Shops.class)
                            && !one.isEquivalentTo(ChangedGoods.class)
                            && (calls(one, "raiseRevision")
                                    || one.getMethodCallsFromSelf().stream().anyMatch(call -> call.getTargetOwner()
                                            .isEquivalentTo(ChangedGoods.class)));
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
