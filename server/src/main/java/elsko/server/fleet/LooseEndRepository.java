package elsko.server.fleet;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface LooseEndRepository extends JpaRepository<LooseEndRow, LooseEndRow.Key> {
  @Modifying
  @Query("delete from LooseEndRow l where l.boatId in :boats")
  void forget(Collection<UUID> boats);

  /** Every loose end in the yard in one query. */
  @Query(
      """
      select new elsko.server.fleet.LooseEndLine(
        b.id, b.name, p.berthId, l.fitting, l.name, l.state, l.stateWords, l.keepsAshore, l.person,
        l.setAt, l.reason)
      from LooseEndRow l join BoatRow b on b.id = l.boatId join BoatProjection p on p.boatId = b.id
      order by b.name, l.name
      """)
  List<LooseEndLine> lines();
}
