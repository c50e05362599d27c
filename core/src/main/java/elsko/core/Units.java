package elsko.core;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The units somebody reads in, each kind of quantity by itself: people mix them. Inside everything
 * is SI.
 *
 * @param temperature °C or °F
 * @param volume L or gal, and what flows or burns of it
 * @param length m or ft; mm or in
 * @param pressure kPa or psi
 */
public record Units(
    UnitSystem temperature, UnitSystem volume, UnitSystem length, UnitSystem pressure) {
  public static final Units METRIC = all(UnitSystem.METRIC);
  public static final Units US = all(UnitSystem.US);

  public Units {
    if (Stream.of(temperature, volume, length, pressure).anyMatch(one -> one == null)) {
      throw Refused.value(
          "units", "Say for temperature, volume, length and pressure: METRIC or US.");
    }
  }

  /** All of one system. */
  public static Units all(UnitSystem system) {
    return new Units(system, system, system, system);
  }

  /**
   * As {@link #kept} writes it; one word alone stands for all four.
   *
   * @throws IllegalArgumentException it is not written so
   */
  public static Units of(String kept) {
    List<UnitSystem> each = Arrays.stream(kept.split(" ")).map(UnitSystem::valueOf).toList();
    if (each.size() == 1) {
      return all(each.get(0));
    }
    if (each.size() != 4) {
      throw new IllegalArgumentException(kept);
    }
    return new Units(each.get(0), each.get(1), each.get(2), each.get(3));
  }

  /** "US", or where they are mixed, for temperature, volume, length and pressure: "US METRIC …". */
  public String kept() {
    List<UnitSystem> each = List.of(temperature, volume, length, pressure);
    return each.stream().distinct().count() == 1
        ? temperature.name()
        : each.stream().map(UnitSystem::name).collect(Collectors.joining(" "));
  }

  /** "°F, L, m, kPa". */
  public String words() {
    return Stream.of(Measure.TEMPERATURE, Measure.VOLUME, Measure.LENGTH, Measure.PRESSURE)
        .map(measure -> measure.unit(this))
        .collect(Collectors.joining(", "));
  }
}
