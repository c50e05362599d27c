package elsko.server.photos;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PhotoRepository extends JpaRepository<PhotoRow, UUID> {
  /** Whose picture it is, without reading it; null where none is kept. */
  @Query("select p.boatId from PhotoRow p where p.id = :id")
  UUID boatOf(UUID id);
}
