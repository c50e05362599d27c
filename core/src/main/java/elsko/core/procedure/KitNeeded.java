package elsko.core.procedure;

import elsko.core.boat.description.EnginePart;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.kit.Carried;
import elsko.core.kit.KitKind;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.card.Step;
import elsko.core.procedure.part.WaterSupply;
import elsko.core.procedure.request.CardRequest;
import elsko.core.procedure.request.OnCircuit;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Which of the yard's own pieces a step of a card wants.
 *
 * @param carries what goes through them; null for water
 */
public record KitNeeded(List<KitKind> kinds, @Nullable Carried carries) {
  private static final KitNeeded NOTHING = new KitNeeded(List.of(), null);

  /** What one step wants, from how its pump is fed there. */
  public static KitNeeded of(CardRequest request, Step step) {
    if (step.circuit() == null || !request.boat().hasCircuit(step.circuit())) {
      return NOTHING;
    }
    OnCircuit on = new OnCircuit(request, request.boat().circuit(step.circuit()));
    Set<KitKind> kinds = EnumSet.noneOf(KitKind.class);
    for (Ask.Set set : Ask.only(Ask.Set.class, step.asks()).toList()) {
      if (on.boat().fitting(set.fitting()).kind() == FittingKind.FEED) {
        fedBy(on, set.to(), kinds);
      }
    }
    boolean acid = Ask.only(Ask.Descale.class, step.asks()).findAny().isPresent();
    boolean fill = Ask.only(Ask.Fill.class, step.asks()).anyMatch(one -> one.pourPoint() == null);
    if (acid && kinds.isEmpty()) {
      kinds.add(KitKind.TRANSFER_PUMP);
    }
    return kinds.isEmpty()
        ? NOTHING
        : new KitNeeded(List.copyOf(kinds), acid ? Carried.ACID : fill ? Carried.ANTIFREEZE : null);
  }

  private static void fedBy(OnCircuit on, FittingState feed, Set<KitKind> kinds) {
    switch (feed) {
      case TANK -> {
        kinds.add(KitKind.TANK);
        kinds.add(tankGoesOn(on));
      }
      case HOSE -> {
        if (WaterSupply.isJet(on)) {
          kinds.add(KitKind.PORT_CONNECTOR);
        } else if (takesMuffs(on)) {
          kinds.add(KitKind.MUFFS);
        }
      }
      case SUCTION_CUP -> kinds.add(KitKind.SUCTION_CUP);
      case BUCKET ->
          kinds.add(
              on.boat().has(on.circuit(), EnginePart.FLUSH_TEE)
                  ? KitKind.TEE_HOSE
                  : KitKind.INTAKE_PIPE);
      default -> {}
    }
  }

  private static KitKind tankGoesOn(OnCircuit on) {
    if (!on.isEngine() || WaterSupply.isTankAtTheStrainer(on)) {
      return on.has(FittingKind.STRAINER_LID) ? KitKind.STRAINER_ADAPTER : KitKind.INTAKE_PIPE;
    }
    if (WaterSupply.isJet(on)) {
      return KitKind.PORT_CONNECTOR;
    }
    if (takesMuffs(on)) {
      return KitKind.MUFFS;
    }
    return on.boat().has(on.circuit(), EnginePart.FLUSH_TEE)
        ? KitKind.TEE_HOSE
        : KitKind.INTAKE_PIPE;
  }

  private static boolean takesMuffs(OnCircuit on) {
    return on.isEngine() && on.boat().has(on.circuit(), EnginePart.TAKES_MUFFS);
  }
}
