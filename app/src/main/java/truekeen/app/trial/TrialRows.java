package truekeen.app.trial;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.SQLRestriction;
import org.springframework.data.domain.Persistable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import truekeen.core.trial.Effort;
import truekeen.core.trial.Question;
import truekeen.core.trial.TrialDesign;
import truekeen.core.trial.TrialEdge;
import truekeen.core.upkeep.UseUnit;

/** What is stored of trials. */
final class TrialRows {
    private TrialRows() {}

    @Entity(name = "TrialRow")
    @Table(name = "trial")
    @SQLRestriction("deleted_at is null")
    static class TrialRow {
        @Id
        UUID id;

        @Version
        long version;

        Instant at;
        String name;

        @Enumerated(EnumType.STRING)
        Question question;

        @Enumerated(EnumType.STRING)
        UseUnit unit;

        String[] ways;
        double[] checkpoints;
        int stations;
        int rounds;
        boolean blind;
        String person;
        Instant uncoveredAt;
        Instant endedAt;
        Instant deletedAt;

        protected TrialRow() {}

        TrialRow(UUID id, Instant at, String name, TrialDesign design, String person) {
            this.id = id;
            this.at = at;
            this.name = name;
            this.question = design.question();
            this.unit = design.unit();
            this.ways = design.ways().toArray(String[]::new);
            this.checkpoints = design.checkpoints().stream().mapToDouble(d -> d).toArray();
            this.stations = design.stations();
            this.rounds = design.rounds();
            this.blind = design.blind();
            this.person = person;
        }

        boolean covered() {
            return blind && uncoveredAt == null && endedAt == null;
        }
    }

    @Entity(name = "TrialEdgeRow")
    @Table(name = "trial_edge")
    static class EdgeRow {
        @Id
        UUID id;

        UUID trialId;
        int place;
        int round;
        int way;

        @Enumerated(EnumType.STRING)
        TrialEdge.End ended = TrialEdge.End.NONE;

        Integer strokes;
        Boolean regained;

        protected EdgeRow() {}

        EdgeRow(UUID trialId, int place, int round, int way) {
            this.id = UUID.randomUUID();
            this.trialId = trialId;
            this.place = place;
            this.round = round;
            this.way = way;
        }

        Optional<Effort> effort() {
            return strokes == null || regained == null ? Optional.empty() : Optional.of(new Effort(strokes, regained));
        }
    }

    @Entity(name = "TrialReadingRow")
    @Table(name = "trial_reading")
    @SQLRestriction("replaced_at is null")
    static class ReadingRow implements Persistable<UUID> {
        @Id
        UUID id;

        UUID edgeId;
        double use;
        int station;
        double grams;
        boolean repeated;
        Instant at;
        String person;
        Instant replacedAt;

        @Transient
        private boolean fresh;

        protected ReadingRow() {}

        ReadingRow(UUID edgeId, double use, int station, double grams, Instant at, String person) {
            this.id = UUID.randomUUID();
            this.edgeId = edgeId;
            this.use = use;
            this.station = station;
            this.grams = grams;
            this.at = at;
            this.person = person;
            this.fresh = true;
        }

        @Override
        public UUID getId() {
            return id;
        }

        /** Told, not looked up: a list that is read in has thousands. */
        @Override
        public boolean isNew() {
            return fresh;
        }
    }

    interface Trials extends JpaRepository<TrialRow, UUID> {
        List<TrialRow> findAllByOrderByAtDesc();

        @Modifying(flushAutomatically = true, clearAutomatically = true)
        @Query(value = "update trial set deleted_at = :at where id = :id", nativeQuery = true)
        int hide(UUID id, Instant at);
    }

    interface Edges extends JpaRepository<EdgeRow, UUID> {
        List<EdgeRow> findByTrialIdOrderByPlace(UUID trialId);

        List<EdgeRow> findByTrialIdIn(Collection<UUID> trials);
    }

    interface Readings extends JpaRepository<ReadingRow, UUID> {
        List<ReadingRow> findByEdgeIdIn(Collection<UUID> edges);

        @Modifying(flushAutomatically = true, clearAutomatically = true)
        @Query(
                value =
                        """
                        update trial_reading set replaced_at = :at
                        where edge_id = :edge and use = :use and station = :station and replaced_at is null
                        """,
                nativeQuery = true)
        int replace(UUID edge, double use, int station, Instant at);
    }
}
