package elsko.server.work.view;

import elsko.core.boat.path.Position;
import elsko.core.ledger.CardProgress;
import elsko.core.procedure.card.Card;
import elsko.core.procedure.card.StepTimer;
import elsko.core.procedure.card.StepTimers;
import elsko.server.work.log.Folded;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A clock that runs for a step of a card.
 *
 * @param heldBy who works on the card
 * @param fromStart whether it only has an end: somebody may go on at once
 * @param dueAt when somebody may go on; {@code alarmAt} when it warns of the end; {@code overAt}
 */
public record TimerView(
    StepTimer.Kind kind,
    UUID boat,
    String boatName,
    String berthName,
    UUID card,
    String procedureWords,
    String heldBy,
    String step,
    String title,
    @Nullable Position engine,
    Instant startedAt,
    boolean fromStart,
    Instant dueAt,
    Instant alarmAt,
    Instant overAt,
    String whenDue,
    String whenOver) {

  public static List<TimerView> of(Folded folded, Card card, CardProgress progress) {
    return StepTimers.of(card, progress).stream()
        .map(timer -> of(folded, progress, timer))
        .toList();
  }

  private static TimerView of(Folded folded, CardProgress progress, StepTimer timer) {
    return new TimerView(
        timer.kind(),
        folded.row().id(),
        folded.boat().name(),
        folded.state().berthName() == null ? "" : folded.state().berthName(),
        timer.card(),
        progress.procedure().words(),
        progress.heldBy(),
        timer.step(),
        timer.title(),
        timer.engine(),
        timer.startedAt(),
        timer.atLeast() == null,
        timer.dueAt(),
        timer.alarmAt(),
        timer.overAt(),
        timer.whenDue(),
        timer.whenOver());
  }

  /**
   * How long something lasts, so that a device without signal can start its clock.
   *
   * @param fromMinutes when somebody may go on; {@code alarmMinutes} when it warns of the end
   */
  public record Lasts(
      int fromMinutes, double alarmMinutes, int toMinutes, String whenDue, String whenOver) {
    public static Lasts of(int from, int to, String whenDue, String whenOver) {
      Duration alarm = StepTimer.alarmAfter(Duration.ofMinutes(from), Duration.ofMinutes(to));
      return new Lasts(from, alarm.toSeconds() / 60.0, to, whenDue, whenOver);
    }
  }
}
