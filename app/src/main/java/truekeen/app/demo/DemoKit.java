package truekeen.app.demo;

import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import truekeen.app.kit.KitRecords.AbrasiveForm;
import truekeen.app.kit.KitRecords.KitActForm;
import truekeen.app.kit.KitRecords.TesterForm;
import truekeen.app.kit.KitRecords.ThicknessForm;
import truekeen.app.kit.KitService;
import truekeen.app.kit.TesterService;
import truekeen.app.shop.ShopService;

/** The kit and the people of Larkmoor. */
@Component
class DemoKit {
    private static final String BENCH = "BENCH";

    private final KitService kit;
    private final TesterService testers;
    private final DemoHolders holders;
    private final ShopService shop;

    DemoKit(KitService kit, TesterService testers, DemoHolders holders, ShopService shop) {
        this.kit = kit;
        this.testers = testers;
        this.holders = holders;
        this.shop = shop;
    }

    void fill() {
        for (String crew :
                new String[] {"boat shed", "dairy and kitchen", "walled garden", "grounds crew", "clock room", "tenants"
                }) {
            shop.addCrew(crew);
        }
        shop.addPerson("bench hand");
        shop.addPerson("apprentice");
        known("coarse soaker", "aluminium oxide water stone", "#400", 180, true, "SOFT", "205 mm");
        stone("brick-red stone", "aluminium oxide water stone", "JIS", "#1200", "water", 220, true);
        stone("grey splasher", "ceramic-bonded water stone", "JIS", "#1000", "water", 150, false);
        known("cream finisher", "ceramic-bonded water stone", "#6000", 90, false, "FIRM", "210 mm");
        stone("snow stone", "ceramic-bonded water stone", "JIS", "#10000", "water", 40, false);
        piece("blue plate", "plated diamond plate", "MESH", "325", "dry", BENCH, "FIRM", true);
        piece("black plate", "plated diamond plate", "MESH", "1200", "soapy water", BENCH, "FIRM", true);
        stone("oil brick", "silicon carbide stone", "FEPA-F", "F240", "oil", 120, false);
        stone("paper on glass", "abrasive paper on a plate", "FEPA-P", "P400", "water", 12, false);
        add("green strop", "strop with compound", "MICRON", "0.5", "OXIDE", "STROP", "dry", true, 0, false, false);
        add("bare hide", "bare strop", "MICRON", "", "", "STROP", "dry", true, 0, false, false);
        add("slow wet wheel", "slow wet wheel", "FEPA-F", "F220", "", "WHEEL", "water", true, 0, false, false);
        add("bench grinder", "dry grinding wheel", "FEPA-F", "F60", "", "WHEEL", "dry", true, 0, false, false);
        add("split finisher", "aluminium oxide water stone", "JIS", "#4000", "", BENCH, "water", true, 0, true, true);
        piece("iron lap", "lapping plate", "FEPA-F", "F220", "dry", "BENCH", "", true);
        piece("chalk block", "dressing stone", "FEPA-F", "F500", "water", "POCKET", "", true);
        piece("field stone", "silicon carbide stone", "FEPA-F", "F320", "water", "POCKET", "FIRM", false);
        piece("white rod", "fused ceramic stone or rod", "FEPA-F", "F1000", "dry", "ROD", "FIRM", false);
        piece("steel rod", "smooth steel rod", "MICRON", "", "dry", "ROD", "", false);
        piece("mill file", "file", "MICRON", "", "dry", "BENCH", "", false);
        String hollow = kit.kit().abrasives().stream()
                .filter(a -> a.name().equals("brick-red stone"))
                .findFirst()
                .orElseThrow()
                .id()
                .toString();
        kit.act(UUID.fromString(hollow), new KitActForm("GRID_HOLLOW", "0.35 mm"));
        holders.fill();
        measure(1.0);
        testers.add(new TesterForm("thread-cut tester", "118 g", 0));
    }

    /** A water stone whose nature is known; the fine one is the hand's favourite. */
    /** Thicknesses of the stones, as a caliper read them: the share that was left of what was read at first. */
    void measure(double left) {
        Map<String, Double> first = Map.of("coarse soaker", 24.0, "brick-red stone", 23.0, "grey splasher", 15.0);
        kit.kit().abrasives().stream()
                .filter(a -> first.containsKey(a.name()))
                .forEach(a -> kit.measure(
                        a.id(), new ThicknessForm(String.format(Locale.ROOT, "%.1f mm", left * first.get(a.name())))));
    }

    private void known(
            String name, String kind, String grit, int since, boolean soaks, String firmness, String length) {
        boolean favourite = name.startsWith("cream");
        kit.add(form(name, kind, "JIS", grit, "water", BENCH, since, soaks, firmness, favourite, length, false));
    }

    private void piece(
            String name,
            String kind,
            String standard,
            String grit,
            String lubricant,
            String shape,
            String firmness,
            boolean laps) {
        kit.add(form(name, kind, standard, grit, lubricant, shape, 0, false, firmness, false, "", laps));
    }

    private static AbrasiveForm form(
            String name,
            String kind,
            String standard,
            String grit,
            String lubricant,
            String shape,
            int since,
            boolean soaks,
            String firmness,
            boolean favourite,
            String length,
            boolean laps) {
        return new AbrasiveForm(
                name, kind, standard, grit, "", "", shape, lubricant, true, since, false, soaks, false, false, firmness,
                favourite, "", length, false, false, "", laps, "", "", false, "", "", 0);
    }

    private void stone(
            String name, String kind, String standard, String grit, String lubricant, int since, boolean soaks) {
        add(name, kind, standard, grit, "", BENCH, lubricant, true, since, soaks, false);
    }

    private void add(
            String name,
            String kind,
            String standard,
            String grit,
            String grain,
            String shape,
            String lubricant,
            boolean flat,
            int since,
            boolean soaks,
            boolean frozen) {
        kit.add(new AbrasiveForm(
                name, kind, standard, grit, "", grain, shape, lubricant, flat, since, true, soaks, false, frozen, 0));
    }
}
