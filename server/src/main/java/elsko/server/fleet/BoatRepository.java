package elsko.server.fleet;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface BoatRepository extends JpaRepository<BoatRow, UUID> {
  boolean existsByNameIgnoreCase(String name);

  boolean existsByHullIdIgnoreCase(String hullId);

  /** Waits until nobody else writes the logs of these boats. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select b from BoatRow b where b.id in :ids")
  List<BoatRow> lockAll(Collection<UUID> ids);

  @Query("select b.id from BoatRow b order by b.name, b.id")
  List<UUID> ids();

  /** Every boat with a hull id. */
  @Query("select b from BoatRow b where b.hullId <> ''")
  List<BoatRow> withHullId();

  @Query("select lower(b.name) from BoatRow b")
  List<String> lowerNames();

  /** Waits until nobody else writes this boat's log. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select b from BoatRow b where b.id = :id")
  Optional<BoatRow> lock(UUID id);
}
