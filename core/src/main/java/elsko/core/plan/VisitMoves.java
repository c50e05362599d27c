package elsko.core.plan;

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
  private Trial trial;

  @Override
  public void phaseEnded(ScoreDirector<SeasonPlan> director) {
    trial = null;
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
    if (trial == null || !trial.isOn(plan)) {
      trial = new Trial(plan, random);
    } else {
      trial.follow();
    }
    return new Drawing(trial, plan.rules().heat());
  }

  private record Drawing(Trial trial, Heat heat) implements Iterator<ListsMove> {
    /** After so many in vain the solver is asked whether its time is up. */
    private static final int MOST_TRIES = 1000;

    private static final ListsMove NOTHING =
        new ListsMove(List.of(), List.of(), List.of(), List.of());
    private static final Draws SWAP_TASKS = new SwapTasks();
    private static final Draws MOVE_TASK = new MoveTask();
    private static final Draws SWAP_SAFE = new SwapSafe();
    private static final Draws GIVE_WAY = new GiveWay();
    private static final Draws RUIN = new RuinAndInsert();

    @Override
    public boolean hasNext() {
      return true;
    }

    @Override
    public ListsMove next() {
      for (int i = 0; i < MOST_TRIES; i++) {
        trial.begin();
        boolean worth =
            pick(trial.random.nextInt(16_000)).draw(trial)
                && trial.isWorth(heat.mayCost(trial.random));
        ListsMove move = worth ? trial.written() : null;
        trial.takeBack();
        if (move != null) {
          return move;
        }
      }
      return NOTHING;
    }

    private static Draws pick(int of16000) {
      if (of16000 < 10_000) {
        return SWAP_SAFE;
      }
      if (of16000 < 13_990) {
        return SWAP_TASKS;
      }
      if (of16000 < 15_990) {
        return MOVE_TASK;
      }
      return of16000 < 15_999 ? GIVE_WAY : RUIN;
    }
  }
}
