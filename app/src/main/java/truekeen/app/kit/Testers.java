package truekeen.app.kit;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Testers extends JpaRepository<TesterRow, UUID> {
    List<TesterRow> findAllByOrderByName();
}
