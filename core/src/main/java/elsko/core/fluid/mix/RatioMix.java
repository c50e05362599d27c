package elsko.core.fluid.mix;

import elsko.core.Quantity;
import elsko.core.Refused;
import elsko.core.Text;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A descaler mixed by parts, water : concentrate, for the segments it has to fill, out of whole
 * containers.
 *
 * @param concentrateLiters the segments take, L
 * @param waterLiters that go with it, L
 * @param containers to open, largest first
 * @param concentrateLeftLiters stays in the last container when only that much is mixed, L
 * @param wholeTotalLiters what it makes when every opened container is used up, L
 * @param mixedLeftLiters of that is more than the segments take, L
 */
public record RatioMix(
    double concentrateLiters,
    double waterLiters,
    List<Container> containers,
    double concentrateLeftLiters,
    double wholeTotalLiters,
    double mixedLeftLiters) {
  private static final int MOST_SIZES = 8;
  private static final int PER_LITER = 100;
  private static final double MOST_LITERS = 1_000;
  private static final double ROUNDING = 1e-9;

  /** So many of one size. */
  public record Container(double liters, int count) {}

  /**
   * The mixture that fills {@code circuitLiters}.
   *
   * @param waterParts 0 or more
   * @param concentrateParts above 0
   * @param sizes of the containers the yard buys, L, to the nearest 0.01 L
   */
  public static RatioMix of(
      double waterParts, double concentrateParts, double circuitLiters, List<Double> sizes) {
    Refused.within("waterParts", waterParts, 0, 100, "");
    Refused.within("concentrateParts", concentrateParts, 0, 100, "");
    if (concentrateParts == 0) {
      throw Refused.value("concentrateParts", "Without concentrate it is only water.");
    }
    if (!Double.isFinite(circuitLiters) || circuitLiters <= 0 || circuitLiters > MOST_LITERS) {
      throw Refused.value(
          "circuitLiters",
          Text.of("Must be a volume above 0, at most %s.", Quantity.liters(1_000)));
    }
    int[] units = units(sizes);
    double parts = waterParts + concentrateParts;
    double concentrate = circuitLiters * concentrateParts / parts;
    List<Container> containers = fewest(units, concentrate);
    double opened = containers.stream().mapToDouble(c -> c.liters() * c.count()).sum();
    double total = opened * parts / concentrateParts;
    return new RatioMix(
        concentrate,
        circuitLiters - concentrate,
        containers,
        opened - concentrate,
        total,
        total - circuitLiters);
  }

  private static int[] units(List<Double> sizes) {
    if (sizes == null || sizes.isEmpty() || sizes.size() > MOST_SIZES) {
      throw Refused.value("containerLiters", "Give 1 to 8 sizes of container.");
    }
    for (Double size : sizes) {
      if (size == null || !Double.isFinite(size) || size < 0.01 || size > MOST_LITERS) {
        throw Refused.value(
            "containerLiters", Text.of("A container holds 0.01 to %s.", Quantity.liters(1_000)));
      }
    }
    return sizes.stream()
        .mapToInt(size -> (int) Math.round(size * PER_LITER))
        .distinct()
        .sorted()
        .toArray();
  }

  /** The containers that hold enough with the least left over, and of those the fewest. */
  private static List<Container> fewest(int[] sizes, double concentrateLiters) {
    int need = (int) Math.ceil(concentrateLiters * PER_LITER - ROUNDING);
    int most = need + sizes[sizes.length - 1];
    int[] count = new int[most + 1];
    int[] last = new int[most + 1];
    Arrays.fill(count, Integer.MAX_VALUE);
    count[0] = 0;
    for (int held = 1; held <= most; held++) {
      for (int size : sizes) {
        int before = held - size;
        if (before >= 0 && count[before] != Integer.MAX_VALUE && count[before] + 1 < count[held]) {
          count[held] = count[before] + 1;
          last[held] = size;
        }
      }
    }
    int held = need;
    while (count[held] == Integer.MAX_VALUE) {
      held++; // ends at the latest within one largest container
    }
    return tally(sizes, last, held);
  }

  private static List<Container> tally(int[] sizes, int[] last, int held) {
    List<Container> containers = new ArrayList<>();
    for (int i = sizes.length - 1; i >= 0; i--) {
      int count = 0;
      for (int rest = held; rest > 0; rest -= last[rest]) {
        if (last[rest] == sizes[i]) {
          count++;
        }
      }
      if (count > 0) {
        containers.add(new Container(sizes[i] / (double) PER_LITER, count));
      }
    }
    return List.copyOf(containers);
  }
}
