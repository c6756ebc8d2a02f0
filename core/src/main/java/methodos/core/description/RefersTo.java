package methodos.core.description;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Says that a component of a record holds the id of another thing of the manual, or a list of such
 * ids. From it follow the check for references to nothing, and what becomes of a reference when
 * what it leads to is joined, split, deleted or gets another id.
 */
@Documented
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface RefersTo {

    /** The types of the things that it may lead to, each a record with an {@code id}. */
    Class<?>[] value();
}
