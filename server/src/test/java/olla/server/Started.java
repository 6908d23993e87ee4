package olla.server;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * A test with the application running on a port of its own over a schema of its own, and the application's parts in the fields
 * that ask for them. Stands on JUnit and Spring's own start alone, so that neither holds the other to a line.
 */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@ExtendWith(StartedOlla.class)
public @interface Started {

    /** The schema's name, made anew; test classes with the very same wishes share what runs. */
    String schema();

    /** Settings besides the database's, as {@code name=value}. */
    String[] settings() default {};

    /** What is there besides the application's own parts, or in their place. */
    Class<?>[] with() default {};

    /** Whether it answers on a port. */
    boolean web() default true;
}
