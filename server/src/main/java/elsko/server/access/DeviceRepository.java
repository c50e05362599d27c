package elsko.server.access;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DeviceRepository extends JpaRepository<DeviceRow, UUID> {
  Optional<DeviceRow> findByPersonIdAndKeyHash(UUID personId, String keyHash);

  List<DeviceRow> findByPersonIdOrderByUsedAtDesc(UUID personId);

  void deleteByPersonId(UUID personId);
}
