package elsko.server.frozen;

import elsko.core.Quantity;
import elsko.core.due.DueItem;
import elsko.core.due.DueList;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.FittingStanding;
import elsko.core.ledger.circuit.CircuitState;
import elsko.core.ledger.circuit.PointState;
import elsko.core.ledger.circuit.Unsettled;
import elsko.core.ledger.decision.Decision;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.EntryWords;
import elsko.core.ledger.fact.ReadingStanding;
import elsko.core.procedure.CardWriter;
import elsko.core.procedure.card.AskStatus;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.Practices;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * What follows from a boat's log, by names that have nothing to do with Java's: how it stands, its
 * cards with their step keys, what is due. Reshaping the code must not change a line of it.
 */
final class Frozen {
  private Frozen() {}

  static Map<String, Object> boat(
      BoatState state, List<Entry> log, Practices practices, Instant now) {
    Map<String, Object> of = new TreeMap<>();
    of.put("protection", state.protection().name());
    of.put("berth", String.valueOf(state.berthName()));
    of.put("afloat", state.afloat());
    of.put("decision", Decision.of(state).map(one -> one.words().toString()).orElse("none"));
    of.put("action", Decision.of(state).map(one -> one.action().toString()).orElse("none"));
    of.put("bag", state.bag().expected() + " expected, missing " + state.bag().missing());
    of.put("missing pieces", new TreeMap<>(state.missingPieces()).toString());
    of.put("work", state.work().stream().map(open -> open.what()).sorted().toList());
    Map<String, Object> circuits = new TreeMap<>();
    state.circuits().forEach(c -> circuits.put(c.circuit().key(), circuit(c)));
    of.put("circuits", circuits);
    Map<String, Object> fittings = new TreeMap<>();
    for (FittingStanding fitting : state.fittings().values()) {
      if (fitting.by() != null) {
        fittings.put(fitting.fitting().key(), fitting.state() + " by " + fitting.by());
      }
    }
    of.put("fittings", fittings);
    List<String> readings = new ArrayList<>();
    for (ReadingStanding reading : state.readings()) {
      readings.add(
          "%s %s: %s, %s"
              .formatted(
                  reading.engine(), reading.key(), reading.found(), reading.judgement().call()));
    }
    of.put("readings", readings.stream().sorted().toList());
    List<String> due = new ArrayList<>();
    for (DueItem item : DueList.of(state, Set.of(), now)) {
      due.add(
          "%s %s: %s, %s"
              .formatted(item.engine(), item.interval().key(), item.standing(), item.why()));
    }
    of.put("due", due);
    of.put("cards", state.cards().stream().map(card -> card(state, card, practices)).toList());
    of.put("log", log.stream().map(entry -> said(state, entry)).toList());
    return of;
  }

  private static String said(BoatState state, Entry entry) {
    return "%s %s: %s"
        .formatted(entry.person(), entry.step(), EntryWords.of(state.boat(), entry.fact()));
  }

  private static Map<String, Object> circuit(CircuitState circuit) {
    Map<String, Object> of = new TreeMap<>();
    of.put("protection", circuit.protection().name());
    of.put("contents", new TreeMap<>(circuit.contents()).toString());
    of.put("liters used", Quantity.liters(circuit.litersUsed()).toString());
    List<String> unsettled =
        circuit.unsettled().isEmpty() ? List.of() : Unsettled.words(circuit.unsettled());
    of.put("unsettled", unsettled);
    if (circuit.coolantVerdict() != null) {
      of.put("coolant", circuit.coolantVerdict().words().toString());
    }
    Map<String, Object> points = new TreeMap<>();
    for (PointState point : circuit.points()) {
      String verdict =
          point.verdict() == null
              ? "not read"
              : point.verdict().outcome() + " " + point.verdict().words();
      points.put(
          point.point().key(),
          "%s, %s, could not %s".formatted(point.seen(), verdict, point.couldNot()));
    }
    of.put("points", points);
    return of;
  }

  private static Map<String, Object> card(
      BoatState state, CardProgress progress, Practices practices) {
    Card card = CardWriter.write(new CardRequest(state, progress, practices));
    Map<String, Object> of = new TreeMap<>();
    of.put("procedure", progress.procedure().name());
    of.put("choices", new TreeMap<>(progress.choices()));
    of.put("held by", progress.heldBy());
    of.put("closed", progress.isClosed());
    List<Object> steps = new ArrayList<>();
    for (Step step : card.steps()) {
      AskStatus status = AskStatus.of(state, progress, step.key());
      steps.add(
          List.of(
              step.key(),
              step.title(),
              progress.step(step.key()).standing().name(),
              step.asks().stream()
                  .map(ask -> ask.label() + (status.isAnswered(step, ask) ? ": yes" : ": no"))
                  .toList()));
    }
    of.put("steps", steps);
    return of;
  }
}
