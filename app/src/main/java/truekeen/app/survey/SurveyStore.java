package truekeen.app.survey;

import java.util.List;
import java.util.Optional;
import truekeen.app.store.StoredFormat;
import truekeen.app.survey.SurveyRecords.FindingForm;
import truekeen.app.survey.SurveyRecords.MeasureForm;
import truekeen.app.survey.SurveyRecords.SurveyForm;
import truekeen.core.condition.Finding;
import truekeen.core.condition.ShapeDeviations;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/** How the JSON columns of surveys are kept. Lengths in mm, angles in degrees; what is typed stays as typed. */
final class SurveyStore {
    /** What was found along the edge. */
    static final StoredFormat<StoredFindings, List<Finding>> FINDINGS = StoredFormat.of(
            "survey.findings",
            StoredFindings.class,
            s -> s.items().stream().map(StoredFinding::toCore).toList(),
            findings ->
                    new StoredFindings(findings.stream().map(StoredFinding::of).toList()),
            StoredFormat::bareList);

    /** The survey as it was typed. */
    static final StoredFormat<StoredForm, SurveyForm> FORM =
            StoredFormat.of("survey.form", StoredForm.class, StoredForm::toForm, StoredForm::of, StoredFormat::asItWas);

    /** How the blade departs from what was noted at take-in. */
    static final StoredFormat<StoredDepartures, ShapeDeviations> DEPARTURES = StoredFormat.of(
            "survey.departures",
            StoredDepartures.class,
            StoredDepartures::toCore,
            StoredDepartures::of,
            StoredFormat::asItWas);

    private SurveyStore() {}

    record StoredFindings(List<StoredFinding> items) {}

    /** One finding; {@code behindMm} is missing on old ones. */
    record StoredFinding(String kind, double fromMm, double toMm, double depthMm, Double behindMm, boolean leave) {
        static StoredFinding of(Finding f) {
            return new StoredFinding(f.kind().name(), f.fromMm(), f.toMm(), f.depthMm(), f.behindMm(), f.leave());
        }

        Finding toCore() {
            return new Finding(
                    Finding.Kind.valueOf(kind), fromMm, toMm, depthMm, behindMm == null ? 0 : behindMm, leave);
        }
    }

    record StoredMark(String kind, String from, String to, String depth, String behind, boolean leave) {}

    record StoredTyped(String field, String at, String value) {}

    /** A survey form; parts that older forms did not ask for are missing there and read as left empty. */
    record StoredForm(
            List<StoredMark> findings,
            String dullness,
            boolean stropTried,
            String backState,
            String backDepth,
            String highCorner,
            String squareOff,
            String squareAs,
            boolean squareMend,
            List<StoredTyped> measures,
            String unevenLeft,
            String unevenRight,
            String oldBackWidth,
            String oldBackAngle,
            String oldBackGoes,
            String bend,
            boolean bendAccepted,
            String fared,
            String person,
            String basedOn) {
        static StoredForm of(SurveyForm f) {
            return new StoredForm(
                    f.findings().stream()
                            .map(m -> new StoredMark(m.kind(), m.from(), m.to(), m.depth(), m.behind(), m.leave()))
                            .toList(),
                    f.dullness(),
                    f.stropTried(),
                    f.backState(),
                    f.backDepth(),
                    f.highCorner(),
                    f.squareOff(),
                    f.squareAs(),
                    f.squareMend(),
                    f.measures().stream()
                            .map(m -> new StoredTyped(m.field(), m.at(), m.value()))
                            .toList(),
                    f.unevenLeft(),
                    f.unevenRight(),
                    f.oldBackWidth(),
                    f.oldBackAngle(),
                    f.oldBackGoes(),
                    f.bend(),
                    f.bendAccepted(),
                    f.fared(),
                    f.person(),
                    f.basedOn());
        }

        SurveyForm toForm() {
            return new SurveyForm(
                    orNone(findings).stream()
                            .map(m -> new FindingForm(m.kind, m.from, m.to, m.depth, m.behind, m.leave))
                            .toList(),
                    dullness,
                    stropTried,
                    backState,
                    backDepth,
                    highCorner,
                    squareOff,
                    squareAs,
                    squareMend,
                    orNone(measures).stream()
                            .map(m -> new MeasureForm(m.field, m.at, m.value))
                            .toList(),
                    unevenLeft,
                    unevenRight,
                    oldBackWidth,
                    oldBackAngle,
                    oldBackGoes,
                    bend,
                    bendAccepted,
                    fared,
                    person,
                    basedOn);
        }
    }

    record StoredMeasure(String field, double xMm, double value) {}

    /** ShapeDeviations; null where there is nothing. */
    record StoredDepartures(
            List<StoredMeasure> measures,
            Double leftDeg,
            Double rightDeg,
            Double oldBackWidthMm,
            Double oldBackDeg,
            String oldBackGoes,
            Double bendMm,
            boolean bendAccepted) {
        static StoredDepartures of(ShapeDeviations d) {
            return new StoredDepartures(
                    d.measures().stream()
                            .map(m -> new StoredMeasure(m.field(), m.xMm(), m.value()))
                            .toList(),
                    d.uneven().map(u -> u.left().degrees()).orElse(null),
                    d.uneven().map(u -> u.right().degrees()).orElse(null),
                    d.oldBack().map(o -> o.width().mm()).orElse(null),
                    d.oldBack().map(o -> o.angle().degrees()).orElse(null),
                    d.oldBack().map(o -> o.goes().name()).orElse(null),
                    d.bend().map(b -> b.gap().mm()).orElse(null),
                    d.bend().filter(ShapeDeviations.Bend::accepted).isPresent());
        }

        ShapeDeviations toCore() {
            return new ShapeDeviations(
                    orNone(measures).stream()
                            .map(m -> new ShapeDeviations.StationMeasure(m.field, m.xMm, m.value))
                            .toList(),
                    leftDeg == null
                            ? Optional.empty()
                            : Optional.of(
                                    new ShapeDeviations.Uneven(Angle.ofDegrees(leftDeg), Angle.ofDegrees(rightDeg))),
                    oldBackWidthMm == null
                            ? Optional.empty()
                            : Optional.of(new ShapeDeviations.OldBack(
                                    Length.ofMm(oldBackWidthMm),
                                    Angle.ofDegrees(oldBackDeg),
                                    ShapeDeviations.OldBackGoes.valueOf(oldBackGoes))),
                    bendMm == null
                            ? Optional.empty()
                            : Optional.of(new ShapeDeviations.Bend(Length.ofMm(bendMm), bendAccepted)));
        }
    }

    private static <T> List<T> orNone(List<T> list) {
        return list == null ? List.of() : list;
    }
}
