package elsko.core.ledger;

import elsko.core.Text;
import elsko.core.Words;
import elsko.core.boat.path.Position;
import elsko.core.ledger.fact.Entry;
import elsko.core.ledger.fact.StartBasis;
import elsko.core.ledger.fact.TagCause;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A stop that stands: no start but the one it names, by anybody, until what belongs to it is
 * recorded.
 *
 * @param engine whose; null for the boat
 * @param entry that set it
 * @param found what was found, in words
 * @param remedy what was recorded against it; null while nothing was
 * @param ran the start it names was made since
 */
public record RedTag(
    TagCause cause,
    @Nullable Position engine,
    UUID entry,
    Text found,
    String by,
    Instant at,
    TagCause.@Nullable Remedy remedy,
    @Nullable String remediedBy,
    boolean ran) {

  static RedTag set(TagCause cause, @Nullable Position engine, Text found, Entry entry) {
    return new RedTag(
        cause, engine, entry.id(), found, entry.person(), entry.deviceTime(), null, null, false);
  }

  /** "Port engine: no oil pressure" */
  public String words() {
    return Words.sentence(
        engine == null ? cause.words() : "%s: %s".formatted(engine.words(), cause.words()));
  }

  /** As a start is refused under it. */
  public Text refusal() {
    return Text.of("Red tag. %s (%s, by %s). %s", words(), found, by, lifts());
  }

  /** What ends it, or what comes first. */
  public String lifts() {
    if (cause == TagCause.MAY_HAVE_FROZEN) {
      return "Lifted when somebody looked and found nothing broken; what is broken is mended first.";
    }
    if (cause == TagCause.VANES_MISSING) {
      return remedy == null
          ? "No start. First recorded: %s. Lifted when every piece of the old one is found; or when recorded: %s."
              .formatted(opening(), lifting())
          : "No start. Lifted when every piece of the old one is found; or when recorded: %s."
              .formatted(lifting());
    }
    if (remedy != null && !remedy.lifts()) {
      return cause == TagCause.WATER_IN_CYLINDERS
          ? "Only %s. Lifted when recorded: %s.".formatted(cause.start().words(), lifting())
          : "Only %s. Lifted when %s.".formatted(cause.start().words(), cause.proof());
    }
    String first =
        cause.start() == TagCause.Start.NONE || cause.start() == TagCause.Start.CRANKING
            ? "No start. Lifted when recorded: %s.".formatted(lifting())
            : "No start. First recorded: %s. Then %s, and it is lifted when %s."
                .formatted(opening(), cause.start().words(), cause.proof());
    return cause.start() == TagCause.Start.CRANKING
        ? first + " No cranking before plugs or injectors are out."
        : first;
  }

  /** What comes next, in a few words. */
  public String next() {
    if (cause == TagCause.MAY_HAVE_FROZEN) {
      return "No start before somebody looked.";
    }
    if (remedy != null) {
      return lifts();
    }
    String first = opening().isEmpty() ? lifting() : opening();
    return "No start before it is recorded: %s.".formatted(first);
  }

  /** Whether a run of the engine is what it leaves open now. */
  boolean leavesStartOpen() {
    boolean opened = remedy != null && !remedy.lifts();
    return opened
        && (cause.start() == TagCause.Start.TEST
            || cause.start() == TagCause.Start.BETWEEN_CHANGES);
  }

  /** Whether a start of this kind is what it leaves open now. */
  boolean leavesOpen(StartBasis basis) {
    return switch (basis) {
      case AFLOAT, FED, PRIMED -> leavesStartOpen();
      case CRANK_SHUT ->
          leavesStartOpen() || cause.start() == TagCause.Start.CRANKING && remedy != null;
      case KICK -> false;
    };
  }

  RedTag remedied(TagCause.Remedy done, String person) {
    return new RedTag(cause, engine, entry, found, by, at, done, person, false);
  }

  RedTag started() {
    return new RedTag(cause, engine, entry, found, by, at, remedy, remediedBy, true);
  }

  private String lifting() {
    return either(true);
  }

  private String opening() {
    return either(false);
  }

  private String either(boolean lifts) {
    return String.join(
        "; or ",
        cause.remedies().stream()
            .filter(one -> one.lifts() == lifts)
            .map(TagCause.Remedy::words)
            .toList());
  }
}
