package olla.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The arrows of the house: estimate, then heat, dress and doneness, then fish and oven, then units. */
@AnalyzeClasses(packages = "olla.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule CORE_KNOWS_ONLY_JAVA_AND_NUMERICS = classes()
            .that()
            .resideInAPackage("olla.core..")
            .and()
            .resideOutsideOfPackage("olla.core.runsheet")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage("olla.core..", "java.lang..", "java.util..", "org.hipparchus..");

    @ArchTest
    static final ArchRule THE_RUN_SHEET_ALSO_KNOWS_ITS_SOLVER = classes()
            .that()
            .resideInAPackage("olla.core.runsheet")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage("olla.core..", "java.lang..", "java.util..", "org.hipparchus..", "ai.timefold..");

    @ArchTest
    static final ArchRule NO_CLOCK_IN_CORE =
            noClasses().should().dependOnClassesThat().resideInAnyPackage("java.time..", "java.io..", "java.net..");

    @ArchTest
    static final ArchRule NO_CYCLES =
            slices().matching("olla.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule MESSAGES_STAND_ALONE = onlyUses("messages", "messages");

    @ArchTest
    static final ArchRule HEAT_KNOWS_NO_FISH = onlyUses("heat", "heat", "units");

    @ArchTest
    static final ArchRule UNITS_ABOVE_MESSAGES = onlyUses("units", "units", "messages");

    @ArchTest
    static final ArchRule FISH_ABOVE_UNITS = onlyUses("fish", "fish", "messages", "units");

    @ArchTest
    static final ArchRule OVEN_ABOVE_UNITS = onlyUses("oven", "oven", "messages", "units");

    @ArchTest
    static final ArchRule DRESS_ABOVE_DISH_AND_OVEN =
            onlyUses("dress", "dress", "dish", "messages", "fish", "oven", "units");

    @ArchTest
    static final ArchRule DISH_ABOVE_UNITS = onlyUses("dish", "dish", "messages", "units");

    @ArchTest
    static final ArchRule DONENESS_ABOVE_FISH_AND_OVEN =
            onlyUses("doneness", "doneness", "messages", "fish", "oven", "units");

    @ArchTest
    static final ArchRule NOTHING_BELOW_USES_ESTIMATE = noClasses()
            .that()
            .resideInAnyPackage(
                    "olla.core.heat", "olla.core.dress", "olla.core.doneness", "olla.core.safety", "olla.core.plan")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("olla.core.estimate");

    private static ArchRule onlyUses(String room, String... others) {
        String[] allowed = new String[others.length + 2];
        for (int i = 0; i < others.length; i++) {
            allowed[i] = "olla.core." + others[i];
        }
        allowed[others.length] = "java..";
        allowed[others.length + 1] = "org.hipparchus..";
        return classes()
                .that()
                .resideInAPackage("olla.core." + room)
                .should()
                .onlyDependOnClassesThat(
                        com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage(allowed));
    }
}
