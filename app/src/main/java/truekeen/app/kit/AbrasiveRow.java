package truekeen.app.kit;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.hibernate.annotations.SQLRestriction;
import truekeen.app.store.Stored;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveClass;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.abrasive.Lubricant;
import truekeen.core.care.Lapping;
import truekeen.core.grit.GrainSize;

@Entity
@Table(name = "abrasive")
@SQLRestriction("deleted_at is null")
class AbrasiveRow {
    @Id
    UUID id;

    /** When it was deleted; null while it is there. */
    Instant deletedAt;

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

    @Enumerated(EnumType.STRING)
    Abrasive.Firmness firmness = Abrasive.Firmness.UNKNOWN;

    boolean favourite;

    @Enumerated(EnumType.STRING)
    Abrasive.Slurry slurry = Abrasive.Slurry.HOUSE;

    Double lengthMm;
    String lengthTyped = "";
    boolean glazed;
    boolean oilInside;
    double worn;
    Double dishMm;
    boolean laps;

    @Column(name = "laps_finest_um")
    Double lapsFinestUm;

    @Column(name = "laps_coarsest_um")
    Double lapsCoarsestUm;

    boolean nicked;
    Instant chargedAt;

    /** The face on the other side of the same piece, where it has two. */
    UUID otherSide;

    @Version
    Long version;

    protected AbrasiveRow() {}

    AbrasiveRow(UUID id, int shelfOrder) {
        this.id = id;
        this.shelfOrder = shelfOrder;
    }

    AbrasiveKind kindOf() {
        return AbrasiveKind.byKey(kind).orElseThrow(() -> Stored.olderRecord("abrasive"));
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

    Lubricant lubricant() {
        return Lubricant.byKey(lubricant).orElseThrow();
    }

    boolean oiled() {
        return lubricant() == Lubricant.OIL;
    }

    /** As the core knows it; whether a plate of the shelf may lap it is for the shelf to say. */
    Abrasive toCore(Instant now) {
        return new Abrasive(
                id.toString(),
                name,
                kindOf(),
                grainClass,
                d50Um,
                grainEvidence == GrainSize.Evidence.EXTRAPOLATED,
                shape,
                lubricant(),
                new Abrasive.State(
                        flat,
                        strokesSinceLapped,
                        lappable,
                        soakLeftSeconds(now),
                        retired || nicked,
                        frozen,
                        glazed,
                        oilInside && !oiled(),
                        worn),
                new Abrasive.Nature(
                        firmness,
                        favourite,
                        slurry,
                        lengthMm == null ? OptionalDouble.empty() : OptionalDouble.of(lengthMm),
                        lapping(),
                        Optional.ofNullable(otherSide).map(UUID::toString)),
                Abrasive.Effort.FIRST);
    }

    /** What it may flatten or dress: its own limits, or the usual ones of its grain. */
    Optional<Abrasive.GrainRange> lapping() {
        if (!laps || d50Um <= 0) {
            return Optional.empty();
        }
        Abrasive.GrainRange usual = Lapping.usualRange(d50Um);
        return Optional.of(new Abrasive.GrainRange(
                lapsFinestUm == null ? usual.finestUm() : lapsFinestUm,
                lapsCoarsestUm == null ? usual.coarsestUm() : lapsCoarsestUm));
    }
}
