package elsko.core.procedure.request;

import static elsko.core.boat.path.FittingState.*;

import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.FittingState;
import elsko.core.gauge.GaugeLimits;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.limits.Limit;
import elsko.core.limits.Limits;
import elsko.core.procedure.card.Ask;
import java.util.ArrayList;
import java.util.List;

/** The asks around an engine run: what has to be right first, the water on, the start, the stop. */
public final class Running {
  private final OnCircuit on;
  private final List<Ask> asks = new ArrayList<>();

  private Running(OnCircuit on) {
    this.on = on;
  }

  public static Running of(OnCircuit on) {
    Running running = new Running(on);
    running.ready();
    running.keyToTheHelm();
    return running;
  }

  /** Its seacock is opened before the key comes to the helm: whoever brings it has been there. */
  public static Running throughTheSeacock(OnCircuit on) {
    Running running = new Running(on);
    running.ready();
    running.set(FittingKind.SEACOCK, OPEN, "");
    running.keyToTheHelm();
    return running;
  }

  public List<Ask> asks() {
    return List.copyOf(asks);
  }

  public Running set(FittingKind kind, FittingState to, String label) {
    for (Fitting fitting : on.all(kind)) {
      asks.add(
          new Ask.Set(label.isEmpty() ? OnCircuit.words(fitting, to) : label, fitting.key(), to));
    }
    return this;
  }

  public Running set(Fitting fitting, FittingState to) {
    if (fitting != null) {
      asks.add(new Ask.Set(OnCircuit.words(fitting, to), fitting.key(), to));
    }
    return this;
  }

  public Running feed(FittingState to, String label) {
    return set(FittingKind.FEED, to, label);
  }

  public Running start(StartBasis basis) {
    if (!isOnTank() && on.wouldBeUndone()) {
      asks.add(
          0, new Ask.GiveUp("give up the proof of " + on.circuit().name(), on.circuit().key()));
    }
    asks.add(new Ask.Engine("start the " + on.engine().words(), on.engine(), basis));
    return this;
  }

  /** Antifreeze is drawn, not water. */
  private boolean isOnTank() {
    return Ask.only(Ask.Set.class, asks)
        .filter(set -> on.boat().fitting(set.fitting()).kind() == FittingKind.FEED)
        .reduce((first, second) -> second)
        .filter(set -> set.to() == TANK)
        .isPresent();
  }

  public Running stop() {
    asks.add(new Ask.Engine("stop the " + on.engine().words(), on.engine(), null));
    return this;
  }

  public Running plateau(String label) {
    Limit limit = GaugeLimits.plateau(on.boat().engine(on.circuit()));
    asks.add(Ask.Read.of(label, on.engine(), limit));
    return this;
  }

  public Running waterSeen() {
    asks.add(Ask.Read.of("water at the exhaust after", on.engine(), Limits.WATER_AT_EXHAUST));
    return this;
  }

  public Running ask(Ask ask) {
    asks.add(ask);
    return this;
  }

  private void ready() {
    set(FittingKind.DRIVE, DOWN, "");
    set(FittingKind.EXHAUST_COVER, OFF, "");
    set(FittingKind.BILGE_BRANCH, SHUT, "");
    for (FittingKind kind :
        List.of(FittingKind.BELT, FittingKind.IMPELLER, FittingKind.SPARK_PLUGS)) {
      if (on.is(kind, REMOVED)) {
        set(kind, FITTED, "");
      }
    }
    for (Circuit other : on.boat().engineCircuits()) {
      if (!other.key().equals(on.circuit().key())) {
        set(on.boat().fittingOf(other, FittingKind.BATTERY_SWITCH), OFF);
      }
    }
    set(FittingKind.BATTERY_SWITCH, ON, "");
  }

  private void keyToTheHelm() {
    on.boat().fittingsOf(FittingKind.KEY).forEach(key -> set(key, HELM));
  }
}
