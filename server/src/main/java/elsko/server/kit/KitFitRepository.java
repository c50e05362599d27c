package elsko.server.kit;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;

interface KitFitRepository extends JpaRepository<KitFitRow, UUID> {
  @Nullable KitFitRow findByPieceIdAndBoatIdAndCircuit(UUID piece, UUID boat, String circuit);

  List<KitFitRow> findByBoatId(UUID boat);

  void deleteByPieceId(UUID piece);
}
