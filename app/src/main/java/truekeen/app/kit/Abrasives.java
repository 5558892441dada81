package truekeen.app.kit;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Abrasives extends JpaRepository<AbrasiveRow, UUID> {
    List<AbrasiveRow> findAllByOrderByShelfOrder();
}
