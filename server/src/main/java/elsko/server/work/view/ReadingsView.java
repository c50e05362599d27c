package elsko.server.work.view;

import elsko.core.Text;
import elsko.core.boat.path.Position;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.fact.ReadingStanding;
import elsko.core.limits.Call;
import elsko.core.procedure.part.LookOver;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Every reading a boat can give, and how each was taken last. */
public record ReadingsView(List<GroupView> groups, List<StandingView> last) {
  public static ReadingsView of(BoatState state, List<LookOver.Group> groups) {
    return new ReadingsView(
        groups.stream().map(group -> GroupView.of(state, group)).toList(),
        state.readings().stream().map(StandingView::of).toList());
  }

  /** Readings that are taken together. */
  public record GroupView(String title, List<String> hazards, List<AskView> asks) {
    public static GroupView of(BoatState state, LookOver.Group group) {
      return new GroupView(
          group.title(),
          group.hazards(),
          group.asks().stream().map(ask -> AsksShown.shown(state, ask)).toList());
    }
  }

  /**
   * A reading as it was taken last.
   *
   * @param key of its limit or condition
   * @param todo what it means and what to do; empty where it is only noted
   */
  public record StandingView(
      @Nullable Position engine,
      String key,
      String name,
      Text found,
      Call call,
      Text todo,
      String by,
      Instant at) {
    public static StandingView of(ReadingStanding standing) {
      return new StandingView(
          standing.engine(),
          standing.key(),
          standing.name(),
          standing.found(),
          standing.judgement().call(),
          standing.judgement().words(),
          standing.by(),
          standing.at());
    }

    /** Those that something follows from which nobody has put right. */
    static List<StandingView> open(List<ReadingStanding> last) {
      return last.stream().filter(ReadingStanding::isOpen).map(StandingView::of).toList();
    }
  }

  /** Pieces of an impeller that are still somewhere in its engine. */
  public record MissingPieces(Position engine, int count) {
    public static List<MissingPieces> of(Map<Position, Integer> missing) {
      return missing.entrySet().stream()
          .map(one -> new MissingPieces(one.getKey(), one.getValue()))
          .toList();
    }
  }
}
