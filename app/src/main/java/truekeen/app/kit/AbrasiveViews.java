package truekeen.app.kit;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import truekeen.app.kit.KitRecords.AbrasiveView;
import truekeen.app.kit.KitRecords.CareView;
import truekeen.app.kit.KitRecords.KitActView;
import truekeen.app.kit.KitRecords.NameView;
import truekeen.app.kit.KitRecords.TimerView;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveClass;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.care.Dish;
import truekeen.core.care.Lapping;
import truekeen.core.care.PrepAct;
import truekeen.core.grit.GrainSize;
import truekeen.core.grit.GritStandard;
import truekeen.core.grit.GritTable;
import truekeen.core.message.Numbers;
import truekeen.core.message.RefusedException;
import truekeen.core.table.Prior;

/** Abrasives for the screens. */
final class AbrasiveViews {
    /** Prior: fresh compound is dry enough to strop on. */
    private static final Duration COMPOUND_DRIES = Duration.ofSeconds(Prior.COMPOUND_DRIES_S.whole());
    /** Prior: a stone whose length nobody measured. */
    private static final double USUAL_LENGTH_MM = Prior.BENCH_STONE_MM.value();

    private static final double SOON = 0.8;

    private AbrasiveViews() {}

    static AbrasiveView of(AbrasiveRow a, Instant now, List<Abrasive> shelf) {
        Abrasive core = shelf.stream()
                .filter(s -> s.id().equals(a.id.toString()))
                .findFirst()
                .orElseGet(() -> a.toCore(now));
        String prefix = GritStandard.byKey(a.gritStandard)
                .map(GritStandard::prefix)
                .filter(p -> !a.gritName.toUpperCase(Locale.ROOT).startsWith(p))
                .orElse("");
        String grit = a.gritName.isEmpty() ? "" : a.gritStandard + " " + prefix + a.gritName;
        Optional<Abrasive.GrainRange> laps = a.lapping();
        String next = next(a, core, now, shelf);
        return new AbrasiveView(
                a.id,
                a.name,
                a.kind,
                a.gritStandard,
                a.gritName,
                a.makerUm,
                a.d50Um,
                a.grainEvidence,
                grit,
                core.scratchUm(),
                a.shape,
                a.lubricant,
                a.flat,
                a.strokesSinceLapped,
                a.lappable,
                a.soaks,
                core.state().soakLeftSeconds(),
                a.retired,
                a.frozen,
                next.isEmpty(),
                next.isEmpty() ? "ready" : next,
                a.firmness,
                a.favourite,
                a.slurry,
                a.lengthMm,
                a.lengthTyped,
                a.glazed,
                a.oilInside,
                a.worn * 100,
                a.dishMm,
                a.dishMm == null
                        ? null
                        : (Double) Dish.error(a.dishMm, a.lengthMm == null ? USUAL_LENGTH_MM : a.lengthMm)
                                .degrees(),
                a.laps,
                laps.map(Abrasive.GrainRange::finestUm).orElse(null),
                laps.map(Abrasive.GrainRange::coarsestUm).orElse(null),
                a.nicked,
                drying(a, now),
                alsoCalled(a),
                a.grainClass,
                core.nature()
                        .otherSide()
                        .flatMap(id ->
                                shelf.stream().filter(o -> o.id().equals(id)).findFirst())
                        .map(Abrasive::name)
                        .orElse(""),
                Arrays.stream(KitAct.values())
                        .filter(act -> act.fits(a))
                        .map(act -> new KitActView(act, act.words()))
                        .toList(),
                a.version);
    }

    private static double drying(AbrasiveRow a, Instant now) {
        return a.chargedAt == null
                ? 0
                : Math.max(
                        0,
                        COMPOUND_DRIES.minus(Duration.between(a.chargedAt, now)).toSeconds());
    }

    static List<TimerView> timers(AbrasiveRow a, Instant now) {
        List<TimerView> timers = new ArrayList<>();
        if (a.soakingSince != null && a.soaks) {
            timers.add(new TimerView(a.id.toString(), a.name, KitWords.IN_THE_WATER.words(), a.soakLeftSeconds(now)));
        }
        if (drying(a, now) > 0) {
            timers.add(new TimerView(a.id.toString(), a.name, KitWords.COMPOUND_DRYING.words(), drying(a, now)));
        }
        return timers;
    }

    static CareView care(PrepAct p) {
        return new CareView(
                p.kind(), p.abrasiveId(), p.abrasiveName(), p.toolName(), p.seconds(), p.waits(), p.words(), p.why());
    }

    static String words(GrainSize size) {
        String um = Numbers.plain(size.d50Um(), 2) + " µm";
        return switch (size.evidence()) {
            case TABLE -> KitWords.ROW_OF_STANDARD.fill("size", um);
            case INTERPOLATED -> KitWords.BETWEEN_ROWS.fill("size", um);
            case EXTRAPOLATED -> KitWords.BEYOND_STANDARD.fill("size", um);
            case MAKER -> KitWords.AS_STATED.fill("size", um);
        };
    }

    /** What the number of a name means in each standard that has such a number within its rows. */
    static List<NameView> sameName(String standard, String name) {
        List<NameView> same = new ArrayList<>();
        String number = name == null ? "" : name.replaceAll("[^0-9.]", "");
        for (GritStandard other : GritStandard.values()) {
            if (other == GritStandard.MICRON || other.key().equals(standard) || number.isEmpty()) {
                continue;
            }
            try {
                GrainSize size = GritTable.grain("gritName", other, number);
                if (size.evidence() != GrainSize.Evidence.EXTRAPOLATED) {
                    same.add(new NameView(other.key(), other.prefix() + number, size.d50Um()));
                }
            } catch (RefusedException notThere) {
                // Not a number of that standard: nothing to set beside it.
            }
        }
        return same;
    }

    private static List<NameView> alsoCalled(AbrasiveRow a) {
        if (a.d50Um <= 0) {
            return List.of();
        }
        return Arrays.stream(GritStandard.values())
                .filter(s -> s != GritStandard.MICRON && !s.key().equals(a.gritStandard))
                .flatMap(s -> GritTable.nearest(s, a.d50Um).stream()
                        .map(n -> new NameView(s.key(), s.prefix() + Numbers.plain(n.number(), 0), n.d50Um())))
                .toList();
    }

    /** What is to be done with it; empty where nothing is. */
    private static String next(AbrasiveRow a, Abrasive core, Instant now, List<Abrasive> shelf) {
        if (a.retired) {
            return KitWords.OUT_OF_USE.words();
        }
        if (a.nicked) {
            return KitWords.NICKED.words();
        }
        if (a.frozen) {
            return KitWords.MAY_BE_FROZEN.words();
        }
        if (a.worn >= 1) {
            return KitWords.WORN_OUT.words();
        }
        if (core.state().oilInside() && core.wet()) {
            return KitWords.DEGREASE.words();
        }
        if (!a.flat) {
            return Lapping.plateFor(core, shelf)
                    .map(p -> KitWords.FLATTEN_ON.fill("plate", p.name()))
                    .orElse(a.lappable ? KitWords.FLATTEN_FIRST.words() : KitWords.NOTHING_LAPS.words());
        }
        if (a.glazed) {
            return Lapping.dresserFor(core, shelf)
                    .map(d -> KitWords.DRESS_WITH.fill("dresser", d.name()))
                    .orElse(KitWords.GLAZED.words());
        }
        if (a.grainEvidence == GrainSize.Evidence.EXTRAPOLATED) {
            return KitWords.ENTER_MICROMETRES.words();
        }
        return due(a, core, now);
    }

    private static String due(AbrasiveRow a, Abrasive core, Instant now) {
        AbrasiveKind kind = a.kindOf();
        double interval = kind.flattenAfterStrokes().orElse(Double.MAX_VALUE);
        if (a.strokesSinceLapped >= SOON * interval) {
            String act = kind.has(AbrasiveKind.Trait.RENEWED)
                    ? KitWords.RENEW_SOON.words()
                    : kind.grain() == AbrasiveClass.SUPER
                            ? KitWords.CONDITION_SOON.words()
                            : KitWords.FLATTEN_SOON.words();
            return KitWords.STROKES_SINCE.fill("act", act, "strokes", Numbers.plain(a.strokesSinceLapped, 0));
        }
        if (drying(a, now) > 0) {
            return KitWords.COMPOUND_DRIES.fill("time", minutes(drying(a, now)));
        }
        if (core.state().soakLeftSeconds() > 0) {
            return a.soakingSince == null
                    ? KitWords.SOAK_FIRST.fill("time", minutes(core.state().soakLeftSeconds()))
                    : KitWords.SOAKING.fill("time", minutes(core.state().soakLeftSeconds()));
        }
        if (a.worn >= SOON) {
            return KitWords.NEARLY_WORN.fill("worn", Numbers.plain(a.worn * 100, 0));
        }
        return "";
    }

    private static String minutes(double seconds) {
        return Numbers.plain(Math.ceil(seconds / 60), 0) + " min";
    }
}
