package elsko.core.plan.check;

import elsko.core.boat.description.Fuel;
import elsko.core.plan.model.Asks;
import elsko.core.plan.model.Equipment;
import elsko.core.plan.model.Opening;
import elsko.core.plan.model.Season;
import elsko.core.plan.model.Skill;
import elsko.core.plan.model.Visit;
import elsko.core.plan.model.VisitTask;
import elsko.core.plan.model.VisitTask.Soak;
import elsko.core.procedure.request.DescaleVariant;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What the handbook asks of each piece of work, said of boats and not of visits: written apart from
 * what gives the planner its tasks, so that a mistake there shows.
 */
public final class ByHandbook {
  /** In the order of one visit: "Lay-up is one visit with one warm-up"; then that of spring. */
  private static final List<String> ORDER =
      List.of(
          "water-out",
          "lift",
          "pump",
          "service",
          "descale",
          "empty",
          "fill",
          "systems",
          "prove",
          "cylinders",
          "close",
          "restore",
          "spring-service",
          "antifreeze",
          "launch",
          "run",
          "seacocks",
          "disinfect",
          "rinse",
          "hand-over");

  private static final Set<String> ON_ENGINES =
      Set.of(
          "water-out",
          "pump",
          "service",
          "descale",
          "empty",
          "fill",
          "cylinders",
          "spring-service",
          "antifreeze",
          "run");

  private static final Set<String> BY_THE_LIFT = Set.of("lift", "launch");

  /** Oil is drawn, and a drawn block filled, within 45 min of warm. */
  private static final Soak WHILE_WARM = new Soak(0, 45);

  private ByHandbook() {}

  /** What the acid of a descale does when its task is over: how long, and not beyond 6 h. */
  public enum Acid {
    SOAKS(240, 360),
    SECOND_SHOT(20, 30),
    CIRCULATES(180, 240);

    private final Soak soak;

    Acid(int from, int to) {
      soak = new Soak(from, to);
    }
  }

  /** Where a boat stands. */
  public enum Roof {
    SHED,
    NONE,
    OTHER
  }

  /**
   * Work that is left on a boat.
   *
   * @param minutes attended
   * @param runsAnEngine whether an engine runs for it
   * @param feeds whether somebody is at a tank while somebody else starts
   * @param acid what is left to work in the engine at its end; null for nothing
   */
  public record Work(
      String key, int minutes, boolean runsAnEngine, boolean feeds, @Nullable Acid acid) {
    /** "descale-2" is the second shot of a descale. */
    String of() {
      return key.startsWith("descale") ? "descale" : key;
    }
  }

  /**
   * A boat as somebody walks up to it.
   *
   * @param place index into the season's places
   * @param engines what they burn; empty for none
   * @param drawn whether an engine's own raw water is drawn through and not poured
   * @param descaled how, where it is
   */
  public record OneBoat(
      UUID boat,
      String name,
      int place,
      int releaseDay,
      Set<Fuel> engines,
      boolean drawn,
      @Nullable DescaleVariant descaled,
      Roof roof,
      List<Work> work) {
    /** The same where it stands, from when on it may be worked on. */
    public OneBoat at(int atPlace, int from, Roof under) {
      return new OneBoat(boat, name, atPlace, from, engines, drawn, descaled, under, work);
    }

    /** The same with only this work, each in so many minutes as it is planned. */
    public OneBoat lasting(Map<String, Integer> minutes) {
      return new OneBoat(
          boat,
          name,
          place,
          releaseDay,
          engines,
          drawn,
          descaled,
          roof,
          work.stream()
              .filter(one -> minutes.containsKey(one.key()))
              .map(
                  one ->
                      new Work(
                          one.key(),
                          minutes.get(one.key()),
                          one.runsAnEngine(),
                          one.feeds(),
                          one.acid()))
              .toList());
    }
  }

  /**
   * A season that asks what the handbook does.
   *
   * @param yard people, kit and hours; its visits do not count. Where it has an hour for a second
   *     pair of hands, whoever is at a tank begins in it
   */
  public static Season season(Season yard, List<OneBoat> boats) {
    boolean inOneHour = yard.openings().byDay().containsKey(Opening.SECOND_HANDS);
    return yard.with(boats.stream().map(boat -> visit(boat, inOneHour)).toList());
  }

  /**
   * The same where some boats were not walked up to: of those what the planner was given stands.
   *
   * @param planned with its visits
   */
  public static Season asked(Season planned, List<OneBoat> boats) {
    Map<UUID, Visit> byBoat = new HashMap<>();
    season(planned, boats).visits().forEach(visit -> byBoat.put(visit.boat(), visit));
    return planned.with(
        planned.visits().stream().map(visit -> byBoat.getOrDefault(visit.boat(), visit)).toList());
  }

  private static Visit visit(OneBoat boat, boolean inOneHour) {
    List<Work> work =
        boat.work().stream()
            .sorted(
                Comparator.comparingInt((Work one) -> ORDER.indexOf(one.of()))
                    .thenComparing(Work::key))
            .toList();
    return new Visit(
        boat.boat(),
        boat.name(),
        boat.place(),
        "",
        boat.releaseDay(),
        null,
        IntStream.range(0, work.size())
            .mapToObj(
                i ->
                    task(
                        boat, work.get(i), i + 1 < work.size() ? work.get(i + 1) : null, inOneHour))
            .toList(),
        -1,
        List.of());
  }

  private static VisitTask task(OneBoat boat, Work work, @Nullable Work next, boolean inOneHour) {
    Asks asks = asks(boat, work, next);
    return new VisitTask(
            work.key(),
            work.key(),
            work.minutes(),
            BY_THE_LIFT.contains(work.of()) || work.feeds() ? 2 : 1,
            skills(boat, work),
            kit(boat, work),
            soak(boat, work, next))
        .asking(inOneHour && work.feeds() ? asks.and(Opening.SECOND_HANDS) : asks);
  }

  /** A person with every skill the boat's engines ask for. */
  private static Set<Skill> skills(OneBoat boat, Work work) {
    if (BY_THE_LIFT.contains(work.of())) {
      return Set.of(Skill.LIFT);
    }
    if (!ON_ENGINES.contains(work.of()) || boat.engines().isEmpty()) {
      return Set.of(Skill.SYSTEMS);
    }
    Set<Skill> skills = EnumSet.noneOf(Skill.class);
    boat.engines()
        .forEach(
            fuel -> skills.add(fuel == Fuel.DIESEL ? Skill.ENGINE_DIESEL : Skill.ENGINE_PETROL));
    return skills;
  }

  /** The tank kit is the one used for antifreeze and for acid. */
  private static @Nullable Equipment kit(OneBoat boat, Work work) {
    return switch (work.of()) {
      case "lift", "launch" -> Equipment.LIFT;
      case "fill" -> work.feeds() ? Equipment.TANK_KIT : null;
      case "prove" -> Equipment.REFRACTOMETER;
      case "descale" ->
          boat.descaled() == DescaleVariant.TANK_SOAK
              ? Equipment.TANK_KIT
              : boat.descaled() == DescaleVariant.STRAINER_SOAK && work.key().equals("descale")
                  ? Equipment.ADAPTER_SET
                  : null;
      default -> null;
    };
  }

  private static @Nullable Soak soak(OneBoat boat, Work work, @Nullable Work next) {
    if (next == null) {
      return null;
    }
    if (work.acid() != null) {
      return work.acid().soak;
    }
    if (work.of().equals("empty") && next.of().equals("fill") && boat.drawn()) {
      return WHILE_WARM;
    }
    return null;
  }

  /** No engine runs in a closed shed; work in the open is done by daylight. */
  private static Asks asks(OneBoat boat, Work work, @Nullable Work next) {
    Set<Opening> hours = EnumSet.noneOf(Opening.class);
    if (BY_THE_LIFT.contains(work.of())) {
      hours.add(Opening.LIFT_HOURS);
      hours.add(Opening.DAYLIGHT);
    }
    if (boat.roof() == Roof.NONE) {
      hours.add(Opening.DAYLIGHT);
    }
    if (boat.roof() == Roof.SHED && work.runsAnEngine()) {
      hours.add(Opening.DOORS);
    }
    // The tank stands on the boat, so that it cannot run out, until the acid is flushed.
    boolean stays =
        kit(boat, work) == Equipment.TANK_KIT
            && next != null
            && work.of().equals("descale")
            && next.of().equals("descale");
    return new Asks(hours, stays);
  }
}
