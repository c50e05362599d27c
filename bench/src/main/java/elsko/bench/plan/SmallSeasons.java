package elsko.bench.plan;

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
import java.util.UUID;

/**
 * Twelve frozen seasons so small that everything can be tried: five boats, two people, four days;
 * one tank kit, a lift with one slot a day that takes two people, a soak.
 */
final class SmallSeasons {
  static final int HOW_MANY = 12;
  private static final int BOATS = 5;
  private static final int DAYS = 4;

  private SmallSeasons() {}

  static Planning season(int number) {
    Random random = new Random(700 + number);
    List<Worker> workers =
        List.of(
            new Worker(
                "person 1",
                EnumSet.of(Skill.ENGINE_PETROL, Skill.SYSTEMS, Skill.LIFT),
                hours(random.nextInt(2 * DAYS))),
            new Worker(
                "person 2", EnumSet.of(Skill.ENGINE_PETROL, Skill.ENGINE_DIESEL), hours(DAYS)));
    List<Visit> visits = new ArrayList<>();
    for (int v = 0; v < BOATS; v++) {
      visits.add(visit(v, number, random));
    }
    int[] lifts = {1, 1, 1, 1};
    int[][] walk = new int[BOATS + 1][BOATS + 1];
    for (int a = 0; a <= BOATS; a++) {
      for (int b = 0; b <= BOATS; b++) {
        walk[a][b] = a == b ? 0 : 1 + Math.abs(a - b);
      }
    }
    Season season =
        new Season(
            LocalDate.of(2031, 10, 6),
            DAYS,
            workers,
            new Worker.Hours(12 * 60, 12 * 60 + 30),
            visits,
            Map.of(Equipment.TANK_KIT, 1, Equipment.ADAPTER_SET, 1, Equipment.LIFT, 1),
            lifts,
            walk);
    return new Planning(season, List.of(), List.of(), 0, 0, 1);
  }

  private static List<Worker.Hours> hours(int off) {
    List<Worker.Hours> hours = new ArrayList<>();
    for (int day = 0; day < DAYS; day++) {
      hours.add(day == off ? null : new Worker.Hours(8 * 60, 16 * 60 + 30));
    }
    return hours;
  }

  private static Visit visit(int v, int number, Random random) {
    Skill engine = random.nextInt(3) > 0 ? Skill.ENGINE_PETROL : Skill.ENGINE_DIESEL;
    List<VisitTask> tasks = new ArrayList<>();
    if (v == number % BOATS) {
      tasks.add(new VisitTask("lift", "Lift", 45, 2, Skill.LIFT, Equipment.LIFT, null));
    }
    if (v == (number + 2) % BOATS) {
      tasks.add(
          new VisitTask(
              "descale",
              "Mix descaler",
              60,
              1,
              Skill.ENGINE_PETROL,
              Equipment.ADAPTER_SET,
              new Soak(180, 300)));
      tasks.add(new VisitTask("rinse", "Final flush", 40, 1, Skill.ENGINE_PETROL, null, null));
    } else {
      tasks.add(
          new VisitTask(
              "service", "Oil and filter", 60 + 15 * random.nextInt(6), 1, engine, null, null));
    }
    tasks.add(
        new VisitTask(
            "fill",
            "Drain and fill",
            75 + 15 * random.nextInt(6),
            1,
            engine,
            Equipment.TANK_KIT,
            null));
    double cost = new double[] {4, 8, 14, 25, 37}[random.nextInt(5)];
    double steep = 0.05 + 0.2 * random.nextDouble();
    List<Double> loss = new ArrayList<>();
    for (int day = 0; day <= DAYS; day++) {
      loss.add(cost * Math.min(1, 0.02 + steep * day));
    }
    return new Visit(
        new UUID(8, v),
        "boat " + (v + 1),
        v + 1,
        "berth " + (v + 1),
        random.nextInt(4) == 0 ? 1 : 0,
        null,
        tasks,
        tasks.size() - 1,
        loss);
  }
}
