package truekeen.core.ticket;

import java.util.ArrayList;
import java.util.List;
import truekeen.core.message.Wording;
import truekeen.core.steel.SteelClass;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;

/** What an owner is told on the way out, so that the edge lasts. Workshop prior. */
public enum CareAdvice implements Wording {
    BOARD("Cut on wood or plastic, never on glass, stone or a plate. Scrape with the spine, not with the edge."),
    WASH("Wash it by hand and dry it at once; a dishwasher takes the edge and the handle."),
    FOOD_OIL("Wipe it dry and rub in a little oil that is safe with food: this steel rusts."),
    OIL("Wipe it dry and rub in a little oil or wax: this steel rusts."),
    DRY("Put it away dry: stainless stains too where salt or acid dries on it."),
    COVER("Keep the edge covered, where no other steel knocks it."),
    NO_TWIST("Do not twist or pry with it: a fine edge breaks out sideways."),
    CLEAN_CUTTERS("Clean off sap after work; oil the pivot."),
    GROUND("Keep it out of soil and stones: a minute of them undoes the work."),
    SHAKES("Stop at once if the machine shakes or sounds new. Bolts and torque are as the maker's manual says.");

    private final String words;

    CareAdvice(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }

    /** What is said with a tool, the most useful first. */
    public static List<CareAdvice> of(ToolUse use, SteelClass steel) {
        List<CareAdvice> said = new ArrayList<>();
        GeometryKind kind = use.geometry();
        if (kind.powered()) {
            return List.of(CareAdvice.SHAKES, CareAdvice.GROUND);
        }
        if (use.food()) {
            said.add(CareAdvice.BOARD);
            said.add(CareAdvice.WASH);
        }
        if (kind == GeometryKind.SHEAR_BLADE) {
            said.add(CareAdvice.CLEAN_CUTTERS);
        }
        said.add(
                steel.rusting() == SteelClass.Rusting.STAINLESS
                        ? CareAdvice.DRY
                        : use.food() ? CareAdvice.FOOD_OIL : CareAdvice.OIL);
        if (kind.spined() || kind.square() || kind.back()) {
            said.add(CareAdvice.NO_TWIST);
        }
        said.add(CareAdvice.COVER);
        return said;
    }
}
