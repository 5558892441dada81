package truekeen.app.plan;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import truekeen.app.TestDatabase;

/** What a good sharpener does in situations that come up every week, typed in as they are and read out of the plan. */
class WorkshopCasesTest extends PlanTest {
    @DynamicPropertySource
    static void own(DynamicPropertyRegistry registry) {
        TestDatabase.own(registry);
    }

    private String iron(String camber) {
        return takeIn(tool(
                "smoother iron",
                "plane iron bevel down / smoothing",
                "air-hardening tool steel",
                "width=48;thickness=3.2;usableLength=60;retireLength=18;bed=45;primary=25;secondary=30;secondaryWidth=0.6"
                        + camber));
    }

    private String chisel(int width, String secondary) {
        return takeIn(tool(
                "chisel",
                "bench chisel / general bench work",
                "low-alloy tool steel",
                "width=" + width + ";thickness=3.6;usableLength=88;retireLength=25;primary=25" + secondary));
    }

    private String kitchenKnife() {
        return takeIn(
                tool(
                        "kitchen knife",
                        "kitchen knife / general",
                        "plain carbon",
                        "edgeLength=200;straight=110;tipRise=28;usableLength=48;retireLength=34;spineThickness=2.4;behindEdge=0.35;primary=17"));
    }

    private static final String SLIVER = ";secondary=30;secondaryWidth=0.7";

    @Test
    void case1AnIronThatOnlyLostItsBite() {
        shelf("fine|" + CERAMIC + "|1.2", "middle|" + CERAMIC + "|11.5", "leather|strop with compound|0.5");
        JsonNode plan = plan(iron(""), edge("TOUCH_UP"));
        within(4, 15, strokes(plan, "SECONDARY", 1));
        assertThat(minutes(plan)).isLessThan(2);
    }

    @Test
    void case2TheSameDull() {
        shelf("fine|" + CERAMIC + "|1.2", "middle|" + CERAMIC + "|11.5", "leather|strop with compound|0.5");
        List<Integer> counts = strokes(plan(iron(""), edge("DULL")), "SECONDARY", 1);
        assertThat(counts).hasSize(2);
        assertThat(counts.get(0)).isBetween(8, 25);
        assertThat(counts.get(1)).isBetween(5, 15);
        neverMoreOnTheFiner(counts);
    }

    @Test
    void case3AFreshSecondaryOnAPrimaryJustGround() {
        shelf("fine|" + CERAMIC + "|1.2", "middle|" + CERAMIC + "|11.5", "leather|strop with compound|0.5");
        within(5, 15, strokes(plan(chisel(23, ""), edge("TOUCH_UP")), "SECONDARY", 1));
    }

    @Test
    void case4ANarrowChiselIsSetDownForFiveStrokesAndNotLeanedOn() {
        shelf("fine|" + CERAMIC + "|1.2", "middle|" + CERAMIC + "|11.5");
        JsonNode plan = plan(chisel(6, SLIVER), edge("DULL"));
        assertThat(strokes(plan, "SECONDARY", 1)).allSatisfy(n -> assertThat(n).isGreaterThanOrEqualTo(5));
        plan.path("jobs").forEach(j -> j.path("legs")
                .forEach(l -> assertThat(l.path("forceN").asDouble()).isLessThanOrEqualTo(12)));
    }

    @Test
    void case5ANickGoesOnTheCoarsestPlate() {
        shelf(
                "coarse|" + DIAMOND + "|50",
                "medium|" + DIAMOND + "|25",
                "extra fine|" + DIAMOND + "|9",
                "fine|" + CERAMIC + "|1.2",
                "leather|strop with compound|0.5");
        ObjectNode survey = edge("DULL");
        mark(survey, "CHIP", "10", "11", "0.3");
        JsonNode plan = plan(chisel(25, SLIVER), survey);
        List<Integer> primary = strokes(plan, "PRIMARY", 1);
        assertThat(primary).hasSize(1);
        assertThat(primary.get(0)).isBetween(60, 250);
        List<Integer> honed = strokes(plan, "SECONDARY", 1);
        assertThat(honed).hasSizeGreaterThan(1).allSatisfy(n -> assertThat(n).isLessThanOrEqualTo(primary.get(0) / 3));
    }

    @Test
    void case6MuchSteelBeginsWithTheMachineThatIsOwned() {
        shelf(
                "wet wheel|slow wet wheel|60|WHEEL",
                "coarse|" + WATER + "|30",
                "middle|" + WATER + "|11.5",
                "fine|" + WATER + "|3");
        ObjectNode survey = edge("DULL").put("highCorner", "LEFT").put("squareOff", "1.2");
        JsonNode plan = plan(chisel(24, SLIVER), survey);
        List<String> steps = new ArrayList<>();
        plan.path("steps").forEach(s -> steps.add(s.path("kind").asText()));
        assertThat(steps.indexOf("GRIND")).isNotNegative().isLessThan(steps.indexOf("WORK"));
        double ground = 0;
        for (JsonNode s : plan.path("steps")) {
            ground +=
                    s.path("kind").asText().equals("GRIND") ? s.path("seconds").asDouble() / 60 : 0;
        }
        assertThat(ground).isBetween(4.0, 25.0);
        within(3, 15, strokes(plan, "SECONDARY", 1));
        assertThat(plan.path("tooMuch").isNull()).isTrue();
    }

    @Test
    void case7WithoutAMachineItSaysFirstThatItIsTooMuch() {
        shelf("coarse|" + WATER + "|30", "middle|" + WATER + "|11.5", "fine|" + WATER + "|3");
        ObjectNode survey = edge("DULL").put("highCorner", "LEFT").put("squareOff", "1.2");
        JsonNode plan = plan(chisel(24, SLIVER), survey);
        JsonNode tooMuch = plan.path("tooMuch");
        assertThat(tooMuch.path("strokes").asInt()).isGreaterThan(300);
        List<String> ways = new ArrayList<>();
        tooMuch.path("ways").forEach(w -> {
            ways.add(w.path("way").asText());
            assertThat(w.path("savesMinutes").asDouble()).isPositive();
        });
        assertThat(ways).contains("LEAVE_A_FINDING", "MACHINE_NOT_OWNED", "COARSER");
    }

    @Test
    void case8AKitchenKnifeOnOilStones() {
        shelf("oil coarse|" + OIL + "|80", "oil fine|" + OIL + "|25", "natural|natural oil stone|8.5");
        JsonNode dull = plan(kitchenKnife(), edge("DULL"));
        List<Integer> counts = strokes(dull, "SECONDARY", 2);
        assertThat(counts.get(0)).isBetween(15, 50);
        neverMoreOnTheFiner(counts);
        assertThat(minutes(dull)).isLessThan(8);
        List<Integer> touched = strokes(plan(kitchenKnife(), edge("TOUCH_UP")), "SECONDARY", 2);
        assertThat(touched).hasSize(1);
        assertThat(touched.get(0)).isLessThanOrEqualTo(15);
    }

    @Test
    void case9LightAlongTheEdgeStartsOnTheCoarse() {
        shelf("#400|" + WATER + "|30", "#1000|" + WATER + "|11.5", "#4000|" + WATER + "|3");
        JsonNode plan = plan(kitchenKnife(), edge("LIGHT_VISIBLE"));
        assertThat(plan.path("jobs").get(0).path("legs").get(0).path("name").asText())
                .startsWith("#400");
    }

    @Test
    void case12AnAxeKeepsItsCurve() {
        shelf("puck coarse|" + WATER + "|80|ROUND", "puck fine|" + WATER + "|20|ROUND");
        String axe = "edgeLength=118;sweep=10;usableLength=50;retireLength=30;behind=20;thicknessBehind=9.5;primary=17";
        String tool = takeIn(tool("axe", "axe / felling", "axe and billhook steel", axe));
        JsonNode plan = plan(tool, edge("DULL"));
        assertThat(kinds(plan)).containsExactly("CURVE");
        String how = plan.path("steps").toString();
        assertThat(how).contains("rounds a side");
        plan.path("steps").forEach(s -> s.path("how").forEach(line -> {
            if (line.asText().contains("rounds a side")) {
                int rounds = Integer.parseInt(line.asText().replaceAll(".*about (\\d+) rounds a side.*", "$1"));
                assertThat(rounds).isBetween(2, 6);
            }
        }));
        ObjectNode nicked = edge("DULL");
        mark(nicked, "CHIP", "40", "42", "0.5");
        JsonNode byHand = plan(takeIn(tool("axe two", "axe / felling", "axe and billhook steel", axe)), nicked);
        assertThat(byHand.path("tooMuch").isNull()).isFalse();
        shelf("puck coarse|" + WATER + "|80|ROUND", "puck fine|" + WATER + "|20|ROUND", "mill file|file|200");
        ObjectNode soft = tool("axe three", "axe / felling", "axe and billhook steel", axe);
        JsonNode filed = plan(takeIn(typed(soft, "hardness", "50")), nicked);
        assertThat(filed.path("pieces").get(0).path("by").get(0).asText()).startsWith("mill file");
        assertThat(filed.path("tooMuch").isNull()).isTrue();
        // What the file has shaped is followed along the edge, not over the whole cheek again.
        assertThat(strokes(filed, "CURVE", 2).get(0))
                .isLessThan(strokes(plan, "CURVE", 2).get(0));
    }

    /** Why so many strokes: shears keep one bevel, and all of it is honed. */
    @Test
    void aWideBevelSaysThatAllOfItIsHoned() {
        shelf("#1000|" + WATER + "|11.5");
        String of = "edgeLength=52;sweep=7;usableLength=18;retireLength=12;thickness=3.2;primary=22;faceHollow=0.1";
        JsonNode plan = plan(takeIn(tool("secateurs", "secateurs / bypass", "hard stainless", of)), edge("DULL"));
        assertThat(plan.path("jobs").get(0).path("flags").toString())
                .contains("8.5")
                .contains("honed whole");
        JsonNode chisel = plan(takeIn(chisel()), edge("DULL"));
        assertThat(chisel.path("jobs").toString()).doesNotContain("honed whole");
    }

    @Test
    void case14APittedDrawknifeGetsABackBevelAndIsNeverFlattened() {
        shelf("#400|" + WATER + "|30", "#1000|" + WATER + "|11.5", "#4000|" + WATER + "|3");
        String tool = takeIn(
                tool(
                        "drawknife",
                        "drawknife / general",
                        "plain carbon",
                        "edgeLength=230;usableLength=34;retireLength=20;thickness=5;primary=28;secondary=31;secondaryWidth=0.8"));
        JsonNode plan = plan(tool, edge("DULL").put("backState", "PITTED").put("backDepth", "0.1"));
        assertThat(kinds(plan)).containsExactly("BACK_BEVEL", "SECONDARY");
        JsonNode bevel = plan.path("pieces").get(kinds(plan).indexOf("BACK_BEVEL"));
        assertThat(bevel.path("angleDeg").asDouble()).isBetween(2.0, 8.0);
        assertThat(minutes(plan)).isLessThan(30);
        assertThat(plan.path("after").path("backBevel").asDouble())
                .isEqualTo(bevel.path("angleDeg").asDouble());
    }

    @Test
    void case15TheThinRuleIsLaidFirstAndLater() {
        shelf("fine|" + CERAMIC + "|1.2", "middle|" + CERAMIC + "|11.5");
        assertThat(put("/api/v1/house-rules", object("rule", "IRON_BACK", "choice", "THIN_RULE"))
                        .status())
                .isEqualTo(200);
        JsonNode first = plan(iron(""), edge("DULL").put("backState", "UNPOLISHED"));
        assertThat(kinds(first)).contains("THIN_RULE").doesNotContain("BACK");
        assertThat(ruled(first)).isBetween(10, 20);
        assertThat(first.path("steps").toString()).contains("the back over the rule again");
        JsonNode later = plan(iron(";backBevel=0.48"), edge("DULL").put("backState", "UNPOLISHED"));
        assertThat(ruled(later)).isBetween(4, 5);
    }

    private static int ruled(JsonNode plan) {
        for (JsonNode s : plan.path("steps")) {
            if (s.path("title").asText().startsWith("Lay the back over the thin rule")) {
                assertThat(s.path("abrasiveName").asText()).startsWith("fine");
                return s.path("strokes").asInt();
            }
        }
        return 0;
    }

    @Test
    void case16PitsBehindTheEdgeAskNothing() {
        shelf("middle|" + WATER + "|11.5", "fine|" + WATER + "|3");
        ObjectNode survey = edge("DULL").put("backState", "PITTED");
        ((com.fasterxml.jackson.databind.node.ArrayNode) survey.get("findings"))
                .add(object("kind", "PIT_BACK", "from", "5", "to", "8", "depth", "0.2", "behind", "4", "leave", false));
        JsonNode plan = plan(chisel(24, SLIVER), survey);
        assertThat(kinds(plan)).containsExactly("SECONDARY");
        assertThat(plan.path("scope").asText()).isNotEqualTo("RETIRE");
    }

    @Test
    void case17ANewBackStartsAsCoarseAsItsRidgesAsk() {
        shelf("#400|" + WATER + "|30", "#1000|" + WATER + "|11.5", "#4000|" + WATER + "|3");
        JsonNode ridged = plan(chisel(24, ""), edge("DULL").put("backState", "RIDGED"));
        assertThat(ridged.path("jobs").get(0).path("legs").get(0).path("name").asText())
                .startsWith("#400");
        assertThat(minutes(ridged)).isGreaterThan(10);
        JsonNode lapped = plan(chisel(24, ""), edge("DULL").put("backState", "UNPOLISHED"));
        assertThat(strokes(lapped, "BACK", 1)).allSatisfy(n -> assertThat(n).isLessThan(50));
    }

    @Test
    void case18AnIronThatHasItsCamberGetsNearlyEqualStrokes() {
        shelf("middle|" + WATER + "|11.5", "fine|" + WATER + "|3");
        JsonNode plan = plan(iron(";camber=0.1"), edge("DULL"), angle().put("camber", "0.07"));
        for (JsonNode s : plan.path("steps")) {
            JsonNode at = s.path("stations");
            if (at.size() == 5) {
                assertThat(at.get(2).asInt()).isGreaterThanOrEqualTo((at.get(0).asInt() + 1) / 2);
            }
        }
    }

    @Test
    void case19HardVanadiumSteelGoesByMicrometreAndItsStropsInOrder() {
        shelf(
                "d12|resin-bonded diamond or CBN|12",
                "d6|resin-bonded diamond or CBN|6",
                "d2|resin-bonded diamond or CBN|2",
                "s1|strop with compound|1",
                "s025|strop with compound|0.25",
                "s01|strop with compound|0.1",
                "oxide|" + WATER + "|3");
        String tool = takeIn(
                tool(
                        "hard knife",
                        "kitchen knife / general",
                        "powder high-vanadium",
                        "edgeLength=200;straight=110;tipRise=28;usableLength=48;retireLength=34;spineThickness=2.4;behindEdge=0.35;primary=19"));
        JsonNode plan = plan(tool, edge("DULL"));
        List<String> strops = new ArrayList<>();
        plan.path("steps").forEach(s -> {
            assertThat(s.path("abrasiveName").asText()).doesNotStartWith("oxide");
            if (s.path("kind").asText().equals("STROP")) {
                strops.add(s.path("abrasiveName").asText().split(" ")[0]);
            }
        });
        assertThat(strops).isEqualTo(Arrays.asList("s1", "s025", "s01"));
    }

    @Test
    void case20WithoutAStropATouchUpGoesToTheFinestStone() {
        shelf("middle|" + CERAMIC + "|11.5", "fine|" + CERAMIC + "|1.2");
        JsonNode plan = plan(iron(""), survey().put("dullness", "TOUCH_UP"));
        assertThat(plan.path("jobs").get(0).path("legs")).hasSize(1);
        assertThat(plan.path("jobs").get(0).path("legs").get(0).path("name").asText())
                .startsWith("fine");
        within(4, 15, strokes(plan, "SECONDARY", 1));
    }

    @Test
    void theTimeIsTheSumOfTheStepsShown() {
        shelf("fine|" + CERAMIC + "|1.2", "middle|" + CERAMIC + "|11.5", "leather|strop with compound|0.5");
        JsonNode plan = plan(iron(""), edge("DULL"));
        double sum = 0;
        for (JsonNode s : plan.path("steps")) {
            sum += s.path("seconds").asDouble();
        }
        assertThat(minutes(plan) * 60).isCloseTo(sum, org.assertj.core.api.Assertions.within(1e-6));
    }
}
