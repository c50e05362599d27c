package elsko.core.procedure.card;

import elsko.core.Measure;
import elsko.core.Quantity;
import elsko.core.Text;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.InstrumentUse;
import elsko.core.ledger.fact.ReadingStanding;
import elsko.core.limits.Limits;
import org.jspecify.annotations.Nullable;

/** The number that was given as an answer, as a line of the step has room for. */
final class GivenWords {
  private GivenWords() {}

  /** Null for what holds no number. */
  static @Nullable Text of(Fact fact) {
    if (fact.as(Fact.FluidUsed.class) instanceof Fact.FluidUsed used) {
      return Text.of("%s", Quantity.liters(used.liters()));
    }
    if (fact.as(Fact.FluidCaught.class) instanceof Fact.FluidCaught caught) {
      return Text.of("%s", Quantity.liters(caught.liters()));
    }
    if (fact.as(Fact.DescalerUsed.class) instanceof Fact.DescalerUsed used) {
      return Text.of("%s", Quantity.liters(used.liters()));
    }
    if (fact.as(Fact.Disinfected.class) instanceof Fact.Disinfected dosed) {
      return Text.of("%s", Quantity.of(dosed.milliliters(), Measure.DOSE));
    }
    if (fact.as(Fact.ReadingTaken.class) instanceof Fact.ReadingTaken read) {
      return Text.of("%s", ReadingStanding.foundWords(Limits.of(read.limit()), read));
    }
    if (fact.as(Fact.JugRead.class) instanceof Fact.JugRead read) {
      return reading(read.with(), read.reading());
    }
    if (fact.as(Fact.CoolantRead.class) instanceof Fact.CoolantRead read) {
      return reading(read.with(), read.reading());
    }
    if (fact.as(Fact.BagCounted.class) instanceof Fact.BagCounted bag) {
      return Text.of("%s", bag.count());
    }
    if (fact.as(Fact.PiecesFound.class) instanceof Fact.PiecesFound found) {
      return Text.of("%s", found.count());
    }
    return null;
  }

  private static Text reading(InstrumentUse with, double reading) {
    return Text.roughly(reading, with.instrument().scale().unit());
  }
}
