package truekeen.app.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.springframework.stereotype.Component;
import truekeen.app.platform.BenchClock;

/** The other tools of Larkmoor: one at least of every family. */
@Component
class DemoFamilies {
    private static final String BOATS = "boat shed";
    private static final String DAIRY = "dairy and kitchen";
    private static final String GARDEN = "walled garden";
    private static final String GROUNDS = "grounds crew";
    private static final String TENANTS = "tenants";
    private static final String O1 = "low-alloy tool steel";
    private static final String SPRING = "mower and spring steel";
    private static final String AXE_STEEL = "axe and billhook steel";

    private final DemoWork work;
    private final BenchClock clock;

    DemoFamilies(DemoWork work, BenchClock clock) {
        this.work = work;
        this.clock = clock;
    }

    void fill(Instant now) {
        clock.travelTo(now.minus(Duration.ofDays(60)));
        irons();
        kitchen(now);
        clock.travelTo(now.minus(Duration.ofDays(12)));
        garden();
        tenants();
    }

    private void irons() {
        UUID smoother = iron(
                "bevel-up smoother iron",
                "plane iron bevel up / figured wood",
                "air-hardening tool steel",
                "width=60;thickness=4.5;usableLength=70;retireLength=20;bed=12;primary=38",
                "Tears out on the walnut rail.");
        work.survey(smoother, "DULL", "POLISHED", "");
        UUID jack = iron(
                "jack iron",
                "plane iron bevel down / jack and scrub",
                O1,
                "width=50;thickness=3;usableLength=62;retireLength=18;bed=45;primary=28;secondary=33;secondaryWidth=0.8;"
                        + "camber=1.4",
                "Roughs out the planking stock.");
        work.survey(jack, "LIGHT_VISIBLE", "POLISHED", "", work.chip("31", "32.2", "0.25"));
        iron(
                "jointer iron",
                "plane iron bevel down / jointing",
                O1,
                "width=60;thickness=3.2;usableLength=75;retireLength=20;bed=45;primary=25;secondary=30;secondaryWidth=0.5;"
                        + "wheelDiameter=200",
                "Hollow ground on the slow wheel.");
        iron(
                "smoother iron",
                "plane iron bevel down / smoothing",
                "plain carbon",
                "width=50;thickness=2.4;usableLength=58;retireLength=18;bed=45;primary=25;secondary=30;secondaryWidth=0.9",
                "");
        iron(
                "scrub iron",
                "plane iron bevel down / jack and scrub",
                "plain carbon",
                "width=33;thickness=4;usableLength=60;retireLength=20;bed=45;primary=30;secondary=35;secondaryWidth=1;"
                        + "camber=3.5",
                "");
        iron(
                "block plane iron",
                "block plane iron / general",
                O1,
                "width=40;thickness=3.2;usableLength=55;retireLength=18;bed=20;primary=25;secondary=30;secondaryWidth=0.6",
                "");
        iron(
                "shoulder plane iron",
                "shoulder plane iron / general",
                O1,
                "width=19;thickness=3.6;usableLength=50;retireLength=15;bed=18;primary=25;secondary=30;secondaryWidth=0.5",
                "Corners must stay crisp.");
        iron(
                "rebate plane iron",
                "rebate plane iron / general",
                "plain carbon",
                "width=38;thickness=3.4;usableLength=60;retireLength=15;bed=50;primary=25;secondary=30;secondaryWidth=0.7",
                "");
        iron(
                "spokeshave iron",
                "spokeshave iron / general",
                O1,
                "width=52;thickness=2.2;usableLength=40;retireLength=12;bed=45;primary=27;secondary=30;secondaryWidth=0.6",
                "");
        UUID drawknife = iron(
                "drawknife",
                "drawknife / general",
                "plain carbon",
                "edgeLength=10\";usableLength=34;retireLength=20;thickness=5.2;primary=28;secondary=31;secondaryWidth=0.9",
                "Pitted back, found in the loft.");
        work.survey(drawknife, "DULL", "PITTED", "", work.chip("96", "98", "0.3"));
        work.setUp(drawknife, "", "", "drawknife hone", "bench");
        work.takeIn(
                "3 mm turnscrew",
                "clock room",
                "turnscrew / fit the slot",
                "hard stainless",
                "width=3;tipThickness=0.45;thickness=2.6;usableLength=14;retireLength=6;primary=4",
                "Cams out of the bridge screws.",
                "");
    }

    private UUID iron(String name, String trade, String steel, String dims, String note) {
        return work.takeIn(name, BOATS, trade, steel, dims, note, "");
    }

    private void kitchen(Instant now) {
        UUID thin = work.takeIn(
                "thin slicing knife",
                DAIRY,
                "kitchen knife / slicing hard thin blade",
                "powder stainless",
                "edgeLength=210;straight=130;tipRise=22;usableLength=46;retireLength=34;spineThickness=2;"
                        + "behindEdge=0.28;primary=13;secondary=15;secondaryWidth=0.08",
                "Chips on the cheese rind.",
                soon(now, 4));
        work.tell(thin, "CHIPPED", "13");
        clock.travelTo(now.minus(Duration.ofDays(30)));
        work.tell(thin, "CHIPPED", "15");
        clock.travelTo(now.minus(Duration.ofDays(1)));
        work.survey(thin, "DULL", "", "", work.chip("62", "62.8", "0.22"), work.chip("118", "118.5", "0.15"));
        UUID cook = work.takeIn(
                "cook's knife",
                DAIRY,
                "kitchen knife / general",
                "soft stainless",
                "edgeLength=200;straight=110;tipRise=28;usableLength=48;retireLength=34;spineThickness=2.4;"
                        + "behindEdge=0.42;primary=17",
                "",
                "");
        work.survey(cook, "DULL", "", "");
        work.setUp(cook, "by hand");
        work.takeIn(
                "long slicer",
                DAIRY,
                "kitchen knife / slicing hard thin blade",
                "hard stainless",
                "edgeLength=300;straight=190;tipRise=16;usableLength=40;retireLength=30;spineThickness=2;"
                        + "behindEdge=0.3;primary=15",
                "",
                "");
        clock.travelTo(now.minus(Duration.ofDays(28)));
        UUID cleaver = work.takeIn(
                "vegetable cleaver",
                DAIRY,
                "vegetable cleaver / slicing",
                "plain carbon",
                "edgeLength=180;straight=120;tipRise=8;usableLength=78;retireLength=60;spineThickness=2;"
                        + "behindEdge=0.3;primary=15",
                "The belly was ground flat in spring; it rocks no more.",
                "");
        work.trace(
                cleaver,
                "0 0,15 0,30 0,45 0,60 0,75 0,90 0.2,105 0.9,120 2,130 3,140 4.2,150 5.6,160 7.2,170 9,180 11");
        clock.travelTo(now.minus(Duration.ofDays(1)));
        work.trace(
                cleaver,
                "0 0.8,15 0.8,30 0.8,45 0.8,60 0.8,75 0.8,90 1,105 1.7,120 2.8,130 4.3,140 5.8,150 7.3,160 8.8,"
                        + "170 10.3,180 11.8");
        work.survey(
                cleaver,
                "LIGHT_VISIBLE",
                "",
                "",
                work.chip("32", "34", "0.4"),
                work.chip("88.5", "90", "0.25"),
                work.chip("141", "144", "0.7"));
        work.setUp(cleaver, "by hand");
        work.takeIn(
                "meat cleaver",
                DAIRY,
                "meat cleaver / chopping",
                "soft stainless",
                "edgeLength=170;straight=140;tipRise=5;usableLength=85;retireLength=65;spineThickness=4.5;"
                        + "behindEdge=0.9;primary=24",
                "",
                "");
        work.takeIn(
                "boning knife",
                DAIRY,
                "fish and boning knife / flexible blade",
                "soft stainless",
                "edgeLength=150;straight=70;tipRise=14;usableLength=22;retireLength=14;spineThickness=1.8;"
                        + "behindEdge=0.35;primary=16",
                "",
                "");
        UUID fish = work.takeIn(
                "single-bevel fish knife",
                DAIRY,
                "single-bevel knife / edge bevel",
                "plain carbon",
                "edgeLength=165;straight=105;tipRise=20;usableLength=46;retireLength=34;spineThickness=4.5;"
                        + "faceAngle=11;primary=26;edgeBevelWidth=0.9;backHollow=0.25",
                "For the moor trout.",
                soon(now, 3));
        work.survey(fish, "DULL", "POLISHED", "");
    }

    private void garden() {
        work.takeIn(
                "grafting knife",
                GARDEN,
                "grafting knife / clean cuts",
                "hard stainless",
                "edgeLength=62;straight=50;tipRise=3;usableLength=17;retireLength=11;thickness=2.2;primary=20;"
                        + "secondary=23;secondaryWidth=0.4",
                "",
                "");
        work.takeIn(
                "pruning knife",
                GARDEN,
                "pruning knife / green wood",
                "plain carbon",
                "edgeLength=70;straight=40;tipRise=6;usableLength=18;retireLength=12;spineThickness=2.6;"
                        + "behindEdge=0.5;primary=16",
                "",
                "");
        work.takeIn(
                "bypass secateurs",
                GARDEN,
                "secateurs / bypass",
                "hard stainless",
                "edgeLength=52;sweep=7;usableLength=18;retireLength=12;thickness=3.2;primary=22;faceHollow=0.1",
                "Crushes the raspberry canes.",
                "");
        work.takeIn(
                "border shears",
                GARDEN,
                "shears / garden",
                "plain carbon",
                "edgeLength=230;sweep=0;usableLength=28;retireLength=18;thickness=3;primary=40;faceHollow=0.2",
                "",
                "");
        work.takeIn(
                "hedging billhook",
                GARDEN,
                "billhook / hedging",
                AXE_STEEL,
                "edgeLength=240;sweep=14;usableLength=55;retireLength=35;behind=15;thicknessBehind=5.5;primary=22",
                "",
                "");
    }

    private void tenants() {
        work.takeIn(
                "carving axe",
                TENANTS,
                "axe / carving",
                AXE_STEEL,
                "edgeLength=105;sweep=11;usableLength=45;retireLength=28;behind=20;thicknessBehind=7;primary=15;"
                        + "secondary=18;secondaryWidth=0.8",
                "",
                "");
        work.takeIn(
                "felling axe",
                GROUNDS,
                "axe / felling",
                AXE_STEEL,
                "edgeLength=118;sweep=10;usableLength=50;retireLength=30;behind=20;thicknessBehind=9.5;primary=17",
                "Found a stone in the stump.",
                "");
        UUID pocket = work.takeIn(
                "pocket knife",
                TENANTS,
                "pocket knife / general",
                "hard stainless",
                "edgeLength=78;straight=48;tipRise=9;usableLength=20;retireLength=13;spineThickness=2.4;behindEdge=0.55;"
                        + "primary=18",
                "Folds without a lock.",
                "");
        work.tell(pocket, "HELD", "18");
        work.tell(pocket, "HELD", "18");
        work.tell(pocket, "HELD", "18");
        work.takeIn(
                "hunting knife",
                TENANTS,
                "hunting knife / general",
                "powder medium-vanadium",
                "edgeLength=105;straight=60;tipRise=16;usableLength=27;retireLength=18;spineThickness=3.6;behindEdge=0.6;"
                        + "primary=19",
                "",
                "");
        work.takeIn(
                "recurved knife",
                TENANTS,
                "recurve knife / general",
                "hard stainless",
                "edgeLength=95;straight=55;tipRise=12;usableLength=26;retireLength=17;spineThickness=3;behindEdge=0.5;"
                        + "primary=18;dip=3.5",
                "",
                "");
        work.takeIn(
                "whittling knife",
                TENANTS,
                "wide-bevel knife / carving",
                "plain carbon",
                "edgeLength=72;straight=55;tipRise=5;usableLength=20;retireLength=13;thickness=2.6;primary=12",
                "",
                "");
        work.takeIn(
                "hook knife",
                TENANTS,
                "hook knife / carving",
                "plain carbon",
                "edgeLength=58;bendRadius=24;usableLength=11;retireLength=6;thickness=2.2;primary=14",
                "",
                "");
    }

    /** A day so many days after the demonstration's today, whatever day the clock has travelled to. */
    private static String soon(Instant now, int days) {
        return now.atZone(java.time.ZoneId.systemDefault())
                .toLocalDate()
                .plusDays(days)
                .toString();
    }
}
