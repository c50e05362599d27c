package elsko.server.plan.crew;

import elsko.core.Refused;
import elsko.core.kit.KitKind;
import elsko.core.plan.hours.YardHours;
import elsko.core.plan.model.BoatStops.Hands;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Skill;
import elsko.server.digest.RandomKey;
import elsko.server.kit.Kit;
import elsko.server.live.Changed;
import elsko.server.people.People;
import elsko.server.people.PersonRemoved;
import elsko.server.people.Role;
import elsko.server.people.SignedIn;
import elsko.server.problems.NotFound;
import elsko.server.problems.StaleEdit;
import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who and what there is for the work. */
@Service
public class Crew {
  private static final List<Boolean> WEEK = List.of(true, true, true, true, true, false, false);
  private static final int MOST = 20;

  /** What the kit register counts. */
  private static final Map<Equipment, KitKind> REGISTERED =
      Map.of(
          Equipment.TANK_KIT, KitKind.TANK,
          Equipment.ADAPTER_SET, KitKind.STRAINER_ADAPTER);

  private final WorkerRepository workers;
  private final MeansRepository means;
  private final Kit kit;
  private final People people;
  private final EntityManager entities;
  private final ApplicationEventPublisher events;

  Crew(
      WorkerRepository workers,
      MeansRepository means,
      Kit kit,
      People people,
      EntityManager entities,
      ApplicationEventPublisher events) {
    this.workers = workers;
    this.means = means;
    this.kit = kit;
    this.people = people;
    this.entities = entities;
    this.events = events;
  }

  @Transactional(readOnly = true)
  public List<WorkerRow> all() {
    return workers.findAllByOrderByName();
  }

  @Transactional(readOnly = true)
  public MeansRow means() {
    return means.findById(MeansRow.THE_ONE).orElseGet(MeansRow::usual);
  }

  /** How many there are of each: of what stands in the kit register, those. */
  @Transactional(readOnly = true)
  public Map<Equipment, Integer> equipment() {
    Map<Equipment, Integer> counts = new EnumMap<>(means().equipment());
    REGISTERED.forEach(
        (equipment, kind) -> {
          int registered = kit.count(kind);
          if (registered > 0) {
            counts.put(equipment, registered);
          }
        });
    return counts;
  }

  /** How many boats the lift moves in a day, at most. */
  @Transactional(readOnly = true)
  public int liftSlots() {
    return means().liftSlots();
  }

  @Transactional(readOnly = true)
  public CrewView view() {
    MeansRow row = means();
    return new CrewView(
        all().stream().map(Crew::viewOf).toList(),
        equipment(),
        row.liftSlots(),
        row.pauseFrom(),
        row.pauseTo(),
        row.hands(),
        row.learns(),
        row.hours(),
        row.version());
  }

  /** As somebody may see it: a calendar's address is its key, so only one's own, or all. */
  @Transactional(readOnly = true)
  public CrewView seenBy(SignedIn who) {
    CrewView all = view();
    if (who.role() == Role.COORDINATOR) {
      return all;
    }
    UUID person = people.idOf(who.name());
    UUID own =
        all().stream()
            .filter(row -> row.personId().equals(person))
            .map(WorkerRow::id)
            .findFirst()
            .orElse(null);
    return new CrewView(
        all.workers().stream().map(w -> w.id().equals(own) ? w : w.withoutFeed()).toList(),
        all.equipment(),
        all.liftSlots(),
        all.pauseFrom(),
        all.pauseTo(),
        all.hands(),
        all.learns(),
        all.hours(),
        all.version());
  }

  /**
   * Adds somebody or changes what they do, by name: with an account or without.
   *
   * @param ifMatch the version a change is based on; there is none of somebody new
   */
  @Transactional
  public CrewView put(WorkerChange change, @Nullable String ifMatch) {
    UUID person = people.named(change.name() == null ? "" : change.name());
    if (change.skills() == null || change.skills().isEmpty()) {
      throw Refused.value("skills", "Say what they can do.");
    }
    int from = minute("startsAt", change.startsAt());
    int to = minute("endsAt", change.endsAt());
    if (to - from < 60) {
      throw Refused.value("endsAt", "A working day has at least an hour.");
    }
    List<Boolean> weekdays = change.weekdays() == null ? WEEK : change.weekdays();
    if (weekdays.size() != 7 || weekdays.stream().anyMatch(java.util.Objects::isNull)) {
      throw Refused.value("weekdays", "A week has seven days.");
    }
    WorkerRow row = workers.findByPersonId(person).orElse(null);
    if (row == null) {
      row = new WorkerRow(person, RandomKey.made());
    } else {
      StaleEdit.refuseUnless(row.version(), ifMatch);
    }
    row.works(change.skills(), from, to, weekdays);
    entities.refresh(workers.saveAndFlush(row));
    events.publishEvent(Changed.plan());
    return view();
  }

  /** Takes somebody out of all planning. */
  @Transactional
  public CrewView remove(UUID id) {
    WorkerRow row = worker(id);
    workers.delete(row);
    people.walksNoMore(row.personId());
    events.publishEvent(Changed.plan());
    return view();
  }

  /** Whoever is gone is planned for no more. */
  @EventListener
  void forget(PersonRemoved removed) {
    workers
        .findByPersonId(removed.person())
        .ifPresent(
            row -> {
              workers.delete(row);
              events.publishEvent(Changed.plan());
            });
  }

  /** A day on which somebody is off, or works after all. */
  @Transactional
  public CrewView dayOff(UUID id, @Nullable LocalDate date, boolean off) {
    if (date == null) {
      throw Refused.value("date", "Say which day.");
    }
    // Of two at once both count: the second waits for the first.
    WorkerRow row = workers.lock(id).orElseThrow(Crew::nobody);
    Set<LocalDate> dates = new HashSet<>(row.daysOff());
    if (off) {
      dates.add(date);
    } else {
      dates.remove(date);
    }
    if (dates.size() > 300) {
      throw Refused.value("date", "At most 300 days off are kept.");
    }
    row.isOff(dates);
    workers.saveAndFlush(row);
    events.publishEvent(Changed.plan());
    return view();
  }

  /** A new address for somebody's calendar; the old one opens nothing any more. */
  @Transactional
  public CrewView newFeed(UUID id) {
    worker(id).newFeed(RandomKey.made());
    return view();
  }

  /** How many of each piece of equipment there are, and how many boats the lift moves in a day. */
  @Transactional
  public CrewView change(MeansChange change, @Nullable String ifMatch) {
    StaleEdit.refuseUnless(means().version(), ifMatch);
    Map<Equipment, Integer> counts = new EnumMap<>(Equipment.class);
    counts.putAll(means().equipment());
    if (change.equipment() != null) {
      change
          .equipment()
          .forEach(
              (kind, count) -> {
                if (count == null || count < 0 || count > MOST) {
                  throw Refused.value(
                      kind.name(), "From 0 to 20 of the %s.".formatted(kind.words()));
                }
                counts.put(kind, count);
              });
    }
    int slots = change.liftSlots() == null ? means().liftSlots() : change.liftSlots();
    if (slots < 0 || slots > 60) {
      throw Refused.value("liftSlots", "The lift moves 0 to 60 boats in a day.");
    }
    MeansRow row = means();
    row.has(counts, slots);
    row.goesBy(
        change.hands() == null ? row.hands() : change.hands(),
        change.learns() == null ? row.learns() : change.learns(),
        change.hours() == null ? row.hours() : change.hours());
    means.saveAndFlush(row);
    events.publishEvent(Changed.plan());
    return view();
  }

  @Transactional(readOnly = true)
  public WorkerRow worker(UUID id) {
    return workers.findById(id).orElseThrow(Crew::nobody);
  }

  private static NotFound nobody() {
    return new NotFound("worker", "Nobody like that.");
  }

  @Transactional(readOnly = true)
  public WorkerRow byFeed(String token) {
    return workers
        .findByFeedToken(token)
        .orElseThrow(() -> new NotFound("token", "There is no such calendar."));
  }

  private static int minute(String field, @Nullable Integer value) {
    if (value == null || value < 0 || value > 24 * 60) {
      throw Refused.value(field, "A time from 00:00 to 24:00.");
    }
    return value;
  }

  private static WorkerView viewOf(WorkerRow row) {
    return new WorkerView(
        row.id(),
        row.name(),
        row.skills(),
        row.startsAt(),
        row.endsAt(),
        row.weekdays(),
        List.copyOf(row.daysOff()),
        row.feedToken(),
        row.version());
  }

  /** What is said of somebody. Times in minutes after midnight. */
  public record WorkerChange(
      @Nullable String name,
      @Nullable Set<Skill> skills,
      @Nullable Integer startsAt,
      @Nullable Integer endsAt,
      @Nullable List<Boolean> weekdays) {}

  /** What there is. */
  public record MeansChange(
      @Nullable Map<Equipment, Integer> equipment,
      @Nullable Integer liftSlots,
      @Nullable Hands hands,
      @Nullable Boolean learns,
      @Nullable YardHours hours) {}

  /**
   * Somebody work is planned for. Times in minutes after midnight.
   *
   * @param weekdays from Monday on
   * @param feedToken opens their calendar; null for others
   */
  public record WorkerView(
      UUID id,
      String name,
      Set<Skill> skills,
      int startsAt,
      int endsAt,
      List<Boolean> weekdays,
      List<LocalDate> daysOff,
      @Nullable String feedToken,
      long version) {
    private WorkerView withoutFeed() {
      return new WorkerView(id, name, skills, startsAt, endsAt, weekdays, daysOff, null, version);
    }
  }

  /**
   * Who and what there is.
   *
   * @param pauseFrom everybody rests, minutes after midnight
   * @param hands how a second pair of hands comes to a boat
   * @param learns whether work is planned by the minutes it took here
   * @param hours in which there is what some work waits for
   * @param version of the equipment and the lift
   */
  public record CrewView(
      List<WorkerView> workers,
      Map<Equipment, Integer> equipment,
      int liftSlots,
      int pauseFrom,
      int pauseTo,
      Hands hands,
      boolean learns,
      YardHours hours,
      long version) {}
}
