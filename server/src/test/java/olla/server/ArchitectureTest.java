package olla.server;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.type;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noMethods;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import jakarta.persistence.Entity;
import java.util.concurrent.Executors;
import org.springframework.boot.ApplicationRunner;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.transaction.annotation.Transactional;

/** The server is thin: features in packages of their own, entities that stay at home, no physics. */
@AnalyzeClasses(packages = "olla.server", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

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
            .should()
            .dependOnClassesThat()
            .areAnnotatedWith(Entity.class);

    /** Controllers translate; what is done in one piece, or by the clock, is a service's. */
    @ArchTest
    static final ArchRule CONTROLLERS_NEITHER_COMMIT_NOR_WAIT = noMethods()
            .that()
            .areDeclaredInClassesThat()
            .haveSimpleNameEndingWith("Controller")
            .should()
            .beAnnotatedWith(Transactional.class)
            .orShould()
            .beAnnotatedWith(Scheduled.class);

    @ArchTest
    static final ArchRule CONTROLLERS_START_NOTHING =
            noClasses().that().haveSimpleNameEndingWith("Controller").should().beAssignableTo(ApplicationRunner.class);

    /** Threads are the pools', which are measured and end with the application. */
    @ArchTest
    static final ArchRule THREADS_COME_FROM_THE_POOLS = noClasses()
            .should()
            .callMethodWhere(target(owner(type(Executors.class))))
            .orShould()
            .callConstructorWhere(target(owner(assignableTo(Thread.class))));

    @ArchTest
    static final ArchRule THE_BENCH_KEEPS_NOTHING = noClasses()
            .that()
            .resideInAPackage("olla.server.bench..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("jakarta.persistence..", "org.springframework.data..");
}
