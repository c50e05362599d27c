package elsko.core.plan.check;

import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Method;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.CardProgress;
import elsko.core.ledger.fact.Procedure;
import elsko.core.plan.check.ByHandbook.Acid;
import elsko.core.plan.check.ByHandbook.OneBoat;
import elsko.core.plan.check.ByHandbook.Roof;
import elsko.core.plan.check.ByHandbook.Work;
import elsko.core.plan.visits.WorkLeft;
import elsko.core.procedure.CardWriter;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.Choices;
import elsko.core.procedure.request.DescaleVariant;
import elsko.core.procedure.request.Practices;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A boat's work read off its cards, step by step, whatever the planner was given. */
public final class OffItsCards {
  private static final int RINSE_MINUTES = 10;
  private static final int LIFT_MINUTES = 30;

  private final BoatState state;
  private final Practices practices;
  private final Map<String, Step> steps = new HashMap<>();
  private final Set<DescaleVariant> descaled = EnumSet.noneOf(DescaleVariant.class);

  private OffItsCards(BoatState state, Practices practices) {
    this.state = state;
    this.practices = practices;
  }

  /**
   * A boat as somebody walks up to it who has its cards; it stands at no place yet.
   *
   * @param left which of its steps make up which task
   * @param at now: what is due in spring is due then
   */
  public static OneBoat read(
      UUID id, BoatState state, Practices practices, WorkLeft left, Instant at) {
    OffItsCards cards = new OffItsCards(state, practices);
    cards.readAll(left.procedure(), at);
    return cards.boat(id, left);
  }

  private void readAll(Procedure procedure, Instant at) {
    List<CardProgress> cards =
        new ArrayList<>(state.cards().stream().filter(card -> !card.isClosed()).toList());
    // What cannot wait stands before either of the two.
    if (procedure != Procedure.WINTERIZE) {
      cards.add(
          CardProgress.openedNow(state, Procedure.COMMISSION, usual(Procedure.COMMISSION), at));
    }
    if (procedure != Procedure.COMMISSION) {
      cards.add(CardProgress.notOpened(Procedure.WINTERIZE, usual(Procedure.WINTERIZE)));
    }
    for (CardProgress card : cards) {
      CardRequest request = new CardRequest(state, card, practices);
      CardWriter.write(request).steps().forEach(step -> steps.putIfAbsent(step.key(), step));
      if (card.procedure() == Procedure.DESCALE) {
        for (Circuit circuit : state.boat().engineCircuits()) {
          if (!DescaleVariant.possible(state.boat(), circuit).isEmpty()) {
            descaled.add(request.descaleVariant(circuit));
          }
        }
      }
    }
  }

  private Map<String, String> usual(Procedure procedure) {
    return Choices.usual(state.boat(), procedure, practices);
  }

  private OneBoat boat(UUID id, WorkLeft left) {
    DescaleVariant variant = descaled.stream().findFirst().orElse(null);
    CardProgress opened = state.openCard(Procedure.WINTERIZE);
    Map<String, String> choices = opened == null ? usual(Procedure.WINTERIZE) : opened.choices();
    boolean drawn =
        state.boat().engineCircuits().stream()
            .anyMatch(circuit -> Method.DRAW.name().equals(choices.get(circuit.key())));
    String lastShot =
        left.tasks().stream()
            .map(task -> task.key())
            .filter(key -> key.startsWith("descale"))
            .max(Comparator.naturalOrder())
            .orElse("");
    return new OneBoat(
        id,
        state.boat().name(),
        0,
        0,
        state.boat().description().engines().stream()
            .map(EngineDescription::fuel)
            .collect(Collectors.toSet()),
        drawn,
        variant,
        Roof.OTHER,
        left.tasks().stream()
            .map(task -> work(task.key(), left.steps().get(task.key()), variant, lastShot))
            .toList());
  }

  private Work work(
      String key, List<String> itsSteps, @Nullable DescaleVariant variant, String lastShot) {
    List<Step> its = itsSteps.stream().map(steps::get).toList();
    int minutes = its.stream().mapToInt(Step::minutes).sum();
    boolean rinsed = key.equals(lastShot) && variant == DescaleVariant.TANK_SOAK;
    return new Work(
        key,
        key.equals("lift") ? LIFT_MINUTES : Math.max(1, minutes + (rinsed ? RINSE_MINUTES : 0)),
        its.stream().anyMatch(step -> step.run() != null),
        its.stream().anyMatch(step -> step.people() > 1),
        acid(its, variant));
  }

  private static @Nullable Acid acid(List<Step> its, @Nullable DescaleVariant variant) {
    if (its.isEmpty() || its.getLast().soak() == null || variant == null) {
      return null;
    }
    return its.getLast().key().endsWith("second-shot")
        ? Acid.SECOND_SHOT
        : variant == DescaleVariant.CLOSED_LOOP ? Acid.CIRCULATES : Acid.SOAKS;
  }
}
