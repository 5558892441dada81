package truekeen.app.machine;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import truekeen.app.ApiTest;
import truekeen.core.progression.Answer;

/** What a test needs of a machine: blades, safe, inspected, worked. */
public abstract class Machines extends ApiTest {
    protected static final String BAR =
            "span=510;edgeLength=95;usableLength=55;retireLength=42;thickness=4;primary=30;land=0.5;bore=12.7";

    protected String bar(String name) {
        return takeIn(tool(name, "rotary mower bar / grass", "mower and spring steel", BAR));
    }

    protected String trimmer(String name) {
        return takeIn(tool(
                name,
                "hedge trimmer / teeth",
                "mower and spring steel",
                "teeth=3;blades=2;edgeLength=22;usableLength=7;retireLength=4;thickness=2.4;primary=40"));
    }

    protected Answer belongs(String tool, String name, String power) {
        ObjectNode machine = object("name", name, "power", power, "perMinute", "3000", "seasonFrom", 1, "seasonTo", 12);
        ObjectNode form = object("machineId", "", "fitted", true, "mass", "700 g");
        form.set("machine", machine);
        return put("/api/v1/tools/" + tool + "/machine", form);
    }

    protected Answer isolate(String tool, String person) {
        ObjectNode form = object("person", person);
        var acts = form.putArray("acts");
        get("/api/v1/tools/" + tool + "/machine")
                .body()
                .path("acts")
                .forEach(a -> acts.add(a.path("key").asText()));
        return post("/api/v1/tools/" + tool + "/isolation", form);
    }

    /** Everything on the good side of its limit. */
    protected ObjectNode sound(String tool) {
        ObjectNode form = object("person", "bench hand", "corrects", "");
        form.putObject("limits");
        ObjectNode found = form.putObject("found");
        for (JsonNode item : get("/api/v1/tools/" + tool + "/machine").body().path("items")) {
            ObjectNode here = found.putObject(item.path("key").asText());
            if (item.path("question").asBoolean()) {
                here.put("answer", "no");
            } else {
                double good = item.path("atLeast").asBoolean()
                        ? 1.3 * item.path("usual").asDouble()
                        : 0;
                item.path("inputs")
                        .forEach(i -> here.put(i.path("key").asText(), String.valueOf((int) Math.ceil(good))));
            }
        }
        return form;
    }

    protected void safeAndFit(String tool, String machine, String power) {
        belongs(tool, machine, power);
        isolate(tool, "bench hand");
        post("/api/v1/tools/" + tool + "/inspection", sound(tool));
    }

    protected String file() {
        ObjectNode file = stone("mill file", "file", "MICRON", "");
        file.put("lubricant", "dry");
        post("/api/v1/kit/abrasives", file);
        return inKit("abrasives", "mill file");
    }

    /** A session on a fresh plan, every step done as its gate asks. */
    protected String worked(String tool) {
        String session = start(tool, planned(tool, survey())).path("id").asText();
        JsonNode steps = get("/api/v1/sessions/" + session).body().path("steps");
        for (int i = 0; i < steps.size(); i++) {
            JsonNode step = steps.get(i).path("step");
            String kind = step.path("kind").asText();
            for (JsonNode side : step.path("sides")) {
                String name = side.asText();
                if (kind.equals("ENDS")) {
                    tell(session, TABLET, event("COUNT", i, name, 10));
                }
                for (int s = 1; s <= step.path("stations").size(); s++) {
                    tell(
                            session,
                            TABLET,
                            at(event("COUNT", i, name, step.path("setOf").asInt()), s));
                }
                for (int mark = 1; (kind.equals("MEASURE") || kind.equals("ENDS")) && mark <= 3; mark++) {
                    tell(session, TABLET, read(i, name, mark, "CALLIPER", kind.equals("ENDS") ? 53 : 55));
                }
            }
            if (kind.equals("GAP")) {
                tell(session, TABLET, read(i, "", 0, "FEELER", 0.1));
            }
            Answer passed = tell(session, TABLET, event("GATE_PASSED", i, "", 0));
            if (passed.status() != 200) {
                throw new AssertionError("step " + i + ": " + passed.body());
            }
        }
        return session;
    }

    protected static ObjectNode at(ObjectNode event, int station) {
        return event.put("station", station);
    }

    protected static ObjectNode read(int step, String side, int mark, String instrument, double value) {
        return event("READ", step, side, 0)
                .put("note", instrument)
                .put("station", mark)
                .put("value", value);
    }

    /** A blade as it was hung. */
    protected static ObjectNode hung(String method, int on, String grams) {
        return object(
                "device",
                TABLET,
                "person",
                "",
                "method",
                method,
                "hungOn",
                on,
                "trial",
                grams,
                "radius",
                "250",
                "firstEnd",
                "",
                "secondEnd",
                "",
                "at",
                "235",
                "width",
                "40",
                "thickness",
                "4",
                "leastMass",
                "0.5",
                "leastRadius",
                "250");
    }
}
