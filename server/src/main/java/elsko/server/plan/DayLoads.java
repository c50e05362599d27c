package elsko.server.plan;

import elsko.core.frost.FrostClock;
import elsko.core.frost.Night;
import elsko.core.plan.model.Worker;
import elsko.server.frost.FleetFrost;
import elsko.server.plan.PlanDocument.Stop;
import elsko.server.plan.crew.Crew;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Work against people and frost, day by day. */
@Service
class DayLoads {
  private final Crew crew;
  private final Walks walks;
  private final FleetFrost frost;

  DayLoads(Crew crew, Walks walks, FleetFrost frost) {
    this.crew = crew;
    this.walks = walks;
    this.frost = frost;
  }

  /**
   * One day.
   *
   * @param plannedMinutes of work, counting every pair of hands
   * @param capacityMinutes everybody's hours without the pause
   * @param lowC the low half of winters stay above in the night that begins then; null without
   *     weather
   * @param deadlines boats with something left to do that must be done by then
   */
  record DayLoad(
      LocalDate date,
      int plannedMinutes,
      int capacityMinutes,
      @Nullable Double lowC,
      int deadlines) {}

  List<DayLoad> of(@Nullable PlanDocument plan) {
    LocalDate today = walks.today();
    Worker.Hours pause = new Worker.Hours(crew.means().pauseFrom(), crew.means().pauseTo());
    List<Worker> workers =
        crew.all().stream().map(row -> row.worker(today, 0, Walks.DAYS)).toList();
    Map<LocalDate, Integer> planned = new HashMap<>();
    if (plan != null) {
      for (Stop stop : plan.stops()) {
        int worked = pause.worked(stop.start(), stop.end());
        planned.merge(stop.date(), worked * stop.workers().size(), Integer::sum);
      }
    }
    Map<LocalDate, Integer> deadlines = new HashMap<>();
    var outlooks = walks.outlooks();
    walks.works().stream()
        .filter(work -> !work.left().tasks().isEmpty())
        .map(work -> outlooks.get(work.boat()))
        .filter(outlook -> outlook != null && outlook.deadline() != null)
        .forEach(outlook -> deadlines.merge(outlook.deadline(), 1, Integer::sum));
    FrostClock clock = frost.clock();
    List<Night> nights = clock == null ? List.of() : clock.ensemble().nights(Walks.DAYS);
    List<DayLoad> days = new ArrayList<>();
    for (int day = 0; day < Walks.DAYS; day++) {
      LocalDate date = today.plusDays(day);
      int capacity = 0;
      for (Worker worker : workers) {
        Worker.Hours hours = worker.hours().get(day);
        capacity += hours == null ? 0 : pause.worked(hours.from(), hours.to());
      }
      days.add(
          new DayLoad(
              date,
              planned.getOrDefault(date, 0),
              capacity,
              day < nights.size() ? (Double) nights.get(day).lowC() : null,
              deadlines.getOrDefault(date, 0)));
    }
    return days;
  }
}
