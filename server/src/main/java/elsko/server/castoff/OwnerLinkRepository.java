package elsko.server.castoff;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnerLinkRepository extends JpaRepository<OwnerLink, UUID> {
  Optional<OwnerLink> findByKeyHash(String keyHash);

  List<OwnerLink> findByBoatIdOrderByMadeAtDesc(UUID boatId);
}
