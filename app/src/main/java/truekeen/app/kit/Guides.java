package truekeen.app.kit;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface Guides extends JpaRepository<GuideRow, UUID> {
    List<GuideRow> findAllByOrderByName();
}
