package elsko.bench.plan;

import elsko.bench.row.Measured;
import elsko.bench.row.Measured.Kind;
import elsko.bench.row.Part;
import elsko.bench.row.Rows;
import elsko.core.plan.check.PlanCheck;
import elsko.core.plan.explain.Continuity;
import elsko.core.plan.model.Assignment;
import elsko.core.plan.model.BoatStops;
import elsko.core.plan.model.BoatStops.Hands;
import elsko.core.plan.model.Plan;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.Worker;
import elsko.core.plan.search.Baseline;
import elsko.core.plan.search.Planning;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * Plans of the frozen seasons, counted by {@link PlanCheck}, which shares nothing with the search.
 */
public final class PlanMeasures {
  private static final int SLOPES = 16;
  private static final double TIGHT_BY = 0.35;
  private static final double EASIER_BY = 0.20;
  private static final int SOONER_DAYS = 2;
  private static final double SECONDS_FOR_SMALL = 4;

  /** So many people that somebody has each skill. */
  private static final int EVERY_SKILL = 8;

  private PlanMeasures() {}

  public static List<Part> parts(boolean quick) {
    double seconds = quick ? 5 : 30;
    List<Part> parts = new ArrayList<>();
    for (Instances.Named named : Instances.ofTheBench()) {
      parts.add(new Part("plan: " + named.name(), rows -> season(rows, named, seconds)));
    }
    int howMany = quick ? 3 : SmallSeasons.HOW_MANY;
    parts.add(new Part("plan: small seasons", rows -> rows.add(small(howMany))));
    for (int season : new int[] {0, 3}) {
      Instances.Named named = Instances.ofTheBench().get(season);
      parts.add(
          new Part("plan: again, " + named.name(), rows -> again(rows, named, quick ? 3 : 10)));
    }
    parts.add(new Part("plan: growth", rows -> growth(rows, quick ? 2 : 10)));
    return parts;
  }

  private static void season(Rows rows, Instances.Named named, double seconds) throws IOException {
    Planning planning = named.planning();
    Season season = planning.season();
    planning.construct(); // the compiler warms up
    long began = System.nanoTime();
    Plan first = planning.construct();
    double construct = (System.nanoTime() - began) / 1e9;
    int broken = broken(planning, first);
    rows.add(
        constructed(
            named.name() + ": complete plan without a broken rule",
            construct,
            broken,
            first.undone().isEmpty(),
            2));
    Plan best = planning.solve(seconds, null);
    double loss = PlanCheck.frostLoss(season, best);
    int walking = PlanCheck.walkingMinutes(season, best);
    Plan deadlines = Baseline.plan(planning, Baseline.Rule.EARLIEST_DEADLINE_FIRST, 0);
    double byDeadline = PlanCheck.frostLoss(season, deadlines);
    double bySlope = Double.MAX_VALUE;
    for (int ahead = 1; ahead <= SLOPES; ahead++) {
      Plan slope = Baseline.plan(planning, Baseline.Rule.LOSS_SLOPE, ahead);
      bySlope = Math.min(bySlope, PlanCheck.frostLoss(season, slope));
    }
    double bound = LowerBound.of(season, bySlope);
    double asked = named.tight() ? TIGHT_BY : EASIER_BY;
    rows.add(
        part(
            named.name()
                + ": frost loss after %.0f s against earliest deadline first".formatted(seconds),
            loss / byDeadline - 1,
            -asked));
    rows.add(part(named.name() + ": against the best loss slope", loss / bySlope - 1, -0.10));
    rows.add(
        quality(
            named.name() + ": against the lower bound",
            String.format(Locale.ROOT, "%.2f ×", loss / bound),
            loss / bound,
            "at most 2.1 ×",
            loss / bound <= 2.1));
    double onFoot = (double) walking / PlanCheck.walkingMinutes(season, deadlines);
    rows.add(
        quality(
            named.name() + ": walking against earliest deadline first",
            String.format(Locale.ROOT, "%.0f %%", onFoot * 100),
            onFoot,
            "at most 50 %",
            onFoot <= 0.5));
    int walked = PlanCheck.walkingMinutes(season, deadlines);
    for (Hands hands : Hands.values()) {
      byBoats(rows, named, hands, seconds, loss, walked);
    }
  }

  /** The same with a boat as what people walk to: whoever opens it does all of it. */
  private static void byBoats(
      Rows rows,
      Instances.Named named,
      Hands hands,
      double seconds,
      double lossByTasks,
      int walkingByDeadline)
      throws IOException {
    Planning byTasks = named.planning();
    Season season = BoatStops.of(byTasks.season(), hands, byTasks.pinned());
    String name = "%s, by boats, %s".formatted(named.name(), hands.words());
    Planning planning =
        new Planning(
            season,
            List.of(),
            BoatStops.gather(season, byTasks.pinned()),
            byTasks.firstOpenDay(),
            0,
            byTasks.seed());
    planning.construct(); // the compiler warms up
    long began = System.nanoTime();
    Plan first = BoatStops.split(season, planning.construct());
    double construct = (System.nanoTime() - began) / 1e9;
    rows.add(
        constructed(
            name + ": complete plan without a broken rule",
            construct,
            broken(byTasks, first),
            first.undone().isEmpty(),
            1));
    Plan best = BoatStops.split(season, planning.solve(seconds, null));
    Continuity continuity = Continuity.of(byTasks.season(), best);
    double share = continuity.share();
    rows.add(
        quality(
            named.name()
                + ", by boats: done by one person in one go after %.0f s".formatted(seconds),
            String.format(
                Locale.ROOT,
                "%.0f %%, %d broken, %d undone",
                share * 100,
                broken(byTasks, best),
                best.undone().size()),
            share,
            "at least 90 %, none broken",
            share >= 0.9 && broken(byTasks, best) == 0));
    double price = PlanCheck.frostLoss(byTasks.season(), best) / lossByTasks - 1;
    rows.add(
        quality(
            name + ": its frost loss against the plan by tasks",
            String.format(Locale.ROOT, "%+.0f %%", price * 100),
            price,
            "reported",
            true));
    double onFoot = (double) PlanCheck.walkingMinutes(byTasks.season(), best) / walkingByDeadline;
    rows.add(
        quality(
            name + ": walking against earliest deadline first",
            String.format(Locale.ROOT, "%.0f %%", onFoot * 100),
            onFoot,
            "at most 50 %",
            onFoot <= 0.5));
  }

  private static Measured constructed(
      String what, double seconds, int broken, boolean complete, int under) {
    return new Measured(
        what,
        String.format(Locale.ROOT, "%.2f s, %d broken", seconds, broken),
        seconds,
        Kind.TIME,
        "under %d s, none".formatted(under),
        seconds < under && broken == 0 && complete);
  }

  private static Measured quality(
      String what, String value, double figure, String target, boolean met) {
    return new Measured(what, value, figure, Kind.QUALITY, target, met);
  }

  private static int broken(Planning planning, Plan plan) {
    int moved = 0;
    for (Assignment pinned : planning.pinned()) {
      boolean held =
          plan.assignments().stream()
              .anyMatch(
                  a ->
                      a.boat().equals(pinned.boat())
                          && a.task().equals(pinned.task())
                          && a.day() == pinned.day()
                          && a.workers().get(0).equals(pinned.workers().get(0)));
      moved += held ? 0 : 1;
    }
    return PlanCheck.problems(planning.season(), plan).size() + moved;
  }

  private static Measured part(String what, double part, double asked) {
    return quality(
        what,
        String.format(Locale.ROOT, "%+.0f %%", part * 100),
        part,
        String.format(Locale.ROOT, "%+.0f %% or better", asked * 100),
        part <= asked);
  }

  /**
   * Somebody falls ill for six days and frost comes two days sooner: planned again with nobody told
   * more than needed.
   */
  private static void again(Rows rows, Instances.Named named, double seconds) throws IOException {
    Planning planning = named.planning();
    Plan told = planning.solve(seconds, null);
    int today = 4;
    List<Assignment> past =
        told.assignments().stream()
            .filter(a -> a.day() < today)
            .collect(Collectors.toCollection(ArrayList::new));
    past.addAll(planning.pinned());
    Season without = colder(withoutOne(planning.season(), today));
    String sick = planning.season().workers().get(0).name();
    past.removeIf(a -> a.day() >= today && a.workers().contains(sick));
    Planning again =
        new Planning(
            without, told.assignments(), past, today, Planning.TOLD_WEIGHT, planning.seed());
    long began = System.nanoTime();
    Plan first = again.construct();
    double construct = (System.nanoTime() - began) / 1e9;
    Plan best = again.solve(seconds, null);
    Plan free =
        new Planning(without, told.assignments(), past, today, 0, planning.seed())
            .solve(seconds, null);
    long forced =
        told.assignments().stream()
            .filter(a -> a.day() >= today && a.workers().contains(sick))
            .count();
    long still = told.assignments().stream().filter(a -> a.day() >= today).count();
    double changed = Math.max(0, best.figures().toldOtherwise() - forced) / (double) still;
    double loss = PlanCheck.frostLoss(without, best) / PlanCheck.frostLoss(without, free);
    rows.add(
        constructed(
            named.name() + ": planned again with one person ill and frost two days sooner",
            construct,
            PlanCheck.problems(without, first).size(),
            true,
            1));
    rows.add(
        quality(
            named.name()
                + ": told stops changed beyond the forced ones after %.0f s".formatted(seconds),
            String.format(Locale.ROOT, "%.0f %%", changed * 100),
            changed,
            "at most 15 %",
            changed <= 0.15));
    rows.add(
        quality(
            named.name() + ": its loss against a plan that need not care",
            String.format(Locale.ROOT, "%+.0f %%", (loss - 1) * 100),
            loss - 1,
            "at most +5 %",
            loss <= 1.05));
  }

  private static Season withoutOne(Season season, int from) {
    List<Worker> workers = new ArrayList<>(season.workers());
    Worker sick = workers.get(0);
    List<Worker.Hours> hours = new ArrayList<>(sick.hours());
    Collections.fill(hours.subList(from, Math.min(hours.size(), from + 6)), null);
    workers.set(0, new Worker(sick.name(), sick.skills(), hours));
    return season.with(workers, season.equipment());
  }

  private static Season colder(Season season) {
    List<Visit> visits = new ArrayList<>();
    for (Visit visit : season.visits()) {
      List<Double> loss = new ArrayList<>();
      for (int day = 0; day <= season.days(); day++) {
        loss.add(visit.lossOn(Math.min(season.days(), day + SOONER_DAYS)));
      }
      visits.add(
          new Visit(
              visit.boat(),
              visit.name(),
              visit.place(),
              visit.berth(),
              visit.releaseDay(),
              visit.promisedDay(),
              visit.tasks(),
              visit.safeAfter(),
              loss));
    }
    return season.with(visits);
  }

  /** Against the least loss any plan can have. */
  private static Measured small(int howMany) {
    double worst = 0;
    for (int i = 0; i < howMany; i++) {
      Planning planning = SmallSeasons.season(i);
      Plan plan = planning.solve(SECONDS_FOR_SMALL, null);
      double least = Optimum.of(planning.season());
      int wrong = broken(planning, plan) + plan.undone().size();
      double loss = PlanCheck.frostLoss(planning.season(), plan);
      worst = Math.max(worst, wrong > 0 ? Double.POSITIVE_INFINITY : loss / least - 1);
    }
    return quality(
        "%d small seasons after %.0f s each, the worst against the optimum found by trying everything"
            .formatted(howMany, SECONDS_FOR_SMALL),
        String.format(Locale.ROOT, "%+.1f %%", worst * 100),
        worst,
        "at most +2 %",
        worst <= 0.02);
  }

  private static void growth(Rows rows, double seconds) throws IOException {
    for (int boats : new int[] {50, 100, 300, 1000}) {
      Planning planning =
          Instances.season(boats, Math.max(EVERY_SKILL, boats * 8 / 300), 40, 13, 900);
      long began = System.nanoTime();
      Plan first = planning.construct();
      double construct = (System.nanoTime() - began) / 1e9;
      Plan plan = planning.solve(construct + seconds, null);
      rows.add(
          new Measured(
              "growth: first plan of %d boats, then %.0f s of search".formatted(boats, seconds),
              String.format(
                  Locale.ROOT,
                  "%.2f s, %d undone; loss %+.0f %%, on foot %+.0f %%",
                  construct,
                  plan.undone().size(),
                  (plan.figures().frostLoss() / first.figures().frostLoss() - 1) * 100,
                  (plan.figures().walkingMinutes() / (double) first.figures().walkingMinutes() - 1)
                      * 100),
              construct,
              Kind.TIME,
              "reported",
              true));
    }
  }
}
