package truekeen.app.repair;

import java.util.List;
import truekeen.app.platform.AdviceView;
import truekeen.app.repair.RepairRecords.HeatView;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.heat.GrindHeat;
import truekeen.core.heat.GrindHeat.Contact;
import truekeen.core.heat.HeatSource;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.Angle;
import truekeen.core.repair.DipRhythm;
import truekeen.core.steel.SteelClass;
import truekeen.core.tool.Blade;

/** How hot an edge gets on the wheel or belt that is offered. */
public final class HeatViews {
    private HeatViews() {}

    /** What to know of the heat; null where the machine is not known to heat. */
    public static HeatView of(AbrasiveKind kind, Blade blade, Angle bevel, SteelClass steel) {
        HeatSource source = HeatSource.of(kind).orElse(null);
        if (source == null) {
            return null;
        }
        GrindHeat heat = GrindHeat.of(blade, bevel, steel, source);
        DipRhythm dip = DipRhythm.of(heat.sharp().leastSeconds(), blade.layout().edgeMm());
        return of(heat, dip, kind, blade, bevel, steel);
    }

    static HeatView of(GrindHeat heat, DipRhythm dip, AbrasiveKind kind, Blade blade, Angle bevel, SteelClass steel) {
        return new HeatView(
                heat.limitC(),
                words(heat.sharp()),
                words(heat.bluntAlike()),
                words(heat.blunt()),
                advice(heat, blade, bevel, steel, kind),
                heat.sharp().leastSeconds().isPresent()
                        ? RepairWords.AT_THE_LIMIT.fill(
                                "behind",
                                Numbers.plain(GrindHeat.FINGER_BEHIND_MM, 1),
                                "celsius",
                                Numbers.plain(heat.sharp().behindC(), 0),
                                "finger",
                                (heat.sharp().fingerWarns()
                                        ? RepairWords.FINGER_FEELS.words()
                                        : RepairWords.FINGER_CANNOT.words()))
                        : "",
                dip.words());
    }

    private static String words(Contact c) {
        if (c.leastSeconds().isEmpty()) {
            return RepairWords.MORE_THAN_SECONDS.fill("most", Numbers.plain(GrindHeat.MOST_SECONDS, 0));
        }
        String least = seconds(c.leastSeconds().getAsDouble());
        return c.mostSeconds().isEmpty()
                ? RepairWords.SECONDS_OR_MORE.fill("least", least)
                : least + " to " + seconds(c.mostSeconds().getAsDouble()) + " s";
    }

    private static String seconds(double s) {
        return Numbers.plain(s, s < 1 ? 2 : s < 10 ? 1 : 0);
    }

    private static AdviceView advice(GrindHeat heat, Blade blade, Angle bevel, SteelClass steel, AbrasiveKind kind) {
        Contact c = heat.sharp();
        if (c.leastSeconds().isEmpty()) {
            return null;
        }
        double least = c.leastSeconds().getAsDouble();
        return AdviceView.of(new Advice(
                RepairWords.CONTACT_OF_SHARP.words(),
                least,
                least,
                least,
                "s",
                Formula.WHEEL_HEAT,
                List.of(
                        new Advice.Given(
                                "steel",
                                RepairWords.DRAWN_FROM.fill(
                                        "steel", steel.name(), "limit", Numbers.plain(steel.temperLimitC(), 0))),
                        new Advice.Given(RepairWords.KEPT_BELOW.words(), Numbers.plain(heat.limitC(), 0) + " °C"),
                        new Advice.Given("bevel", bevel.toString()),
                        new Advice.Given("on", kind.key()),
                        new Advice.Given(
                                RepairWords.LIGHT_REMOVAL.words(),
                                Numbers.plain(c.slowMm3(), 1) + " to " + Numbers.plain(c.fastMm3(), 1) + InWords.MM3
                                        + "/s"),
                        new Advice.Given("edge", Numbers.plain(blade.layout().edgeMm(), 0) + InWords.MM)),
                RepairWords.HEAT_ESTIMATE.words(),
                RepairWords.HEAT_CHANGES.words()));
    }
}
