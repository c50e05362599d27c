package elsko.server.bench;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ZeroCheckRepository extends JpaRepository<ZeroCheck, UUID> {
  Optional<ZeroCheck> findFirstByInstrumentIdAndCheckedAtLessThanEqualOrderByCheckedAtDesc(
      UUID instrumentId, Instant at);

  Optional<ZeroCheck> findFirstByOrderByCheckedAtDesc();
}
