package elsko.server.jobs;

import elsko.core.Text;
import elsko.server.columns.TextColumn;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** One piece of work, as far as it is kept. */
@Entity
class Job {
  private static final int LONGEST = 500;

  @Id private UUID id;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private JobKind kind;

  @Lob private String about;
  private String person;
  private Instant begunAt;
  private @Nullable Instant endedAt;

  @Enumerated(EnumType.STRING)
  @JdbcTypeCode(SqlTypes.VARCHAR)
  private JobState state;

  private int done;
  private int total;
  private Text words;

  @SuppressWarnings("NullAway.Init") // Hibernate fills it
  protected Job() {}

  Job(UUID id, JobKind kind, String about, String person, Instant begunAt) {
    this.id = id;
    this.kind = kind;
    this.about = about;
    this.person = person;
    this.begunAt = begunAt;
    this.state = JobState.WAITS;
    this.words = Text.NONE;
  }

  UUID id() {
    return id;
  }

  JobKind kind() {
    return kind;
  }

  String about() {
    return about;
  }

  String person() {
    return person;
  }

  JobState state() {
    return state;
  }

  int done() {
    return done;
  }

  void runs() {
    state = JobState.RUNS;
  }

  void isAt(int reached, int of) {
    done = reached;
    total = of;
  }

  void ends(JobState how, Text why, Instant at) {
    state = how;
    words = TextColumn.within(LONGEST, why);
    endedAt = at;
  }

  /** As it is kept; a running one knows better how far it is. */
  JobStanding view() {
    return new JobStanding(
        id, kind, kind.words(), person, begunAt, endedAt, state, done, total, words);
  }
}
