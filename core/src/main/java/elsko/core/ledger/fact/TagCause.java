package elsko.core.ledger.fact;

import elsko.core.Refused;
import elsko.core.boat.path.Position;
import elsko.core.limits.Conditions;
import elsko.core.limits.CylinderConditions;
import elsko.core.limits.Interval;
import elsko.core.limits.Limits;
import elsko.core.limits.RoundConditions;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a red tag is set for. Each names the one start it leaves open, what has to be recorded
 * before that start, and what has to be seen in it.
 */
public enum TagCause {
  PETROL_VAPOR(
      "petrol vapor",
      Start.NONE,
      Lift.NOBODY,
      "",
      new Remedy(
          "leak-mended", "the leak was found and mended, and nothing is smelt any more", true)),
  EXHAUST_LEAK(
      "a leak at an exhaust joint",
      Start.TEST,
      Lift.NOBODY,
      "every exhaust joint is dry and clean while it runs, in the open",
      new Remedy("joint-refitted", "the joint was refitted, two clamps, screws apart", false)),
  NO_WATER(
      "no or weak water at the exhaust",
      Start.TEST,
      Lift.COORDINATOR,
      "water is at the exhaust within a minute, and steady",
      new Remedy("cause-found", "what kept the water away was found and put right", false)),
  VANES_MISSING(
      "vanes of the impeller are missing",
      Start.NONE,
      Lift.COORDINATOR,
      "",
      new Remedy("impeller-replaced", "a new impeller is in", false, Interval.IMPELLER),
      new Remedy(
          "places-opened",
          "every place was opened, the rest was not found: low load only, watched for 10 h",
          true)),
  OIL_MILKY(
      "water in the engine oil",
      Start.BETWEEN_CHANGES,
      Lift.COORDINATOR,
      "the oil looks clean after a run on the new one",
      new Remedy(
          "oil-changed",
          "the way in was found and closed, and the oil changed",
          false,
          Interval.ENGINE_OIL)),
  OIL_METAL(
      "metal in the engine oil",
      Start.TEST,
      Lift.COORDINATOR,
      "the oil looks clean after the run",
      new Remedy("bearing-mended", "where the metal came from was found and mended", false)),
  OIL_THIN(
      "fuel in the engine oil",
      Start.TEST,
      Lift.COORDINATOR,
      "the oil looks clean after the run",
      new Remedy(
          "oil-changed",
          "where the fuel came from was found, and the oil changed",
          false,
          Interval.ENGINE_OIL)),
  OIL_OVER(
      "too much engine oil",
      Start.NONE,
      Lift.COORDINATOR,
      "",
      new Remedy("drawn-down", "drawn down, and dipped twice between the marks", true)),
  OIL_PRESSURE(
      "no oil pressure",
      Start.TEST,
      Lift.COORDINATOR,
      "oil pressure is up within seconds",
      new Remedy("cause-found", "why it had no pressure was found and put right", false)),
  WHITE_CLOUD(
      "a white cloud in the engine space",
      Start.TEST,
      Lift.COORDINATOR,
      "no cloud when warm, at low load",
      new Remedy("elbow-cleared", "elbow and muffler were opened and cleared", false),
      new Remedy("descaling", "it is descaled: it runs only for that", false)),
  TOO_HOT(
      "over temperature",
      Start.TEST,
      Lift.COORDINATOR,
      "the gauge holds where it should",
      new Remedy("cause-found", "why it ran hot was found and put right", false)),
  RAN_DRY(
      "its pump ran dry",
      Start.NONE,
      Lift.COORDINATOR,
      "",
      new Remedy("impeller-looked", "the impeller was out: sound, every vane there", true),
      new Remedy("impeller-replaced", "a new impeller is in", true, Interval.IMPELLER)),
  WATER_IN_CYLINDERS(
      "water suspected in the cylinders",
      Start.CRANKING,
      Lift.NOBODY,
      "",
      new Remedy("plugs-out", "plugs or injectors are out: it may be cranked so", false),
      new Remedy(
          "cylinders-cleared",
          "water out of every cylinder, oil in, turned by hand, no part bent",
          true)),
  MAY_HAVE_FROZEN("it may have frozen", Start.NONE, Lift.COORDINATOR, "");

  /** The one start that a tag leaves open. */
  public enum Start {
    NONE("no start"),
    TEST("a test start"),
    BETWEEN_CHANGES("runs between oil changes"),
    CRANKING("cranking with plugs or injectors out");

    private final String words;

    Start(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /** Who may lift it with a reason, without its remedy. */
  public enum Lift {
    COORDINATOR,
    NOBODY
  }

  /**
   * What is done about it.
   *
   * @param key as it is stored and sent
   * @param words as it is recorded
   * @param lifts it ends the tag; else it opens the start that the tag names
   * @param work what falls due that is done with it; null when nothing is
   */
  public record Remedy(String key, String words, boolean lifts, @Nullable Interval work) {
    Remedy(String key, String words, boolean lifts) {
      this(key, words, lifts, null);
    }
  }

  private static final Map<String, Map<String, TagCause>> BY_FINDING =
      Map.of(
          RoundConditions.VAPOR.key(), Map.of("smelt", PETROL_VAPOR),
          Conditions.EXHAUST_JOINTS.key(), Map.of("soot", EXHAUST_LEAK),
          Conditions.EXHAUST_FLOW.key(), Map.of("weak", NO_WATER, "none", NO_WATER),
          Conditions.OIL_LOOK.key(),
              Map.of(
                  "milky", OIL_MILKY,
                  "metal", OIL_METAL,
                  "thin", OIL_THIN),
          Conditions.OIL_LEVEL.key(), Map.of("over", OIL_OVER),
          Conditions.OIL_PRESSURE.key(), Map.of("none", OIL_PRESSURE),
          Conditions.SMOKE.key(), Map.of("white", WHITE_CLOUD),
          Conditions.CYLINDERS.key(), Map.of("stopped-dead", WATER_IN_CYLINDERS),
          CylinderConditions.TURNS.key(),
              Map.of("lower", WATER_IN_CYLINDERS, "binds", WATER_IN_CYLINDERS));

  private final String words;
  private final Start start;
  private final Lift lift;
  private final String proof;
  private final List<Remedy> remedies;

  TagCause(String words, Start start, Lift lift, String proof, Remedy... remedies) {
    this.words = words;
    this.start = start;
    this.lift = lift;
    this.proof = proof;
    this.remedies = List.of(remedies);
  }

  /** What a finding sets; null where it sets none. */
  public static @Nullable TagCause by(Fact.ConditionSeen seen) {
    return by(seen.condition(), seen.finding());
  }

  public static @Nullable TagCause by(String condition, String finding) {
    return BY_FINDING.getOrDefault(condition, Map.of()).get(finding);
  }

  /** What a number that is a stop sets; null where it sets none. */
  public static @Nullable TagCause by(String limit) {
    if (limit.equals(Limits.WATER_AT_EXHAUST.key()) || limit.equals(Limits.WATER_PRESSURE.key())) {
      return NO_WATER;
    }
    if (limit.equals(Limits.IMPELLER_VANES.key())) {
      return VANES_MISSING;
    }
    return Limits.isPlateau(limit) ? TOO_HOT : null;
  }

  public String words() {
    return words;
  }

  public Start start() {
    return start;
  }

  /** Whether a coordinator may lift it with a reason. */
  public boolean liftable() {
    return lift == Lift.COORDINATOR;
  }

  /** What has to be seen in the start it names, in words; empty where a remedy alone ends it. */
  public String proof() {
    return proof;
  }

  public List<Remedy> remedies() {
    return remedies;
  }

  /** The remedy of this name, or a refusal. */
  public Remedy remedy(String key) {
    return remedies.stream()
        .filter(remedy -> remedy.key().equals(key))
        .findFirst()
        .orElseThrow(() -> Refused.value("remedy", "That is no remedy for %s.".formatted(words)));
  }

  /** Petrol vapor is about the boat, whatever engine somebody named. */
  public @Nullable Position ofEngine(@Nullable Position said) {
    return this == PETROL_VAPOR ? null : said;
  }
}
