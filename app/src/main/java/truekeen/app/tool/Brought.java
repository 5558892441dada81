package truekeen.app.tool;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Optional;
import truekeen.app.tool.ToolRecords.BringsForm;
import truekeen.core.quantity.Length;
import truekeen.core.tool.Arrival;

/** What a tool brings with it, as it is kept. */
@Embeddable
class Brought {
    @Enumerated(EnumType.STRING)
    Arrival.Age age = Arrival.Age.UNKNOWN;

    @Enumerated(EnumType.STRING)
    Arrival.MakersBack makersBack = Arrival.MakersBack.UNKNOWN;

    Double hardLayerMm;

    /** The same as it was typed. */
    String hardLayerTyped = "";

    @Enumerated(EnumType.STRING)
    @Column(name = "lock_kind")
    Arrival.Lock lock = Arrival.Lock.UNKNOWN;

    @Enumerated(EnumType.STRING)
    @Column(name = "kept_where")
    Arrival.Kept kept = Arrival.Kept.UNKNOWN;

    Arrival toCore() {
        return new Arrival(age, makersBack, Optional.ofNullable(hardLayerMm).map(Length::ofMm), lock, kept);
    }

    BringsForm asTyped() {
        return new BringsForm(age.name(), makersBack.name(), hardLayerTyped, lock.name(), kept.name());
    }

    void take(Arrival now, String hardLayer) {
        age = now.age();
        makersBack = now.back();
        hardLayerMm = now.hardLayer().map(Length::mm).orElse(null);
        hardLayerTyped = hardLayer;
        lock = now.lock();
        kept = now.kept();
    }
}
