package elsko.core.trial;

import elsko.core.boat.Boat;
import elsko.core.boat.description.BoatDescription;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;

/**
 * One season by its number: which boat, by which methods, and what the hand gets wrong.
 *
 * @param choices how each circuit is done, by circuit; others are left alone
 */
public record Season(
    long seed, BoatDescription boat, Map<String, String> choices, Set<Mistake> mistakes) {
  private static final int HONEST_ONE_IN = 4;
  private static final int EACH_MISTAKE_ONE_IN = 6;

  public Season {
    choices = new TreeMap<>(choices);
    mistakes = mistakes.isEmpty() ? EnumSet.noneOf(Mistake.class) : EnumSet.copyOf(mistakes);
  }

  /** The season of a number; one in four is an honest hand's. */
  public static Season of(long seed) {
    Random random = new Random(seed * 31 + 7);
    BoatDescription boat = AnyBoat.of(seed);
    Set<Mistake> mistakes = EnumSet.noneOf(Mistake.class);
    if (random.nextInt(HONEST_ONE_IN) > 0) {
      for (Mistake mistake : Mistake.values()) {
        if (random.nextInt(EACH_MISTAKE_ONE_IN) == 0) {
          mistakes.add(mistake);
        }
      }
    }
    return new Season(seed, boat, AnyBoat.choices(Boat.of(boat), seed), mistakes);
  }

  /** The same, with only so many circuits worked on. */
  public Season with(int circuits) {
    Map<String, String> some = new TreeMap<>();
    Random random = new Random(seed);
    choices.entrySet().stream()
        .skip(choices.isEmpty() ? 0 : random.nextInt(choices.size()))
        .limit(circuits)
        .forEach(choice -> some.put(choice.getKey(), choice.getValue()));
    return new Season(seed, boat, some, mistakes);
  }

  public LayUpTrial laidUp() {
    return LayUpTrial.of(boat, choices, mistakes, seed);
  }

  /** The smallest season of which it still holds: fewer circuits, fewer mistakes, the same boat. */
  public Season shrunk(Predicate<LayUpTrial> holds) {
    Season smallest = this;
    boolean smaller = true;
    while (smaller) {
      smaller = false;
      for (Season less : smallest.lesser()) {
        if (holds.test(less.laidUp())) {
          smallest = less;
          smaller = true;
          break;
        }
      }
    }
    return smallest;
  }

  private List<Season> lesser() {
    List<Season> all = new ArrayList<>();
    for (String circuit : choices.keySet()) {
      Map<String, String> fewer = new TreeMap<>(choices);
      fewer.remove(circuit);
      all.add(new Season(seed, boat, fewer, mistakes));
    }
    if (mistakes.size() > 1) {
      all.add(new Season(seed, boat, choices, Set.of()));
      mistakes.forEach(only -> all.add(new Season(seed, boat, choices, Set.of(only))));
    }
    for (Mistake mistake : mistakes) {
      Set<Mistake> fewer = EnumSet.copyOf(mistakes);
      fewer.remove(mistake);
      all.add(new Season(seed, boat, choices, fewer));
    }
    return all;
  }
}
