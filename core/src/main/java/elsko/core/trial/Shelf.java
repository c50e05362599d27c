package elsko.core.trial;

import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.InstrumentKind;
import elsko.core.fluid.LabelRates;
import elsko.core.fluid.Product;
import elsko.core.fluid.Scale;
import elsko.core.ledger.fact.InstrumentUse;
import elsko.core.ledger.fact.Lot;
import java.util.Random;
import java.util.Set;

/** What a hand takes to the boat: a jug that holds what it holds, and a glass that is a bit off. */
final class Shelf {
  private static final double SOLD = 0.38;
  private static final double ACCURACY = 0.5;
  private static final double NEVER_CHECKED_H = 100_000;
  private static final GlycolCurve PG = GlycolCurve.of(Base.PG);

  final Lot lot = new Lot("P38-1", "Pink 38", new Product(Base.PG, SOLD, -59.4, LabelRates.BURST));
  final double poured;
  private final double inTheJugRead;
  private final double offset;
  private final Random noise;
  private final InstrumentUse glass;

  Shelf(Set<Mistake> mistakes, Random random) {
    noise = random;
    offset = random.nextDouble() - 0.5;
    poured = mistakes.contains(Mistake.WEAK_LOT) ? SOLD * (0.5 + 0.4 * random.nextDouble()) : SOLD;
    inTheJugRead = mistakes.contains(Mistake.WRONG_JUG) ? SOLD : poured;
    boolean unchecked = mistakes.contains(Mistake.UNCHECKED_INSTRUMENT);
    glass =
        new InstrumentUse(
            "glass",
            new Instrument(
                InstrumentKind.REFRACTOMETER,
                Scale.PG_FREEZE,
                ACCURACY,
                10,
                30,
                unchecked ? 0 : offset + noise(),
                unchecked ? NEVER_CHECKED_H : 1));
  }

  InstrumentUse glass() {
    return glass;
  }

  double readJug() {
    return read(inTheJugRead);
  }

  /** What the glass shows for a true strength. */
  double read(double massFraction) {
    double shown = PG.freezePointC(Math.min(massFraction, 0.6)) + offset + noise();
    return Math.max(PG.lowestFreezePointC(), Math.min(0, shown));
  }

  private double noise() {
    double drawn = Math.max(-2, Math.min(2, noise.nextGaussian()));
    return drawn * ACCURACY / 4;
  }
}
