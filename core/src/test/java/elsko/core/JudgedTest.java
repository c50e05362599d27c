package elsko.core;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.limits.Call;
import elsko.core.limits.Limit;
import elsko.core.limits.Limits;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Rounding never lies: what is read says the same as what was judged, in every reader's units. */
class JudgedTest {
  private static final List<Units> READERS =
      List.of(
          Units.METRIC,
          Units.US,
          new Units(UnitSystem.US, UnitSystem.METRIC, UnitSystem.METRIC, UnitSystem.US));
  private static final Pattern NUMBER = Pattern.compile("−?\\d+(\\.\\d+)?");

  /** As somebody reads it off the screen. */
  private static double read(String said) {
    Matcher number = NUMBER.matcher(said);
    assertThat(number.find()).as(said).isTrue();
    return Double.parseDouble(number.group().replace('−', '-'));
  }

  /** On it, and ever nearer to it from both sides. */
  private static List<Double> around(double limit, Random chance) {
    List<Double> values = new ArrayList<>(List.of(limit));
    for (double away = 10; away > 0.0005; away /= 3) {
      double off = away * (0.5 + chance.nextDouble());
      values.add(limit + off);
      values.add(limit - off);
    }
    return values;
  }

  private static void holds(Judged judged, Measure measure, Units reader) {
    String value = judged.value(measure).in(reader);
    String limit = judged.limit(measure).in(reader);
    boolean good = isGood(judged.value(), judged.limit(), judged.atMost());
    assertThat(isGood(read(value), read(limit), judged.atMost()))
        .as("%s: read as %s against %s", judged, value, limit)
        .isEqualTo(good);
  }

  private static boolean isGood(double value, double limit, boolean atMost) {
    return atMost ? value <= limit : value >= limit;
  }

  @Test
  void aValueAndItsLimitAreReadAsTheyWereJudged() {
    Random chance = new Random(5);
    for (Measure measure : Measure.values()) {
      for (int i = 0; i < 300; i++) {
        double limit = Math.rint(chance.nextDouble(-600, 1200)) / 10;
        for (double value : around(limit, chance)) {
          for (Units reader : READERS) {
            holds(Judged.atMost(limit, value), measure, reader);
            holds(Judged.atLeast(limit, value), measure, reader);
          }
        }
      }
    }
  }

  @Test
  void everyReadingIsReadAsItWasJudged() {
    Random chance = new Random(6);
    for (Limit limit : Limits.all()) {
      if (limit.isOnlyNoted()) {
        continue;
      }
      Double held =
          limit.against() == null ? null : Math.ceil(limit.against().possible().high() * 0.7);
      Limit.Range good = limit.good(held);
      for (double bound : List.of(good.low(), good.high())) {
        for (double value : around(bound, chance)) {
          if (value < limit.possible().low()
              || value > limit.possible().high()
              || limit.judge(value, held).call() != Call.GOOD) {
            continue;
          }
          Text says = limit.judge(value, held).words();
          for (Units reader : READERS) {
            fine(limit, value, good, says.in(reader), reader);
          }
        }
      }
    }
  }

  /** "Good: between 9.5 and 15.7 mm." beside the value itself, said as precisely as it was read. */
  private static void fine(Limit limit, double value, Limit.Range good, String says, Units reader) {
    double seen =
        read(Text.judged(Judged.atLeast(good.low(), value), value, limit.unit()).in(reader));
    double alsoSeen =
        read(Text.judged(Judged.atMost(good.high(), value), value, limit.unit()).in(reader));
    String range = says.replace("Good: ", "");
    if (range.startsWith("between ")) {
      String[] ends = range.substring("between ".length()).split(" and ");
      assertThat(seen)
          .as("%s %s: %s", limit.key(), value, says)
          .isGreaterThanOrEqualTo(read(ends[0]));
      assertThat(alsoSeen)
          .as("%s %s: %s", limit.key(), value, says)
          .isLessThanOrEqualTo(read(ends[1]));
    } else if (range.startsWith("at most")) {
      assertThat(alsoSeen)
          .as("%s %s: %s", limit.key(), value, says)
          .isLessThanOrEqualTo(read(range));
    } else if (range.startsWith("at least")) {
      assertThat(seen)
          .as("%s %s: %s", limit.key(), value, says)
          .isGreaterThanOrEqualTo(read(range));
    }
  }

  @Test
  void whatIsShortIsNotReadAsWhatIsNeeded() {
    Judged coolant = Judged.atMost(-25, -24.8);
    Text text =
        Text.of(
            "Freezes at %s, needed %s.",
            coolant.value(Measure.TEMPERATURE), coolant.limit(Measure.TEMPERATURE));
    assertThat(text.in(Units.US)).isEqualTo("Freezes at −12.6 °F, needed −13 °F.");
    assertThat(text.in(Units.METRIC)).isEqualTo("Freezes at −24.8 °C, needed −25 °C.");
  }

  @Test
  void aLimitAloneIsRoundedToItsStrictSide() {
    assertThat(Judged.atMost(38, Double.NaN).limit(Measure.SIZE).in(Units.US)).isEqualTo("1.49 in");
    assertThat(Judged.atLeast(3, Double.NaN).limit(Measure.SIZE).in(Units.US)).isEqualTo("0.12 in");
    assertThat(Judged.litersAtLeast(10).in(Units.US)).isEqualTo("2.7 gal");
  }
}
