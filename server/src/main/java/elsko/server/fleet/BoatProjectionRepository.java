package elsko.server.fleet;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface BoatProjectionRepository extends JpaRepository<BoatProjection, UUID> {
  /** A boat as the list of all shows it. */
  String LINE =
      """
      select new elsko.server.fleet.BoatLine(
        b.id, b.name, b.hullId, b.kind, b.hullLengthM, b.layout, p.protection, p.berthId, p.afloat,
        p.looseEnds, p.decisionKind, p.decisionWords, p.decisionAction, p.openCardId, p.changedAt)
      from BoatRow b join BoatProjection p on p.boatId = b.id
      """;

  /** The whole list in one query. */
  @Query(LINE + " order by b.name")
  List<BoatLine> lines();

  /** One of it. */
  @Query(LINE + " where b.id = :id")
  Optional<BoatLine> line(UUID id);

  /** How long the logs of some boats are, and how often they were described. */
  @Query(
      """
      select new elsko.server.fleet.Fleet$Length(b.id, p.entries, b.version)
      from BoatRow b join BoatProjection p on p.boatId = b.id
      where b.id in :ids
      """)
  List<Fleet.Length> lengths(Collection<UUID> ids);

  @Query("select p.berthId from BoatProjection p where p.berthId is not null")
  List<UUID> takenBerths();

  @Query("select count(p) > 0 from BoatProjection p where p.berthId = :berth and p.boatId <> :boat")
  boolean isTakenByAnother(UUID berth, UUID boat);
}
