package elsko.server.bench;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ZeroCheckRepository extends JpaRepository<ZeroCheck, UUID> {
  Optional<ZeroCheck> findFirstByInstrumentIdOrderByCheckedAtDesc(UUID instrumentId);
}
