package truekeen.app.demo;

import org.springframework.stereotype.Component;
import truekeen.app.kit.KitRecords.AbrasiveForm;
import truekeen.app.kit.KitRecords.TesterForm;
import truekeen.app.kit.KitService;
import truekeen.app.shop.ShopService;

/** The kit and the people of Larkmoor. */
@Component
class DemoKit {
    private static final String BENCH = "BENCH";

    private final KitService kit;
    private final DemoHolders holders;
    private final ShopService shop;

    DemoKit(KitService kit, DemoHolders holders, ShopService shop) {
        this.kit = kit;
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
        stone("coarse soaker", "aluminium oxide water stone", "JIS", "#400", "water", 180, true);
        stone("brick-red stone", "aluminium oxide water stone", "JIS", "#1200", "water", 220, true);
        stone("grey splasher", "ceramic-bonded water stone", "JIS", "#1000", "water", 150, false);
        stone("cream finisher", "ceramic-bonded water stone", "JIS", "#6000", "water", 90, false);
        stone("snow stone", "ceramic-bonded water stone", "JIS", "#10000", "water", 40, false);
        stone("blue plate", "plated diamond plate", "MESH", "325", "dry", 0, false);
        stone("black plate", "plated diamond plate", "MESH", "1200", "soapy water", 0, false);
        stone("oil brick", "silicon carbide stone", "FEPA-F", "F240", "oil", 120, false);
        stone("paper on glass", "abrasive paper on a plate", "FEPA-P", "P400", "water", 12, false);
        add("green strop", "strop with compound", "MICRON", "0.5", "OXIDE", "STROP", "dry", true, 0, false, false);
        add("bare hide", "bare strop", "MICRON", "", "", "STROP", "dry", true, 0, false, false);
        add("slow wet wheel", "slow wet wheel", "FEPA-F", "F220", "", "WHEEL", "water", true, 0, false, false);
        add("bench grinder", "dry grinding wheel", "FEPA-F", "F60", "", "WHEEL", "dry", true, 0, false, false);
        add("split finisher", "aluminium oxide water stone", "JIS", "#4000", "", BENCH, "water", true, 0, true, true);
        holders.fill();
        kit.addTester(new TesterForm("thread-cut tester", "118 g", 0));
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
