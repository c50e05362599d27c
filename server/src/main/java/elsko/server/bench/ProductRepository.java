package elsko.server.bench;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ProductRepository extends JpaRepository<ProductRow, UUID> {
  Optional<ProductRow> findByName(String name);

  List<ProductRow> findAllByOrderByName();
}
