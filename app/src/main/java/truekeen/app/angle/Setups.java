package truekeen.app.angle;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.stereotype.Component;
import truekeen.app.survey.ChosenBevels;
import truekeen.core.holding.Setup;
import truekeen.core.quantity.Length;
import truekeen.core.section.TargetBevel;
import truekeen.core.tool.Blade;

interface Setups extends JpaRepository<SetupRow, UUID> {
    // Plain SQL: asked with every move of a slider, and a limit would have it translated anew each time.
    @Query(value = "select * from setup where tool_id = :toolId order by made_at desc limit 1", nativeQuery = true)
    Optional<SetupRow> newest(UUID toolId);

    Optional<SetupRow> findByToolIdAndName(UUID toolId, String name);

    List<SetupRow> findByHolderIdIn(Collection<UUID> holderIds);

    long countByHolderId(UUID holderId);

    List<SetupRow> findByToolIdOrderByMadeAtDesc(UUID toolId);
}

@Component
class SetupBevels implements ChosenBevels {
    private final Setups setups;

    SetupBevels(Setups setups) {
        this.setups = setups;
    }

    @Override
    public Optional<TargetBevel> chosen(UUID toolId, Blade blade) {
        return setups.newest(toolId)
                .map(s ->
                        Setup.target(s.target(), Optional.ofNullable(s.camberMm).map(Length::ofMm), blade));
    }
}
