package elsko.server.fleet;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BoatTemplateRepository extends JpaRepository<BoatTemplate, UUID> {
  List<BoatTemplate> findAllByOrderByName();

  boolean existsByNameIgnoreCase(String name);
}
