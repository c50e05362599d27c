package elsko.core.fill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;

/** What holds for any path, filled anyhow. */
class FillProperties {
  private static final double PRODUCT = 0.38;

  /** A path of random segments, some gated, with branches that may hold branches. */
  private static FillPath path(long seed, boolean joins, boolean undrained) {
    Random random = new Random(seed);
    return new FillPath(parts(random, joins ? 2 : 0, undrained, new int[1]));
  }

  private static List<FillPart> parts(Random random, int depth, boolean undrained, int[] count) {
    List<FillPart> parts = new ArrayList<>();
    int n = 1 + random.nextInt(5);
    for (int i = 0; i < n; i++) {
      if (depth > 0 && random.nextInt(4) == 0) {
        double share = 0.1 + 0.8 * random.nextDouble();
        parts.add(
            new FillBranches(
                List.of(
                    parts(random, depth - 1, undrained, count),
                    parts(random, depth - 1, undrained, count)),
                List.of(share, 1 - share)));
      } else {
        double residual = undrained ? 1 : random.nextInt(3) == 0 ? 1 : 0.2 * random.nextDouble();
        parts.add(
            new FillSegment(
                "s" + count[0]++,
                0.3 + 8 * random.nextDouble(),
                residual,
                1 + random.nextInt(4),
                random.nextInt(4) == 0));
      }
    }
    return parts;
  }

  private static Fill fill(FillPath path) {
    return new Fill(new FlowNet(path), path.segments());
  }

  @Property(tries = 300)
  void nothingIsLostAndNothingIsStrongerThanTheProduct(
      @ForAll long seed, @ForAll @DoubleRange(max = 120) double liters, @ForAll boolean open) {
    FillPath path = path(seed, true, false);
    Fill fill = fill(path);
    double water = held(fill, path);
    fill.draw(liters / 3, PRODUCT, open);
    fill.draw(2 * liters / 3, PRODUCT, open);
    assertThat(fill.glycolLiters()).isCloseTo(liters * PRODUCT, within(1e-9 * (1 + liters)));
    assertThat(held(fill, path)).isCloseTo(water + liters, within(1e-9 * (water + liters)));
    for (int s = 0; s < path.segments().size(); s++) {
      assertThat(fill.lowestCell(s)).isBetween(0.0, fill.massFraction(s) + 1e-12);
      assertThat(fill.massFraction(s)).isBetween(0.0, PRODUCT + 1e-12);
      assertThat(fill.level(s)).isBetween(0.0, 1.0);
    }
  }

  private static double held(Fill fill, FillPath path) {
    double liters = fill.exhaustLiters();
    for (int s = 0; s < path.segments().size(); s++) {
      liters += fill.level(s) * path.segments().get(s).liters();
    }
    return liters;
  }

  @Property(tries = 200)
  void inOneLineMoreNeverLowersASegment(
      @ForAll long seed, @ForAll @DoubleRange(max = 40) double liters) {
    moreNeverLowers(path(seed, false, false), liters, true);
  }

  @Property(tries = 200)
  void undrainedMoreNeverLowersASegmentWhateverThePath(
      @ForAll long seed, @ForAll @DoubleRange(max = 40) double liters, @ForAll boolean open) {
    moreNeverLowers(path(seed, true, true), liters, open);
  }

  private static void moreNeverLowers(FillPath path, double liters, boolean open) {
    Fill fill = fill(path);
    int n = path.segments().size();
    double[] before = new double[n];
    double[] level = new double[n];
    for (int step = 0; step < 12; step++) {
      fill.draw(liters / 4, PRODUCT, open);
      for (int s = 0; s < n; s++) {
        assertThat(fill.massFraction(s)).isGreaterThanOrEqualTo(before[s] - 1e-9);
        assertThat(fill.level(s)).isGreaterThanOrEqualTo(level[s] - 1e-12);
        before[s] = fill.massFraction(s);
        level[s] = fill.level(s);
      }
    }
  }

  @Property(tries = 30)
  void inTheEndEverythingIsTheProduct(@ForAll long seed) {
    FillPath path = path(seed, true, false);
    Fill fill = fill(path);
    fill.draw(300 * path.liters(), PRODUCT, true);
    for (int s = 0; s < path.segments().size(); s++) {
      assertThat(fill.lowestCell(s)).isCloseTo(PRODUCT, within(1e-6));
    }
  }

  @Property(tries = 100)
  void manySmallDrawsAreOneLargeOne(
      @ForAll long seed, @ForAll @DoubleRange(min = 0.1, max = 60) double liters) {
    FillPath path = path(seed, true, false);
    Fill atOnce = fill(path);
    Fill inSteps = fill(path);
    atOnce.draw(liters, PRODUCT, false);
    for (int i = 0; i < 37; i++) {
      inSteps.draw(liters / 37, PRODUCT, false);
    }
    for (int s = 0; s < path.segments().size(); s++) {
      assertThat(inSteps.lowestCell(s)).isCloseTo(atOnce.lowestCell(s), within(1e-6));
    }
  }
}
