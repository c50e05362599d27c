package elsko.server.work;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface JudgedAnewRepository extends JpaRepository<JudgedAnewRow, UUID> {}
