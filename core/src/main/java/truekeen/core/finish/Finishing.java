package truekeen.core.finish;

import java.util.ArrayList;
import java.util.List;
import truekeen.core.finish.FinishAct.Key;
import truekeen.core.finish.FinishAct.Setting;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;
import truekeen.core.tool.Arrival;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;

/** What is done to a tool once its edge is tested: by its steel, and by how it goes back to work. Workshop prior. */
public final class Finishing {
    /** Camber from which an iron is there to take much off, so that its cap iron lies well back (mm below the sole). */
    private static final double MUCH_CAMBER_MM = Prior.FINISHING_MUCH_CAMBER_MM.value();

    private Finishing() {}

    /**
     * The acts, in order.
     *
     * @param cambered whether the iron carries a camber
     * @param brings what is known of the tool since it was taken in
     * @param wetStones whether it was worked on stones that were wet with water
     */
    public static List<FinishAct> acts(
            ToolUse trade, SteelClass steel, boolean cambered, Arrival brings, boolean wetStones) {
        List<FinishAct> acts = new ArrayList<>();
        acts.add(act(
                Key.WASH,
                FinishWords.WASH.words(),
                FinishWords.WASH_HOW.words(),
                FinishWords.WHY_WASH.words(),
                FinishWords.WIPE_AWAY.words()));
        acts.add(act(Key.DRY, FinishWords.DRY.words(), FinishWords.DRY_HOW.words(), FinishWords.WHY_DRY.words(), ""));
        acts.add(protect(steel, trade.food()));
        if (wetStones) {
            acts.add(act(
                    Key.STONES,
                    FinishWords.STONES.words(),
                    FinishWords.STONES_HOW.words(),
                    FinishWords.WHY_STONES.words(),
                    ""));
        }
        GeometryKind kind = trade.geometry();
        if (kind.powered()) {
            machine(acts, kind);
        } else if (kind.iron()) {
            iron(acts, trade, cambered);
        } else if (kind == GeometryKind.SHEAR_BLADE) {
            acts.add(act(
                    Key.JOIN,
                    FinishWords.JOIN.words(),
                    FinishWords.JOIN_HOW.words(),
                    FinishWords.WHY_JOIN.words(),
                    FinishWords.CLOSING_EDGES.words()));
            acts.add(firstCut(FinishWords.CUT_CLOTH.words()));
        } else {
            acts.add(act(
                    Key.COVER,
                    kind == GeometryKind.TURNSCREW ? FinishWords.BACK_IN_ITS_RACK.words() : FinishWords.COVER.words(),
                    coverHow(kind, brings.kept()).words(),
                    FinishWords.WHY_COVER.words(),
                    brings.mayClose(trade) ? FinishWords.NO_LOCK.words() : ""));
            acts.add(firstCut(FinishWords.FIRST_CUTS.words()));
        }
        return List.copyOf(acts);
    }

    private static FinishWords coverHow(GeometryKind kind, Arrival.Kept kept) {
        if (kind == GeometryKind.TURNSCREW) {
            return FinishWords.RACK_HOW;
        }
        return switch (kept) {
            case CARRIED -> FinishWords.SHEATH_HOW;
            case BENCH -> FinishWords.HANG_HOW;
            case UNKNOWN -> FinishWords.COVER_HOW;
        };
    }

    /** Back on its machine: the maker's order, washers and torque; then the first run, away from people. */
    private static void machine(List<FinishAct> acts, GeometryKind kind) {
        boolean trimmer = kind == GeometryKind.TRIMMER;
        acts.add(act(
                Key.RIGHT_WAY,
                trimmer ? FinishWords.BLADES_BACK.words() : FinishWords.RIGHT_WAY_UP.words(),
                trimmer
                        ? FinishWords.BEVELS_OUTWARD.words()
                        : kind == GeometryKind.MOWER_BAR
                                ? FinishWords.UNDERSIDE_DOWN.words()
                                : FinishWords.EDGES_LEAD.words(),
                trimmer ? FinishWords.WHY_WRONG_WAY.words() : FinishWords.WHY_UPSIDE_DOWN.words(),
                FinishWords.STILL_ISOLATED.words()));
        acts.add(act(
                Key.WASHERS,
                trimmer ? FinishWords.SPACERS_BACK.words() : FinishWords.WASHERS_BACK.words(),
                FinishWords.WASHERS_HOW.words(),
                trimmer ? FinishWords.WHY_SPACERS.words() : FinishWords.WHY_WASHERS.words(),
                ""));
        acts.add(act(
                Key.TORQUE,
                trimmer ? FinishWords.TIGHTEN_BY_MANUAL.words() : FinishWords.TIGHTEN_TO_TORQUE.words(),
                FinishWords.TORQUE_HOW.words(),
                trimmer ? FinishWords.WHY_TIGHTEN_SCREWS.words() : FinishWords.WHY_TIGHTEN_BOLT.words(),
                FinishWords.TORQUE_CAUTION.words()));
        acts.add(act(
                Key.UNBLOCK,
                FinishWords.BLOCK_OUT.words(),
                FinishWords.BLOCK_OUT_HOW.words(),
                FinishWords.WHY_BLOCK_OUT.words(),
                ""));
        acts.add(act(
                Key.FIRST_RUN,
                FinishWords.FIRST_RUN.words(),
                FinishWords.FIRST_RUN_HOW.words(),
                FinishWords.WHY_FIRST_RUN.words(),
                FinishWords.FIRST_RUN_CAUTION.words()));
    }

    private static void iron(List<FinishAct> acts, ToolUse trade, boolean cambered) {
        acts.add(act(
                Key.LAY_IN,
                FinishWords.LAY_IN.words(),
                (capped(trade) ? FinishWords.LAY_IN_HOW : FinishWords.LAY_IN_BARE).words(),
                FinishWords.WHY_LAY_IN.words(),
                FinishWords.LAY_IN_CAUTION.words()));
        if (capped(trade)) {
            acts.add(capIron(trade));
        }
        acts.add(act(
                Key.PLAY,
                FinishWords.TAKE_UP_PLAY.words(),
                FinishWords.TAKE_UP_PLAY_HOW.words(),
                FinishWords.WHY_TAKE_UP_PLAY.words(),
                ""));
        acts.add(act(
                Key.CENTRE,
                cambered ? FinishWords.CENTRE_CAMBER.words() : FinishWords.SET_LEVEL.words(),
                FinishWords.BY_EYE_FIRST.fill(
                        "shaving", (cambered ? FinishWords.SIDES_ALIKE.words() : FinishWords.THREE_ALIKE.words())),
                FinishWords.WHY_LEVEL.words(),
                FinishWords.LEVEL_CAUTION.words()));
        acts.add(firstCut(FinishWords.ONE_SHAVING.words()));
    }

    /** Irons that lie bevel up, and square irons, have no cap iron. */
    private static boolean capped(ToolUse trade) {
        return trade.geometry() == GeometryKind.PLANE_IRON_DOWN;
    }

    private static FinishAct capIron(ToolUse trade) {
        boolean far = trade.camberMm() >= MUCH_CAMBER_MM;
        boolean close = trade.difficultGrain();
        Setting setting = far
                ? new Setting(FinishWords.CAP_IRON_BACK.words(), 2, 4)
                : close
                        ? new Setting(FinishWords.CAP_IRON_BACK.words(), 0.3, 0.8)
                        : new Setting(FinishWords.CAP_IRON_BACK.words(), 1, 2);
        return new FinishAct(
                Key.CAP_IRON,
                FinishWords.SET_CAP_IRON.words(),
                far
                        ? FinishWords.CAP_WELL_BACK.words()
                        : close ? FinishWords.CAP_CLOSE.words() : FinishWords.CAP_USUAL.words(),
                FinishWords.WHY_CAP_IRON.words(),
                FinishWords.CAP_IRON_CAUTION.words(),
                setting);
    }

    private static FinishAct firstCut(String words) {
        return act(Key.FIRST_CUT, FinishWords.FIRST_CUT.words(), words, FinishWords.WHY_FIRST_CUT.words(), "");
    }

    private static FinishAct protect(SteelClass steel, boolean food) {
        boolean rusts = steel.rusting() == SteelClass.Rusting.FAST;
        boolean stainless = steel.rusting() == SteelClass.Rusting.STAINLESS;
        return act(
                Key.PROTECT,
                food
                        ? FinishWords.WIPE_FOOD_OIL.words()
                        : stainless ? FinishWords.WIPE_OIL.words() : FinishWords.OIL_OR_WAX.words(),
                rusts
                        ? FinishWords.RUSTS_OVERNIGHT.words()
                        : stainless ? FinishWords.STAINLESS_STAINS.words() : FinishWords.RUSTS_IN_WATER.words(),
                rusts
                        ? FinishWords.NOTHING_HOLDS_RUST.fill("steel", upper(steel.name()))
                        : FinishWords.SLOWER_TO_RUST.fill("steel", upper(steel.name())),
                (food ? FinishWords.FOOD_OIL_CAUTION : FinishWords.OIL_CAUTION).words());
    }

    private static FinishAct act(Key key, String title, String words, String why, String caution) {
        return new FinishAct(key, title, words, why, caution, null);
    }

    private static String upper(String name) {
        return Character.toUpperCase(name.charAt(0)) + name.substring(1);
    }
}
