package truekeen.app.upkeep;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import truekeen.app.upkeep.UpkeepRecords.BandView;
import truekeen.app.upkeep.UpkeepRecords.DullingView;
import truekeen.app.upkeep.UpkeepRecords.NextTouchUpView;
import truekeen.app.upkeep.UpkeepRecords.PointView;
import truekeen.app.upkeep.UpkeepRecords.RungState;
import truekeen.app.upkeep.UpkeepRecords.RungView;
import truekeen.app.upkeep.UpkeepRecords.TouchUpView;
import truekeen.app.upkeep.UpkeepRecords.UpkeepSheet;
import truekeen.app.upkeep.UpkeepRows.TouchUpRow;
import truekeen.core.keenness.KeennessPurpose;
import truekeen.core.table.Prior;
import truekeen.core.upkeep.DullingCurve;
import truekeen.core.upkeep.EdgeLife;
import truekeen.core.upkeep.NextTouchUp;
import truekeen.core.upkeep.Rung;
import truekeen.core.upkeep.TouchUp;
import truekeen.core.upkeep.TouchUpSchool;
import truekeen.core.upkeep.UpkeepLadder;
import truekeen.core.upkeep.UseUnit;

/** Upkeep as the screens show it. */
final class UpkeepViews {
    private static final int STEPS = 40;
    private static final double AHEAD = 1.25;

    private UpkeepViews() {}

    static UpkeepSheet sheet(
            UseUnit unit,
            EdgeLife life,
            Optional<KeennessPurpose> purpose,
            Optional<Double> referenceG,
            Optional<DullingCurve> curve,
            Optional<NextTouchUp> next,
            UpkeepLadder ladder,
            TouchUpSchool school,
            List<TouchUpRow> touched) {
        Double limit = boxed(purpose.map(KeennessPurpose::indexTouchUp).orElse(OptionalDouble.empty()));
        return new UpkeepSheet(
                unit,
                unit.words(),
                unit.touches(),
                life.pace().use(),
                life.pace().estimated(),
                life.since(),
                life.pace().perDay(),
                life.pace().paceKnown(),
                limit,
                boxed(purpose.map(KeennessPurpose::indexTarget).orElse(OptionalDouble.empty())),
                referenceG.orElse(null),
                newest(life.readings()).stream()
                        .map(p -> new PointView(p.use(), p.index(), p.counts(), p.at()))
                        .toList(),
                curve.map(c -> dulling(c, life)).orElse(null),
                boxed(curve.map(DullingCurve::newestSurprises).orElse(OptionalDouble.empty())),
                curve.isPresent() || limit == null
                        ? ""
                        : UpkeepWords.STILL_WANTED.fill("least", Prior.DULLING_LEAST_USES.whole()),
                next.map(UpkeepViews::next).orElse(null),
                rungs(ladder, school),
                ladder.why(),
                ladder.paysWhen(),
                touchUps(life, touched));
    }

    /** As many as the curve rests on: more are not told apart in a picture. */
    private static List<EdgeLife.Placed> newest(List<EdgeLife.Placed> all) {
        return all.subList(Math.max(0, all.size() - Prior.DULLING_MOST_READINGS.whole()), all.size());
    }

    private static Double boxed(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    private static DullingView dulling(DullingCurve curve, EdgeLife life) {
        double most = Math.max(curve.furthest(), life.pace().use()) * AHEAD;
        List<BandView> line = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            double use = most * i / STEPS;
            DullingCurve.Band band = curve.at(use);
            line.add(new BandView(use, band.low(), band.likely(), band.high()));
        }
        return new DullingView(curve.shape(), line);
    }

    private static NextTouchUpView next(NextTouchUp n) {
        return new NextTouchUpView(
                boxed(n.early()),
                boxed(n.likely()),
                boxed(n.late()),
                n.day().orElse(null),
                n.latest().orElse(null),
                n.words());
    }

    private static List<RungView> rungs(UpkeepLadder ladder, TouchUpSchool school) {
        return Arrays.stream(Rung.values())
                .map(r -> new RungView(
                        r, school.words(r), school.how(r), state(r, ladder), reason(r, ladder), r.touchUp()))
                .toList();
    }

    private static RungState state(Rung rung, UpkeepLadder ladder) {
        if (rung == ladder.next()) {
            return RungState.NEXT;
        }
        if (ladder.missing().containsKey(rung)) {
            return RungState.MISSING;
        }
        if (ladder.spent().containsKey(rung)) {
            return RungState.SPENT;
        }
        return rung == ladder.after() ? RungState.AFTER : RungState.LATER;
    }

    private static String reason(Rung rung, UpkeepLadder ladder) {
        return ladder.missing().getOrDefault(rung, ladder.spent().getOrDefault(rung, ""));
    }

    /** Those since the last sharpening, the newest first. */
    private static List<TouchUpView> touchUps(EdgeLife life, List<TouchUpRow> touched) {
        List<TouchUp> since = life.touchUps();
        List<TouchUpRow> rows = touched.subList(touched.size() - since.size(), touched.size());
        List<TouchUpView> out = new ArrayList<>();
        for (int i = since.size() - 1; i >= 0; i--) {
            TouchUpRow row = rows.get(i);
            TouchUp t = since.get(i);
            boolean newest = i == since.size() - 1;
            out.add(new TouchUpView(
                    row.id,
                    row.at,
                    t.rung(),
                    t.rung().words(),
                    t.atUse(),
                    t.strokes(),
                    t.regained(),
                    (newest ? life.pace().use() : since.get(i + 1).atUse()) - t.atUse(),
                    newest,
                    boxed(t.before()),
                    boxed(t.after()),
                    row.person));
        }
        return out;
    }
}
