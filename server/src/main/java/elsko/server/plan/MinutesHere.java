package elsko.server.plan;

import elsko.core.ledger.fact.Procedure;
import elsko.core.plan.explain.Holds;
import elsko.core.plan.minutes.LearnedMinutes;
import elsko.core.plan.minutes.OwnMinutes;
import elsko.core.plan.minutes.TaskMinutes;
import elsko.core.plan.minutes.WorkKind;
import elsko.core.plan.minutes.WorkTime;
import elsko.core.plan.minutes.WorkTimes;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.visits.LayUp;
import elsko.server.fleet.Fleet;
import elsko.server.plan.Visits.Work;
import elsko.server.plan.crew.Crew;
import elsko.server.work.fold.FoldCache;
import elsko.server.work.fold.FoldCaches;
import elsko.server.yard.Yards;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** How long work takes this crew, learned from the cards that were done here. */
@Component
class MinutesHere {
  /** Less than that nobody plans by. */
  private static final double WORTH_SAYING = 0.05;

  private final Fleet fleet;
  private final Crew crew;
  private final FoldCache<List<WorkTime>> times;
  private volatile From last = new From(List.of(), LearnedMinutes.NOTHING);

  MinutesHere(Fleet fleet, Crew crew, Yards yards, FoldCaches caches) {
    this.fleet = fleet;
    this.crew = crew;
    this.times = caches.of(folded -> WorkTimes.of(folded.state(), yards.practices()));
  }

  private LearnedMinutes learned() {
    if (!crew.means().learns()) {
      return LearnedMinutes.NOTHING;
    }
    List<WorkTime> all = new ArrayList<>();
    times.of(fleet.ids()).forEach(all::addAll);
    From known = last;
    if (!known.times().equals(all)) {
      known = new From(all, LearnedMinutes.of(all));
      last = known;
    }
    return known.learned();
  }

  /** What was learned, and from what: a plan asks more often than a card is done. */
  private record From(List<WorkTime> times, LearnedMinutes learned) {}

  /** The same visits, each task in minutes by which a day holds four times in five here. */
  List<Visit> of(List<Visit> visits, List<Work> works) {
    if (!crew.means().learns()) {
      return visits;
    }
    LearnedMinutes learned = learned();
    Map<UUID, Work> byBoat = new HashMap<>();
    works.forEach(work -> byBoat.put(work.boat(), work));
    return visits.stream().map(visit -> of(visit, byBoat.get(visit.boat()), learned)).toList();
  }

  private static Visit of(Visit visit, Work work, LearnedMinutes learned) {
    return visit.cutInto(
        visit.tasks().stream()
            .map(task -> task.lasting(known(work, task, learned).toPlan()))
            .toList(),
        visit.promisedFor(),
        visit.safeAfter());
  }

  /** Only what a winterizing card has is learned so far. */
  private static boolean isLearned(Work work) {
    return work.left().procedure() == Procedure.WINTERIZE;
  }

  /**
   * @param task in the handbook's minutes
   */
  private static TaskMinutes known(Work work, VisitTask task, LearnedMinutes learned) {
    return isLearned(work)
        ? learned.of(work.kind().of(task.key()), task.minutes())
        : new TaskMinutes(task.minutes(), TaskMinutes.UNSEEN);
  }

  /** How long the tasks of these boats may turn out to take. */
  Holds.Known known(List<Work> works) {
    LearnedMinutes learned = learned();
    Map<UUID, Map<String, TaskMinutes>> byBoat = new HashMap<>();
    for (Work work : works) {
      Map<String, TaskMinutes> byTask = new HashMap<>();
      work.left().tasks().forEach(task -> byTask.put(task.key(), known(work, task, learned)));
      byBoat.put(work.boat(), byTask);
    }
    return (boat, task) -> {
      TaskMinutes found = byBoat.getOrDefault(boat, Map.of()).get(task.key());
      return found == null ? new TaskMinutes(task.minutes(), TaskMinutes.UNSEEN) : found;
    };
  }

  /** How long work takes one person, for them to see. */
  List<OwnMinutesView> own(String person) {
    learned();
    From known = last;
    return OwnMinutes.of(person, known.times(), known.learned()).stream()
        .map(
            own ->
                new OwnMinutesView(
                    own.kind().method() == null
                        ? LayUp.title(own.kind().task())
                        : "%s, %s"
                            .formatted(LayUp.title(own.kind().task()), own.kind().method().words()),
                    own.own(),
                    own.crew(),
                    own.boats()))
        .toList();
  }

  /**
   * One kind of work.
   *
   * @param own min, theirs
   * @param crew min, everybody's
   * @param boats of theirs it rests on
   */
  record OwnMinutesView(String work, int own, int crew, int boats) {}

  /** What was learned of these tasks of a boat, in words. */
  List<String> words(Work work, List<VisitTask> tasks) {
    LearnedMinutes learned = learned();
    List<String> words = new ArrayList<>();
    for (VisitTask task : tasks) {
      WorkKind kind = work.kind().of(task.key());
      double factor = learned.factor(kind);
      if (isLearned(work) && Math.abs(factor - 1) >= WORTH_SAYING) {
        words.add(
            "%s takes this crew %d min, not %d: from %d boats."
                .formatted(
                    task.title(),
                    learned.minutes(kind, task.minutes()),
                    task.minutes(),
                    learned.restsOn(kind)));
      }
    }
    return words;
  }
}
