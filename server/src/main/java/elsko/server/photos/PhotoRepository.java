package elsko.server.photos;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PhotoRepository extends JpaRepository<PhotoRow, UUID> {}
