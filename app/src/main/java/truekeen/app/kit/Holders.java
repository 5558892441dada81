package truekeen.app.kit;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Holders extends JpaRepository<HolderRow, UUID> {
    List<HolderRow> findAllByOrderByName();

    List<HolderRow> findByWheelIdOrderByName(UUID wheelId);
}
