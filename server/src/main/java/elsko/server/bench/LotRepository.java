package elsko.server.bench;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LotRepository extends JpaRepository<LotRow, UUID> {
  Optional<LotRow> findByNumber(String number);

  List<LotRow> findAllByOrderByNumber();
}
