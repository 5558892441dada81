package truekeen.app.readiness;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import truekeen.app.machine.Machines;
import truekeen.core.progression.Answer;

/** Every address the service has, tried on the blade of a machine that is not safe. */
class PoweredBladeInterceptorTest extends Machines {
    /** What may be asked about a blade whose machine runs: who it is, its machine, its history. Nothing of the work. */
    private static final Set<String> OPEN = Set.of(
            "GET /tools/{id}",
            "PUT /tools/{id}",
            "GET /tools/{id}/machine",
            "PUT /tools/{id}/machine",
            "POST /tools/{id}/isolation",
            "POST /tools/{id}/isolation/lift",
            "POST /tools/{id}/inspection",
            "POST /tools/{id}/inspection/preview",
            "POST /tools/{id}/hours",
            "GET /tools/{id}/stages",
            "DELETE /tools/{id}",
            "GET /tools/{id}/belongings",
            "POST /tools/{id}/retire",
            "POST /tools/{id}/use-again",
            "PUT /tools/{id}/pin",
            "POST /tools/{id}/log/notes",
            "DELETE /tools/{id}/log/{kind}/{entryId}",
            "POST /tools/{id}/log/{kind}/{entryId}/bring-back",
            "GET /tools/{id}/log",
            "GET /tools/{id}/log.csv",
            "POST /tools/{id}/log/import",
            "GET /tools/{id}/export",
            "GET /tools/{id}/house-rules",
            "PUT /tools/{id}/house-rules",
            "GET /tools/{id}/outcomes",
            "POST /tools/{id}/outcomes",
            "DELETE /tools/{id}/outcomes/{outcomeId}",
            "POST /tools/{id}/photos",
            "GET /tools/{id}/photos/{photoId}",
            "DELETE /tools/{id}/photos/{photoId}",
            "GET /tools/{id}/session",
            "GET /print/tools/{id}/reject-tag.pdf",
            "GET /print/tools/{id}/label.pdf",
            "GET /print/tools/{id}/ticket.pdf");

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping mapping;

    /** All addresses that name a tool, a session, a test or a set-up. */
    private List<String[]> addresses() {
        List<String[]> all = new ArrayList<>();
        mapping.getHandlerMethods().keySet().forEach(info -> {
            for (String pattern : info.getPatternValues()) {
                for (RequestMethod method : info.getMethodsCondition().getMethods()) {
                    if (pattern.matches("/api/v1/(print/)?(tools|sessions|tests|setups)/\\{id}.*")) {
                        all.add(new String[] {method.name(), pattern.substring("/api/v1".length())});
                    }
                }
            }
        });
        return all;
    }

    private Answer ask(String method, String path, String tool, String session, String test, String setup) {
        String id = path.startsWith("/sessions")
                ? session
                : path.startsWith("/tests") ? test : path.matches("(/print)?/setups.*") ? setup : tool;
        String address = "/api/v1" + path.replace("{id}", id).replaceAll("\\{\\w+}", tool);
        var body = java.net.http.HttpRequest.BodyPublishers.ofString("{}");
        return send(request(address).header("Content-Type", "application/json").method(method, body));
    }

    @Test
    void noAddressOfTheWorkIsOpenWhileTheMachineIsNotSafe() {
        kit();
        file();
        String tool = bar("gated bar");
        safeAndFit(tool, "gated mower", "PETROL");
        String session = worked(tool);
        hangLevel(tool);
        ObjectNode form = object("device", TABLET, "person", "", "reference", "");
        form.putArray("readings");
        form.putArray("seen")
                .addObject()
                .put("sign", "LAND_UNEVEN")
                .put("fromMm", 1.0)
                .put("toMm", 5.0);
        String test = post("/api/v1/sessions/" + session + "/tests", form)
                .body()
                .path("id")
                .asText();
        String setup = get("/api/v1/tools/" + tool + "/plan")
                .body()
                .path("plan")
                .path("setupId")
                .asText();
        assertThat(setup).isNotEmpty();
        assertThat(test).isNotEmpty();

        post("/api/v1/tools/" + tool + "/isolation/lift", object("person", "apprentice", "why", "test"));

        Set<String> found = new TreeSet<>();
        Set<String> shut = new TreeSet<>();
        for (String[] address : addresses()) {
            Answer answer = ask(address[0], address[1], tool, session, test, setup);
            String name = address[0] + " " + address[1];
            if (answer.body().toString().contains("ISOLATE_FIRST")) {
                assertThat(answer.status()).as(name).isEqualTo(409);
                shut.add(name);
            } else if (!name.contains("/inspection")) {
                found.add(name);
            }
        }
        assertThat(found).isSubsetOf(OPEN);
        assertThat(shut)
                .contains(
                        "POST /tools/{id}/surveys",
                        "GET /tools/{id}/survey",
                        "POST /tools/{id}/plan/preview",
                        "POST /tools/{id}/sessions",
                        "GET /sessions/{id}",
                        "POST /sessions/{id}/events",
                        "POST /sessions/{id}/takeover",
                        "POST /sessions/{id}/finish",
                        "POST /tests/{id}/go-back",
                        "POST /tools/{id}/balance/tries",
                        "POST /sessions/{id}/finish-card",
                        "POST /tools/{id}/inspection",
                        "POST /setups/{id}/ink",
                        "GET /print/setups/{id}/card.pdf");
        // Safe again, and everything is where it was.
        assertThat(isolate(tool, "bench hand").body().path("ready").asBoolean()).isTrue();
        assertThat(get("/api/v1/sessions/" + session).status()).isEqualTo(200);
    }

    private void hangLevel(String tool) {
        assertThat(post("/api/v1/tools/" + tool + "/balance/tries", hung("LEVEL", 0, ""))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void anotherMachineThatIsSafeDoesNotSpeakForABladeThatComesToIt() {
        String first = bar("first bar");
        safeAndFit(first, "shared mower", "PETROL");
        String second = bar("second bar");
        String machine = get("/api/v1/tools/" + first + "/machine")
                .body()
                .path("machine")
                .path("id")
                .asText();
        put("/api/v1/tools/" + second + "/machine", object("machineId", machine, "fitted", false, "mass", ""));
        assertThat(get("/api/v1/tools/" + second + "/survey").body().toString()).contains("ISOLATE_FIRST");
        assertThat(isolate(second, "bench hand").status()).isEqualTo(200);
        assertThat(get("/api/v1/tools/" + second + "/survey").body().toString()).contains("INSPECT_FIRST");
        assertThat(get("/api/v1/tools/" + first + "/survey").status()).isEqualTo(200);
    }

    @Test
    void toolsWithoutAMachineAndIdsOfNobodyAreAnsweredAsEver() {
        String chisel = takeIn(chisel());
        assertThat(get("/api/v1/tools/" + chisel + "/survey").status()).isEqualTo(200);
        assertThat(get("/api/v1/tools/" + java.util.UUID.randomUUID() + "/survey")
                        .status())
                .isEqualTo(404);
        assertThat(get("/api/v1/tools/nonsense/survey").status()).isEqualTo(404);
        assertThat(post("/api/v1/tools/" + chisel + "/isolation", object("person", "x"))
                        .status())
                .isEqualTo(422);
    }
}
