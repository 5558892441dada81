package truekeen.app.training;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import truekeen.core.training.Exercise;

@Entity
@Immutable
@Table(name = "training_round")
class RoundRow {
    @Id
    UUID id;

    @Enumerated(EnumType.STRING)
    Exercise exercise;

    int grade;
    String person;
    boolean answeredRight;
    Instant at;

    protected RoundRow() {}

    interface Rows extends JpaRepository<RoundRow, UUID> {
        List<RoundRow> findByPersonOrderByAt(String person);

        /** Once is once: a round that is known already stays as it ended first. */
        @Modifying
        @Query(
                value = "insert into training_round (id, exercise, grade, person, answered_right, at)"
                        + " values (:id, :exercise, :grade, :person, :right, :at) on conflict (id) do nothing",
                nativeQuery = true)
        void once(UUID id, String exercise, int grade, String person, boolean right, Instant at);
    }
}
