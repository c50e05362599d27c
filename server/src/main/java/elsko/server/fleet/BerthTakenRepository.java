package elsko.server.fleet;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface BerthTakenRepository extends JpaRepository<BerthTaken, UUID> {
  @Modifying
  @Query("delete from BerthTaken b where b.boatId = :boat")
  void leave(UUID boat);

  /** Waits until nobody else puts a boat there. */
  @Query(value = "select name from berth where id = :berth for update", nativeQuery = true)
  List<String> lock(UUID berth);
}
