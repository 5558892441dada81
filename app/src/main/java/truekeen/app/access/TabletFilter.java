package truekeen.app.access;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;
import truekeen.app.platform.Problems;
import truekeen.app.platform.WhoAsks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;

/** Says who asks: at the machine itself its own user, from elsewhere the device that the cookie proves. */
final class TabletFilter extends OncePerRequestFilter {
    /** Browsers take a cookie of such a name only over TLS, for this host and all of it. */
    static final String COOKIE = "__Host-truekeen";

    private final LanDoor door;
    private final Tablets tablets;
    private final ObjectMapper json;

    TabletFilter(LanDoor door, Tablets tablets, ObjectMapper json) {
        this.door = door;
        this.tablets = tablets;
        this.json = json;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            if (!door.through(request)) {
                are(Optional.empty(), May.OWNER);
            } else if (request.getRequestURI().startsWith("/api/")) {
                token(request)
                        .flatMap(t -> tablets.known(t, request.getRemoteAddr()))
                        .ifPresent(t -> {
                            request.setAttribute(WhoAsks.DEVICE, t.name());
                            are(Optional.of(t), t.may());
                        });
            }
        } catch (DataAccessException | TransactionException away) {
            Problems.write(json, response, HttpStatus.SERVICE_UNAVAILABLE, Refusal.of(MessageCode.STORE_AWAY, "", ""));
            return;
        }
        chain.doFilter(request, response);
    }

    private static void are(Optional<Tablets.Known> tablet, May may) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                tablet, null, List.of(new SimpleGrantedAuthority(may.authority()))));
        SecurityContextHolder.setContext(context);
    }

    private static Optional<String> token(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        return cookies == null
                ? Optional.empty()
                : Arrays.stream(cookies)
                        .filter(c -> c.getName().equals(COOKIE))
                        .map(Cookie::getValue)
                        .findFirst();
    }
}
