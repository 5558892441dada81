package truekeen.app.kit;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveClass;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.abrasive.AbrasiveKinds;
import truekeen.core.grit.GrainSize;

@Entity
@Table(name = "abrasive")
class AbrasiveRow {
    @Id
    UUID id;

    String name;
    String kind;
    String gritStandard;
    String gritName;
    Double makerUm;

    @Column(name = "d50_um")
    double d50Um;

    @Enumerated(EnumType.STRING)
    GrainSize.Evidence grainEvidence;

    @Enumerated(EnumType.STRING)
    AbrasiveClass grainClass;

    @Enumerated(EnumType.STRING)
    Abrasive.Shape shape;

    String lubricant;
    boolean flat;
    double strokesSinceLapped;
    boolean lappable;
    boolean soaks;
    Instant soakingSince;
    boolean retired;
    boolean frozen;
    int shelfOrder;

    @Version
    Long version;

    protected AbrasiveRow() {}

    AbrasiveRow(UUID id, int shelfOrder) {
        this.id = id;
        this.shelfOrder = shelfOrder;
    }

    AbrasiveKind kindOf() {
        return AbrasiveKinds.byName(kind).orElseThrow();
    }

    /** Seconds of soaking still wanted at an instant. */
    double soakLeftSeconds(Instant now) {
        if (!soaks) {
            return 0;
        }
        double wanted = kindOf().soakMinutes() * 60.0;
        double soaked = soakingSince == null
                ? 0
                : java.time.Duration.between(soakingSince, now).toMillis() / 1000.0;
        return Math.max(0, wanted - soaked);
    }

    Abrasive toCore(Instant now) {
        return new Abrasive(
                id.toString(),
                name,
                kindOf(),
                grainClass,
                d50Um,
                grainEvidence == GrainSize.Evidence.EXTRAPOLATED,
                shape,
                lubricant,
                new Abrasive.State(flat, strokesSinceLapped, lappable, soakLeftSeconds(now), retired, frozen));
    }
}
