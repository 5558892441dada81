package truekeen.app.demo;

import java.util.UUID;
import org.springframework.stereotype.Component;

/** What the boat shed, the kitchen and a tenant brought for Saturday: looked at and planned, two of it promised for today. */
@Component
class DemoSaturday {
    private static final String NOBODY_WAITS = "";

    private final DemoWork work;
    private final DemoTickets tickets;

    DemoSaturday(DemoWork work, DemoTickets tickets) {
        this.work = work;
        this.tickets = tickets;
    }

    /** Taken in, surveyed, set up and planned, at the time it is; two are promised for that day. */
    void fill(String saturday) {
        UUID eight = chisel("8 mm bench chisel", "boat shed", "8 mm", "25", "30", saturday);
        chisel("14 mm bench chisel", "boat shed", "14 mm", "25", "30", NOBODY_WAITS);
        chisel("26 mm bench chisel", "boat shed", "26 mm", "25", "30", NOBODY_WAITS);
        UUID thirtySix = chisel("36 mm bench chisel", "tenants", "36 mm", "30", "35", saturday);
        UUID utility = knife(
                "utility knife",
                "edgeLength=150;straight=90;tipRise=14;usableLength=24;retireLength=16;"
                        + "spineThickness=2.2;behindEdge=0.4;primary=17");
        UUID paring = knife(
                "paring knife",
                "edgeLength=90;straight=55;tipRise=8;usableLength=20;retireLength=12;"
                        + "spineThickness=1.6;behindEdge=0.3;primary=15");
        tickets.ticket("boat shed", "", saturday, "Before the transom is fitted.", eight);
        tickets.ticket("tenants", "the smithy row", saturday, "", thirtySix);
        tickets.ticket(
                "dairy and kitchen", "the kitchen hatch", NOBODY_WAITS, "Not thinner than they are.", utility, paring);
    }

    private UUID chisel(String name, String owner, String width, String primary, String last, String wanted) {
        UUID tool = work.takeIn(
                name,
                owner,
                "bench chisel / general bench work",
                "low-alloy tool steel",
                new String[] {width, "3.2 mm", "90 mm", "25 mm", primary, last, "0.6 mm", ""},
                "For Saturday.",
                wanted);
        work.survey(tool, "DULL", "POLISHED", "");
        work.setUp(tool, "", "", "brass roller guide", "bench");
        work.plan(tool);
        return tool;
    }

    private UUID knife(String name, String dims) {
        UUID tool = work.takeIn(
                name,
                "dairy and kitchen",
                "kitchen knife / general",
                "soft stainless",
                dims,
                "For Saturday.",
                NOBODY_WAITS);
        work.survey(tool, "DULL", "POLISHED", "");
        work.setUp(tool, "kitchen");
        work.plan(tool);
        return tool;
    }
}
