package elsko.core.plan.model;

import java.util.List;
import java.util.UUID;

/**
 * Who does a task of a visit, when.
 *
 * @param workers who leads, then who gives a hand
 * @param start minutes after midnight
 * @param end minutes after midnight
 */
public record Assignment(
    UUID boat, String task, List<String> workers, int day, int start, int end) {
  public Assignment {
    workers = List.copyOf(workers);
  }
}
