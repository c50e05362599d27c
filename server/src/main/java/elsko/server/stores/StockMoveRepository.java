package elsko.server.stores;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface StockMoveRepository extends JpaRepository<StockMove, UUID> {
  List<StockMove> findAllByOrderByMadeAt();
}
