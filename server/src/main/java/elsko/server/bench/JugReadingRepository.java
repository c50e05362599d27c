package elsko.server.bench;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface JugReadingRepository extends JpaRepository<JugReadingRow, UUID> {
  List<JugReadingRow> findByReadAtAfterOrderByReadAtDesc(Instant since);
}
