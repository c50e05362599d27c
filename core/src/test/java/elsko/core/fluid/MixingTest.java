package elsko.core.fluid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import elsko.core.Refused;
import elsko.core.fluid.mix.RatioMix;
import elsko.core.fluid.mix.RatioMix.Container;
import elsko.core.fluid.mix.Topping;
import elsko.core.fluid.verdict.Ceiling;
import elsko.core.fluid.verdict.Need;
import elsko.core.fluid.verdict.Outcome;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MixingTest {
  private static final Offset<Double> EXACT = within(1e-9);

  @ParameterizedTest
  @CsvSource({"PG, 0.501, -33.65", "EG, 0.5232, -36.9"})
  void halfAndHalfByVolumeFreezesWhereTheTableSays(Base base, double mass, double freezeC) {
    double half = Blend.together(base, 10, 1, 10, 0);
    GlycolCurve curve = GlycolCurve.of(base);
    assertThat(curve.toVolumeFraction(half)).isCloseTo(0.5, EXACT);
    assertThat(half).isCloseTo(mass, within(2e-3));
    assertThat(curve.freezePointC(half)).isCloseTo(freezeC, within(0.4));
    Blend blend = Blend.of(base, 1, half, 20);
    assertThat(blend.concentrateLiters()).isCloseTo(10, EXACT);
    assertThat(blend.waterLiters()).isCloseTo(10, EXACT);
  }

  @ParameterizedTest
  @CsvSource({"0.25, 0.244", "0.40, 0.396", "0.60, 0.600"})
  void blendsReproduceTheTable(double mass, double volume) {
    assertThat(Blend.of(Base.PG, 1, mass, 100).concentrateLiters())
        .isCloseTo(100 * volume, within(1e-9));
  }

  @Property
  void theGlycolOfABlendIsTheGlycolOfItsConcentrate(
      @ForAll Base base,
      @ForAll @DoubleRange(min = 0.01, max = 1) double concentrate,
      @ForAll @DoubleRange(max = 1) double part,
      @ForAll @DoubleRange(min = 0.1, max = 500) double liters) {
    double target = concentrate * part;
    Blend blend = Blend.of(base, concentrate, target, liters);
    GlycolCurve curve = GlycolCurve.of(base);
    assertThat(blend.concentrateLiters() + blend.waterLiters()).isCloseTo(liters, within(1e-9));
    assertThat(blend.concentrateLiters() * curve.toVolumeFraction(concentrate))
        .isCloseTo(liters * curve.toVolumeFraction(target), within(1e-9 * liters));
    if (blend.waterLiters() > 0 && blend.concentrateLiters() > 0) {
      double back =
          Blend.together(base, blend.concentrateLiters(), concentrate, blend.waterLiters(), 0);
      assertThat(back).isCloseTo(target, within(1e-6));
    }
  }

  @Property
  void toppedOrReplacedItComesOutAsWanted(
      @ForAll @DoubleRange(max = 0.4) double present,
      @ForAll @DoubleRange(min = 0.05, max = 0.95) double between,
      @ForAll @DoubleRange(min = 1, max = 200) double liters) {
    double with = 0.95;
    double target = present + between * (with - present);
    Topping topping = Topping.of(Base.PG, liters, present, target, with);
    assertThat(Blend.together(Base.PG, liters, present, topping.addLiters(), with))
        .isCloseTo(target, within(1e-9));
    double stays = liters - topping.replaceLiters();
    assertThat(Blend.together(Base.PG, stays, present, topping.replaceLiters(), with))
        .isCloseTo(target, within(1e-9));
  }

  @Test
  void toppingGoesTowardWhatIsPouredInAndNoFurther() {
    assertThat(Topping.of(Base.PG, 80, 0.3, 0.3, 0.5)).isEqualTo(new Topping(0, 0));
    assertThat(Topping.of(Base.PG, 80, 0.5, 0.3, 0).addLiters()).isPositive();
    assertThatThrownBy(() -> Topping.of(Base.PG, 80, 0.3, 0.5, 0.5))
        .hasMessageContaining("stronger than what is wanted");
    assertThatThrownBy(() -> Topping.of(Base.PG, 80, 0.5, 0.3, 0.4))
        .hasMessageContaining("use water");
  }

  @Test
  void aConcentrateWeakerThanTheMixtureIsRefused() {
    assertThatThrownBy(() -> Blend.of(Base.PG, 0.27, 0.38, 80))
        .isInstanceOfSatisfying(
            Refused.class, r -> assertThat(r.field()).isEqualTo("concentrateMassFraction"));
    assertThatThrownBy(() -> Blend.of(Base.PG, 0, 0, 80)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> Blend.of(Base.PG, 1, 0.5, -1)).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> Blend.of(Base.PG, Double.NaN, 0.5, 1)).isInstanceOf(Refused.class);
  }

  @Test
  void aRatioMixComesInWholeContainersWithTheLeastLeftOver() {
    RatioMix mix = RatioMix.of(4, 1, 57, List.of(1.0, 5.0));
    assertThat(mix.concentrateLiters()).isCloseTo(11.4, EXACT);
    assertThat(mix.waterLiters()).isCloseTo(45.6, EXACT);
    assertThat(mix.containers()).containsExactly(new Container(5, 2), new Container(1, 2));
    assertThat(mix.concentrateLeftLiters()).isCloseTo(0.6, EXACT);
    assertThat(mix.wholeTotalLiters()).isCloseTo(60, EXACT);
    assertThat(mix.mixedLeftLiters()).isCloseTo(3, EXACT);
  }

  @Test
  void awkwardContainersAreStillEnough() {
    RatioMix mix = RatioMix.of(1, 1, 10, List.of(3.78));
    assertThat(mix.containers()).containsExactly(new Container(3.78, 2));
    assertThat(RatioMix.of(0, 1, 6, List.of(4.0, 3.0)).containers())
        .containsExactly(new Container(3, 2));
    assertThatThrownBy(() -> RatioMix.of(1, 0, 10, List.of(5.0))).hasMessageContaining("water");
    assertThatThrownBy(() -> RatioMix.of(1, 1, 10, List.of())).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> RatioMix.of(1, 1, -3, List.of(5.0))).isInstanceOf(Refused.class);
  }

  @Test
  void aProductThatCannotDoItIsNamedBeforeItIsPoured() {
    Product pale = new Product(Base.PG, 0.27, -45.6, LabelRates.BURST);
    Ceiling ceiling = Ceiling.of(pale, Need.DEFAULT);
    assertThat(ceiling.outcome()).isEqualTo(Outcome.CHANGE_PRODUCT);
    assertThat(ceiling.words().toString()).contains("burst point", "−25 °C");
    assertThat(Ceiling.of(pale, new Need(-20, 5, Policy.LABEL)).outcome()).isNull();
    assertThat(Ceiling.of(new Product(Base.PG, 0.38, null, null), Need.DEFAULT).outcome()).isNull();
    assertThat(
            Ceiling.of(new Product(Base.PG, 0.38, null, null), new Need(-20, 5, Policy.FREEZE))
                .outcome())
        .isEqualTo(Outcome.CHANGE_PRODUCT);
    assertThat(Ceiling.of(new Product(Base.PG, null, null, null), Need.DEFAULT).words().toString())
        .contains("not known");
  }
}
