package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.server.fleet.Fleet;
import elsko.server.people.People;
import elsko.server.people.Role;
import elsko.server.yard.Berths;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.UUID;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/** A yard of one's own, on an empty folder and again on the same one. */
class FirstStartTest {
  @TempDir Path data;

  private String start(Consumer<ConfigurableApplicationContext> look) {
    PrintStream before = System.out;
    ByteArrayOutputStream said = new ByteArrayOutputStream();
    System.setOut(new PrintStream(said, true, StandardCharsets.UTF_8));
    try (ConfigurableApplicationContext context =
        SpringApplication.run(
            Elsko.class,
            "--server.port=0",
            "--elsko.demo=false",
            "--elsko.data=" + data,
            "--logging.level.root=ERROR",
            "--logging.level.elsko=ERROR")) {
      look.accept(context);
    } finally {
      System.setOut(before);
    }
    return said.toString(StandardCharsets.UTF_8);
  }

  @Test
  void oneCoordinatorWithAPasswordThatIsPrintedOnce() {
    String first =
        start(
            context -> {
              assertThat(context.getBean(People.class).all())
                  .singleElement()
                  .satisfies(person -> assertThat(person.role()).isEqualTo(Role.COORDINATOR));
              assertThat(context.getBean(Fleet.class).lines()).isEmpty();
              assertThat(context.getBean(Berths.class).plan().berths()).hasSize(12);
              context.getBean(People.class).invite("Ola", Role.TECHNICIAN);
            });
    assertThat(first).containsPattern("password [a-z2-9-]{19}\\R");
    String second = start(context -> assertThat(context.getBean(People.class).all()).hasSize(2));
    assertThat(second).doesNotContain("password");
  }

  @Test
  void aDemonstrationsFolderIsNoYardOfOnesOwn() {
    String demonstration =
        "--spring.datasource.url=jdbc:h2:mem:" + UUID.randomUUID() + ";DB_CLOSE_DELAY=-1";
    try (ConfigurableApplicationContext context =
        SpringApplication.run(
            Elsko.class,
            "--server.port=0",
            "--elsko.demo=false",
            "--elsko.data=" + data,
            demonstration,
            "--logging.level.root=OFF")) {
      context.getBean(JdbcTemplate.class).update("update yard set demonstration = true");
    }
    assertThatThrownBy(
            () ->
                SpringApplication.run(
                    Elsko.class,
                    "--server.port=0",
                    "--elsko.demo=false",
                    "--elsko.data=" + data,
                    demonstration,
                    "--logging.level.root=OFF"))
        .isInstanceOf(DemonstrationsFolder.class);
  }
}
