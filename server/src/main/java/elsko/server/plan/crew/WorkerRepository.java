package elsko.server.plan.crew;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface WorkerRepository extends JpaRepository<WorkerRow, UUID> {
  List<WorkerRow> findAllByOrderByName();

  Optional<WorkerRow> findByPersonId(UUID personId);

  /** Waits until nobody else changes them. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select w from WorkerRow w where w.id = :id")
  Optional<WorkerRow> lock(UUID id);

  Optional<WorkerRow> findByFeedToken(String token);
}
