package elsko.server.yard;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface AreaRepository extends JpaRepository<Area, UUID> {}
