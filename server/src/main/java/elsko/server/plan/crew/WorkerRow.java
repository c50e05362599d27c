package elsko.server.plan.crew;

import elsko.core.plan.model.Skill;
import elsko.core.plan.model.Worker;
import elsko.server.columns.InOneColumn;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.hibernate.annotations.Formula;

/** Somebody work is planned for. */
@Entity
@Table(name = "worker")
public class WorkerRow {
  private static final String WORKS = "1";

  @Id private UUID id;
  private UUID personId;

  /** Kept with the person. */
  @Formula("(select p.name from person p where p.id = person_id)")
  private String name;

  @Convert(converter = Skills.class)
  private List<Skill> skills;

  @Column(name = "starts_at")
  private int startsAt;

  @Column(name = "ends_at")
  private int endsAt;

  /** One digit for each day from Monday on: 1 for a working day. */
  private String weekdays;

  @Convert(converter = Dates.class)
  private List<LocalDate> daysOff;

  private String feedToken;
  @Version private Long version;

  protected WorkerRow() {}

  WorkerRow(UUID personId, String feedToken) {
    this.id = UUID.randomUUID();
    this.personId = personId;
    this.feedToken = feedToken;
    this.daysOff = List.of();
  }

  void works(Set<Skill> can, int from, int to, List<Boolean> onDays) {
    skills = List.copyOf(can);
    startsAt = from;
    endsAt = to;
    weekdays = onDays.stream().map(day -> day ? WORKS : "0").collect(Collectors.joining());
  }

  void isOff(Set<LocalDate> dates) {
    daysOff = List.copyOf(new TreeSet<>(dates));
  }

  void newFeed(String token) {
    feedToken = token;
  }

  public UUID id() {
    return id;
  }

  public UUID personId() {
    return personId;
  }

  long version() {
    return version == null ? 0 : version;
  }

  public String name() {
    return name;
  }

  public String feedToken() {
    return feedToken;
  }

  Set<Skill> skills() {
    Set<Skill> can = EnumSet.noneOf(Skill.class);
    can.addAll(skills);
    return can;
  }

  int startsAt() {
    return startsAt;
  }

  int endsAt() {
    return endsAt;
  }

  List<Boolean> weekdays() {
    return weekdays.chars().mapToObj(day -> day == '1').toList();
  }

  Set<LocalDate> daysOff() {
    return new TreeSet<>(daysOff);
  }

  /**
   * The worker as the planner sees them.
   *
   * @param today what is past of it cannot be worked in any more
   * @param now minutes after midnight
   */
  public Worker worker(LocalDate today, int now, int days) {
    Set<LocalDate> off = daysOff();
    List<Boolean> on = weekdays();
    List<Worker.Hours> hours = new ArrayList<>();
    for (int day = 0; day < days; day++) {
      LocalDate date = today.plusDays(day);
      int from = day == 0 ? Math.max(startsAt, now) : startsAt;
      boolean works =
          on.get(date.getDayOfWeek().getValue() - 1) && !off.contains(date) && from < endsAt;
      hours.add(works ? new Worker.Hours(from, endsAt) : null);
    }
    return new Worker(name, skills(), hours);
  }

  static final class Skills extends InOneColumn<Skill> {
    Skills() {
      super(Skill::name, Skill::valueOf);
    }
  }

  static final class Dates extends InOneColumn<LocalDate> {
    Dates() {
      super(LocalDate::toString, LocalDate::parse);
    }
  }
}
