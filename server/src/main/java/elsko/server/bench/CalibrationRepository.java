package elsko.server.bench;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CalibrationRepository extends JpaRepository<CalibrationRow, UUID> {
  Optional<CalibrationRow> findFirstByInstrumentIdAndProductIdOrderByMadeAtDesc(
      UUID instrumentId, UUID productId);

  List<CalibrationRow> findByInstrumentIdOrderByMadeAtDesc(UUID instrumentId);
}
