package truekeen.core.repair;

import truekeen.core.heat.EdgeFin;
import truekeen.core.heat.HeatModel;
import truekeen.core.heat.HeatRun;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Length;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;

/**
 * What to do now that it steamed at the dip, or changed colour. A colour tells how hot its outer rim was; how much farther
 * the steel was past its limit follows from how heat runs along the blade in short and in long contacts. An estimate.
 * Source: derived here; temperatures of the colours are workshop priors.
 *
 * @param sign what was seen
 * @param drawn whether the temper is drawn: {@code YES}, {@code NO}, {@code PERHAPS}
 * @param leastMm grind at least so far past the edge (mm)
 * @param mostMm to be sure, so far (mm)
 * @param act what to do now
 * @param why why
 */
public record Overheated(Sign sign, Drawn drawn, double leastMm, double mostMm, String act, String why) {
    /** Contacts between which the one that did it will have lain (s). Source: workshop prior. */
    public static final double SHORT_S = Prior.OVERHEATED_SHORT_S.value();

    public static final double LONG_S = Prior.OVERHEATED_LONG_S.value();
    private static final double ROOM_C = 20;
    /** How far back the steel is looked at (mm). */
    private static final double STEP_MM = 0.05;

    /** Whether the temper is drawn. */
    public enum Drawn {
        YES,
        NO,
        PERHAPS
    }

    /** What was seen, and how hot it says the steel was. */
    public enum Sign {
        STEAM("it steamed at the dip", 100),
        STRAW("straw", Prior.COLOUR_STRAW_C),
        BROWN("brown", Prior.COLOUR_BROWN_C),
        PURPLE("purple", Prior.COLOUR_PURPLE_C),
        BLUE("blue", Prior.COLOUR_BLUE_C),
        GREY("grey, past blue", Prior.COLOUR_GREY_C);

        private final String words;
        private final double celsius;

        Sign(String words, Prior celsius) {
            this(words, celsius.value());
        }

        Sign(String words, double celsius) {
            this.words = words;
            this.celsius = celsius;
        }

        /** It in words. */
        public String words() {
            return words;
        }

        /** Least temperature at which it is seen (°C). */
        public double celsius() {
            return celsius;
        }

        /** Nothing that was seen was as hot as this (°C): the next colour would have shown. */
        double ceilingC() {
            return this == GREY ? Double.POSITIVE_INFINITY : values()[ordinal() + 1].celsius;
        }
    }

    /**
     * What to do.
     *
     * @param extentMm how far behind the edge the colour reaches (mm); not asked for steam
     * @param fin the steel behind the edge
     * @throws RefusedException for a colour of no extent, or one that reaches past the blade
     */
    public static Overheated of(Sign sign, double extentMm, EdgeFin fin, SteelClass steel) {
        double limit = steel.temperLimitC();
        if (sign == Sign.STEAM) {
            return steamed(fin, steel, limit);
        }
        if (!(extentMm > 0) || extentMm > fin.lengthMm()) {
            throw new RefusedException(Refusal.of(MessageCode.OUT_OF_RANGE, "extent", Length.ofMm(extentMm))
                    .with("what", RepairWords.COLOUR_REACH.words())
                    .with("low", RepairWords.MORE_THAN_NOTHING.words())
                    .with("high", Length.ofMm(fin.lengthMm())));
        }
        double least = past(fin, steel, sign.celsius(), extentMm, limit, SHORT_S);
        double most = past(fin, steel, sign.celsius(), extentMm, limit, LONG_S);
        double low = Math.min(least, most);
        double high = Math.max(least, most);
        if (limit >= sign.ceilingC() || high <= 0) {
            return new Overheated(
                    sign,
                    Drawn.NO,
                    0,
                    0,
                    RepairWords.GO_ON_DIPPING.words(),
                    RepairWords.STILL_TEMPERED.fill(
                            "limit",
                            Numbers.plain(limit, 0),
                            "sign",
                            sign.words(),
                            "celsius",
                            Numbers.plain(sign.celsius(), 0)));
        }
        if (limit > sign.celsius() && sign != Sign.GREY) {
            return new Overheated(
                    sign,
                    Drawn.PERHAPS,
                    0,
                    extentMm,
                    RepairWords.POLISH_AND_LOOK.fill("extent", Numbers.plain(extentMm, 1)),
                    RepairWords.DRAWN.fill(
                            "limit",
                            Numbers.plain(limit, 0),
                            "sign",
                            sign.words(),
                            "low",
                            Numbers.plain(sign.celsius(), 0),
                            "high",
                            Numbers.plain(sign.ceilingC(), 0)));
        }
        return new Overheated(
                sign,
                Drawn.YES,
                low,
                high,
                RepairWords.GRIND_PAST.fill("high", Numbers.plain(high, 1)),
                RepairWords.RIM_OF_COLOUR.fill(
                        "low", Numbers.plain(sign.celsius(), 0), "limit", Numbers.plain(limit, 0)));
    }

    private static Overheated steamed(EdgeFin fin, SteelClass steel, double limit) {
        boolean safe = limit >= Sign.STRAW.celsius();
        double hidden = safe ? 0 : past(fin, steel, Sign.STRAW.celsius(), STEP_MM, limit, SHORT_S);
        return new Overheated(
                Sign.STEAM,
                safe ? Drawn.NO : Drawn.PERHAPS,
                0,
                hidden,
                RepairWords.HALF_AS_MANY.fill(
                        "test", (safe ? "" : RepairWords.TEST_AFTER_HONING.fill("more", Numbers.plain(hidden, 1)))),
                safe
                        ? RepairWords.STEAM_SOUND.fill(
                                "straw", Numbers.plain(Sign.STRAW.celsius(), 0), "limit", Numbers.plain(limit, 0))
                        : RepairWords.STEAM_DRAWN.fill(
                                "limit", Numbers.plain(limit, 0), "straw", Numbers.plain(Sign.STRAW.celsius(), 0)));
    }

    /**
     * How far behind the edge the steel was past its limit (mm), when a temperature had reached a place: heat flows in
     * proportion to the power, so that the run of it after a contact of that length is scaled to what was seen.
     */
    private static double past(
            EdgeFin fin, SteelClass steel, double seenC, double extentMm, double limitC, double seconds) {
        HeatRun run = new HeatModel(fin, steel.conductivityWmK()).contact(100, ROOM_C, 1e9, seconds);
        double risen = run.at(extentMm) - ROOM_C;
        double scale = (seenC - ROOM_C) / risen;
        double reach = 0;
        for (double x = 0; x <= fin.lengthMm(); x += STEP_MM) {
            if (ROOM_C + scale * (run.at(x) - ROOM_C) < limitC) {
                return reach;
            }
            reach = x;
        }
        return reach;
    }
}
