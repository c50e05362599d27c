package elsko.core.castoff;

import elsko.core.Text;
import elsko.core.Words;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Position;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.FittingStanding;
import elsko.core.ledger.fact.Procedure;
import elsko.core.ledger.fact.ReadingStanding;
import elsko.core.limits.Call;
import elsko.core.procedure.card.Ask;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** What the log has against casting off, beside what a round asks for itself. */
final class Standing {
  private Standing() {}

  /** Each of them a reason not to go. */
  static List<GoNoGo.Reason> against(BoatState state, Round round) {
    List<Text> words = new ArrayList<>();
    if (!state.afloat()) {
      words.add(Text.of("By the record it stands ashore."));
    }
    cards(state).map(Text::of).forEach(words::add);
    laidUp(state).map(Text::of).forEach(words::add);
    looseEnds(state, round).map(Text::of).forEach(words::add);
    state.tags().forEach(tag -> words.add(Text.of("Red tag. %s: %s.", tag.words(), tag.found())));
    words.addAll(readings(state, round));
    troubled(state).stream().map(Text::of).forEach(words::add);
    return words.stream().map(one -> new GoNoGo.Reason(Call.STOP, one)).toList();
  }

  private static Stream<String> cards(BoatState state) {
    return state.cards().stream()
        .filter(card -> !card.isClosed() && card.procedure() != Procedure.INTAKE)
        .map(CardProgress::procedure)
        .distinct()
        .map(
            procedure ->
                "Its %s card is open: work on it is not finished.".formatted(procedure.words()));
  }

  private static Stream<String> laidUp(BoatState state) {
    return state.circuits().stream()
        .filter(circuit -> circuit.circuit().kind() == CircuitKind.RAW_WATER)
        .filter(
            circuit ->
                switch (circuit.protection()) {
                  case PROVEN, FILLED, HELD, DRAINED -> true;
                  default -> false;
                })
        .map(circuit -> "%s is laid up.".formatted(Words.sentence(circuit.circuit().name())));
  }

  private static Stream<String> looseEnds(BoatState state, Round round) {
    Set<String> asked = new HashSet<>();
    Ask.only(Ask.Set.class, round.asks()).forEach(set -> asked.add(set.fitting()));
    return state.looseEnds().stream()
        .filter(end -> !asked.contains(end.fitting().key()))
        // One that no engine draws through may stay SHUT at sea.
        .filter(end -> end.fitting().kind() != FittingKind.SEACOCK)
        .map(Standing::isStill);
  }

  private static String isStill(FittingStanding end) {
    return "%s is %s.".formatted(Words.sentence(end.fitting().name()), end.state().words());
  }

  /** Those a round takes anew are judged by what it finds. */
  private static List<Text> readings(BoatState state, Round round) {
    List<Text> words = new ArrayList<>();
    for (ReadingStanding reading : state.readings()) {
      boolean anew =
          round.asks().stream()
              .anyMatch(
                  ask ->
                      Round.keyOf(ask).equals(reading.key())
                          && state.boat().engineMeant(Round.engineOf(ask)) == reading.engine());
      if (reading.judgement().call() == Call.STOP && !anew) {
        words.add(Text.of("%s: %s.", named(reading.engine(), reading.name()), reading.found()));
      }
    }
    state
        .missingPieces()
        .forEach(
            (engine, count) ->
                words.add(
                    Text.of(
                        "%s %s of an impeller still in the %s.",
                        count, count == 1 ? "piece" : "pieces", engine.words())));
    return words;
  }

  private static List<String> troubled(BoatState state) {
    List<String> words = new ArrayList<>();
    for (Position engine : Position.values()) {
      state.dueAtOnce().entrySet().stream()
          .filter(due -> due.getKey().engine() == engine)
          .map(due -> due.getValue().trouble())
          .distinct()
          .forEach(
              trouble ->
                  words.add(
                      "The %s %s: its impeller and cooling path are looked at first."
                          .formatted(engine.words(), trouble.words())));
    }
    return words;
  }

  private static String named(Position engine, String name) {
    return Words.sentence(engine == null ? name : "%s, %s".formatted(engine.words(), name));
  }
}
