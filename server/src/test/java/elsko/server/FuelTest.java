package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko.Answer;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Fuel for a trip, over the wire. */
@ExtendWith(RunningElsko.class)
class FuelTest {
  private static Map<String, Object> tank(Object gauge) {
    Map<String, Object> tank = new HashMap<>();
    tank.put("capacityLiters", 100);
    tank.put("gaugePercent", gauge);
    tank.put("litersPerHour", 4);
    return tank;
  }

  private static Answer ask(Map<String, Object> trip) {
    return RunningElsko.as("viewer").post("/api/bench/fuel", trip);
  }

  @Test
  void goOrHowMuchToAdd() {
    Answer go = ask(Map.of("hours", 6, "roundTrip", true, "tanks", List.of(tank(50))));
    assertThat(go.body().path("go").asBoolean()).isTrue();
    Answer short32 =
        ask(Map.of("distanceNm", 36, "speedKn", 6, "school", "THIRDS", "tanks", List.of(tank(50))));
    assertThat(short32.body().path("go").asBoolean()).isFalse();
    assertThat(short32.body().path("tanks").get(0).path("words").asString())
        .isEqualTo("Not enough: add 32 L.");
  }

  @Test
  void aBadNumberIsRefusedAtItsField() {
    assertThat(ask(Map.of("hours", 6, "tanks", List.of(tank(50), tank(120)))).field())
        .isEqualTo("tanks[1].gaugePercent");
    assertThat(ask(Map.of("tanks", List.of(tank(50)))).field()).isEqualTo("hours");
    assertThat(ask(Map.of("distanceNm", 9, "tanks", List.of(tank(50)))).field())
        .isEqualTo("speedKn");
    assertThat(ask(Map.of("hours", 6)).field()).isEqualTo("tanks");
  }
}
