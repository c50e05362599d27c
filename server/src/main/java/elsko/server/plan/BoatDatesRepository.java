package elsko.server.plan;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BoatDatesRepository extends JpaRepository<BoatDates, UUID> {}
