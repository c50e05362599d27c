package elsko.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko;
import elsko.server.RunningElsko.Answer;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** People taken in from a file: all of them, or nobody. */
@ExtendWith(RunningElsko.class)
class PeopleImportTest {
  private static Answer sent(String csv) {
    return RunningElsko.as("coordinator").postCsv("/api/people/import", csv);
  }

  private static List<String> names() {
    return RunningElsko.as("coordinator")
        .get("/api/people")
        .body()
        .valueStream()
        .map(person -> person.path("name").asString())
        .toList();
  }

  @Test
  void everybodyInItIsAdded() {
    Answer added =
        sent(
            "name,role,password\nBrisk Imported,technician,long enough\nVeld Imported,yard hand,long enough\n");
    assertThat(added.status()).isEqualTo(200);
    assertThat(added.body().path("rows").asInt()).isEqualTo(2);
    assertThat(names()).contains("Brisk Imported", "Veld Imported");
  }

  @Test
  void orNobodyAndTheRowSaysWhy() {
    Answer shortPassword =
        sent("name,role,password\nFirst Refused,viewer,long enough\nSecond Refused,viewer,short\n");
    assertThat(shortPassword.status()).isEqualTo(422);
    assertThat(shortPassword.field()).isEqualTo("csv");
    assertThat(shortPassword.reason()).isEqualTo("Row 2: A password has at least 8 characters.");
    assertThat(names()).doesNotContain("First Refused");
    assertThat(sent("name,role,password\n=cmd,viewer,long enough\n").reason())
        .startsWith("Row 1: A name has");
    assertThat(sent("name,role,password\nThird,captain,long enough\n").reason())
        .contains("no role");
    assertThat(sent("name,role\nThird,viewer\n").reason()).contains("no column \"password\"");
    assertThat(sent("").status()).isGreaterThanOrEqualTo(400);
  }
}
