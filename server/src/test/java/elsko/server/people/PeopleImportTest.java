package elsko.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko;
import elsko.server.RunningElsko.Answer;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** People invited from a file: all of them, or nobody. */
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
        .map(person -> person.path("name").asString() + " " + person.path("standing").asString())
        .toList();
  }

  @Test
  void everybodyInItIsInvited() {
    Answer added = sent("name,role\nBrisk Imported,technician\nVeld Imported,yard hand\n");
    assertThat(added.status()).isEqualTo(200);
    assertThat(added.body().path("rows").asInt()).isEqualTo(2);
    assertThat(names()).contains("Brisk Imported INVITED", "Veld Imported INVITED");
  }

  @Test
  void orNobodyAndTheRowSaysWhy() {
    Answer twice = sent("name,role\nFirst Refused,viewer\nfirst refused,viewer\n");
    assertThat(twice.status()).isEqualTo(422);
    assertThat(twice.field()).isEqualTo("csv");
    assertThat(twice.reason())
        .isEqualTo("Row 2: This name cannot be told apart from \"First Refused\".");
    assertThat(names()).noneMatch(name -> name.startsWith("First Refused"));
    assertThat(sent("name,role\n=cmd,viewer\n").reason()).startsWith("Row 1: A name has");
    assertThat(sent("name,role\nThird,captain\n").reason()).contains("no role");
    assertThat(sent("name\nThird\n").reason()).contains("no column \"role\"");
    assertThat(sent("").status()).isGreaterThanOrEqualTo(400);
  }
}
