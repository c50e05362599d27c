package elsko.core.plan.minutes;

import elsko.core.Median;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * How much longer or shorter than the handbook says work takes here. What is learned is a factor on
 * the handbook's minutes, made of four: of the task and its method, of the engine's layout, of a
 * second engine, and of the person. Each is a median that begins at the handbook's, is nothing
 * below three boats, and moves as evidence comes: one day that went wrong does not move it.
 */
public final class LearnedMinutes {
  /** Of fewer nothing is said: one of them may be the day that went wrong. */
  static final int LEAST_BOATS = 3;

  /** What the handbook counts for against what was seen, as so many boats. Estimate. */
  private static final double HANDBOOK = 0.5;

  /** What the crew counts for against one layout or one person, as so many boats. Estimate. */
  private static final double CREW = 6;

  /** What is said of unseen work counts for against what was seen, as so many boats. Estimate. */
  private static final double SPREAD = 6;

  /** Of a normal distribution: its standard deviation by its median absolute deviation. */
  private static final double BY_MEDIAN = 1.4826;

  private static final int ROUNDS = 8;
  private static final double LEAST = 0.4;
  private static final double MOST = 2.5;

  /** Nothing was done here yet: the handbook's minutes hold. */
  public static final LearnedMinutes NOTHING = of(List.of());

  private final List<Effect> effects;
  private final Map<Object, Integer> works = new HashMap<>();
  private final Map<Object, Double> spreads = new HashMap<>();

  /** One of the factors: whom it is about, and how much it is, as logarithm, by that. */
  private record Effect(
      Predicate<WorkTime> concerns,
      Function<WorkTime, Object> about,
      double against,
      Map<Object, Double> value) {
    double of(WorkTime time) {
      return concerns.test(time) ? value.getOrDefault(about.apply(time), 0.0) : 0;
    }
  }

  record ByMethod(String task, @Nullable Object method) {}

  private record ByPerson(String task, String person) {}

  private record ByLayout(ByMethod work, Object layout) {}

  private LearnedMinutes(List<Effect> effects) {
    this.effects = effects;
  }

  /** Learned from what was done; in any order. */
  public static LearnedMinutes of(List<WorkTime> done) {
    List<Effect> effects =
        List.of(
            effect(time -> true, LearnedMinutes::byMethod, HANDBOOK),
            effect(time -> true, time -> new ByLayout(byMethod(time), time.kind().layout()), CREW),
            effect(time -> time.kind().twin(), LearnedMinutes::byMethod, HANDBOOK),
            effect(time -> true, time -> new ByPerson(time.kind().task(), time.person()), CREW));
    LearnedMinutes learned = new LearnedMinutes(effects);
    done.forEach(time -> learned.works.merge(byMethod(time), 1, Integer::sum));
    for (int round = 0; round < ROUNDS; round++) {
      effects.forEach(effect -> learned.fit(effect, done));
    }
    learned.fitSpreads(done);
    return learned;
  }

  private void fitSpreads(List<WorkTime> done) {
    Map<Object, List<Double>> strayed = new HashMap<>();
    for (WorkTime time : done) {
      double said = Math.log(time.took() / time.expected()) - log(time);
      strayed.computeIfAbsent(byMethod(time), key -> new ArrayList<>()).add(Math.abs(said));
    }
    strayed.forEach(
        (work, by) -> {
          double seen = by.size() < LEAST_BOATS ? 0 : BY_MEDIAN * Median.of(by);
          double boats = by.size() < LEAST_BOATS ? 0 : by.size();
          double unseen = TaskMinutes.UNSEEN;
          spreads.put(
              work, Math.sqrt((boats * seen * seen + SPREAD * unseen * unseen) / (boats + SPREAD)));
        });
  }

  private static Effect effect(
      Predicate<WorkTime> concerns, Function<WorkTime, Object> about, double against) {
    return new Effect(concerns, about, against, new HashMap<>());
  }

  static ByMethod byMethod(WorkTime time) {
    return byMethod(time.kind());
  }

  private static ByMethod byMethod(WorkKind kind) {
    return new ByMethod(kind.task(), kind.method());
  }

  private void fit(Effect effect, List<WorkTime> done) {
    Map<Object, List<Double>> left = new HashMap<>();
    for (WorkTime time : done) {
      if (effect.concerns().test(time)) {
        double others = log(time) - effect.of(time);
        left.computeIfAbsent(effect.about().apply(time), key -> new ArrayList<>())
            .add(Math.log(time.took() / time.expected()) - others);
      }
    }
    left.forEach(
        (about, values) -> {
          int boats = values.size();
          double part = boats < LEAST_BOATS ? 0 : boats / (boats + effect.against());
          effect.value().put(about, part * Median.of(values));
        });
  }

  private double log(WorkTime time) {
    return effects.stream().mapToDouble(effect -> effect.of(time)).sum();
  }

  /** What the handbook's minutes are multiplied by, for the crew. */
  public double factor(WorkKind kind) {
    return factor(kind, "");
  }

  /** The same for one person: theirs to see, and nobody else's. */
  public double factor(WorkKind kind, String person) {
    double log = log(new WorkTime(kind, person, 1, 1));
    return Math.max(LEAST, Math.min(MOST, Math.exp(log)));
  }

  /** What is known of a piece of work that takes so many minutes by the handbook. */
  public TaskMinutes of(WorkKind kind, int byTheHandbook) {
    double spread = spreads.getOrDefault(byMethod(kind), TaskMinutes.UNSEEN);
    return new TaskMinutes(byTheHandbook * factor(kind), spread);
  }

  /** Minutes of a piece of work that takes so many by the handbook. */
  public int minutes(WorkKind kind, int byTheHandbook) {
    return (int) Math.max(1, Math.min(600, Math.round(byTheHandbook * factor(kind))));
  }

  /** On how many boats it rests. */
  public int restsOn(WorkKind kind) {
    return works.getOrDefault(byMethod(kind), 0);
  }
}
