package dev.steelyard.web.store.door;

import dev.steelyard.web.store.keys.KeyRight;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** The right that a call asks of the key it is made with. */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface Needs {

    KeyRight value();

    /** Whether a page key will do. */
    boolean page() default false;

    /** Whether any server key will do, whatever its rights. */
    boolean whatever() default false;
}
