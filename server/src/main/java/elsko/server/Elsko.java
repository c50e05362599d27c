package elsko.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The server: keeps, serves, protects. */
@SpringBootApplication
@EnableScheduling
public class Elsko {
  public static void main(String[] args) {
    SpringApplication.run(Elsko.class, args);
  }

  @Bean
  Clock clock() {
    return Clock.systemUTC();
  }
}
