package elsko.core.procedure.part;

import static elsko.core.boat.path.FittingState.*;

import elsko.core.boat.description.EnginePart;
import elsko.core.boat.description.Layout;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Position;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.limits.Conditions;
import elsko.core.procedure.card.Ask;
import elsko.core.procedure.request.FlushVariant;
import elsko.core.procedure.request.OnCircuit;
import elsko.core.procedure.request.Running;

/** How a pump is given fresh water, or the tank, and how that is taken off again. */
public final class WaterSupply {
  private WaterSupply() {}

  /** Water on, engine started; in the order that variant needs. */
  public static Running waterOn(OnCircuit on, FlushVariant variant) {
    Running run = Running.of(on);
    switch (variant) {
      case MUFFS -> run.feed(HOSE, "muffs on, water on");
      case SUCTION_CUP -> run.feed(SUCTION_CUP, "suction cup on the hull intake, water on");
      case INTAKE_HOSE -> {
        if (on.has(FittingKind.FLUSH_CAP)) {
          run.set(FittingKind.FLUSH_CAP, OUT, "cap off the quick connector");
        } else {
          run.set(on.boat().suctionHose(on.circuit()), OFF);
        }
        run.feed(HOSE, "hose into the pump's intake, water on");
      }
      case STRAINER_TOP_UP -> {
        run.set(FittingKind.SEACOCK, SHUT, "");
        run.set(FittingKind.STRAINER_LID, OFF, "");
        run.feed(STRAINER, "strainer filled to the brim");
      }
      case TEE_AND_BUCKET -> {
        run.set(FittingKind.SEACOCK, SHUT, "");
        run.set(FittingKind.TEE_PLUG, OUT, "");
        run.feed(BUCKET, "bucket hose on the tee, valve open");
      }
      case PIPE_IN_BUCKET -> {
        run.set(FittingKind.SEACOCK, SHUT, "");
        run.set(on.boat().suctionHose(on.circuit()), OFF);
        run.feed(
            BUCKET,
            on.boat().suctionHose(on.circuit()) == null
                ? "leg in a tub of water"
                : "clear pipe from the pump into the bucket");
      }
      case TWO_PORT -> run.set(enginePort(on), OUT);
    }
    prime(on, run, variant);
    run.start(StartBasis.FED);
    if (variant == FlushVariant.TWO_PORT) {
      run.feed(HOSE, "water on at the engine port within 10 seconds");
    }
    return run;
  }

  /** Out of a tub no pressure fills a suction that was drained. */
  private static void prime(OnCircuit on, Running run, FlushVariant variant) {
    if (variant.isFromATub() && on.request().state().runs().get(on.engine()).suctionDry()) {
      run.ask(Ask.See.of(on.engine(), Conditions.SUCTION));
    }
  }

  /** Engine stopped and water off, in the order that variant needs; everything refitted. */
  public static Running waterOff(OnCircuit on, Running run, FlushVariant variant) {
    if (variant == FlushVariant.TWO_PORT) {
      run.feed(NONE, "water off; at most 3 seconds more");
      run.stop();
      return run.set(enginePort(on), IN);
    }
    run.stop();
    run.feed(NONE, variant == FlushVariant.MUFFS ? "water off" : "water off, feed taken away");
    switch (variant) {
      case INTAKE_HOSE -> {
        if (on.has(FittingKind.FLUSH_CAP)) {
          run.set(FittingKind.FLUSH_CAP, IN, "");
        } else {
          run.set(on.boat().suctionHose(on.circuit()), CLAMPED);
        }
      }
      case STRAINER_TOP_UP -> {
        if (!OpenLid.staysOffForCleaning(on)) {
          run.set(FittingKind.STRAINER_SEAL, SEATED, "");
          run.set(FittingKind.STRAINER_LID, SEALED, "");
        }
      }
      case TEE_AND_BUCKET -> run.set(FittingKind.TEE_PLUG, IN, "");
      case PIPE_IN_BUCKET -> run.set(on.boat().suctionHose(on.circuit()), CLAMPED);
      default -> {}
    }
    return run;
  }

  /** Where the tank goes on. */
  public static String tankAt(OnCircuit on) {
    if (isJet(on)) {
      return "tank on the engine port";
    }
    if (has(on, EnginePart.TAKES_MUFFS)) {
      return "tank on the muffs";
    }
    if (has(on, EnginePart.FLUSH_TEE)) {
      return "tank on the flush tee";
    }
    if (on.has(FittingKind.STRAINER_LID)) {
      return "adapter with its gasket on the strainer, tank on it";
    }
    return on.boat().suctionHose(on.circuit()) == null
        ? "tank on the pump's intake"
        : "intake pipe into the tank";
  }

  /** Whether the tank is put on the open strainer, and not on muffs, a port or a tee. */
  public static boolean isTankAtTheStrainer(OnCircuit on) {
    return !isJet(on)
        && !has(on, EnginePart.TAKES_MUFFS)
        && !has(on, EnginePart.FLUSH_TEE)
        && on.has(FittingKind.STRAINER_LID);
  }

  /**
   * @param lidIsOff the strainer lies open already
   */
  public static void tankOn(OnCircuit on, Running run, boolean lidIsOff) {
    if (isJet(on)) {
      run.set(enginePort(on), OUT);
    } else if (has(on, EnginePart.TAKES_MUFFS)) {
      run.feed(TANK, tankAt(on));
      return;
    } else {
      run.set(FittingKind.SEACOCK, SHUT, "");
      if (has(on, EnginePart.FLUSH_TEE)) {
        run.set(FittingKind.TEE_PLUG, OUT, "");
      } else if (on.has(FittingKind.STRAINER_LID)) {
        if (!lidIsOff) {
          run.set(FittingKind.STRAINER_LID, OFF, "");
          run.set(FittingKind.STRAINER_BASKET, OUT, "");
        }
      } else {
        run.set(on.boat().suctionHose(on.circuit()), OFF);
      }
    }
    run.feed(TANK, tankAt(on));
  }

  public static void tankOff(OnCircuit on, Running run) {
    run.feed(NONE, "tank taken away");
    if (isJet(on)) {
      run.set(enginePort(on), IN);
    } else if (has(on, EnginePart.TAKES_MUFFS)) {
      return;
    } else if (has(on, EnginePart.FLUSH_TEE)) {
      run.set(FittingKind.TEE_PLUG, IN, "");
    } else if (on.has(FittingKind.STRAINER_LID)) {
      run.set(FittingKind.STRAINER_BASKET, IN, "");
      run.set(FittingKind.STRAINER_SEAL, SEATED, "");
      run.set(FittingKind.STRAINER_LID, SEALED, "strainer lid sealed by hand");
    } else {
      run.set(on.boat().suctionHose(on.circuit()), CLAMPED);
    }
  }

  public static boolean isJet(OnCircuit on) {
    return on.isEngine()
        && on.engine() != Position.GENERATOR
        && on.boat().description().layout() == Layout.JET;
  }

  static Fitting enginePort(OnCircuit on) {
    return on.all(FittingKind.FLUSH_PORT).get(0);
  }

  public static Fitting sternPort(OnCircuit on) {
    return on.all(FittingKind.FLUSH_PORT).get(1);
  }

  private static boolean has(OnCircuit on, EnginePart part) {
    return on.isEngine() && on.boat().has(on.circuit(), part);
  }
}
