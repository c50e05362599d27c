package elsko.server.plan;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface WorkerRepository extends JpaRepository<WorkerRow, UUID> {
  List<WorkerRow> findAllByOrderByName();

  Optional<WorkerRow> findByNameIgnoreCase(String name);

  Optional<WorkerRow> findByFeedToken(String token);
}
