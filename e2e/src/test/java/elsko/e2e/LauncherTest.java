package elsko.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LauncherTest {
  private record Ran(int status, String said) {}

  private static Ran elsko(String... arguments) throws IOException, InterruptedException {
    List<String> command = new ArrayList<>();
    command.add(Path.of(System.getProperty("elsko.root"), "elsko").toAbsolutePath().toString());
    command.addAll(List.of(arguments));
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    return new Ran(process.waitFor(), said);
  }

  @ParameterizedTest
  @ValueSource(strings = {"demo", "serve", "test", "bench", "audit"})
  void everyCommandSaysWhatItDoes(String command) throws Exception {
    Ran ran = elsko(command, "--help");
    assertThat(ran.status()).isZero();
    assertThat(ran.said()).startsWith("Usage: ./elsko " + command);
  }

  @Test
  void whatItDoesNotKnowItSays() throws Exception {
    assertThat(elsko("sail"))
        .satisfies(
            ran -> {
              assertThat(ran.status()).isEqualTo(2);
              assertThat(ran.said()).contains("no command \"sail\"");
            });
    assertThat(elsko("demo", "--prot", "1").said()).contains("unknown option --prot");
    assertThat(elsko("demo", "--port", "many").said()).contains("1 to 65535");
    assertThat(elsko("bench", "--only").said()).contains("--only needs a word");
  }

  @ParameterizedTest
  @ValueSource(strings = {"tomorrow", "2026-11-24", "2026-02-30T09:10", "2026-11-24T25:10"})
  void theDemonstrationBeginsOnlyAtAMomentThereIs(String at) throws Exception {
    Ran ran = elsko("demo", "--at", at);
    assertThat(ran.status()).isEqualTo(1);
    assertThat(ran.said()).contains("like 2026-11-24T09:10");
  }

  @Test
  void aYardOfOnesOwnGoesByToday() throws Exception {
    assertThat(elsko("serve", "--at", "2026-11-24T09:10").said()).contains("goes by today");
  }

  @Test
  void howFarAYardIsReachedIsSaidForItAlone() throws Exception {
    assertThat(elsko("demo", "--listen", "all").said()).contains("for a yard of your own");
    assertThat(elsko("serve", "--certificate", "/nowhere.pem").said()).contains("can be read");
    assertThat(elsko("serve", "--https", "--port", "8080").said()).contains("two ports");
    assertThat(elsko("serve", "--plain-port", "0", "--https").said()).contains("1 to 65535");
  }
}
