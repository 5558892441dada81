package truekeen.app.kit;

import java.time.Instant;
import truekeen.app.platform.Form;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.message.Checks;
import truekeen.core.message.InWords;
import truekeen.core.quantity.QuantityReader;

/** What is done to a piece of the kit, and what that changes. */
enum KitAct {
    INTO_WATER("It is in the water now"),
    OUT_OF_WATER("Out of the water"),
    FLATTENED("Flattened, the grid is gone"),
    GRID_HOLLOW("The grid stays in the middle: hollow"),
    GLAZED("It glides, it is glazed"),
    DRESSED("Dressed"),
    DEGREASED("Degreased through and through"),
    FROZE("It stood wet in frost"),
    SOUND("Looked over: sound, not frozen"),
    RENEWED("Renewed: fresh paper, film or plate"),
    CHARGED("Fresh compound put on"),
    NICKED("It has a nick");

    private final String words;

    KitAct(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }

    static KitAct of(String name) {
        Form form = new Form();
        KitAct act = form.oneOf("act", "An act", name, KitAct.class);
        form.checks().orThrow();
        return act;
    }

    /** Whether it is to be offered on a piece as it stands. */
    boolean fits(AbrasiveRow a) {
        AbrasiveKind kind = a.kindOf();
        boolean laps = kind.flattenAfterStrokes().isPresent();
        boolean paper = kind.has(AbrasiveKind.Trait.RENEWED) || kind.has(AbrasiveKind.Trait.PLATED);
        boolean stone = kind.use() == AbrasiveKind.Use.STROKES && !paper;
        return switch (this) {
            case INTO_WATER -> a.soaks && a.soakingSince == null;
            case OUT_OF_WATER -> a.soakingSince != null;
            case FLATTENED -> laps && stone;
            case GRID_HOLLOW -> laps && stone && a.flat;
            case GLAZED -> stone && !a.glazed;
            case DRESSED -> a.glazed;
            case DEGREASED -> a.oilInside && !a.oiled();
            case FROZE -> stone && !a.frozen && a.lubricant().wet();
            case SOUND -> a.frozen;
            case RENEWED -> paper || a.worn > 0;
            case CHARGED -> kind.has(AbrasiveKind.Trait.CHARGED);
            case NICKED -> kind.has(AbrasiveKind.Trait.MAY_BE_NICKED) && !a.nicked;
        };
    }

    /**
     * Does it.
     *
     * @param dish hollow as typed, where the grid showed one
     */
    void on(AbrasiveRow a, String dish, Instant now) {
        switch (this) {
            case INTO_WATER -> a.soakingSince = now;
            case OUT_OF_WATER -> a.soakingSince = null;
            case FLATTENED -> lapped(a);
            case GRID_HOLLOW -> hollow(a, dish);
            case GLAZED -> a.glazed = true;
            case DRESSED -> a.glazed = false;
            case DEGREASED -> a.oilInside = false;
            case FROZE -> a.frozen = true;
            case SOUND -> a.frozen = false;
            case RENEWED -> {
                lapped(a);
                a.worn = 0;
            }
            case CHARGED -> a.chargedAt = now;
            case NICKED -> a.nicked = true;
        }
    }

    private static void lapped(AbrasiveRow a) {
        a.flat = true;
        a.dishMm = null;
        a.strokesSinceLapped = 0;
        a.glazed = false;
    }

    private static void hollow(AbrasiveRow a, String dish) {
        Double mm = null;
        if (!Form.blank(dish)) {
            Checks checks = new Checks();
            mm = checks.attempt(() -> QuantityReader.length("dish", dish).mm());
            checks.within("dish", "A hollow", mm, 0, 10, InWords.MM);
            checks.orThrow();
        }
        a.flat = false;
        a.dishMm = mm;
    }
}
