package olla.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import jakarta.persistence.Entity;

/** The server is thin: features in packages of their own, entities that stay at home, no physics. */
@AnalyzeClasses(packages = "olla.server", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule NO_CYCLES =
            slices().matching("olla.server.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule NO_PHYSICS_IN_THE_SERVER =
            noClasses().should().dependOnClassesThat().resideInAPackage("olla.core.heat..");

    @ArchTest
    static final ArchRule CONTROLLERS_ARE_PACKAGE_PRIVATE =
            classes().that().haveSimpleNameEndingWith("Controller").should().notBePublic();

    @ArchTest
    static final ArchRule ENTITIES_STAY_OFF_THE_WIRE = noClasses()
            .that()
            .haveSimpleNameEndingWith("Controller")
            .and()
            .resideOutsideOfPackage("olla.server.ovens..")
            .should()
            .dependOnClassesThat()
            .areAnnotatedWith(Entity.class);

    @ArchTest
    static final ArchRule THE_BENCH_KEEPS_NOTHING = noClasses()
            .that()
            .resideInAPackage("olla.server.bench..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("jakarta.persistence..", "org.springframework.data..");
}
