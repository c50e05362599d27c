package elsko.server.frost;

import org.springframework.data.jpa.repository.JpaRepository;

interface WeatherRepository extends JpaRepository<WeatherRow, Integer> {}
