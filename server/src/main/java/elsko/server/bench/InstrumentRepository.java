package elsko.server.bench;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface InstrumentRepository extends JpaRepository<InstrumentRow, UUID> {
  Optional<InstrumentRow> findByName(String name);

  List<InstrumentRow> findAllByOrderByName();
}
