package elsko.server.kit;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;

interface KitPieceRepository extends JpaRepository<KitPieceRow, UUID> {
  List<KitPieceRow> findAllByOrderByPlainName();

  @Nullable KitPieceRow findByPlainName(String plainName);

  List<KitPieceRow> findByHolder(String holder);
}
