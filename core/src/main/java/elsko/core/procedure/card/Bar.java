package elsko.core.procedure.card;

import elsko.core.Words;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.learned.DrainTrouble;
import java.time.Duration;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What one tap on the bar at the foot of a step may write: what is as it usually is, and seen at a
 * glance by whoever works there. What is measured, what starts an engine and what gave trouble
 * before is answered by itself.
 */
public final class Bar {
  /** Nobody is four times as fast as the handbook. */
  private static final int FASTER_AT_MOST = 4;

  private Bar() {}

  /** Whether an ask may be answered together with others. */
  public static boolean writes(BoatState state, Ask ask) {
    return switch (ask) {
      case Ask.Open open -> trouble(state, open) == null;
      case Ask.Engine engine -> !engine.start();
      case Ask.Set set -> true;
      case Ask.See see -> true;
      case Ask.Fill fill -> true;
      case Ask.Descale descale -> true;
      case Ask.Count count -> true;
      case Ask.Pick pick -> true;
      case Ask.Service service -> true;
      case Ask.Oil oil -> true;
      case Ask.Aboard aboard -> true;
      case Ask.Look look -> true;
      // Ticked by whoever moves the boat.
      case Ask.Afloat afloat -> false;
      // The start of an engine.
      case Ask.Kick kick -> false;
      // A number, or what only a look at this one thing tells.
      case Ask.Read read -> false;
      case Ask.Pieces pieces -> false;
      case Ask.Catch caught -> false;
      case Ask.Disinfect disinfect -> false;
      case Ask.Jug jug -> false;
      case Ask.Sample sample -> false;
      case Ask.Coolant coolant -> false;
      case Ask.Frost frost -> false;
      // In somebody's own words, or with a consequence of its own.
      case Ask.Remedy remedy -> false;
      case Ask.Photo photo -> false;
      case Ask.Complaints complaints -> false;
      case Ask.GiveUp given -> false;
      case Ask.Note note -> false;
    };
  }

  /**
   * What a low point gave trouble with in its last three lay-ups, in words; null when in none. It
   * is answered by itself.
   */
  public static @Nullable String trouble(BoatState state, Ask.Open open) {
    List<String> known =
        state.drainTrouble().stream()
            .filter(one -> one.lowPoint().equals(open.lowPoint()))
            .map(DrainTrouble::words)
            .toList();
    return known.isEmpty() ? null : Words.list(known);
  }

  /** The work of a step cannot be done in less. */
  public static Duration soonest(Step step) {
    return Duration.ofMinutes(step.minutes()).dividedBy(FASTER_AT_MOST);
  }

  /** Whether a step's work cannot have been done in this time. */
  public static boolean isTooSoon(Step step, Duration worked) {
    return worked.compareTo(soonest(step)) < 0;
  }
}
