package elsko.bench.plan;

import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.model.Worker;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;

/**
 * No plan can lose less than this: each visit chooses its day for itself, and pays for the minutes
 * it takes of what everybody shares until that day. Walking, order and soaks are left out, so it is
 * loose. A Lagrangian relaxation, improved by subgradients.
 */
final class LowerBound {
  private static final int ROUNDS = 1500;

  private final Season season;
  private final List<Shared> shared = new ArrayList<>();

  /**
   * Something there is only so much of: minutes each visit needs of it, and minutes up to a day.
   */
  private record Shared(int[] needs, double[] upTo) {}

  private LowerBound(Season season) {
    this.season = season;
    share(task -> task.minutes() * task.people(), worker -> true);
    for (Skill skill : new Skill[] {Skill.ENGINE_PETROL, Skill.ENGINE_DIESEL, Skill.SYSTEMS}) {
      share(
          task -> task.skills().contains(skill) ? task.minutes() : 0,
          worker -> worker.skills().contains(skill));
    }
    share(
        task ->
            task.skills().contains(Skill.ENGINE_PETROL)
                    || task.skills().contains(Skill.ENGINE_DIESEL)
                ? task.minutes()
                : 0,
        worker ->
            worker.skills().contains(Skill.ENGINE_PETROL)
                || worker.skills().contains(Skill.ENGINE_DIESEL));
    kits(Equipment.TANK_KIT);
    kits(Equipment.ADAPTER_SET);
  }

  /** The loss, in hoses, below which no plan comes. */
  static double of(Season season, double known) {
    return new LowerBound(season).solve(known);
  }

  private void share(ToIntFunction<VisitTask> minutes, Predicate<Worker> can) {
    double[] upTo = new double[season.days()];
    double sum = 0;
    for (int day = 0; day < season.days(); day++) {
      for (Worker worker : season.workers()) {
        Worker.Hours hours = worker.hours().get(day);
        if (hours != null && can.test(worker)) {
          sum += hours.to() - hours.from() - (season.pause().to() - season.pause().from());
        }
      }
      upTo[day] = sum;
    }
    shared.add(new Shared(needs(minutes), upTo));
  }

  private void kits(Equipment kind) {
    double[] upTo = new double[season.days()];
    double sum = 0;
    for (int day = 0; day < season.days(); day++) {
      int open = 0;
      for (Worker worker : season.workers()) {
        Worker.Hours hours = worker.hours().get(day);
        if (hours != null) {
          open = hours.to() - hours.from() - (season.pause().to() - season.pause().from());
        }
      }
      sum += open * season.equipment().getOrDefault(kind, 0);
      upTo[day] = sum;
    }
    shared.add(new Shared(needs(task -> task.equipment() == kind ? task.minutes() : 0), upTo));
  }

  /** What each visit needs of it until it is safe. */
  private int[] needs(ToIntFunction<VisitTask> minutes) {
    return season.visits().stream()
        .mapToInt(
            visit ->
                visit.tasks().subList(0, visit.safeAfter() + 1).stream().mapToInt(minutes).sum())
        .toArray();
  }

  private double solve(double known) {
    int days = season.days();
    int visits = season.visits().size();
    double[][] price = new double[shared.size()][days];
    double best = 0;
    double scale = 1.0;
    int sinceBetter = 0;
    for (int round = 0; round < ROUNDS; round++) {
      double[][] used = new double[shared.size()][days];
      double value = 0;
      double[][] priceFrom = new double[shared.size()][days + 1];
      for (int r = 0; r < shared.size(); r++) {
        for (int day = days - 1; day >= 0; day--) {
          priceFrom[r][day] = priceFrom[r][day + 1] + price[r][day];
          value -= price[r][day] * shared.get(r).upTo()[day];
        }
      }
      for (int v = 0; v < visits; v++) {
        Visit visit = season.visits().get(v);
        double least = visit.lossOn(days);
        int chosen = days;
        for (int day = visit.releaseDay(); day < days; day++) {
          double cost = visit.lossOn(day);
          for (int r = 0; r < shared.size(); r++) {
            cost += shared.get(r).needs()[v] * priceFrom[r][day];
          }
          if (cost < least) {
            least = cost;
            chosen = day;
          }
        }
        value += least;
        for (int r = 0; r < shared.size(); r++) {
          for (int day = chosen; day < days; day++) {
            used[r][day] += shared.get(r).needs()[v];
          }
        }
      }
      if (value > best + 1e-3) {
        best = value;
        sinceBetter = 0;
      } else if (++sinceBetter > 25) {
        scale *= 0.7;
        sinceBetter = 0;
      }
      double norm = 0;
      for (int r = 0; r < shared.size(); r++) {
        for (int day = 0; day < days; day++) {
          double over = used[r][day] - shared.get(r).upTo()[day];
          norm += over > 0 || price[r][day] > 0 ? over * over : 0;
        }
      }
      double step = scale * Math.max(0.01, known - value) / Math.max(1, norm);
      for (int r = 0; r < shared.size(); r++) {
        for (int day = 0; day < days; day++) {
          price[r][day] =
              Math.max(0, price[r][day] + step * (used[r][day] - shared.get(r).upTo()[day]));
        }
      }
    }
    return best;
  }
}
