package elsko.core.plan.model;

import java.util.List;
import java.util.UUID;

/**
 * Everybody's walks through the season.
 *
 * @param assignments in the order they begin
 * @param undone visits there was no room for
 * @param figures what the plan comes to
 */
public record Plan(List<Assignment> assignments, List<UUID> undone, Figures figures) {
  public Plan {
    assignments = List.copyOf(assignments);
    undone = List.copyOf(undone);
  }

  /**
   * What a plan comes to.
   *
   * @param brokenRules 0 in any plan that may be published
   * @param frostLoss repairs expected before each boat is safe, in hoses
   * @param lateDays days behind promises, summed
   * @param walkingMinutes on foot between stops
   * @param toldOtherwise tasks on another day or with another person than people were told
   */
  public record Figures(
      long brokenRules, double frostLoss, int lateDays, int walkingMinutes, int toldOtherwise) {}
}
