package elsko.core.plan.model;

import elsko.core.Refused;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One boat's lay-up or commissioning: a chain of tasks, each after the one before.
 *
 * @param boat whose it is
 * @param place where it stands, an index into the season's places
 * @param releaseDay the first day it may be worked on
 * @param promisedDay the last day its owner was promised, or null
 * @param promisedFor index of the task that promise is about
 * @param safeAfter index of the task that ends its danger from frost; −1 when there is none
 * @param lossByDay what frost costs on average when that task is done on a day; never falls
 * @param safeByDay its frost deadline: the last day that task is in time, or null
 */
public record Visit(
    UUID boat,
    String name,
    int place,
    String berth,
    int releaseDay,
    @Nullable Integer promisedDay,
    List<VisitTask> tasks,
    int promisedFor,
    int safeAfter,
    List<Double> lossByDay,
    @Nullable Integer safeByDay) {

  /** One without a frost deadline. */
  public Visit(
      UUID boat,
      String name,
      int place,
      String berth,
      int releaseDay,
      @Nullable Integer promisedDay,
      List<VisitTask> tasks,
      int promisedFor,
      int safeAfter,
      List<Double> lossByDay) {
    this(
        boat,
        name,
        place,
        berth,
        releaseDay,
        promisedDay,
        tasks,
        promisedFor,
        safeAfter,
        lossByDay,
        null);
  }

  /** One whose promise is about its end. */
  public Visit(
      UUID boat,
      String name,
      int place,
      String berth,
      int releaseDay,
      Integer promisedDay,
      List<VisitTask> tasks,
      int safeAfter,
      List<Double> lossByDay) {
    this(
        boat,
        name,
        place,
        berth,
        releaseDay,
        promisedDay,
        tasks,
        tasks.size() - 1,
        safeAfter,
        lossByDay);
  }

  public Visit {
    tasks = List.copyOf(tasks);
    lossByDay = List.copyOf(lossByDay);
    if (tasks.isEmpty()) {
      throw Refused.value("tasks", "A visit has at least one task.");
    }
    if (promisedFor < 0 || promisedFor >= tasks.size()) {
      throw Refused.value("promisedFor", "There is no such task.");
    }
    if (safeAfter < -1 || safeAfter >= tasks.size()) {
      throw Refused.value("safeAfter", "There is no such task.");
    }
  }

  /** The same work, cut into other tasks. */
  public Visit cutInto(List<VisitTask> others, int promised, int safe) {
    return new Visit(
        boat,
        name,
        place,
        berth,
        releaseDay,
        promisedDay,
        others,
        promised,
        safe,
        lossByDay,
        safeByDay);
  }

  /** What frost costs on average when it is made safe on this day. */
  public double lossOn(int day) {
    if (safeAfter < 0 || lossByDay.isEmpty()) {
      return 0;
    }
    return lossByDay.get(Math.max(0, Math.min(day, lossByDay.size() - 1)));
  }
}
