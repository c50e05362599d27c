package elsko.server.yard;

import org.springframework.data.jpa.repository.JpaRepository;

interface YardRepository extends JpaRepository<Yard, Integer> {}
