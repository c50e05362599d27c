package elsko.core.procedure.request;

import static elsko.core.boat.description.EnginePart.*;

import elsko.core.boat.Boat;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.Exhaust;
import elsko.core.boat.description.FeedGuard;
import elsko.core.boat.description.Fuel;
import elsko.core.boat.description.Layout;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.Position;
import java.util.ArrayList;
import java.util.List;

/** The ways fresh water is given to an engine, the better ones first. */
public enum FlushVariant {
  TWO_PORT("through the two ports", "the engine first, then the exhaust"),
  MUFFS("muffs on the drive", "rinses the leg too"),
  TEE_AND_BUCKET("tee and bucket", "open water only: a hose under pressure fills the muffler"),
  STRAINER_TOP_UP("through the strainer", "the strainer is kept half full; nothing is taken apart"),
  SUCTION_CUP("suction cup on the hull intake", "nothing is taken apart"),
  INTAKE_HOSE("into the intake hose", "the leg's own passages are not rinsed this way"),
  PIPE_IN_BUCKET("intake pipe in a bucket", "a clear pipe shows the flow");

  private final String words;
  private final String reason;

  FlushVariant(String words, String reason) {
    this.words = words;
    this.reason = reason;
  }

  public String words() {
    return words;
  }

  public String reason() {
    return reason;
  }

  /** The variants that fit a circuit, the usual one first. */
  public static List<FlushVariant> possible(Boat boat, Circuit circuit) {
    List<FlushVariant> possible = new ArrayList<>();
    if (!circuit.isRawWater()) {
      return possible;
    }
    for (FlushVariant variant : values()) {
      if (variant.fits(boat, circuit)) {
        possible.add(variant);
      }
    }
    return possible;
  }

  public static FlushVariant usual(Boat boat, Circuit circuit) {
    return possible(boat, circuit).get(0);
  }

  private boolean fits(Boat boat, Circuit circuit) {
    boolean generator = circuit.engine() == Position.GENERATOR;
    Layout layout = generator ? Layout.SHAFT : boat.description().layout();
    EngineDescription engine = boat.engine(circuit);
    boolean lifts = boat.exhaust(circuit) == Exhaust.WATER_LIFT;
    return switch (this) {
      case TWO_PORT -> layout == Layout.JET;
      case MUFFS -> boat.has(circuit, TAKES_MUFFS) && FeedGuard.hose(engine).isEnough();
      case TEE_AND_BUCKET -> boat.has(circuit, FLUSH_TEE);
      case STRAINER_TOP_UP ->
          boat.has(circuit, STRAINER)
              && boat.has(circuit, SEACOCK)
              && (generator || engine.fuel() == Fuel.DIESEL)
              && !FeedGuard.hose(engine).idleOnly();
      case SUCTION_CUP ->
          (layout == Layout.V_DRIVE || layout == Layout.SHAFT)
              && !lifts
              && !generator
              && FeedGuard.hose(engine).isEnough();
      case INTAKE_HOSE ->
          !lifts
              && (layout == Layout.STERNDRIVE || boat.has(circuit, QUICK_CONNECTOR))
              && FeedGuard.hose(engine).isEnough();
      case PIPE_IN_BUCKET ->
          boat.suctionHose(circuit) != null || layout == Layout.OUTBOARD; // its leg in a tub
    };
  }

  /** Whether open water stands ready in a tub. */
  public boolean isFromATub() {
    return this == TEE_AND_BUCKET || this == PIPE_IN_BUCKET;
  }

  /** The water of a run of so many minutes. */
  public FeedGuard feed(EngineDescription engine, double minutes) {
    return isFromATub() ? FeedGuard.tub(engine, minutes) : FeedGuard.hose(engine);
  }
}
