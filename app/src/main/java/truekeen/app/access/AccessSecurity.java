package truekeen.app.access;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.method.configuration.EnableMethodSecurity;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;
import truekeen.app.platform.Problems;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;

/** What is asked of a request before it is acted on. */
@Configuration
@EnableMethodSecurity
class AccessSecurity {
    private static final Set<String> ONLY_READ = Set.of("GET", "HEAD", "OPTIONS", "TRACE");

    @Bean
    SecurityFilterChain doors(HttpSecurity http, LanDoor door, Tablets tablets, ObjectMapper json) throws Exception {
        CsrfTokenRequestAttributeHandler atOnce = new CsrfTokenRequestAttributeHandler();
        // The cookie is there after the first answer, whoever asks.
        atOnce.setCsrfRequestAttributeName(null);
        return http.authorizeHttpRequests(ask -> ask.dispatcherTypeMatchers(
                                DispatcherType.ASYNC, DispatcherType.ERROR, DispatcherType.FORWARD)
                        .permitAll()
                        .requestMatchers("/api/v1/access", "/api/v1/access/sign-in")
                        .permitAll()
                        .requestMatchers("/api/**", "/actuator/**")
                        .authenticated()
                        // The page itself holds nothing of the shop.
                        .anyRequest()
                        .permitAll())
                // At the machine itself the origin is asked, as ever: RequestGuard.
                .csrf(csrf -> csrf.csrfTokenRepository(CookieCsrfTokenRepository.withHttpOnlyFalse())
                        .csrfTokenRequestHandler(atOnce)
                        .requireCsrfProtectionMatcher(r -> door.through(r) && !ONLY_READ.contains(r.getMethod())))
                .addFilterBefore(new TabletFilter(door, tablets, json), AuthorizationFilter.class)
                .exceptionHandling(refused -> refused.authenticationEntryPoint((request, response, why) ->
                                refuse(json, response, HttpStatus.UNAUTHORIZED, MessageCode.NOT_SIGNED_IN))
                        .accessDeniedHandler((request, response, why) ->
                                refuse(json, response, HttpStatus.FORBIDDEN, MessageCode.ORIGIN_REFUSED)))
                .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                // RequestGuard sets them, for every answer.
                .headers(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .build();
    }

    private static void refuse(ObjectMapper json, HttpServletResponse response, HttpStatus status, MessageCode code)
            throws IOException {
        Problems.write(json, response, status, Refusal.of(code, "", ""));
    }
}
