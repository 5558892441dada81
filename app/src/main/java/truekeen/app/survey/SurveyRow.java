package truekeen.app.survey;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import truekeen.app.survey.SurveyRecords.SurveyForm;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Finding;
import truekeen.core.condition.Scope;
import truekeen.core.quantity.Angle;

@Entity
@Table(name = "survey")
class SurveyRow {
    @Id
    UUID id;

    UUID toolId;
    Instant takenAt;
    String person;

    @Enumerated(EnumType.STRING)
    Dullness dullness;

    boolean stropTried;

    @Enumerated(EnumType.STRING)
    BackState backState;

    double backDepthMm;

    @Enumerated(EnumType.STRING)
    EdgeSurvey.HighCorner highCorner;

    double squareOffDeg;
    boolean squareMend;

    @JdbcTypeCode(SqlTypes.JSON)
    List<Finding> findings;

    @JdbcTypeCode(SqlTypes.JSON)
    SurveyForm form;

    @JdbcTypeCode(SqlTypes.JSON)
    KeptDepartures departures;

    @Enumerated(EnumType.STRING)
    Scope scope;

    double lostMm;
    double volumeMm3;

    protected SurveyRow() {}

    SurveyRow(UUID toolId, Instant takenAt, SurveyForm form, EdgeSurvey survey) {
        this.id = UUID.randomUUID();
        this.toolId = toolId;
        this.takenAt = takenAt;
        this.person = form.person() == null ? "" : form.person();
        this.dullness = survey.dullness();
        this.stropTried = survey.stropTried();
        this.backState = survey.back();
        this.backDepthMm = survey.backDepthMm();
        this.highCorner = survey.square().high();
        this.squareOffDeg = survey.square().off().degrees();
        this.squareMend = survey.square().mend();
        this.findings = survey.findings();
        this.departures = KeptDepartures.of(survey.departures());
        this.form = form;
    }

    EdgeSurvey toCore() {
        return new EdgeSurvey(
                findings,
                new EdgeSurvey.Squareness(highCorner, Angle.ofDegrees(squareOffDeg), squareMend),
                dullness,
                stropTried,
                backState,
                backDepthMm,
                departures.toCore());
    }
}
