package elsko.bench.core;

import elsko.core.boat.Boat;
import elsko.core.fluid.Base;
import elsko.core.fluid.GlycolCurve;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.InstrumentKind;
import elsko.core.fluid.LabelRates;
import elsko.core.fluid.Product;
import elsko.core.fluid.Scale;
import elsko.core.fluid.verdict.Need;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.Ledger;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.InstrumentUse;
import elsko.core.ledger.fact.Lot;
import elsko.core.ledger.fact.Procedure;
import elsko.core.procedure.CardWriter;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.card.UsualAnswers;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.Practices;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** A boat winterized by its card over and over, until its log is as long as asked for. */
final class LongLog {
  private static final Lot LOT =
      new Lot("P38-1", "Skeldra Rose 38", new Product(Base.PG, 0.38, -59.4, LabelRates.BURST));
  private static final InstrumentUse GLASS =
      new InstrumentUse(
          "bay glass",
          new Instrument(InstrumentKind.REFRACTOMETER, Scale.PG_FREEZE, 0.5, 5, 35, 0, 1));

  final Boat boat = Boat.of(VariedFleet.sterndrive());
  final List<Entry> log = new ArrayList<>();

  LongLog(int entries) {
    List<Entry> season = season();
    while (log.size() < entries) {
      UUID card = UUID.randomUUID();
      for (Entry entry : season) {
        if (log.size() < entries) {
          add(entry.card() == null ? null : card, entry.step(), entry.fact(), log);
        }
      }
    }
  }

  private List<Entry> season() {
    List<Entry> season = new ArrayList<>();
    UUID card = UUID.randomUUID();
    add(null, null, new Fact.CircuitSeen("engine", false), season);
    add(card, null, new Fact.CardOpened(Procedure.WINTERIZE, Map.of("engine", "POUR")), season);
    UsualAnswers usual =
        new UsualAnswers(LOT, GLASS, GLASS, GlycolCurve.of(Base.PG).freezePointC(0.38), Map.of());
    Step next = next(season, card);
    while (next != null) {
      for (Ask ask : next.asks()) {
        for (Fact fact : usual.to(ask, state(season))) {
          add(card, next.key(), fact, season);
        }
      }
      add(card, next.key(), new Fact.StepDone(), season);
      next = next(season, card);
    }
    return season;
  }

  private Step next(List<Entry> season, UUID card) {
    BoatState state = state(season);
    return CardWriter.write(new CardRequest(state, state.card(card), Practices.USUAL))
        .steps()
        .stream()
        .filter(step -> !state.card(card).isSettled(step.key()))
        .findFirst()
        .orElse(null);
  }

  private BoatState state(List<Entry> season) {
    return Ledger.fold(boat, Need.DEFAULT, season);
  }

  private static void add(UUID card, String step, Fact fact, List<Entry> to) {
    Instant at = Instant.EPOCH.plusSeconds(to.size());
    to.add(new Entry(UUID.randomUUID(), "technician", at, at, card, step, null, fact));
  }
}
