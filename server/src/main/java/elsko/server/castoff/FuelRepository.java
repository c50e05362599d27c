package elsko.server.castoff;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FuelRepository extends JpaRepository<FuelRow, UUID> {}
