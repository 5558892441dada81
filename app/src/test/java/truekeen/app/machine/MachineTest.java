package truekeen.app.machine;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import truekeen.core.progression.Answer;

/** Machines: made safe with a name, blades inspected or rejected, hours that make them due. */
class MachineTest extends Machines {
    private JsonNode state(String tool) {
        return get("/api/v1/tools/" + tool + "/machine").body();
    }

    @Test
    void everyActAndANameAreAskedAndNothingOfTheBladeIsShownBefore() {
        String tool = bar("careful bar");
        assertThat(isolate(tool, "bench hand").messageAt("machineId")).contains("Say first which machine");
        assertThat(belongs(tool, "", "STEAM").messageAt("machine.power")).contains("not one of");
        JsonNode state = belongs(tool, "careful mower", "PETROL").body();
        assertThat(state.path("acts").findValuesAsText("key"))
                .containsExactly("STOPPED", "SPARK", "TILT", "BLOCK", "GLOVES");
        assertThat(state.path("items")).isEmpty();
        assertThat(isolate(tool, " ").messageAt("person")).contains("who made it safe");
        ObjectNode some = object("person", "bench hand");
        some.putArray("acts").add("STOPPED").add("SPARK").add("GLOVES");
        assertThat(post("/api/v1/tools/" + tool + "/isolation", some).messageAt("acts"))
                .contains("tilt it as its manual says, block the blade");
        JsonNode safe = isolate(tool, "bench hand").body();
        assertThat(safe.path("isolation").path("person").asText()).isEqualTo("bench hand");
        assertThat(safe.path("isolation").path("at").asText()).isNotBlank();
        assertThat(safe.path("items")).isNotEmpty();
        assertThat(safe.path("ready").asBoolean()).isFalse();
        // Twice is once: the first record stands.
        assertThat(isolate(tool, "apprentice")
                        .body()
                        .path("isolation")
                        .path("person")
                        .asText())
                .isEqualTo("bench hand");
        assertThat(safe.path("first").asText()).contains("local rules and licensed service come first");
    }

    @Test
    void eachMachineIsIsolatedInItsOwnWay() {
        for (String[] kind :
                new String[][] {{"PETROL", "SPARK"}, {"BATTERY", "BATTERY"}, {"MAINS", "PLUG"}, {"TOWED", "SHAFT"}}) {
            String tool = bar("bar of a " + kind[0]);
            assertThat(belongs(tool, "machine of " + kind[0], kind[0])
                            .body()
                            .path("acts")
                            .findValuesAsText("key"))
                    .contains(kind[1], "BLOCK", "GLOVES");
        }
        assertThat(belongs(bar("again"), "machine of MAINS", "MAINS").messageAt("machine.name"))
                .contains("already");
    }

    @Test
    void aCrackEndsTheJobWithAReasonAndATag() throws Exception {
        kit();
        file();
        String tool = bar("cracked bar");
        safeAndFit(tool, "cracking mower", "PETROL");
        String session = start(tool, planned(tool, survey())).path("id").asText();
        ObjectNode form = sound(tool);
        ((ObjectNode) form.path("found").path("CRACKS")).put("answer", "yes");
        assertThat(get("/api/v1/print/tools/" + tool + "/reject-tag.pdf").status())
                .isEqualTo(404);
        JsonNode rejected = post("/api/v1/tools/" + tool + "/inspection", form).body();
        assertThat(rejected.path("inspection").path("verdict").asText()).isEqualTo("REJECT");
        assertThat(rejected.path("ready").asBoolean()).isFalse();
        assertThat(rejected.path("fitted").asBoolean())
                .as("it is off its machine")
                .isFalse();
        ObjectNode again =
                object("machineId", rejected.path("machine").path("id").asText(), "fitted", true);
        again.put("mass", "");
        Answer refitted = put("/api/v1/tools/" + tool + "/machine", again);
        assertThat(refitted.status()).isGreaterThanOrEqualTo(400);
        assertThat(refitted.body().toString()).contains("BLADE_REJECTED");
        assertThat(get("/api/v1/tools/" + tool + "/plan").body().toString())
                .contains("BLADE_REJECTED")
                .contains("it is cracked");
        assertThat(get("/api/v1/tools/" + tool + "/session").body().path("id").isNull())
                .as("its session ended with it")
                .isTrue();
        assertThat(get("/api/v1/sessions/" + session).status()).isEqualTo(409);
        byte[] pdf = bytes("/api/v1/print/tools/" + tool + "/reject-tag.pdf").body();
        try (var document = Loader.loadPDF(pdf)) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("REJECTED: DO NOT FIT", "cracked bar", "it is cracked", "Inspected by bench hand")
                    .contains("Not to be straightened, heated or welded");
        }
        JsonNode stages = get("/api/v1/tools/" + tool + "/stages").body();
        assertThat(stages.path("standing").asText()).isEqualTo("REJECTED");
        // A slip of the finger is put right in words, never silently.
        assertThat(post("/api/v1/tools/" + tool + "/inspection", sound(tool)).messageAt("corrects"))
                .contains("was rejected");
        ObjectNode corrected = sound(tool).put("corrects", "the wrong bar was tapped");
        assertThat(post("/api/v1/tools/" + tool + "/inspection", corrected)
                        .body()
                        .path("ready")
                        .asBoolean())
                .isTrue();
    }

    @Test
    void limitsAreRulesOfThumbUntilTheMakersStandThere() {
        String tool = bar("worn bar");
        belongs(tool, "wearing mower", "PETROL");
        isolate(tool, "bench hand");
        ObjectNode form = sound(tool);
        ((ObjectNode) form.path("found").path("WING")).put("wing", "2.4 mm");
        String preview = "/api/v1/tools/" + tool + "/inspection/preview";
        assertThat(post(preview, form).body().path("verdict").asText()).isEqualTo("FIT");
        ((ObjectNode) form.path("limits")).put("WING", "2.5");
        assertThat(post(preview, form).body().path("reasons").toString()).contains("2.5 mm by its maker");
        ((ObjectNode) form.path("found").path("WING")).put("wing", "2.6");
        assertThat(post("/api/v1/tools/" + tool + "/inspection", form).status()).isEqualTo(200);
        List<JsonNode> wing = new java.util.ArrayList<>();
        state(tool).path("items").forEach(i -> {
            if (i.path("key").asText().equals("WING")) {
                wing.add(i);
            }
        });
        assertThat(wing.get(0).path("maker").asDouble()).isEqualTo(2.5);
    }

    @Test
    void absurdAnswersAreRefusedAtTheirField() {
        String tool = bar("odd bar");
        belongs(tool, "odd mower", "PETROL");
        isolate(tool, "bench hand");
        String inspect = "/api/v1/tools/" + tool + "/inspection";
        ObjectNode form = sound(tool);
        ((ObjectNode) form.path("found").path("CRACKS")).put("answer", "perhaps");
        ((ObjectNode) form.path("found").path("WING")).put("wing", "3 parsecs");
        ((ObjectNode) form.path("found").path("BEND")).put("left", "9 km");
        Answer odd = post(inspect, form);
        assertThat(odd.status()).isEqualTo(422);
        assertThat(odd.messageAt("found.CRACKS")).contains("yes, no");
        assertThat(odd.messageAt("found.WING.wing")).contains("no length here");
        assertThat(odd.messageAt("found.BEND.left")).isNotBlank();
        ObjectNode unknown = sound(tool);
        ((ObjectNode) unknown.path("found")).putObject("AURA").put("answer", "no");
        assertThat(post(inspect, unknown).messageAt("found")).contains("AURA");
        assertThat(post(inspect, object("person", "x")).body().toString()).contains("INSPECT_FIRST");
        assertThat(post(inspect, sound(tool).put("person", "")).messageAt("person"))
                .contains("who inspected it");
    }

    @Test
    void hoursAndGroundMakeABladeDueAndTheBoardSaysSo() {
        String tool = bar("running bar");
        assertThat(post("/api/v1/tools/" + tool + "/hours", object("hours", "2", "ground", "CLEAN"))
                        .messageAt(""))
                .contains("which machine");
        belongs(tool, "running mower", "BATTERY");
        String hours = "/api/v1/tools/" + tool + "/hours";
        String monthAgo = LocalDate.now().minusDays(29).toString();
        assertThat(post(hours, object("hours", "ten", "ground", "MOON", "day", "tomorrow"))
                        .body()
                        .path("errors"))
                .hasSize(3);
        assertThat(post(hours, object("hours", "-1", "ground", "CLEAN", "day", ""))
                        .messageAt("hours"))
                .contains("not believable");
        post(hours, object("hours", "6 h", "ground", "CLEAN", "day", monthAgo));
        JsonNode clean = state(tool).path("hours");
        assertThat(clean.path("worn").asDouble()).isEqualTo(6);
        assertThat(clean.path("due").asText())
                .isGreaterThan(LocalDate.now().plusDays(60).toString());
        post(hours, object("hours", "8", "ground", "SANDY", "day", ""));
        JsonNode sandy = state(tool).path("hours");
        assertThat(sandy.path("worn").asDouble()).isEqualTo(26);
        assertThat(sandy.path("due").asText()).isEqualTo(LocalDate.now().toString());
        assertThat(sandy.path("words").asText()).contains("It is due.");
        assertThat(get("/api/v1/tools/" + tool + "/log").body().toString()).contains("8 h run on sandy ground");
    }

    @Test
    void aBladeThatIsDeletedComesOffItsMachineAndIsASpareWhenItIsBack() {
        String on = bar("bar that goes");
        JsonNode machine = belongs(on, "mower of the goer", "PETROL").body().path("machine");
        String spare = bar("bar that stays");
        ObjectNode form = object("machineId", machine.path("id").asText(), "fitted", false, "mass", "");
        put("/api/v1/tools/" + spare + "/machine", form);
        assertThat(delete("/api/v1/tools/" + on).status()).isEqualTo(204);
        assertThat(state(spare).path("machine").path("name").asText()).isEqualTo("mower of the goer");
        assertThat(state(spare).path("spares")).isEmpty();
        put("/api/v1/tools/" + spare + "/machine", form.put("fitted", true));
        post("/api/v1/rack/deleted/" + on + "/bring-back", Map.of());
        assertThat(state(spare).path("fitted").asBoolean()).isTrue();
        assertThat(state(on).path("fitted").asBoolean()).isFalse();
        assertThat(state(on).path("spares").toString()).contains("bar that stays");
    }

    @Test
    void sparesKnowEachOtherAndOnlyOneIsFitted() {
        String on = bar("bar on");
        belongs(on, "two-bar mower", "PETROL");
        String machine = state(on).path("machine").path("id").asText();
        String spare = bar("bar spare");
        String path = "/api/v1/tools/" + spare + "/machine";
        assertThat(put(path, object("machineId", machine, "fitted", true, "mass", ""))
                        .messageAt("fitted"))
                .contains("bar on is fitted");
        assertThat(put(path, object("machineId", machine, "fitted", false, "mass", "a lot"))
                        .messageAt("mass"))
                .isNotBlank();
        put(path, object("machineId", machine, "fitted", false, "mass", "640"));
        assertThat(state(on).path("spares").toString()).contains("bar spare").contains("\"spare\"");
        assertThat(state(spare).path("spares").toString()).contains("on the machine");
        assertThat(post("/api/v1/tools/" + spare + "/hours", object("hours", "2", "ground", "CLEAN", "day", ""))
                        .messageAt(""))
                .contains("bar spare is a spare");
        // Turn and turn about: the spare goes on, the other becomes the spare, and each keeps its own hours.
        post("/api/v1/tools/" + on + "/hours", object("hours", "3", "ground", "CLEAN", "day", ""));
        assertThat(put(path, object("machineId", machine, "fitted", true, "mass", ""))
                        .status())
                .isEqualTo(200);
        assertThat(state(on).path("fitted").asBoolean()).isFalse();
        assertThat(state(spare).path("fitted").asBoolean()).isTrue();
        assertThat(state(spare).path("massG").asDouble()).isEqualTo(640);
        assertThat(state(spare).path("hours").path("worn").asDouble()).isZero();
        assertThat(state(on).path("hours").path("worn").asDouble()).isEqualTo(3);
    }

    @Test
    void aDullBarTakesAFewDozenStrokesAnEndAndTwoRowsOfTeethTheBetterPartOfAnHour() {
        file();
        String bar = bar("dull bar");
        safeAndFit(bar, "mower of the dull bar", "PETROL");
        JsonNode ends = preview(bar);
        JsonNode filed = step(ends, "ENDS");
        assertThat(filed.path("abrasiveName").asText()).isEqualTo("mill file");
        assertThat(filed.path("strokes").asInt()).isBetween(20, 60);
        String rows = takeIn(tool(
                "two rows",
                "hedge trimmer / teeth",
                "mower and spring steel",
                "teeth=30;blades=2;edgeLength=22;usableLength=7;retireLength=4;thickness=2.4;primary=40"));
        safeAndFit(rows, "trimmer of two rows", "PETROL");
        JsonNode teeth = preview(rows);
        assertThat(step(teeth, "TEETH").path("setOf").asInt()).isBetween(3, 6);
        assertThat(teeth.path("minutes").path("value").asDouble()).isBetween(30.0, 60.0);
    }

    private JsonNode preview(String tool) {
        post("/api/v1/tools/" + tool + "/surveys", survey().put("dullness", "DULL"));
        post("/api/v1/tools/" + tool + "/setups", angle());
        Answer plan = post("/api/v1/tools/" + tool + "/plan/preview", Map.of("grindOn", ""));
        assertThat(plan.status()).as(plan.raw().body()).isEqualTo(200);
        return plan.body();
    }

    private static JsonNode step(JsonNode plan, String kind) {
        for (JsonNode s : plan.path("steps")) {
            if (s.path("kind").asText().equals(kind)) {
                return s;
            }
        }
        throw new AssertionError("no " + kind + " in " + plan.path("steps"));
    }
}
