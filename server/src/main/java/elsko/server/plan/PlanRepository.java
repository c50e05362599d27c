package elsko.server.plan;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PlanRepository extends JpaRepository<PlanRow, UUID> {
  Optional<PlanRow> findFirstByStandingOrderByMadeAtDesc(PlanRow.Standing standing);

  /** Which one it is, without reading it. */
  @Query("select p.id from PlanRow p where p.standing = :standing order by p.madeAt desc limit 1")
  Optional<UUID> newest(PlanRow.Standing standing);

  void deleteByStanding(PlanRow.Standing standing);
}
