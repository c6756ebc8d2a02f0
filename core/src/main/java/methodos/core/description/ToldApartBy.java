package methodos.core.description;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Says by which field the file form tells the records of a sealed interface apart. The field holds
 * the name of the record, beginning small: {@code screwOrder}.
 */
@Documented
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.TYPE)
public @interface ToldApartBy {

    /** The name of the field, which no record of the interface has itself. */
    String value();
}
