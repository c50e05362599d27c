package elsko.core.plan.model;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/**
 * Everything the planner is given.
 *
 * @param first day 0
 * @param pause in which everybody rests; what was begun goes on after it
 * @param equipment how many of each there are; what is missing there are none of
 * @param liftSlots how many boats the lift can move on each day
 * @param openings when there is what some work waits for
 * @param walkMinutes from place to place; place 0 is where everybody begins the day
 */
public record Season(
    LocalDate first,
    int days,
    List<Worker> workers,
    Worker.Hours pause,
    List<Visit> visits,
    Map<Equipment, Integer> equipment,
    int[] liftSlots,
    Openings openings,
    int[][] walkMinutes) {

  /** One in which nothing has hours but people. */
  public Season(
      LocalDate first,
      int days,
      List<Worker> workers,
      Worker.Hours pause,
      List<Visit> visits,
      Map<Equipment, Integer> equipment,
      int[] liftSlots,
      int[][] walkMinutes) {
    this(first, days, workers, pause, visits, equipment, liftSlots, Openings.ALWAYS, walkMinutes);
  }

  public Season {
    workers = List.copyOf(workers);
    visits = List.copyOf(visits);
    equipment = Map.copyOf(equipment);
    liftSlots = Arrays.copyOf(liftSlots, days);
  }

  /** The same with other visits. */
  public Season with(List<Visit> others) {
    return new Season(
        first, days, workers, pause, others, equipment, liftSlots, openings, walkMinutes);
  }

  /** The same with other people and equipment. */
  public Season with(List<Worker> people, Map<Equipment, Integer> kit) {
    return new Season(first, days, people, pause, visits, kit, liftSlots, openings, walkMinutes);
  }

  /** Whether nobody whom something is given to is off that day. */
  public boolean areThere(Assignment given) {
    return workers.stream()
        .filter(worker -> given.workers().contains(worker.name()))
        .noneMatch(worker -> worker.hours().get(given.day()) == null);
  }
}
