package truekeen.app.balance;

import java.util.ArrayList;
import java.util.List;
import truekeen.app.balance.BalanceRecords.BalanceView;
import truekeen.app.balance.BalanceRecords.CorrectionView;
import truekeen.app.balance.BalanceRecords.TryView;
import truekeen.app.machine.MachineService;
import truekeen.app.platform.AdviceView;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.balance.Balancing;
import truekeen.core.balance.RotaryBlade;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;

/** Balance as the screens show it. */
final class BalanceViews {
    private BalanceViews() {}

    static boolean fast(double speed) {
        return speed > RotaryBlade.TIP_SPEED_WARNS_AT;
    }

    static String tipWords(double speed) {
        boolean fast = fast(speed);
        return BalanceWords.TIPS_RUN_AT.fill(
                "speed",
                Numbers.plain(speed, 1),
                "way",
                (fast ? BalanceWords.OVER_THE.words() : BalanceWords.WITHIN_THE.words()),
                "allowed",
                Numbers.plain(RotaryBlade.TIP_SPEED_WARNS_AT, 1),
                "act",
                (fast ? BalanceWords.LOOK_AGAIN.words() : ""));
    }

    static BalanceView of(Balancing b, HungBlade.Hung h, HungBlade blade, MachineService.Running running) {
        return new BalanceView(
                b.state(),
                b.heavy(),
                b.unbalanceGmm(),
                h.resolutionGmm(),
                b.correction()
                        .map(c -> new CorrectionView(
                                c.massG(), c.radius().mm(), c.length().mm(), blade.place(b.heavy())))
                        .orElse(null),
                b.forceN(),
                b.asWeightKg(),
                b.gradeGmm(),
                b.words(),
                b.correction().map(c -> why(b, c, h, running)).orElse(null));
    }

    private static AdviceView why(
            Balancing b, Balancing.Correction c, HungBlade.Hung h, MachineService.Running running) {
        List<Advice.Given> given = new ArrayList<>();
        given.add(new Advice.Given("unbalance", Numbers.plain(b.unbalanceGmm(), 0) + InWords.GAP + "g·mm"));
        given.add(new Advice.Given(
                BalanceWords.PIECE_RADIUS.words(), Numbers.plain(c.radius().mm(), 0) + InWords.MM));
        given.add(new Advice.Given(
                BalanceWords.WIDTH_AND_THICKNESS.words(),
                Numbers.plain(h.width().mm(), 1) + " × "
                        + Numbers.plain(h.thickness().mm(), 1) + InWords.MM));
        running.perMinute().ifPresent(n -> given.add(new Advice.Given("speed", Numbers.plain(n, 0) + " /min")));
        double off = h.resolutionGmm()
                / Math.max(b.unbalanceGmm(), 1e-9)
                * c.length().mm();
        return AdviceView.of(new Advice(
                BalanceWords.LENGTH_TO_GRIND.words(),
                c.length().mm(),
                Math.max(0, c.length().mm() - off),
                c.length().mm() + off,
                "mm",
                Formula.UNBALANCE,
                given,
                BalanceWords.AS_GOOD_AS.fill("resolution", Numbers.plain(h.resolutionGmm(), 0)),
                BalanceWords.MASS_CHANGES.words()));
    }

    static TryView of(TryRow r, HungBlade blade) {
        return new TryView(
                r.number,
                r.at,
                r.person,
                r.heavy,
                r.heavy == 0 ? "" : blade.place(r.heavy),
                r.unbalanceGmm,
                r.state,
                r.removedG,
                r.removedAt == 0 ? "" : blade.place(r.removedAt));
    }
}
