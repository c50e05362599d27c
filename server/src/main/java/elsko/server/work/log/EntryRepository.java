package elsko.server.work.log;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

public interface EntryRepository extends JpaRepository<EntryRow, Long> {
  List<EntryRow> findByBoatIdOrderBySeq(UUID boatId);

  List<EntryRow> findByBoatIdInOrderBySeq(Collection<UUID> boats);

  List<EntryRow> findByIdIn(Collection<UUID> ids);

  List<EntryRow> findByBoatIdAndSeqLessThanOrderBySeqDesc(UUID boatId, long before, Limit limit);

  @Nullable EntryRow findFirstByOrderBySeqDesc();

  List<EntryRow> findByCorrectsIdIn(Collection<UUID> ids);
}
