package elsko.core.plan.explain;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.plan.explain.PlanChanges.BoatThen;
import elsko.core.plan.explain.PlanChanges.Change;
import elsko.core.plan.explain.PlanChanges.Dated;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class ChangesForPersonTest {
  private static final UUID TEAL = new UUID(1, 1);
  private static final LocalDate MON = LocalDate.of(2031, 10, 27);
  private static final Map<UUID, BoatThen> BOATS = Map.of(TEAL, new BoatThen("Teal", null, null));

  private static List<Dated> on(int day, String... workers) {
    return List.of(new Dated(TEAL, "fill", "Fill", List.of(workers), MON.plusDays(day), 520));
  }

  private static List<String> forOrrin(List<Dated> told, List<Dated> now) {
    return ChangesForPerson.between("Orrin", told, now, BOATS).stream().map(Change::words).toList();
  }

  @Test
  void nothingIsSaidOfWhatStaysOrIsOthers() {
    assertThat(forOrrin(on(0, "Orrin"), on(0, "Orrin"))).isEmpty();
    assertThat(forOrrin(on(0, "Tamsa"), on(1, "Tamsa"))).isEmpty();
  }

  @Test
  void whatIsNewGoneMovedOrWithOthersIsSaid() {
    assertThat(forOrrin(List.of(), on(0, "Orrin", "Tamsa")))
        .containsExactly("New: Mon 27 Oct 08:40 with Tamsa.");
    assertThat(forOrrin(on(0, "Orrin"), on(1, "Tamsa")))
        .containsExactly("No longer yours: Tamsa does it on Tue 28 Oct.");
    assertThat(forOrrin(on(0, "Orrin"), List.of())).containsExactly("No longer planned.");
    assertThat(forOrrin(on(0, "Orrin"), on(1, "Orrin")))
        .containsExactly("Tue 28 Oct 08:40 instead of Mon 27 Oct.");
    assertThat(forOrrin(on(0, "Orrin"), on(0, "Orrin", "Tamsa")))
        .containsExactly("Now with Tamsa.");
    assertThat(forOrrin(on(0, "Orrin", "Tamsa"), on(0, "Orrin"))).containsExactly("Alone now.");
  }

  @Test
  void theFrostThatMovedItIsTheReason() {
    Map<UUID, BoatThen> colder =
        Map.of(TEAL, new BoatThen("Teal", MON.plusDays(9), MON.plusDays(2)));
    assertThat(ChangesForPerson.between("Orrin", on(3, "Orrin"), on(0, "Orrin"), colder))
        .extracting(Change::words)
        .containsExactly(
            "Mon 27 Oct 08:40 instead of Thu 30 Oct; its frost deadline moved from Wed 5 Nov to"
                + " Wed 29 Oct.");
  }
}
