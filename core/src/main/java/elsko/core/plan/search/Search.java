package elsko.core.plan.search;

import ai.timefold.solver.core.api.solver.Solver;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.heuristic.selector.move.factory.MoveIteratorFactoryConfig;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.localsearch.decider.acceptor.LocalSearchAcceptorConfig;
import ai.timefold.solver.core.config.localsearch.decider.forager.LocalSearchForagerConfig;
import ai.timefold.solver.core.config.score.director.ScoreDirectorFactoryConfig;
import ai.timefold.solver.core.config.solver.EnvironmentMode;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import elsko.core.plan.model.Effort;
import elsko.core.plan.model.Plan;
import elsko.core.plan.play.PlanReader;
import elsko.core.plan.play.Published;
import elsko.core.plan.play.SeasonArrays;
import elsko.core.plan.play.WalkLists;
import java.time.Duration;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;

/** One search for a plan: simulated annealing from a plan that breaks no rule. */
public final class Search {
  private static final long LOOK_FOR_STOP_MS = 100;

  private final Planning planning;
  private final SeasonArrays arrays;
  private final Published told;

  public Search(Planning planning) {
    this.planning = planning;
    arrays = new SeasonArrays(planning.season());
    told = Published.of(arrays, planning.told(), planning.pinned());
  }

  Plan start() {
    return PlanReader.read(arrays, told, Construct.plan(arrays, told, planning.firstOpenDay()));
  }

  Plan run(Effort effort, Planning.Watcher watcher) {
    long began = System.nanoTime();
    WalkLists first = Construct.plan(arrays, told, planning.firstOpenDay());
    if (watcher != null) {
      watcher.better(
          new Planning.Progress(since(began), PlanReader.read(arrays, told, first), false));
    }
    Effort left =
        effort instanceof Effort.Seconds all
            ? new Effort.Seconds(Math.max(0.05, all.seconds() - since(began)))
            : effort;
    Solver<SeasonPlan> solver = factory(until(left), EnvironmentMode.NO_ASSERT).buildSolver();
    ScheduledExecutorService looking = null;
    if (watcher != null) {
      solver.addEventListener(
          event ->
              watcher.better(
                  new Planning.Progress(
                      since(began),
                      PlanReader.read(arrays, told, event.getNewBestSolution().lists()),
                      false)));
      looking = Executors.newSingleThreadScheduledExecutor();
      looking.scheduleAtFixedRate(
          () -> {
            if (watcher.stop()) {
              solver.terminateEarly();
            }
          },
          LOOK_FOR_STOP_MS,
          LOOK_FOR_STOP_MS,
          TimeUnit.MILLISECONDS);
    }
    try {
      SeasonPlan best = solver.solve(new SeasonPlan(rules(left), first));
      Plan plan = PlanReader.read(arrays, told, best.lists());
      if (watcher != null) {
        watcher.better(new Planning.Progress(since(began), plan, true));
      }
      return plan;
    } finally {
      if (looking != null) {
        looking.shutdownNow();
      }
    }
  }

  private static TerminationConfig until(Effort effort) {
    TerminationConfig until = new TerminationConfig();
    return effort instanceof Effort.Moves all
        ? until.withMoveCountLimit(all.moves())
        : until.withSpentLimit(
            Duration.ofMillis(Math.round(((Effort.Seconds) effort).seconds() * 1000)));
  }

  /** For tests: a solver that takes so many steps. */
  public Solver<SeasonPlan> solverOfSteps(int steps, EnvironmentMode mode) {
    return factory(new TerminationConfig().withStepCountLimit(steps), mode).buildSolver();
  }

  public Plan read(SeasonPlan plan) {
    return PlanReader.read(arrays, told, plan.lists());
  }

  public SeasonPlan startPlan() {
    return new SeasonPlan(
        rules(new Effort.Seconds(1)), Construct.plan(arrays, told, planning.firstOpenDay()));
  }

  private SeasonPlan.Rules rules(Effort effort) {
    return new SeasonPlan.Rules(
        arrays,
        told,
        planning.firstOpenDay(),
        Math.round(planning.changePenalty() * 1000),
        new AnnealingTemperature(effort));
  }

  private SolverFactory<SeasonPlan> factory(TerminationConfig until, EnvironmentMode mode) {
    LocalSearchPhaseConfig search =
        new LocalSearchPhaseConfig()
            .withMoveSelectorConfig(
                new MoveIteratorFactoryConfig().withMoveIteratorFactoryClass(VisitMoves.class))
            .withAcceptorConfig(
                new LocalSearchAcceptorConfig()
                    .withSimulatedAnnealingStartingTemperature("0hard/400medium/200soft"))
            .withForagerConfig(new LocalSearchForagerConfig().withAcceptedCountLimit(1));
    search.setTerminationConfig(until);
    return SolverFactory.create(
        new SolverConfig()
            .withSolutionClass(SeasonPlan.class)
            .withEntityClasses(PersonDay.class)
            .withScoreDirectorFactory(
                new ScoreDirectorFactoryConfig()
                    .withIncrementalScoreCalculatorClass(PlanScore.class))
            .withEnvironmentMode(mode)
            .withRandomSeed(planning.seed())
            .withPhases(search));
  }

  private static double since(long began) {
    return (System.nanoTime() - began) / 1e9;
  }
}
