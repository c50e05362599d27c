package elsko.server.jobs;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface JobRepository extends JpaRepository<Job, UUID> {
  List<Job> findByOrderByBegunAtDesc(Limit most);

  Optional<Job> findFirstByKindOrderByBegunAtDesc(JobKind kind);

  List<Job> findByStateInOrderByBegunAt(Collection<JobState> states);

  void deleteByEndedAtBefore(Instant moment);
}
