package truekeen.app.survey;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import truekeen.app.survey.SurveyRecords.SurveyForm;
import truekeen.core.condition.AskedWork;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Finding;
import truekeen.core.condition.Occasion;
import truekeen.core.condition.Scope;
import truekeen.core.condition.ShapeDeviations;
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

    /** JSON of {@link SurveyStore#FINDINGS}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String findings;

    /** JSON of {@link SurveyStore#FORM}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String form;

    /** JSON of {@link SurveyStore#DEPARTURES}. */
    @JdbcTypeCode(SqlTypes.JSON)
    String departures;

    @Enumerated(EnumType.STRING)
    Scope scope;

    double lostMm;
    double volumeMm3;

    /** What a person decided of the back; null where the house does. */
    @Enumerated(EnumType.STRING)
    Occasion.BackDecision backDecision;

    /** Id of the machine that a person chose for the shaping, or {@link SurveyService#BY_HAND}; null where the house does. */
    String grindOn;

    /** Work asked for by name, by commas; empty where none was. */
    String askedWork = "";

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
        this.findings = SurveyStore.FINDINGS.write(survey.findings());
        this.departures = SurveyStore.DEPARTURES.write(survey.departures());
        this.form = SurveyStore.FORM.write(form);
    }

    /** The survey; empty where its record cannot be read any more. */
    Optional<EdgeSurvey> toCore() {
        Optional<List<Finding>> found = SurveyStore.FINDINGS.read(findings).value();
        Optional<ShapeDeviations> departs =
                SurveyStore.DEPARTURES.read(departures).value();
        return found.flatMap(f -> departs.map(d -> new EdgeSurvey(
                f,
                new EdgeSurvey.Squareness(highCorner, Angle.ofDegrees(squareOffDeg), squareMend),
                dullness,
                stropTried,
                backState,
                backDepthMm,
                d)));
    }

    /** The same as it was typed; empty where its record cannot be read any more. */
    Optional<SurveyForm> typed() {
        return SurveyStore.FORM.read(form).value();
    }

    /** Work asked for by name; what this program does not know is passed over. */
    Set<AskedWork> asked() {
        Set<AskedWork> asked = EnumSet.noneOf(AskedWork.class);
        for (AskedWork work : AskedWork.values()) {
            if (Arrays.asList(askedWork.split(",")).contains(work.name())) {
                asked.add(work);
            }
        }
        return asked;
    }

    void ask(Set<AskedWork> works) {
        askedWork = works.stream().map(Enum::name).sorted().collect(Collectors.joining(","));
    }
}
