package elsko.core.ledger;

import elsko.core.Text;
import elsko.core.boat.path.Position;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.FrostFinding;
import elsko.core.ledger.fact.ReadingStanding;
import elsko.core.ledger.fact.TagCause;
import elsko.core.limits.Call;
import elsko.core.limits.Conditions;
import elsko.core.limits.Limits;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Follows through the log which stops stand. The one place that says what sets a red tag, what
 * opens the start it names, and what ends it.
 */
final class RedTags {
  /** What frost may have broken is told circuit by circuit. */
  private record Name(TagCause cause, @Nullable Position engine, @Nullable String circuit) {
    Name(TagCause cause, @Nullable Position engine) {
      this(cause, engine, null);
    }
  }

  private static final Set<TagCause> OF_OIL_LOOK =
      Set.of(TagCause.OIL_MILKY, TagCause.OIL_METAL, TagCause.OIL_THIN);

  private final Map<Name, RedTag> standing = new LinkedHashMap<>();

  /** Something was looked at. */
  void seen(@Nullable Position engine, Fact.ConditionSeen seen, Entry entry) {
    TagCause cause = TagCause.by(seen);
    if (cause != null) {
      set(cause, engine, seen.found().words(), entry);
    } else if (seen.found().call() != Call.STOP) {
      wellSeen(engine, seen.condition());
    }
  }

  private void wellSeen(@Nullable Position engine, String condition) {
    if (condition.equals(Conditions.OIL_LEVEL.key())) {
      end(TagCause.OIL_OVER, engine);
    } else if (condition.equals(Conditions.OIL_LOOK.key())) {
      OF_OIL_LOOK.forEach(cause -> proven(cause, engine));
    } else if (condition.equals(Conditions.EXHAUST_JOINTS.key())) {
      proven(TagCause.EXHAUST_LEAK, engine);
    } else if (condition.equals(Conditions.EXHAUST_FLOW.key())) {
      proven(TagCause.NO_WATER, engine);
    } else if (condition.equals(Conditions.OIL_PRESSURE.key())) {
      proven(TagCause.OIL_PRESSURE, engine);
    } else if (condition.equals(Conditions.SMOKE.key())) {
      proven(TagCause.WHITE_CLOUD, engine);
    }
  }

  /** A number was read; {@code call} as it was judged for this engine. */
  void read(@Nullable Position engine, Fact.ReadingTaken read, Call call, Entry entry) {
    TagCause cause = TagCause.by(read.limit());
    if (cause == null) {
      return;
    }
    if (call == Call.STOP) {
      set(cause, engine, ReadingStanding.foundWords(Limits.of(read.limit()), read), entry);
    } else if (call == Call.GOOD) {
      proven(cause, engine);
    }
  }

  void set(TagCause cause, @Nullable Position engine, String found, Entry entry) {
    set(cause, engine, Text.of(found), entry);
  }

  void set(TagCause cause, @Nullable Position engine, Text found, Entry entry) {
    Position whose = cause.ofEngine(engine);
    Name name = new Name(cause, whose);
    standing.remove(name);
    standing.put(name, RedTag.set(cause, whose, found, entry));
  }

  /** What was seen in the start it names; before that it says nothing. */
  void proven(TagCause cause, @Nullable Position engine) {
    for (Position whose : whoseOrBoat(engine)) {
      RedTag tag = standing.get(new Name(cause, whose));
      if (tag != null && tag.leavesStartOpen() && tag.ran()) {
        end(cause, whose);
      }
    }
  }

  void started(Position engine) {
    standing.replaceAll(
        (name, tag) ->
            (tag.engine() == null || tag.engine() == engine) && tag.leavesStartOpen()
                ? tag.started()
                : tag);
  }

  void remedied(@Nullable Position engine, TagCause cause, TagCause.Remedy remedy, String person) {
    Position whose = cause.ofEngine(engine);
    if (remedy.lifts()) {
      end(cause, whose);
    } else {
      standing.computeIfPresent(
          new Name(cause, whose), (name, tag) -> tag.remedied(remedy, person));
    }
  }

  void lifted(@Nullable Position engine, TagCause cause) {
    Position whose = cause.ofEngine(engine);
    standing.keySet().removeIf(name -> name.cause() == cause && name.engine() == whose);
  }

  /** The work itself is a remedy recorded by its name. */
  void oilChanged(Position engine, String person) {
    remediedByWork(TagCause.OIL_MILKY, engine, person);
    remediedByWork(TagCause.OIL_THIN, engine, person);
  }

  void descaled(Position engine, String person) {
    remediedByWork(TagCause.WHITE_CLOUD, engine, person);
  }

  private void remediedByWork(TagCause cause, Position engine, String person) {
    List<TagCause.Remedy> remedies = cause.remedies();
    for (Position whose : whoseOrBoat(engine)) {
      standing.computeIfPresent(
          new Name(cause, whose),
          (name, tag) -> tag.remedied(remedies.get(remedies.size() - 1), person));
    }
  }

  /** A new impeller has every vane; what the old one lost may still be in there. */
  void impellerReplaced(Position engine, boolean piecesMissing, String person) {
    end(TagCause.RAN_DRY, engine);
    standing.computeIfPresent(
        new Name(TagCause.VANES_MISSING, engine),
        (name, tag) -> tag.remedied(TagCause.VANES_MISSING.remedy("impeller-replaced"), person));
    if (!piecesMissing) {
      allPiecesFound(engine);
    }
  }

  /** Once a new impeller is in, nothing is left to wait for. */
  void allPiecesFound(Position engine) {
    RedTag tag = standing.get(new Name(TagCause.VANES_MISSING, engine));
    if (tag != null && tag.remedy() != null) {
      end(TagCause.VANES_MISSING, engine);
    }
  }

  /** A card begins with looking for what frost did: until then nobody knows. */
  void mayHaveFrozen(Position engine, String circuit, Entry entry) {
    frozen(engine, circuit, "nobody looked yet", entry);
  }

  void lookedForFrost(@Nullable Position engine, String circuit, FrostFinding found, Entry entry) {
    if (engine == null) {
      return;
    }
    if (found.call() == Call.STOP) {
      frozen(engine, circuit, found.words(), entry);
    } else {
      standing.remove(new Name(TagCause.MAY_HAVE_FROZEN, engine, circuit));
    }
  }

  private void frozen(Position engine, String circuit, String found, Entry entry) {
    standing.put(
        new Name(TagCause.MAY_HAVE_FROZEN, engine, circuit),
        RedTag.set(TagCause.MAY_HAVE_FROZEN, engine, Text.of(found), entry));
  }

  void end(TagCause cause, @Nullable Position engine) {
    standing.remove(new Name(cause, engine));
  }

  /** The oldest first. */
  List<RedTag> standing() {
    return List.copyOf(standing.values());
  }

  private static Collection<@Nullable Position> whoseOrBoat(@Nullable Position engine) {
    List<@Nullable Position> both = new ArrayList<>();
    both.add(engine);
    if (engine != null) {
      both.add(null);
    }
    return both;
  }
}
