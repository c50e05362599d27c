package elsko.core;

import static elsko.core.Units.METRIC;
import static elsko.core.Units.US;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class TextTest {
  private static final Text HELD =
      Text.of(
          "Holds between %s and %s, %s over its own median.",
          Quantity.celsius(71).withoutUnit(), Quantity.celsius(79), Quantity.kelvin(4.6));

  @Test
  void aQuantityIsSaidWhereItIsRead() {
    assertThat(HELD.in(METRIC)).isEqualTo("Holds between 71 and 79 °C, 4.6 K over its own median.");
    assertThat(HELD.in(US))
        .isEqualTo("Holds between 159.8 and 174.2 °F, 8.3 °F over its own median.");
    assertThat(HELD).hasToString(HELD.in(METRIC));
  }

  @Test
  void numbersThatAreOnlyWordsStayAsTheyAre() {
    Text text = Text.of("Lot %s of %s, 3 °C and 19 L in words", "19 L", Quantity.liters(19));
    assertThat(text.in(US)).isEqualTo("Lot 19 L of 5 gal, 3 °C and 19 L in words");
  }

  @Test
  void textInTextKeepsItsQuantities() {
    Text whole = Text.of("%s: %s", "Port engine", HELD).then(" Then ", Quantity.liters(3.8), ".");
    assertThat(whole.in(US))
        .startsWith("Port engine: Holds between 159.8")
        .endsWith(" Then 1 gal.");
    assertThat(whole.pieces()).filteredOn(Quantity.class::isInstance).hasSize(4);
  }

  @Test
  void aValueForEachPlaceAndAPlaceForEachValue() {
    assertThatThrownBy(() -> Text.of("%s and %s", 1)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> Text.of("%s", 1, 2)).isInstanceOf(IllegalArgumentException.class);
    assertThat(Text.of("100 % of it")).hasToString("100 % of it");
    assertThat(Text.of("%s % of %s", 5, "it")).hasToString("5 % of it");
  }

  @Test
  void listsAndSentences() {
    List<Text> three = List.of(Text.of("a"), Text.of("b %s", Quantity.kelvin(1)), Text.of("c"));
    assertThat(Text.list(three)).hasToString("a, b 1 K and c");
    assertThat(Text.list(three.subList(0, 1))).hasToString("a");
    assertThat(Text.list(List.of())).isEqualTo(Text.NONE);
    assertThat(Text.list(three).sentence()).hasToString("A, b 1 K and c");
    assertThat(Text.of("%s more", Quantity.liters(2)).sentence()).hasToString("2 L more");
  }

  @Test
  void theSameWordsAndQuantitiesAreTheSameText() {
    assertThat(Text.of("a %s", Quantity.liters(2)))
        .isEqualTo(Text.of("a ").then(Quantity.liters(2)));
    assertThat(Text.of("a %s", Quantity.liters(2))).isNotEqualTo(Text.of("a 2 L"));
    assertThat(Text.of("").isEmpty()).isTrue();
  }

  @Test
  void aNumberInAUnitIsAQuantityWhereThatTurnsIntoAnother() {
    assertThat(Text.exactly(18.25, "mm").in(METRIC)).isEqualTo("18.25 mm");
    assertThat(Text.exactly(18.25, "mm").in(US)).isEqualTo("0.7185 in");
    assertThat(Text.roughly(18.25, "mm").in(METRIC)).isEqualTo("18.3 mm");
    assertThat(Text.roughlyWithoutUnit(60, "°C").in(US)).isEqualTo("140");
    assertThat(Text.exactly(12.4, "V").in(US)).isEqualTo("12.4 V");
    assertThat(Text.roughlyWithoutUnit(12.44, "V").in(US)).isEqualTo("12.4");
  }

  @Test
  void everyMeasureIsTurnedOver() {
    assertThat(said(Quantity.celsius(-20))).isEqualTo("−20 °C, −4 °F");
    assertThat(said(Quantity.celsius(0))).isEqualTo("0 °C, 32 °F");
    assertThat(said(Quantity.kelvin(5))).isEqualTo("5 K, 9 °F");
    assertThat(said(Quantity.liters(19))).isEqualTo("19 L, 5 gal");
    assertThat(said(Quantity.of(50, Measure.DOSE))).isEqualTo("50 mL, 1.7 fl oz");
    assertThat(said(Quantity.litersPerMinute(30))).isEqualTo("30 L/min, 7.9 gal/min");
    assertThat(said(Quantity.meters(7.24))).isEqualTo("7.2 m, 23.8 ft");
    assertThat(said(Quantity.millimeters(12))).isEqualTo("12 mm, 0.47 in");
  }

  @Test
  void aRefusalSaysItsLimitsAsQuantities() {
    assertThatThrownBy(() -> Refused.within("lowC", 30, -60, 5.5, " °C"))
        .isInstanceOfSatisfying(
            Refused.class,
            refused -> {
              assertThat(refused.reason().in(METRIC))
                  .isEqualTo("Must be from −60 to 5.5 °C; 30 is outside.");
              assertThat(refused.reason().in(US))
                  .isEqualTo("Must be from −76 to 41.9 °F; 86 is outside.");
            });
  }

  private static String said(Quantity quantity) {
    return quantity.in(METRIC) + ", " + quantity.in(US);
  }

  @Test
  void noTextIsSaidBeforeItIsRead(@TempDir Path dir) throws Exception {
    assertThat(SaidTooEarly.in(Path.of("src/main/java"))).isEmpty();
    assertThat(SaidTooEarly.in(Path.of("../server/src/main/java"))).isEmpty();
    Files.writeString(
        dir.resolve("Early.java"),
        """
        class Early {
          String by(elsko.core.Text text) { return "a " + text; }
          String in(elsko.core.Quantity one) { return "a %s".formatted(one); }
          String on(elsko.core.Text purpose) { return "a " + purpose.toString(); }
        }
        """);
    assertThat(SaidTooEarly.in(dir)).hasSize(2).allMatch(at -> at.matches(".*:[23]"));
  }
}
