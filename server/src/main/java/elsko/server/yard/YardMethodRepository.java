package elsko.server.yard;

import elsko.core.boat.description.Layout;
import org.springframework.data.jpa.repository.JpaRepository;

interface YardMethodRepository extends JpaRepository<YardMethod, Layout> {}
