package elsko.server.frost;

import elsko.core.frost.Night;
import elsko.core.frost.Outlook;
import elsko.core.frost.WhatIf;
import elsko.server.work.view.AskView;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The frost clock of one boat.
 *
 * @param ready false while there are too few past winters to say anything
 * @param stands how it stands, in words
 * @param feared circuits to look at: frost may have broken them, nobody knows, or somebody found it
 * @param share of winters that have damaged it by the end of each day from today
 */
public record BoatFrostView(
    boolean ready,
    LocalDate today,
    String stands,
    @Nullable LocalDate deadline,
    @Nullable LocalDate evenOdds,
    List<Double> share,
    List<CircuitFrost> circuits,
    List<WhatIf> whatIfs,
    List<FearedView> feared,
    List<Night> nights) {

  /**
   * A circuit to look at.
   *
   * @param words why, in a sentence
   * @param look what can be found there
   */
  public record FearedView(String circuit, String words, AskView.ConditionView look) {}

  /** One circuit in which something can freeze. */
  public record CircuitFrost(
      String circuit,
      String name,
      @Nullable LocalDate deadline,
      @Nullable LocalDate evenOdds,
      @Nullable String firstToGo) {
    static CircuitFrost of(Outlook.OfCircuit circuit) {
      return new CircuitFrost(
          circuit.circuit(),
          circuit.name(),
          circuit.deadline(),
          circuit.evenOdds(),
          circuit.firstToGo() == null ? null : circuit.firstToGo().name());
    }
  }
}
