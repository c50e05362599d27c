package elsko.core.plan.search;

import ai.timefold.solver.core.api.score.director.ScoreDirector;
import ai.timefold.solver.core.impl.heuristic.selector.move.factory.MoveIteratorFactory;
import java.util.Iterator;
import java.util.List;
import java.util.Random;

/**
 * What the search tries, drawn at random. Only what breaks no rule and costs no more than it may is
 * handed on.
 */
public class VisitMoves implements MoveIteratorFactory<SeasonPlan, ListsMove> {
  private MoveEvaluation tried;

  @Override
  public void phaseEnded(ScoreDirector<SeasonPlan> director) {
    tried = null;
  }

  @Override
  public long getSize(ScoreDirector<SeasonPlan> director) {
    return 1_000_000;
  }

  @Override
  public Iterator<ListsMove> createOriginalMoveIterator(ScoreDirector<SeasonPlan> director) {
    throw new UnsupportedOperationException("moves are drawn at random");
  }

  @Override
  public Iterator<ListsMove> createRandomMoveIterator(
      ScoreDirector<SeasonPlan> director, Random random) {
    SeasonPlan plan = director.getWorkingSolution();
    if (tried == null || !tried.isOn(plan)) {
      tried = new MoveEvaluation(plan, random);
    } else {
      tried.follow();
    }
    return new Drawing(tried, plan.rules().temperature());
  }

  private record Drawing(MoveEvaluation tried, AnnealingTemperature temperature)
      implements Iterator<ListsMove> {
    /** After so many in vain the solver is asked whether its time is up. */
    private static final int MOST_TRIES = 1000;

    private static final ListsMove NOTHING =
        new ListsMove(List.of(), List.of(), List.of(), List.of());
    private static final double MOST_ANEW = 0.15;
    private static final double ANEW = 6;
    private static final double GIVES_WAY = 50;
    private static final MoveGenerator SWAP_TASKS = new SwapTasks();
    private static final MoveGenerator MOVE_TASK = new MoveTask();
    private static final MoveGenerator SWAP_SAFE = new SwapSafe();
    private static final MoveGenerator GIVE_WAY = new YieldDays();
    private static final MoveGenerator RUIN = new RuinAndInsert();

    @Override
    public boolean hasNext() {
      return true;
    }

    @Override
    public ListsMove next() {
      for (int i = 0; i < MOST_TRIES; i++) {
        tried.begin();
        boolean worth = pick().draw(tried) && tried.isWorth(temperature.mayCost(tried.random));
        ListsMove move = worth ? tried.written() : null;
        tried.takeBack();
        if (move != null) {
          temperature.moved();
          return move;
        }
      }
      temperature.moved();
      return NOTHING;
    }

    /**
     * Whole visits put on anew are dear in a large season and change little; in a small one they
     * are the way out of where swaps lead nowhere.
     */
    private MoveGenerator pick() {
      double drawn = tried.random.nextDouble();
      double anew = part(ANEW);
      if (drawn < anew) {
        return RUIN;
      }
      if (drawn < anew + part(GIVES_WAY)) {
        return GIVE_WAY;
      }
      int of8 = tried.random.nextInt(8);
      if (of8 < 5) {
        return SWAP_SAFE;
      }
      return of8 < 7 ? SWAP_TASKS : MOVE_TASK;
    }

    private double part(double weight) {
      double visits = tried.arrays.visits;
      return Math.min(MOST_ANEW, weight / (visits * visits));
    }
  }
}
