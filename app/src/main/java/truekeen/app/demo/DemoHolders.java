package truekeen.app.demo;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import truekeen.app.kit.HolderRecords.CalibrationForm;
import truekeen.app.kit.HolderRecords.HolderForm;
import truekeen.app.kit.HolderRecords.HolderView;
import truekeen.app.kit.HolderRecords.PairForm;
import truekeen.app.kit.HolderRecords.TruingForm;
import truekeen.app.kit.HolderRecords.WheelForm;
import truekeen.app.kit.HolderRecords.WheelView;
import truekeen.app.kit.HolderService;
import truekeen.app.kit.WheelService;

/** What holds the angle at Larkmoor: two guides, three wheels, and what lies about. */
@Component
class DemoHolders {
    static final String BRASS = "brass roller guide";
    static final String WHEEL = "shrunk wet wheel";
    static final String BAR = "bar and jig";

    private final HolderService holders;
    private final WheelService wheels;

    DemoHolders(HolderService holders, WheelService wheels) {
        this.holders = holders;
        this.wheels = wheels;
    }

    void fill() {
        HolderView brass = add(
                BRASS,
                "ROLLER_GUIDE",
                Map.of(
                        "rollerRadius", "9.5 mm",
                        "axleBelowBack", "14 mm",
                        "axleSetback", "10 mm",
                        "bodyDrop", "9 mm",
                        "bodyWidth", "64 mm",
                        "rollerWidth", "8 mm"),
                "41, 31.8, 25.1",
                "",
                "Measured with the angle gauge: its printed scale is a degree off.");
        holders.calibrate(
                brass.id(),
                new CalibrationForm(
                        "9.5",
                        "",
                        List.of(new PairForm("41", "25.0"), new PairForm("31.8", "30.0"), new PairForm("25.1", "34.9")),
                        brass.version()));
        add(
                "deep-jaw guide",
                "ROLLER_GUIDE",
                Map.of("rollerRadius", "8", "axleBelowBack", "24", "axleSetback", "9"),
                "",
                "",
                "By caliper only; not yet measured.");
        WheelView wet = wheels.add(new WheelForm(
                WHEEL, "WET_STONE", "250", "90", "", "Bought at 250 mm; loses a little with every truing.", 0));
        WheelView dry = wheels.add(new WheelForm("grinder wheel", "DRY_STONE", "150", "2850", "35", "", 0));
        WheelView hide = wheels.add(new WheelForm("honing drum", "LEATHER", "220", "90", "", "", 0));
        add(
                BAR,
                "SUPPORT_BAR",
                Map.of("reach", "152", "offset", "-19", "barDiameter", "14"),
                "",
                wet.id().toString(),
                "The jig hangs under the blade.");
        add(
                "bar by the drum",
                "SUPPORT_BAR",
                Map.of("reach", "152", "offset", "-19", "barDiameter", "14"),
                "",
                hide.id().toString(),
                "");
        add(
                "grinder rest",
                "PLATFORM_REST",
                Map.of("contact", "15"),
                "",
                dry.id().toString(),
                "");
        add("raffle tickets", "STACK", Map.of("piece", "0.24"), "", "", "Ten of them are 2.4 mm.");
        add("oak wedge", "WEDGE_BLOCK", Map.of("wedge", "15"), "", "", "");
        add("drawknife hone", "SPINE_HONE", Map.of(), "", "", "Its foot screws in and out.");
        add("bench pocket stone", "HAND_STONE", Map.of("stoneLength", "75"), "", "", "");
    }

    /** The wet wheel after a season: set-ups on its bar follow. */
    void trueTheWheel(String diameter) {
        WheelView wet = wheels.all().stream()
                .filter(w -> w.name().equals(WHEEL))
                .findFirst()
                .orElseThrow();
        wheels.trued(wet.id(), new TruingForm(diameter, "bench hand", false, wet.version()));
    }

    private HolderView add(
            String name, String kind, Map<String, String> parts, String blocks, String wheelId, String note) {
        return holders.add(new HolderForm(name, kind, parts, blocks, wheelId, note, 0));
    }
}
