package truekeen.app.platform;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * What is asked here may be sent twice without a key of {@link OnceFilter}: it only works something out and changes nothing, or what
 * it brings has ids of its own, by which it is known again.
 */
@Target({ElementType.METHOD, ElementType.TYPE})
@Retention(RetentionPolicy.RUNTIME)
public @interface HarmlessTwice {}
