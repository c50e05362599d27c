package elsko.server;

import java.time.Clock;
import java.time.Duration;
import org.springframework.beans.factory.annotation.Value;
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

  /**
   * The clock everything goes by.
   *
   * @param ahead lets a demonstration or a test look at a later hour
   */
  @Bean
  Clock clock(@Value("${elsko.clock-ahead:PT0S}") Duration ahead) {
    return Clock.offset(Clock.systemUTC(), ahead);
  }
}
