package elsko.server.audit;

import java.time.Instant;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface AuditRepository extends JpaRepository<AuditLine, Long> {
  List<AuditLine> findByNotedAtBeforeOrderBySeqDesc(Instant before, Limit limit);
}
