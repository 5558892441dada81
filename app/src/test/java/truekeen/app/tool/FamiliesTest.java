package truekeen.app.tool;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.app.machine.Machines;
import truekeen.core.progression.Answer;

/** Every family goes from the door through survey and angle, and the unpowered ones to a plan. */
class FamiliesTest extends Machines {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "skew chisel / slicing|width=18;thickness=5;usableLength=90;retireLength=20;primary=25;skew=20",
                "plane iron bevel down / jack and scrub|width=2\";thickness=1/8\";usableLength=62;retireLength=18;bed=45;primary=28;camber=1.2",
                "plane iron bevel up / general|width=60;thickness=4.5;usableLength=70;retireLength=20;bed=12;primary=33",
                "shoulder plane iron / general|width=19;thickness=3.6;usableLength=50;retireLength=15;bed=18;primary=25",
                "rebate plane iron / general|width=38;thickness=3.4;usableLength=60;retireLength=15;bed=50;bevelLength=8.0",
                "spokeshave iron / general|width=52;thickness=2.2;usableLength=40;retireLength=12;bed=45;primary=27",
                "drawknife / general|edgeLength=10\";usableLength=34;retireLength=20;thickness=5;primary=28;backBevel=4",
                "kitchen knife / general|edgeLength=200;straight=110;tipRise=28;usableLength=48;retireLength=34;spineThickness=2.4;behindEdge=16 thou;primary=17",
                "recurve knife / general|edgeLength=95;straight=55;tipRise=12;usableLength=26;retireLength=17;spineThickness=3;behindEdge=0.5;primary=18;dip=3.5",
                "wide-bevel knife / carving|edgeLength=72;straight=55;tipRise=5;usableLength=20;retireLength=13;thickness=2.6;primary=12",
                "hook knife / carving|edgeLength=58;bendRadius=24;usableLength=11;retireLength=6;thickness=2.2;primary=14",
                "single-bevel knife / edge bevel|edgeLength=165;straight=105;tipRise=20;usableLength=46;retireLength=34;spineThickness=4.5;faceAngle=11;primary=26;edgeBevelWidth=0.9;backHollow=0.25",
                "grafting knife / clean cuts|edgeLength=62;straight=50;tipRise=3;usableLength=17;retireLength=11;thickness=2.2;primary=20;secondary=23;secondaryWidth=0.4",
                "axe / felling|edgeLength=118;sweep=10;usableLength=50;retireLength=30;behind=20;thicknessBehind=9.5;primary=17",
                "billhook / hedging|edgeLength=240;sweep=0;usableLength=55;retireLength=35;behind=15;thicknessBehind=5.5;primary=22;secondary=25;secondaryWidth=0.6",
                "secateurs / bypass|edgeLength=52;sweep=7;usableLength=18;retireLength=12;thickness=3.2;primary=22;faceHollow=0.1",
                "turnscrew / fit the slot|width=3;tipThickness=0.45;thickness=2.6;usableLength=14;retireLength=6;primary=0",
                "rotary mower bar / grass|span=510;edgeLength=95;usableLength=55;retireLength=42;thickness=4;primary=30;land=0.5;bore=12.7",
                "hedge trimmer / teeth|teeth=17;edgeLength=24;usableLength=7;retireLength=4;thickness=2.4;primary=40",
                "brush-cutter blade / woody growth|diameter=255;teeth=8;edgeLength=34;usableLength=22;retireLength=14;thickness=1.8;primary=30"
            })
    void fromTheDoorToThePlan(String trade, String dims) {
        kit();
        rod();
        // Blades of machines are of a steel that a file bites on.
        boolean machine = trade.matches("rotary mower.*|hedge trimmer.*|brush-cutter.*");
        ObjectNode form = tool("one of them", trade, machine ? "mower and spring steel" : "plain carbon", dims);
        Answer preview = post("/api/v1/take-in/preview", form);
        assertThat(preview.body().path("faults")).as(preview.raw().body()).isEmpty();
        assertThat(preview.body().path("section").path("before")).isNotEmpty();
        String id = takeIn(form);
        JsonNode tool = get("/api/v1/tools/" + id).body();
        assertThat(tool.path("layout").path("totalMm").asDouble()).isPositive();
        assertThat(tool.path("refused")).isNotEmpty();
        String path = "/api/v1/tools/" + id;
        if (tool.path("powered").asBoolean()) {
            assertThat(post(path + "/surveys", survey()).body().toString()).contains("ISOLATE_FIRST");
            file();
            safeAndFit(id, "machine of " + trade, "PETROL");
        }

        ObjectNode survey = survey();
        mark(survey, "CHIP", "1", "1.8", "0.05");
        JsonNode found = post(path + "/survey/preview", survey).body();
        assertThat(found.path("faults")).isEmpty();
        assertThat(found.path("result").path("volume").path("value").asDouble()).isPositive();
        assertThat(found.path("result").path("lost").path("value").asDouble()).isGreaterThan(0.0499);
        assertThat(post(path + "/surveys", survey).status()).isEqualTo(200);

        JsonNode advice = post(path + "/angle/advice", angle()).body();
        assertThat(advice.path("faults")).as(advice.path("faults").toString()).isEmpty();
        assertThat(advice.path("reasons")).isNotEmpty();
        JsonNode chosen = advice.path("chosen");
        double included = chosen.path("includedDeg").asDouble();
        boolean perSide = advice.path("convention").asText().startsWith("per side");
        double last = chosen.path("lastDeg").asDouble();
        assertThat(included).isGreaterThanOrEqualTo(perSide ? 2 * last - 1e-9 : last - 1e-9);
        assertThat(post(path + "/setups", angle()).status()).isEqualTo(200);

        assertThat(get(path + "/log").status()).isEqualTo(200);
        assertThat(get(path + "/stages").status()).isEqualTo(200);
        Answer plan = post(path + "/plan/preview", Map.of("grindOn", ""));
        assertThat(plan.status()).as(plan.raw().body()).isEqualTo(200);
        assertThat(plan.body().path("steps")).isNotEmpty();
        assertThat(plan.body().path("minutes").path("value").asDouble()).isPositive();
    }

    /** Something narrow for the hollow edges. */
    private void rod() {
        for (JsonNode a : get("/api/v1/kit").body().path("abrasives")) {
            if (a.path("name").asText().equals("rod")) {
                return;
            }
        }
        ObjectNode rod = stone("rod", "silicon carbide stone", "FEPA-F", "F240");
        rod.put("shape", "ROD").put("lubricant", "water");
        assertThat(post("/api/v1/kit/abrasives", rod).status()).isEqualTo(200);
    }

    @Test
    void eachIsAskedForItsOwnDimensionsAndNoOthers() {
        JsonNode choices = get("/api/v1/take-in/choices").body();
        Set<String> known = new HashSet<>();
        choices.path("families").forEach(f -> known.add(f.path("geometry").asText()));
        choices.path("trades")
                .forEach(t -> assertThat(known).contains(t.path("geometry").asText()));
        assertThat(known).hasSize(19);
        ObjectNode chisel = chisel();
        typed(chisel, "bore", "12");
        Answer answer = post("/api/v1/tools", chisel);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageAt("bore")).contains("chisel");
        ObjectNode backed = chisel();
        typed(backed, "backBevel", "2");
        assertThat(post("/api/v1/tools", backed).messageAt("backBevel")).isNotEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "behindEdge|3|more than the spine",
                "behindEdge|0.4 kg|no length",
                "secondary|12|steeper",
                "tipRise|50|past the spine",
                "straight|900|allowed",
                "retireLength|60|less than the usable length"
            })
    void aKnifeThatCannotBeIsRefusedAtItsField(String field, String value, String says) {
        ObjectNode knife = tool(
                "knife",
                "kitchen knife / general",
                "plain carbon",
                "edgeLength=200;straight=110;tipRise=28;usableLength=48;retireLength=34;spineThickness=2.4;"
                        + "behindEdge=0.4;primary=17;secondary=19;secondaryWidth=0.1");
        Answer answer = post("/api/v1/tools", typed(knife, field, value));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageAt(field)).contains(says);
    }

    @Test
    void aCountMustBeWholeAndAWearIsPutBackIntoTheForm() {
        ObjectNode trimmer = tool(
                "trimmer",
                "hedge trimmer / teeth",
                "mower and spring steel",
                "teeth=17.5;edgeLength=24;usableLength=7;retireLength=4;thickness=2.4;primary=40");
        assertThat(post("/api/v1/tools", trimmer).messageAt("teeth")).contains("whole number");
        assertThat(post("/api/v1/tools", typed(trimmer, "teeth", "17")).status())
                .isEqualTo(200);
    }
}
