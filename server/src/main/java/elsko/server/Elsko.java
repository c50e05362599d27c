package elsko.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The server: keeps, serves, protects. */
@SpringBootApplication
@EnableScheduling
public class Elsko {
  public static void main(String[] args) {
    SpringApplication.run(Elsko.class, args);
  }
}
