package truekeen.app.kit;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Wheels extends JpaRepository<WheelRow, UUID> {
    List<WheelRow> findAllByOrderByName();
}
