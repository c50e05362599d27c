package elsko.server.yard;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BerthRepository extends JpaRepository<Berth, UUID> {
  Optional<Berth> findByName(String name);
}
