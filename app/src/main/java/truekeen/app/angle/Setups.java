package truekeen.app.angle;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Component;
import truekeen.app.survey.ChosenBevels;
import truekeen.core.condition.TargetBevel;
import truekeen.core.quantity.Angle;

interface Setups extends JpaRepository<SetupRow, UUID> {
    Optional<SetupRow> findFirstByToolIdOrderByMadeAtDesc(UUID toolId);

    Optional<SetupRow> findByToolIdAndName(UUID toolId, String name);

    List<SetupRow> findByToolIdOrderByMadeAtDesc(UUID toolId);
}

@Component
class SetupBevels implements ChosenBevels {
    private final Setups setups;

    SetupBevels(Setups setups) {
        this.setups = setups;
    }

    @Override
    public Optional<TargetBevel> chosen(UUID toolId) {
        return setups.findFirstByToolIdOrderByMadeAtDesc(toolId)
                .map(s -> new TargetBevel(Angle.ofDegrees(s.primaryDeg), Angle.ofDegrees(s.lastDeg)));
    }
}
