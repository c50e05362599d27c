package elsko.server.plan.crew;

import org.springframework.data.jpa.repository.JpaRepository;

interface MeansRepository extends JpaRepository<MeansRow, Integer> {}
