package truekeen.app.readiness;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import truekeen.app.angle.SetupService;
import truekeen.app.bench.BenchService;
import truekeen.app.edgetest.TestService;
import truekeen.app.machine.MachineReadiness;
import truekeen.core.message.RefusedException;

/**
 * Stands before every address that names a tool, a session, a test or a set-up. What is not named here as free is shut
 * for the blade of a machine until that machine is recorded as safe and the blade was found fit: a new address is shut
 * unless somebody opens it.
 */
@Component
class PoweredBladeInterceptor implements HandlerInterceptor {
    private static final String API = "/api/v1";
    /** Addresses about a tool that are no work on its blade, or keep a gate of their own. */
    private static final List<String> FREE = List.of(
            "/tools/{id}",
            "/tools/{id}/machine",
            "/tools/{id}/isolation",
            "/tools/{id}/isolation/lift",
            "/tools/{id}/inspection",
            "/tools/{id}/inspection/preview",
            "/tools/{id}/hours",
            "/tools/{id}/stages",
            "/tools/{id}/belongings",
            "/tools/{id}/retire",
            "/tools/{id}/use-again",
            "/tools/{id}/pin",
            "/tools/{id}/log/notes",
            "/tools/{id}/log/{kind}/{entryId}",
            "/tools/{id}/log/{kind}/{entryId}/bring-back",
            "/tools/{id}/log",
            "/tools/{id}/log.csv",
            "/tools/{id}/log/import",
            "/tools/{id}/export",
            "/tools/{id}/house-rules",
            "/tools/{id}/outcomes",
            "/tools/{id}/outcomes/{outcomeId}",
            "/tools/{id}/photos",
            "/tools/{id}/photos/{photoId}",
            "/tools/{id}/session",
            "/print/tools/{id}/reject-tag.pdf",
            "/print/tools/{id}/label.pdf",
            "/print/tools/{id}/ticket.pdf");

    private final MachineReadiness gate;
    private final Map<String, Function<UUID, UUID>> toolOf;

    PoweredBladeInterceptor(MachineReadiness gate, BenchService bench, TestService tests, SetupService setups) {
        this.gate = gate;
        this.toolOf = Map.of(
                "/tools/{id}",
                Function.identity(),
                "/print/tools/{id}",
                Function.identity(),
                "/sessions/{id}",
                id -> bench.ref(id).toolId(),
                "/tests/{id}",
                tests::toolOf,
                "/setups/{id}",
                setups::toolOf,
                "/print/setups/{id}",
                setups::toolOf);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        Object pattern = request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE);
        String address = pattern == null ? "" : pattern.toString();
        if (!address.startsWith(API)) {
            return true;
        }
        String path = address.substring(API.length());
        if (!FREE.contains(path)) {
            tool(path, request).ifPresent(gate::requireReady);
        }
        return true;
    }

    private Optional<UUID> tool(String path, HttpServletRequest request) {
        return toolOf.entrySet().stream()
                .filter(e -> path.equals(e.getKey()) || path.startsWith(e.getKey() + "/"))
                .findFirst()
                .flatMap(e -> id(request).flatMap(id -> known(e.getValue(), id)));
    }

    /** The tool of what is named; what is not there is refused by whoever it is meant for. */
    private static Optional<UUID> known(Function<UUID, UUID> toolOf, UUID id) {
        try {
            return Optional.of(toolOf.apply(id));
        } catch (RefusedException notThere) {
            return Optional.empty();
        }
    }

    /** The id of the address; one that is none is refused by whoever it is meant for. */
    private static Optional<UUID> id(HttpServletRequest request) {
        Object given = request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
        if (!(given instanceof Map<?, ?> variables)) {
            return Optional.empty();
        }
        try {
            return Optional.of(UUID.fromString(String.valueOf(variables.get("id"))));
        } catch (IllegalArgumentException notAnId) {
            return Optional.empty();
        }
    }
}
