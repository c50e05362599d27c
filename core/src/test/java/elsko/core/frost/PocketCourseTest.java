package elsko.core.frost;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import elsko.core.Refused;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PocketCourseTest {
  @ParameterizedTest
  @CsvSource({"0.7,-4,8", "1,-1,3", "3,-6,5", "10,-8,10", "24,-12,6", "40,-2,4", "0.5,-20,12"})
  void constantColdFollowsTheClosedForm(double tau, double air, double start) {
    PocketCourse course = course(tau, 0, start, constant(air, 4000));

    double toZero = tau * Math.log((start - air) / -air);
    double toDamage = toZero + Pocket.DAMAGE_AT * tau * Pocket.LATENT_K / -air;
    assertThat(course.hoursToFreezePoint()).isCloseTo(toZero, within(toZero * 1e-9));
    assertThat(course.hoursToDamage()).isCloseTo(toDamage, within(toDamage * 1e-9));
  }

  @Test
  void antifreezeFreezesAtItsOwnPoint() {
    PocketCourse course = course(2, -8, 5, constant(-12, 200));

    double toPoint = 2 * Math.log(17.0 / 4);
    assertThat(course.hoursToFreezePoint()).isCloseTo(toPoint, within(1e-9));
    assertThat(course.hoursToDamage())
        .isCloseTo(toPoint + 0.1 * 2 * Pocket.LATENT_K / 4, within(1e-9));
    assertThat(course(2, -13, 5, constant(-12, 200)).hoursToFreezePoint()).isNull();
  }

  @Test
  void aThawMeltsTheIceBeforeAnythingWarms() {
    List<Double> air = new ArrayList<>(constant(-5, 4));
    air.addAll(constant(5, 6));
    air.addAll(constant(-5, 4));
    PocketCourse course = course(1, 0, 0.001, air);

    double perHour = 5 / Pocket.LATENT_K;
    assertThat(course.iceFraction().get(3)).isCloseTo(4 * perHour, within(1e-3));
    assertThat(course.iceFraction().get(5)).isCloseTo(2 * perHour, within(1e-3));
    assertThat(course.iceFraction().get(9)).isZero();
    // Two hours above freezing have warmed it: it has to cool down again before ice grows.
    assertThat(course.iceFraction().get(10)).isLessThan(perHour);
  }

  @Test
  void damageStaysAfterTheThaw() {
    List<Double> air = new ArrayList<>(constant(-10, 24));
    air.addAll(constant(10, 240));
    PocketCourse course = course(0.7, 0, 2, air);

    assertThat(course.hoursToDamage()).isNotNull().isLessThan(24);
    assertThat(course.iceFraction().get(263)).isZero();
  }

  @Test
  void aPocketThatStartsFrozenThroughIsNeverMoreThanIce() {
    PocketCourse course = course(0.5, 0, -3, constant(-40, 50));

    assertThat(course.hoursToFreezePoint()).isZero();
    assertThat(course.iceFraction()).allMatch(ice -> ice >= 0 && ice <= 1);
    assertThat(Collections.max(course.iceFraction())).isEqualTo(1);
  }

  @Test
  void mildAirNeverFreezesIt() {
    PocketCourse course = course(0.7, 0, 5, constant(0, 500));

    assertThat(course.hoursToFreezePoint()).isNull();
    assertThat(course.hoursToDamage()).isNull();
    assertThat(course.iceFraction()).containsOnly(0.0);
  }

  @Test
  void lookingOnlyForDamageFindsTheSameHour() {
    Random random = new Random(11);
    for (int i = 0; i < 2_000; i++) {
      Pocket pocket = new Pocket(0.3 + random.nextDouble() * 40, -random.nextInt(10));
      double[] air = new double[24 * 20];
      double mean = 6 - random.nextDouble() * 20;
      for (int hour = 0; hour < air.length; hour++) {
        air[hour] = mean + 8 * Math.sin(hour / 24.0 * 2 * Math.PI) + random.nextGaussian() * 3;
      }
      PocketRun whole = new PocketRun(pocket, 4);
      for (double hour : air) {
        whole.hour(hour);
      }
      double quick = new PocketRun(pocket, 4).hoursToDamage(air, 0);
      if (Double.isNaN(whole.hoursToDamage())) {
        assertThat(quick).isNaN();
      } else {
        assertThat(quick).isCloseTo(whole.hoursToDamage(), within(1e-6));
      }
    }
  }

  @Test
  void colderAirNeverSavesAPocket() {
    Random random = new Random(5);
    for (int i = 0; i < 500; i++) {
      Pocket pocket = new Pocket(0.3 + random.nextDouble() * 20, 0);
      List<Double> air = new ArrayList<>();
      for (int hour = 0; hour < 24 * 15; hour++) {
        air.add(1 + 7 * Math.sin(hour / 24.0 * 2 * Math.PI) + random.nextGaussian() * 2);
      }
      Double now = PocketCourse.of(pocket, 5, air).hoursToDamage();
      Double colder =
          PocketCourse.of(pocket, 5, air.stream().map(a -> a - 1).toList()).hoursToDamage();
      if (now != null) {
        assertThat(colder).isNotNull().isLessThanOrEqualTo(now);
      }
    }
  }

  @Test
  void whatCannotBeMeantIsRefused() {
    assertThatThrownBy(() -> new Pocket(0, 0)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> new Pocket(1, 3)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> course(1, 0, Double.NaN, constant(1, 1))).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> course(1, 0, 5, List.of())).isInstanceOf(Refused.class);
    List<Double> hole = new ArrayList<>(constant(1, 3));
    hole.set(1, null);
    assertThatThrownBy(() -> course(1, 0, 5, hole)).hasMessageContaining("number");
  }

  private static PocketCourse course(double tau, double tf, double start, List<Double> air) {
    return PocketCourse.of(new Pocket(tau, tf), start, air);
  }

  private static List<Double> constant(double air, int hours) {
    return Collections.nCopies(hours, air);
  }
}
