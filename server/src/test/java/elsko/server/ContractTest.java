package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * The screens are compiled against the document in the repository; it must be the one that is
 * served.
 */
@ExtendWith(RunningElsko.class)
class ContractTest {
  private static final Path KEPT = Path.of("../web/src/api/openapi.json");

  @Test
  void theKeptDocumentIsTheOneThatIsServed() throws Exception {
    var served = RunningElsko.as("viewer").get("/api/openapi").body();
    if (Boolean.getBoolean("elsko.contract.write")) {
      JsonMapper pretty = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
      Files.writeString(KEPT, pretty.writeValueAsString(served) + "\n");
    }
    assertThat(served)
        .as("changed? mvn -pl server -am test -Dtest=ContractTest -Delsko.contract.write=true")
        .isEqualTo(RunningElsko.JSON.readTree(Files.readString(KEPT)));
  }

  @Test
  void answersSayWhatIsAlwaysThere() {
    var schemas =
        RunningElsko.as("viewer").get("/api/openapi").body().path("components").path("schemas");
    assertThat(schemas.path("BoatLine").path("required").toString())
        .contains("\"protection\"")
        .contains("\"berth\"");
    assertThat(schemas.path("BoatLine").path("properties").path("berth").path("type").toString())
        .contains("null");
  }
}
