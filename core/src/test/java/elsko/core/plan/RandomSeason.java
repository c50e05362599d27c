package elsko.core.plan;

import elsko.core.plan.model.Asks;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Opening;
import elsko.core.plan.model.Openings;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.model.VisitTask.Soak;
import elsko.core.plan.model.Worker;
import elsko.core.plan.search.Planning;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;

/** Made-up seasons of every size and tightness. */
public final class RandomSeason {
  private RandomSeason() {}

  public static Planning of(long seed) {
    Random random = new Random(seed);
    int boats = 3 + random.nextInt(22);
    int people = 2 + random.nextInt(4);
    int days = 6 + random.nextInt(10);
    List<Worker> workers = new ArrayList<>();
    for (int p = 0; p < people; p++) {
      workers.add(worker(p, days, random));
    }
    List<Visit> visits = new ArrayList<>();
    for (int v = 0; v < boats; v++) {
      visits.add(visit(v, days, random));
    }
    Map<Equipment, Integer> equipment = new EnumMap<>(Equipment.class);
    for (Equipment kind : Equipment.values()) {
      equipment.put(kind, 1 + random.nextInt(2));
    }
    int[] lifts = new int[days];
    for (int day = 0; day < days; day++) {
      lifts[day] = random.nextInt(4);
    }
    Season season =
        new Season(
            LocalDate.of(2031, 10, 6),
            days,
            workers,
            new Worker.Hours(720, 750),
            visits,
            equipment,
            lifts,
            seed % 3 == 0 ? openings(days, new Random(seed)) : Openings.ALWAYS,
            walking(boats + 1, random));
    return new Planning(season, List.of(), List.of(), 0, 0, seed);
  }

  /** Some hours of some days, in two pieces as often as not. */
  private static Openings openings(int days, Random random) {
    Map<Opening, List<List<Worker.Hours>>> byDay = new EnumMap<>(Opening.class);
    for (Opening kind : Opening.values()) {
      List<List<Worker.Hours>> hours = new ArrayList<>();
      for (int day = 0; day < days; day++) {
        int from = 420 + random.nextInt(200);
        int to = from + 60 + random.nextInt(300);
        Worker.Hours later = new Worker.Hours(to + 30, to + 200);
        Worker.Hours first = new Worker.Hours(from, to);
        hours.add(
            switch (random.nextInt(6)) {
              case 0 -> List.of();
              case 1, 2 -> List.of(first, later);
              default -> List.of(first);
            });
      }
      byDay.put(kind, hours);
    }
    return new Openings(byDay);
  }

  /** Which hours a task of a season keeps to, and whether its kit stays while it soaks. */
  private static Asks asks(int v, int k, boolean kitStays) {
    Random random = new Random(v * 31L + k);
    Asks asks =
        random.nextInt(4) > 0
            ? Asks.NOTHING
            : Asks.of(Opening.values()[random.nextInt(Opening.values().length)]);
    return kitStays && random.nextBoolean() ? asks.staying() : asks;
  }

  private static Worker worker(int p, int days, Random random) {
    EnumSet<Skill> skills = EnumSet.noneOf(Skill.class);
    for (Skill skill : Skill.values()) {
      if (random.nextInt(3) > 0) {
        skills.add(skill);
      }
    }
    List<Worker.Hours> hours = new ArrayList<>();
    for (int day = 0; day < days; day++) {
      int from = 420 + random.nextInt(4) * 30;
      hours.add(
          random.nextInt(6) == 0
              ? null
              : new Worker.Hours(from, from + 300 + 30 * random.nextInt(8)));
    }
    return new Worker("person " + p, skills, hours);
  }

  private static Visit visit(int v, int days, Random random) {
    List<VisitTask> tasks = new ArrayList<>();
    int n = 1 + random.nextInt(5);
    for (int k = 0; k < n; k++) {
      boolean soaks = k < n - 1 && random.nextInt(5) == 0;
      int from = 30 + random.nextInt(200);
      VisitTask task =
          new VisitTask(
              "task-" + k,
              "Task " + k,
              10 + random.nextInt(90),
              random.nextInt(6) == 0 ? 2 : 1,
              Skill.values()[random.nextInt(Skill.values().length)],
              random.nextBoolean()
                  ? Equipment.values()[random.nextInt(Equipment.values().length)]
                  : null,
              soaks ? new Soak(from, from + 20 + random.nextInt(100)) : null);
      tasks.add(task.asking(asks(v, k, soaks && task.equipment() != null)));
    }
    List<Double> loss = new ArrayList<>();
    double sum = 0;
    for (int day = 0; day <= days; day++) {
      sum += random.nextDouble() * random.nextInt(4);
      loss.add(sum);
    }
    return new Visit(
        new UUID(9, v),
        "boat " + v,
        v + 1,
        "berth " + v,
        random.nextInt(days),
        random.nextInt(3) == 0 ? random.nextInt(days) : null,
        tasks,
        random.nextInt(n),
        loss);
  }

  private static int[][] walking(int places, Random random) {
    int[] x = random.ints(places, 0, 12).toArray();
    int[][] minutes = new int[places][places];
    for (int a = 0; a < places; a++) {
      for (int b = 0; b < places; b++) {
        minutes[a][b] = a == b ? 0 : 1 + Math.abs(x[a] - x[b]);
      }
    }
    return minutes;
  }
}
