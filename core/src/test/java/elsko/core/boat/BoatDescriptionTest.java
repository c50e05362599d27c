package elsko.core.boat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import elsko.core.Refused;
import org.junit.jupiter.api.Test;

class BoatDescriptionTest {
  private static BoatDescription described(String name, double length, Double hours, String notes) {
    return new BoatDescription(
        name,
        length,
        Layout.STERNDRIVE,
        DrainArrangement.FOUR_DRAINS,
        WaterUsedIn.SALT,
        hours,
        null,
        notes);
  }

  private static void refusedAt(String field, Runnable description) {
    assertThatThrownBy(description::run)
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field()).isEqualTo(field));
  }

  @Test
  void spaceAroundANameIsNotPartOfIt() {
    assertThat(described("  Sea Pea ", 7, null, null).name()).isEqualTo("Sea Pea");
    assertThat(described("Sea Pea", 7, null, null).notes()).isEmpty();
  }

  @Test
  void whatCannotBeABoatIsRefusedAtItsField() {
    refusedAt("name", () -> described(" ", 7, null, null));
    refusedAt("name", () -> described("x".repeat(61), 7, null, null));
    refusedAt("hullLengthM", () -> described("A", 2.9, null, null));
    refusedAt("hullLengthM", () -> described("A", Double.NaN, null, null));
    refusedAt("engineHours", () -> described("A", 7, -1.0, null));
    refusedAt("notes", () -> described("A", 7, null, "n".repeat(2001)));
  }

  @Test
  void choicesMustBeMade() {
    refusedAt(
        "drains",
        () -> new BoatDescription("A", 7, Layout.STERNDRIVE, null, WaterUsedIn.SALT, null, "", ""));
    refusedAt(
        "layout",
        () ->
            new BoatDescription(
                "A", 7, null, DrainArrangement.FOUR_DRAINS, WaterUsedIn.SALT, null, "", ""));
    refusedAt(
        "waterUsedIn",
        () ->
            new BoatDescription(
                "A", 7, Layout.STERNDRIVE, DrainArrangement.FOUR_DRAINS, null, null, "", ""));
  }
}
