package elsko.server.work.fold;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface JudgedAnewRepository extends JpaRepository<JudgedAnewRow, UUID> {}
