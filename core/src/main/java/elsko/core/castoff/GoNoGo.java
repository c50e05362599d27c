package elsko.core.castoff;

import elsko.core.Text;
import elsko.core.Words;
import elsko.core.boat.Boat;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.fact.Fact;
import elsko.core.limits.Call;
import elsko.core.limits.Condition;
import elsko.core.limits.Conditions;
import elsko.core.limits.Judgement;
import elsko.core.limits.Limits;
import elsko.core.procedure.card.Ask;
import elsko.core.trip.TripFuel;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * May we go? Any stop is a no-go; what is to be put right is said and does not keep a boat in.
 *
 * @param reasons what speaks against it first, then what to put right
 * @param open labels of what nobody has answered yet; without any of them there is no go
 */
public record GoNoGo(boolean go, List<Reason> reasons, List<String> open) {

  /** One thing that speaks against going, or has to be put right. */
  public record Reason(Call call, Text words) {
    Reason(Call call, String words) {
      this(call, Text.of(words));
    }
  }

  /** What the log has against it before anybody has gone the round. */
  public static List<Reason> standing(BoatState state, Round round) {
    return Standing.against(state, round);
  }

  /**
   * What a round comes to.
   *
   * @param fuel for the trip; null while nobody has worked it out
   */
  public static GoNoGo of(BoatState state, Round round, Answers answers, TripFuel fuel) {
    List<Reason> reasons = new ArrayList<>(Standing.against(state, round));
    List<String> open = new ArrayList<>();
    for (Part part : round.parts()) {
      for (Ask.OnRound ask : part.asks()) {
        Reason reason = reason(state, ask, answers);
        if (reason == null) {
          open.add("%s: %s".formatted(part.title(), ask.label()));
        } else if (reason.call() != Call.GOOD) {
          reasons.add(reason);
        }
      }
    }
    if (fuel == null && !state.boat().engineCircuits().isEmpty()) {
      open.add("fuel for the trip");
    } else if (fuel != null) {
      reasons.addAll(ofFuel(fuel));
    }
    List<Reason> ordered = new ArrayList<>();
    reasons.stream().filter(one -> one.call() == Call.STOP).forEach(ordered::add);
    boolean stops = !ordered.isEmpty();
    reasons.stream().filter(one -> one.call() == Call.MEND).forEach(ordered::add);
    return new GoNoGo(!stops && open.isEmpty(), List.copyOf(ordered), List.copyOf(open));
  }

  /** Whether a stop was found; then nothing more has to be looked at. */
  public boolean stops() {
    return reasons.stream().anyMatch(one -> one.call() == Call.STOP);
  }

  /** Whether everything of a phase was answered. */
  static boolean isAnswered(BoatState state, Round round, Answers answers, Part.Phase phase) {
    return round.parts().stream()
        .filter(part -> part.phase() == phase)
        .flatMap(part -> part.asks().stream())
        .allMatch(ask -> reason(state, ask, answers) != null);
  }

  static boolean isAnswered(BoatState state, Ask.OnRound ask, Answers answers) {
    return reason(state, ask, answers) != null;
  }

  private static List<Reason> ofFuel(TripFuel fuel) {
    return fuel.tanks().stream()
        .filter(tank -> !tank.go())
        .map(
            tank ->
                new Reason(
                    Call.STOP,
                    tank.name().isEmpty()
                        ? Text.of("Fuel: %s", tank.words())
                        : Text.of("Fuel, %s: %s", tank.name(), tank.words())))
        .toList();
  }

  /** How one answer stands; null while there is none. */
  private static @Nullable Reason reason(BoatState state, Ask.OnRound ask, Answers answers) {
    return switch (ask) {
      case Ask.Set set -> ofSet(state.boat(), set, answers.of(set));
      case Ask.See see -> ofSeen(answers.of(state.boat(), see));
      case Ask.Read read -> ofRead(state, read, answers);
    };
  }

  private static @Nullable Reason ofSet(Boat boat, Ask.Set set, Fact.@Nullable FittingSet found) {
    if (found == null) {
      return null;
    }
    return found.state() == set.to()
        ? new Reason(Call.GOOD, "")
        : new Reason(
            Call.STOP,
            "%s is %s."
                .formatted(
                    Words.sentence(boat.fitting(set.fitting()).name()), found.state().words()));
  }

  private static @Nullable Reason ofRead(BoatState state, Ask.Read read, Answers answers) {
    Fact.ReadingTaken taken = answers.of(state.boat(), read);
    if (taken == null) {
      return ofSeen(answers.instead(state.boat(), read));
    }
    Judgement judgement = state.judged(taken);
    return new Reason(
        judgement.call(),
        Text.of(
            "%s %s: %s",
            Words.sentence(Limits.of(taken.limit()).name()),
            Text.exactly(taken.value(), Limits.of(taken.limit()).unit()),
            judgement.words()));
  }

  private static @Nullable Reason ofSeen(Fact.@Nullable ConditionSeen seen) {
    if (seen == null) {
      return null;
    }
    Condition.Finding found = seen.found();
    return new Reason(
        found.call(),
        Text.of(
            "%s: %s. %s",
            Words.sentence(Conditions.of(seen.condition()).name()),
            found.words(),
            found.judgement().words()));
  }
}
