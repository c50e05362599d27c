package elsko.server.work.fold;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.ledger.circuit.Protection;
import elsko.server.RunningElsko;
import elsko.server.Yarn;
import elsko.server.fleet.Fleet;
import elsko.server.work.log.Projection;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.List;
import java.util.UUID;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A first start with newer rules, and a day that turns: lists show what the logs say by then. */
@ExtendWith(RunningElsko.class)
class JudgingAnewTest {
  private static void sql(String statement, Object... values) throws SQLException {
    try (Connection connection = RunningElsko.bean(DataSource.class).getConnection();
        PreparedStatement prepared = connection.prepareStatement(statement)) {
      for (int i = 0; i < values.length; i++) {
        prepared.setObject(i + 1, values[i]);
      }
      assertThat(prepared.executeUpdate()).isEqualTo(1);
    }
  }

  private static UUID wetButListedAsProven(String name) throws SQLException {
    Yarn yarn = new Yarn(name);
    yarn.kept(Yarn.entry("CIRCUIT_SEEN", "circuit", "engine", "inService", false));
    UUID boat = UUID.fromString(yarn.boat);
    sql("update boat_projection set protection = 'PROVEN' where boat_id = ?", boat);
    return boat;
  }

  @Test
  void theNoteNamesWhoseProtectionChangedAndWhyUntilSomebodyHasSeenIt() throws SQLException {
    UUID boat = wetButListedAsProven("Rejudged");
    sql("update yard set judged_by = 1");
    JudgingAnew judging = RunningElsko.bean(JudgingAnew.class);
    judging.atStart();
    judging.atStart();
    assertThat(judging.all())
        .singleElement()
        .satisfies(
            one -> {
              assertThat(one.boat()).isEqualTo(boat);
              assertThat(one.was()).isEqualTo(Protection.PROVEN);
              assertThat(one.became()).isEqualTo(Protection.WET);
              assertThat(one.why().toString()).startsWith("Water in engine raw water.");
            });
    assertThat(RunningElsko.bean(Fleet.class).protection(boat)).isEqualTo(Protection.WET);
    assertThat(RunningElsko.as("technician").delete("/api/judged-anew").status()).isEqualTo(403);
    assertThat(RunningElsko.as("coordinator").delete("/api/judged-anew").status()).isEqualTo(204);
    assertThat(judging.all()).isEmpty();
  }

  @Test
  void withTheDayWhatStandsOtherwiseIsFoundAndListedSo() throws SQLException {
    UUID boat = wetButListedAsProven("Turned");
    Projection projection = RunningElsko.bean(Projection.class);
    assertThat(projection.standOtherwise(List.of(boat))).containsExactly(boat);
    projection.reassess(boat);
    assertThat(projection.standOtherwise(List.of(boat))).isEmpty();
    RunningElsko.bean(DayTurn.class).look();
    assertThat(RunningElsko.bean(Fleet.class).protection(boat)).isEqualTo(Protection.WET);
  }
}
