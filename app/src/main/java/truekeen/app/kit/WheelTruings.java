package truekeen.app.kit;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface WheelTruings extends JpaRepository<WheelTruingRow, UUID> {
    List<WheelTruingRow> findByWheelIdOrderByAt(UUID wheelId);
}
