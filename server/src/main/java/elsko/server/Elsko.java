package elsko.server;

import elsko.server.disk.Trouble;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The server: keeps, serves, protects. */
@SpringBootApplication
@EnableScheduling
public class Elsko {
  public static void main(String[] args) {
    try {
      SpringApplication.run(Elsko.class, args);
    } catch (RuntimeException failed) {
      if (Trouble.of(failed) == Trouble.DAMAGED) {
        // It was said in words; whatever started it need not try again.
        System.exit(Trouble.ENDS_DAMAGED);
      }
      throw failed;
    }
  }
}
