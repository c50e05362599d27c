package elsko.server.jobs;

import elsko.core.Text;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * How a piece of work stands.
 *
 * @param doing what is done, in plain words
 * @param total 0 while nobody knows
 * @param words what came of it, or why not; empty while it goes on
 */
public record JobStanding(
    UUID id,
    JobKind kind,
    String doing,
    String person,
    Instant begunAt,
    @Nullable Instant endedAt,
    JobState state,
    int done,
    int total,
    Text words) {
  public boolean isOver() {
    return state.isOver();
  }

  JobStanding at(int reached, int of) {
    return new JobStanding(id, kind, doing, person, begunAt, endedAt, state, reached, of, words);
  }
}
