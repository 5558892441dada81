package truekeen.app.platform;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * A text of a form that names one of a choice.
 *
 * <p>It is read as a text, so that a word that is not among them is refused by field, value and what is allowed; the
 * description of the service lists them all the same, so that its clients are checked. On a list it is said of each of its
 * texts.
 */
@Target({ElementType.FIELD, ElementType.METHOD, ElementType.PARAMETER, ElementType.RECORD_COMPONENT})
@Retention(RetentionPolicy.RUNTIME)
public @interface OneOf {
    /** What may be named. */
    Class<? extends Enum<?>> value();

    /** Whether it may come empty: as none, or before anything was picked. */
    boolean orNone() default false;
}
