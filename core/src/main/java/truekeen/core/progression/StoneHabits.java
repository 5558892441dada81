package truekeen.core.progression;

import truekeen.core.abrasive.Abrasive;
import truekeen.core.table.Prior;

/**
 * What a house does on its stones, as far as it changes which are used and how it ends.
 *
 * @param lubricant what may be on the stones
 * @param finish how fine it ends
 * @param strop whether it ends on the strop
 * @param stropStrokes strokes a side on it
 * @param onWheel whether a slow wet wheel does the whole edge where one is owned
 */
public record StoneHabits(HouseLubricant lubricant, Finish finish, boolean strop, int stropStrokes, boolean onWheel) {
    /** By the stone, by purpose, a few strokes on the strop. Source: workshop prior. */
    public static final StoneHabits USUAL =
            new StoneHabits(HouseLubricant.BY_STONE, Finish.PURPOSE, true, WorkPlan.STROP_STROKES, false);

    /** What may be on the stones. A dry plate goes with any. */
    public enum HouseLubricant {
        BY_STONE,
        WATER,
        OIL,
        DRY;

        boolean allows(Abrasive a) {
            return switch (this) {
                case BY_STONE -> true;
                case WATER -> !a.oiled();
                case OIL -> !a.wet();
                case DRY -> !a.oiled() && !a.wet();
            };
        }
    }

    /** How fine it ends. */
    public enum Finish {
        /** By the tool and its work. */
        PURPOSE,
        /** The finest of the window, whatever the work. */
        HIGH,
        /** The grain that all-round work is content with. */
        MEDIUM;

        /** Grain that a medium finish aims at (µm). Source: workshop prior: 9 to 12 µm. */
        private static final double MEDIUM_UM = Prior.STONE_HABITS_MEDIUM_UM.value();

        private static final double HIGH_UM = Prior.STONE_HABITS_HIGH_UM.value();

        /** The window a house of this school ends in. */
        public FinishWindow of(FinishWindow byPurpose) {
            return switch (this) {
                case PURPOSE -> byPurpose;
                case HIGH -> new FinishWindow(HIGH_UM / 2, HIGH_UM, HIGH_UM * 3);
                case MEDIUM -> new FinishWindow(MEDIUM_UM * 2 / 3, MEDIUM_UM, MEDIUM_UM * 4 / 3);
            };
        }
    }
}
