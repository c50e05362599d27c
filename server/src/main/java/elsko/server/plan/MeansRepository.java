package elsko.server.plan;

import org.springframework.data.jpa.repository.JpaRepository;

interface MeansRepository extends JpaRepository<MeansRow, Integer> {}
