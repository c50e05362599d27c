package elsko.core.limits;

import static elsko.core.limits.Call.GOOD;
import static elsko.core.limits.Call.MEND;
import static elsko.core.limits.Condition.called;

import java.util.List;

/**
 * What is looked at when a raw-water pump is opened. Findings as the handbook's winter rounds have
 * them.
 */
public final class PumpConditions {
  /** Asked before a new impeller goes in: the next one goes the same way. */
  public static final Condition FAILED_BY =
      called("pump-failed-by", "why it failed", "before a new impeller goes in")
          .or("age", "it did not: it is due, or worn by its years", GOOD, "")
          .or(
              "bag",
              "a bag or weed on the intake",
              MEND,
              "Clear the intake from outside before it runs again.")
          .or("strainer", "strainer blocked", MEND, "Basket and bowl cleaned, the mesh brushed.")
          .or(
              "air",
              "air at the strainer lid, or at a joint before the pump",
              MEND,
              "Ring seated, lid by hand, both clamps. Nothing leaks out where air gets in.")
          .or(
              "shut",
              "it ran with the seacock SHUT",
              MEND,
              "Key on the seacock from now on: nobody starts without having been there.")
          .or(
              "unknown",
              "not found",
              MEND,
              "Look along the path before it runs: grille, seacock, strainer, lid, hoses. A new one goes"
                  + " the same way.");

  public static final Condition HOUSING =
      called("pump-housing", "inside of the housing", "wiped dry, with a lamp, both halves")
          .or("bright", "bright and smooth", GOOD, "")
          .or("light", "light marks, nothing a nail feels", GOOD, "")
          .or("scored", "the back is scored", MEND, "It can be skimmed flat.")
          .or(
              "melted",
              "melted, scored or discolored by heat",
              MEND,
              "Replace that half. Bearing and pulley may stay where they run smoothly.");

  public static final Condition CAM =
      called("pump-cam", "cam", "beside a new one")
          .or("as-new", "as high as a new one", GOOD, "")
          .or("worn", "lower, or with an edge", MEND, "A new cam: a low one bends no vane.");

  public static final Condition TELL_TALE =
      called("pump-tell-tale", "tell-tale gap", "between the two seals, with a rag and a lamp")
          .or("dry", "dry", GOOD, "")
          .or("water", "water comes out of it", MEND, "The seal of the water side: both are new.")
          .or("oil", "oil comes out of it", MEND, "The seal of the oil side: both are new.");

  public static final Condition SHAFT =
      called("pump-shaft", "shaft where the seals run", "with a fingernail")
          .or("smooth", "smooth", GOOD, "")
          .or("groove", "a groove", MEND, "Replace the pump: no new seal holds on it for long.");

  public static final Condition BEARINGS =
      called("pump-bearings", "bearings", "turned, then pulled and pushed by hand")
          .or("smooth", "smooth, no play and no end float", GOOD, "")
          .or("rough", "rough, or it hums", MEND, "New bearings, with the seals.")
          .or(
              "float",
              "end float or play",
              MEND,
              "Circlip and bearings: the impeller wanders and eats the face plate.");

  public static final Condition CIRCLIP =
      called("pump-circlip", "new circlip", "all round in its groove, with a lamp")
          .or("seated", "seen seated all round", GOOD, "")
          .or(
              "not-seen",
              "not seen all round",
              MEND,
              "The shaft walks out of the pump: off again, and a new one seated.");

  public static final Condition SEALS =
      called("pump-seals", "both lip seals", "as they went in")
          .or("flush", "springs facing inside, square, flush; slinger and ring back", GOOD, "")
          .or("crooked", "one is crooked or proud", MEND, "Out again: a new one, pressed square.");

  static final List<Condition> ALL =
      List.of(FAILED_BY, HOUSING, CAM, TELL_TALE, SHAFT, BEARINGS, CIRCLIP, SEALS);

  private PumpConditions() {}
}
