package elsko.server.plan;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PlanRepository extends JpaRepository<PlanRow, UUID> {
  Optional<PlanRow> findFirstByStandingOrderByMadeAtDesc(PlanRow.Standing standing);

  void deleteByStanding(PlanRow.Standing standing);
}
