package elsko.bench.plan;

import elsko.core.plan.model.Assignment;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.model.VisitTask.Soak;
import elsko.core.plan.model.Worker;
import elsko.core.plan.search.Planning;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;

/**
 * Frozen made-up seasons. {@link Random} is specified to the bit, so that the same name is the same
 * season on any machine; change nothing here, add new ones.
 */
public final class Instances {
  private static final int[] EVERY_HOUR = {8 * 60, 16 * 60 + 30};

  private Instances() {}

  /** Three tight ones, then three easier ones: 300 boats, 8 people, 40 days. */
  public static List<Named> ofTheBench() {
    List<Named> all = new ArrayList<>();
    for (int i = 1; i <= 3; i++) {
      all.add(new Named("tight " + i, true, season(300, 8, 40, 13.0, 100 + i)));
    }
    for (int i = 1; i <= 3; i++) {
      all.add(new Named("easier " + i, false, season(300, 8, 40, 20.0, 200 + i)));
    }
    return all;
  }

  /** A season with its name. */
  public record Named(String name, boolean tight, Planning planning) {}

  /**
   * @param frostDay around which day hard frost comes
   */
  static Planning season(int boats, int people, int days, double frostDay, long seed) {
    Random random = new Random(seed);
    List<Worker> workers = new ArrayList<>();
    for (int p = 0; p < people; p++) {
      workers.add(new Worker("person " + (p + 1), skills(p), hours(p, days)));
    }
    List<Visit> visits = new ArrayList<>();
    for (int v = 0; v < boats; v++) {
      visits.add(visit(v, days, frostDay, random));
    }
    int[] lifts = new int[days];
    java.util.Arrays.fill(lifts, Math.max(2, boats / 40));
    Season season =
        new Season(
            LocalDate.of(2031, 10, 6),
            days,
            workers,
            new Worker.Hours(12 * 60, 12 * 60 + 30),
            visits,
            Map.of(
                Equipment.TANK_KIT, Math.max(1, people * 3 / 8),
                Equipment.ADAPTER_SET, Math.max(1, people / 4),
                Equipment.REFRACTOMETER, Math.max(1, people / 4),
                Equipment.LIFT, Math.max(1, people / 8)),
            lifts,
            walking(boats));
    return new Planning(season, List.of(), pinned(season, random), 0, 0, 1);
  }

  private static Set<Skill> skills(int person) {
    return switch (person % 8) {
      case 0, 1 -> EnumSet.of(Skill.ENGINE_PETROL, Skill.SYSTEMS);
      case 2 -> EnumSet.of(Skill.ENGINE_DIESEL);
      case 3 -> EnumSet.of(Skill.ENGINE_DIESEL, Skill.SYSTEMS);
      case 4, 5 -> EnumSet.of(Skill.ENGINE_PETROL, Skill.ENGINE_DIESEL);
      case 6 -> EnumSet.of(Skill.SYSTEMS, Skill.LIFT);
      default -> EnumSet.of(Skill.SYSTEMS, Skill.RIGGING, Skill.LIFT, Skill.ENGINE_PETROL);
    };
  }

  private static List<Worker.Hours> hours(int person, int days) {
    List<Worker.Hours> hours = new ArrayList<>();
    for (int day = 0; day < days; day++) {
      boolean off = day % 7 == 6 || day % 14 == (person * 5) % 12;
      hours.add(off ? null : new Worker.Hours(EVERY_HOUR[0], EVERY_HOUR[1]));
    }
    return hours;
  }

  private static Visit visit(int v, int days, double frostDay, Random random) {
    Skill engine = random.nextBoolean() ? Skill.ENGINE_PETROL : Skill.ENGINE_DIESEL;
    List<VisitTask> tasks = new ArrayList<>();
    if (random.nextInt(100) < 25) {
      tasks.add(new VisitTask("lift", "Lift and wash", 30, 2, Skill.LIFT, Equipment.LIFT, null));
    }
    if (random.nextInt(100) < 15) {
      tasks.add(
          new VisitTask(
              "descale",
              "Mix and circulate descaler",
              40 + 5 * random.nextInt(4),
              1,
              engine,
              Equipment.ADAPTER_SET,
              new Soak(240, 360)));
      tasks.add(
          new VisitTask("rinse", "Final flush", 20 + 5 * random.nextInt(2), 1, engine, null, null));
    }
    tasks.add(
        new VisitTask(
            "service", "Oil and filter", 30 + 10 * random.nextInt(4), 1, engine, null, null));
    if (random.nextInt(100) < 70) {
      tasks.add(
          new VisitTask(
              "domestic",
              "Domestic water",
              30 + 5 * random.nextInt(3),
              1,
              Skill.SYSTEMS,
              null,
              null));
    }
    tasks.add(
        new VisitTask(
            "fill",
            "Drain and fill",
            45 + 10 * random.nextInt(7),
            1,
            engine,
            Equipment.TANK_KIT,
            null));
    int safe = tasks.size() - 1;
    tasks.add(
        new VisitTask(
            "prove",
            "Prove",
            20 + 5 * random.nextInt(4),
            1,
            Skill.SYSTEMS,
            Equipment.REFRACTOMETER,
            null));
    int release = Math.max(0, random.nextInt(20) - 8);
    return new Visit(
        new UUID(7, v),
        "boat " + (v + 1),
        v + 1,
        "berth " + (v + 1),
        release,
        null,
        tasks,
        safe,
        loss(days, frostDay, random));
  }

  /** A share that rises like the chance of a first hard night, times what cracks. */
  private static List<Double> loss(int days, double frostDay, Random random) {
    double[] costs = {4, 8, 9, 14, 25, 31, 37, 58};
    double cost = costs[random.nextInt(costs.length)];
    double shelter = random.nextInt(10) < 1 ? 100 : 9 * random.nextDouble();
    double middle = frostDay + shelter + 2.5 * random.nextGaussian();
    double spread = 3 + 3.5 * random.nextDouble();
    List<Double> loss = new ArrayList<>();
    for (int day = 0; day <= days; day++) {
      double share = 1 / (1 + Math.exp(-(day - middle) / spread * 1.7));
      double atFirst = 1 / (1 + Math.exp(middle / spread * 1.7));
      loss.add(cost * Math.max(0, share - atFirst));
    }
    return loss;
  }

  /** Rows of thirty along which somebody walks; the workshop is at the head of the first. */
  private static int[][] walking(int boats) {
    int n = boats + 1;
    double[] x = new double[n];
    double[] y = new double[n];
    for (int i = 1; i < n; i++) {
      x[i] = 10 + (i - 1) % 30 * 4.2;
      y[i] = 10 + (i - 1) / 30 * 16.0;
    }
    int[][] minutes = new int[n][n];
    for (int a = 0; a < n; a++) {
      for (int b = 0; b < n; b++) {
        double meters = Math.abs(x[a] - x[b]) + Math.abs(y[a] - y[b]);
        minutes[a][b] = a == b ? 0 : 1 + (int) Math.round(meters / 60);
      }
    }
    return minutes;
  }

  /** Five fills that were promised to a day and a person. */
  private static List<Assignment> pinned(Season season, Random random) {
    List<Assignment> pinned = new ArrayList<>();
    Set<Integer> taken = new java.util.HashSet<>();
    int wanted = Math.min(5, season.visits().size() / 10);
    while (pinned.size() < wanted) {
      int v = random.nextInt(season.visits().size());
      Visit visit = season.visits().get(v);
      VisitTask fill = visit.tasks().get(visit.safeAfter());
      int day = visit.releaseDay() + 2 + random.nextInt(5);
      int p = random.nextInt(season.workers().size());
      Worker worker = season.workers().get(p);
      if (day >= season.days()
          || worker.hours().get(day) == null
          || !worker.skills().containsAll(fill.skills())
          || !taken.add(day * 100 + p)) {
        continue;
      }
      pinned.add(
          new Assignment(
              visit.boat(),
              fill.key(),
              List.of(worker.name()),
              day,
              13 * 60,
              13 * 60 + fill.minutes()));
    }
    return pinned;
  }
}
