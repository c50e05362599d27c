package elsko.core.procedure.card;

import elsko.core.Text;
import elsko.core.boat.description.Accessory;
import elsko.core.boat.path.FittingState;
import elsko.core.boat.path.Position;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.ledger.fact.TagCause;
import elsko.core.limits.Condition;
import elsko.core.limits.Limit;
import java.util.Collection;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * One thing a step asks for. The screen offers it; an entry answers it; the ledger says whether it
 * was.
 */
public sealed interface Ask {
  /** Short label on the screen. */
  String label();

  /** Those of one kind. */
  static <T extends Ask> Stream<T> only(Class<T> kind, Collection<? extends Ask> asks) {
    return asks.stream().filter(kind::isInstance).map(kind::cast);
  }

  /** What can be asked on a round before casting off too. */
  sealed interface OnRound extends Ask {}

  /**
   * A fitting is set to a state.
   *
   * @param now it has to be looked at now, even when the record says it stands so already
   */
  record Set(String label, String fitting, FittingState to, boolean now) implements OnRound {
    public Set(String label, String fitting, FittingState to) {
      this(label, fitting, to, false);
    }
  }

  /**
   * A low point is opened, and what ran out is said.
   *
   * @param fitting what is opened; null where nothing has to be
   */
  record Open(String label, String lowPoint, String fitting, FittingState to, double liters)
      implements Ask {}

  /**
   * An engine is started, or stopped.
   *
   * @param basis what makes the start allowed; null for a stop
   */
  record Engine(String label, Position engine, StartBasis basis) implements Ask {
    public boolean start() {
      return basis != null;
    }
  }

  /** The engine is kicked over once, briefly, with every drain OUT. */
  record Kick(String label, Position engine, double seconds) implements Ask {}

  /**
   * A number is read; {@code engine} null: of the boat as a whole.
   *
   * @param against what it is likely held against; null when nobody knows, or nothing is
   * @param school the school in use, where the trade has several; null otherwise
   * @param instead key of a condition that tells the same where it can be seen; null otherwise
   */
  record Read(
      String label,
      Position engine,
      String limit,
      String unit,
      Double against,
      @Nullable Text school,
      String instead)
      implements OnRound {
    public static Read of(String label, Position engine, Limit limit) {
      return new Read(label, engine, limit.key(), limit.unit(), null, null, null);
    }

    public static Read of(Position engine, Limit limit) {
      return of(limit.name(), engine, limit);
    }

    public Read against(double likely) {
      return new Read(label, engine, limit, unit, likely, school, instead);
    }

    public Read by(String words) {
      return by(Text.of(words));
    }

    public Read by(Text words) {
      return new Read(label, engine, limit, unit, against, words, instead);
    }

    public Read orSeen(Condition condition) {
      return new Read(label, engine, limit, unit, against, school, condition.key());
    }
  }

  /** Something is looked at; {@code engine} null: of the boat as a whole. */
  record See(String label, Position engine, String condition) implements OnRound {
    public static See of(Position engine, Condition condition) {
      return new See(condition.name(), engine, condition.key());
    }
  }

  /** Pieces an impeller has lost are found, each one. */
  record Pieces(String label, Position engine, int missing) implements Ask {}

  /** Antifreeze goes in, at a hose or through the tank ({@code pourPoint} null). */
  record Fill(String label, String circuit, String pourPoint, double liters, String watch)
      implements Ask {}

  /** Antifreeze is caught as it runs out; {@code liters} went in. */
  record Catch(String label, String circuit, double liters) implements Ask {}

  /**
   * Chlorine goes into domestic water.
   *
   * @param tankLiters what it holds; null when nobody has said
   * @param mgPerLiter free chlorine wanted, {@code mostMgPerLiter} above which it is dangerous
   */
  record Disinfect(
      String label, String circuit, Double tankLiters, double mgPerLiter, double mostMgPerLiter)
      implements Ask {}

  /** A part is laid ready; {@code engine} null: for the boat as a whole. */
  record Pick(String label, Position engine, String item) implements Ask {}

  /** Descaler goes in. */
  record Descale(String label, String circuit, List<String> segments, double liters)
      implements Ask {}

  /** The plugs in the bag are counted. */
  record Count(String label) implements Ask {}

  /** The undiluted jug is read. */
  record Jug(String label, String circuit) implements Ask {}

  /** A low point is sampled: bottle filled, drain back IN ({@code drain} null: dipped), read. */
  record Sample(String label, String lowPoint, String drain) implements Ask {}

  /** The coolant is read cold at the filler. */
  record Coolant(String label, String circuit) implements Ask {}

  /** Somebody looks for what frost did to a circuit. */
  record Frost(String label, String circuit) implements Ask {}

  /** Something that falls due is done; {@code engine} null: for the boat as a whole. */
  record Service(String label, Position engine, String item) implements Ask {}

  /** Every cylinder is fogged or oiled. */
  record Oil(String label, Position engine) implements Ask {}

  /**
   * What belongs to a red tag is recorded by its name.
   *
   * @param engine whose tag it is; null for the boat's
   */
  record Remedy(String label, @Nullable Position engine, TagCause cause, String remedy)
      implements Ask {}

  /** A photo is taken of it, or what it shows is written down. */
  record Photo(String label) implements Ask {}

  /** What the owner complains of is asked, also when that is nothing. */
  record Complaints(String label) implements Ask {}

  /** Water is about to undo what is proven of a circuit: somebody lets go of it, with a reason. */
  record GiveUp(String label, String circuit) implements Ask {}

  /** Somebody looks whether an accessory is aboard. */
  record Aboard(String label, Accessory accessory) implements Ask {}

  /** Somebody says what is in circuits: water that must go, or water on purpose. */
  record Look(String label, List<String> circuits, boolean inService) implements Ask {}

  /** A few words are written down. */
  record Note(String label) implements Ask {}

  /** The boat floats; whoever moves boats does that. */
  record Afloat(String label) implements Ask {}
}
