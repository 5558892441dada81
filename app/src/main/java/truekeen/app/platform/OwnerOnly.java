package truekeen.app.platform;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.security.access.prepost.PreAuthorize;

/**
 * Only the owner may do this: whoever sits at the machine itself, or signed in with the owner's passphrase. A hand works at the
 * bench, surveys, tests and logs; what takes records away for good or changes what everybody works by is the owner's.
 */
@Target({ElementType.METHOD, ElementType.TYPE})
@Retention(RetentionPolicy.RUNTIME)
@PreAuthorize("hasRole('OWNER')")
public @interface OwnerOnly {}
