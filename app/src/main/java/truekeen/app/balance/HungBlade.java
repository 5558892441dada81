package truekeen.app.balance;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import truekeen.app.balance.BalanceRecords.BeamForm;
import truekeen.app.balance.BalanceRecords.Method;
import truekeen.app.balance.BalanceRecords.TakenOffForm;
import truekeen.app.machine.MachineService;
import truekeen.app.platform.Form;
import truekeen.core.balance.BalanceTry;
import truekeen.core.balance.Balancing;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Length;
import truekeen.core.quantity.QuantityReader;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.MowerBar;
import truekeen.core.tool.ToothedBlade;

/**
 * A blade on the beam: its places, and what a form says of it.
 *
 * @param places names of the places, in order
 * @param tip radius of the tips
 * @param width of the blade, from an edge to its trailing side
 * @param thickness of the blade
 */
record HungBlade(List<String> places, Length tip, Length width, Length thickness) {
    /** The middle of what is ground lies so far within the tip, unless it was measured (mm). Prior. */
    private static final double WITHIN_TIP_MM = Prior.GROUND_WITHIN_TIP_MM.value();
    /** Least mass that tips a cone or a nail, until it was tried (g). Prior. */
    private static final String LEAST_MASS = Numbers.plain(Prior.BALANCER_LEAST_MASS_G.value(), 1);

    /**
     * A try as it was read.
     *
     * @param at radius of the middle of the piece that is ground
     * @param typed what was typed, by field
     */
    record Hung(
            BalanceTry reading,
            Length at,
            Length width,
            Length thickness,
            double resolutionGmm,
            Map<String, String> typed) {}

    /** What came off. */
    record Removed(double massG, double radiusMm) {}

    static boolean turns(Blade blade) {
        return blade.kind().powered() && blade.kind() != GeometryKind.TRIMMER;
    }

    static HungBlade of(Blade blade) {
        if (blade instanceof MowerBar bar) {
            return new HungBlade(
                    List.of(BalanceWords.LEFT_END.words(), BalanceWords.RIGHT_END.words()),
                    Length.ofMm(bar.span().mm() / 2),
                    bar.usable(),
                    bar.thickness());
        }
        ToothedBlade disc = (ToothedBlade) blade;
        return new HungBlade(
                IntStream.rangeClosed(1, disc.teeth())
                        .mapToObj(i -> "edge " + i)
                        .toList(),
                Length.ofMm(disc.diameter().orElseThrow().mm() / 2),
                disc.usable(),
                disc.thickness());
    }

    /** A place by its number, from 1. */
    String place(int number) {
        return places.get(number - 1);
    }

    /** What the fields start with. */
    Map<String, String> usual() {
        double radius = Math.max(0.6 * tip.mm(), tip.mm() - WITHIN_TIP_MM);
        return Map.of(
                "radius", mm(tip.mm() - 5),
                "at", mm(radius),
                // A strip along the trailing side that ends at the tip.
                "width", mm(2 * (tip.mm() - radius)),
                "thickness", mm(thickness.mm()),
                "leastMass", LEAST_MASS,
                "leastRadius", mm(tip.mm() - 5));
    }

    /** A strip that older records have past the tip is made to end at it. */
    void fitting(Map<String, String> fields) {
        Length at = QuantityReader.length("at", fields.get("at"));
        Length wide = QuantityReader.length("width", fields.get("width"));
        double room = 2 * (tip.mm() - at.mm());
        if (wide.mm() > room + 0.05) {
            fields.put("width", usual().get("width"));
            fields.put("at", usual().get("at"));
        }
    }

    /** The case for the core. */
    Balancing.Case of(Hung h, MachineService.Running running) {
        return new Balancing.Case(
                h.at,
                h.width,
                h.thickness,
                width.times(Prior.BALANCING_DEEPEST_SHARE.value()),
                h.resolutionGmm,
                running.perMinute().orElse(0.0),
                running.massG().map(g -> g / 1000).orElse(0.0),
                this::place);
    }

    /** Reads a try; every fault is noted at its field. */
    Optional<Hung> read(Form form, BeamForm in) {
        int before = form.checks().refusals().size();
        Method method = form.oneOf("method", BalanceWords.HOW_HUNG.words(), in.method(), Method.class);
        Length at = within(form, "at", BalanceWords.RADIUS_OF_PIECE.words(), in.at(), tip.mm());
        Length wide = within(form, "width", BalanceWords.A_WIDTH.words(), in.width(), 2 * tip.mm());
        if (at != null && wide != null) {
            double room = 2 * (tip.mm() - at.mm());
            form.checks().require(wide.mm() <= room + 0.05, () -> Refusal.of(MessageCode.OUT_OF_RANGE, "width", wide)
                    .with("what", BalanceWords.STRIP_PAST_TIP.words())
                    .with("low", Length.ofMm(0.1))
                    .with("high", Length.ofMm(room)));
        }
        Length thick = within(form, "thickness", BalanceWords.A_THICKNESS.words(), in.thickness(), 30);
        Double least = grams(form, "leastMass", in.leastMass(), 0.01, 100);
        Length leastAt = within(form, "leastRadius", BalanceWords.A_RADIUS.words(), in.leastRadius(), tip.mm());
        BalanceTry reading = method == null ? null : reading(form, method, in);
        if (form.checks().refusals().size() > before) {
            return Optional.empty();
        }
        Map<String, String> typed = new HashMap<>();
        typed.put("method", method.name());
        typed.put("trial", Form.orEmpty(in.trial()));
        typed.put("radius", Form.orEmpty(in.radius()));
        typed.put("firstEnd", Form.orEmpty(in.firstEnd()));
        typed.put("secondEnd", Form.orEmpty(in.secondEnd()));
        typed.put("at", in.at());
        typed.put("width", in.width());
        typed.put("thickness", in.thickness());
        typed.put("leastMass", in.leastMass());
        typed.put("leastRadius", in.leastRadius());
        return Optional.of(new Hung(reading, at, wide, thick, least * leastAt.mm(), typed));
    }

    /** A kept try again. */
    Hung again(BalanceTry reading, Map<String, String> typed, double resolutionGmm) {
        return new Hung(
                reading, kept("at", typed), kept("width", typed), kept("thickness", typed), resolutionGmm, typed);
    }

    /** A length as it was typed then, or what the fields start with where that cannot be read any more. */
    private Length kept(String field, Map<String, String> typed) {
        return QuantityReader.length(field, typed.getOrDefault(field, usual().get(field)));
    }

    /** What came off; every fault is noted at its field. */
    Optional<Removed> removed(Form form, TakenOffForm in) {
        Double mass = grams(form, "mass", in.mass(), 0.01, 2000);
        Length radius = within(form, "radius", BalanceWords.A_RADIUS.words(), in.radius(), tip.mm());
        form.checks().within("place", BalanceWords.A_PLACE.words(), (double) in.place(), 1, places.size(), "");
        return mass == null || radius == null || !form.checks().clean()
                ? Optional.empty()
                : Optional.of(new Removed(mass, radius.mm()));
    }

    private BalanceTry reading(Form form, Method method, BeamForm in) {
        if (method == Method.LEVEL) {
            return BalanceTry.level();
        }
        Length radius = within(form, "radius", BalanceWords.A_RADIUS.words(), in.radius(), tip.mm());
        if (method == Method.TRIAL_MASS) {
            Double mass = grams(form, "trial", in.trial(), 0.05, 2000);
            form.checks().require(in.hungOn() >= 1 && in.hungOn() <= places.size(), () -> Refusal.of(
                            MessageCode.EMPTY, "hungOn", "")
                    .with("what", BalanceWords.LIGHT_PLACE.words()));
            return mass == null || radius == null || in.hungOn() < 1 || in.hungOn() > places.size()
                    ? null
                    : form.checks().attempt(() -> BalanceTry.hung(in.hungOn(), places.size(), mass, radius, tip));
        }
        form.checks().require(places.size() == 2, () -> Refusal.of(MessageCode.UNKNOWN_CHOICE, "method", in.method())
                .with("allowed", "LEVEL, TRIAL_MASS for a disc"));
        Double first = grams(form, "firstEnd", in.firstEnd(), 1, 50_000);
        Double second = grams(form, "secondEnd", in.secondEnd(), 1, 50_000);
        return first == null || second == null || radius == null
                ? null
                : form.checks().attempt(() -> BalanceTry.weighed(first, second, radius, tip));
    }

    private static Double grams(Form form, String field, String text, double low, double high) {
        Double read = form.checks().attempt(() -> QuantityReader.grams(field, text));
        form.checks().within(field, BalanceWords.A_MASS.words(), read, low, high, InWords.G);
        return read;
    }

    private static Length within(Form form, String field, String what, String text, double most) {
        Length read = form.length(field, text);
        form.checks().within(field, what, read == null ? null : read.mm(), 0.1, most, InWords.MM);
        return read;
    }

    private static String mm(double x) {
        return Numbers.plain(x, 1);
    }
}
