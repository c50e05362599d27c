package elsko.core.ledger.circuit;

import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.PourPoint;
import elsko.core.boat.path.Segment;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.verdict.Need;
import elsko.core.fluid.verdict.Outcome;
import elsko.core.fluid.verdict.Proof;
import elsko.core.fluid.verdict.ProofQuestion;
import elsko.core.fluid.verdict.SampledSegment;
import elsko.core.fluid.verdict.Verdict;
import elsko.core.ledger.circuit.CircuitState.Content;
import elsko.core.ledger.fact.Fact;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * The verdicts on what was read of one circuit, and what they vouch for: of each segment that was
 * filled, whether a sample after it, or what is reckoned to have come through, tells of it.
 */
final class Vouching {
  /** What holds less than that cannot break, L. */
  private static final double LEAST_ASKED_L = 0.1;

  private final Circuit circuit;
  private final CircuitContents contents;
  private final Samples samples;
  private final Need need;
  private final Map<String, Verdict> verdicts = new HashMap<>();

  Vouching(Circuit circuit, CircuitContents contents, Samples samples, Need need) {
    this.circuit = circuit;
    this.contents = contents;
    this.samples = samples;
    this.need = need;
    samples.read().forEach((point, read) -> verdicts.put(point, judge(read)));
  }

  /** Null where the jug of its lot was not read, or no sample. */
  @Nullable Verdict verdict(LowPoint point) {
    return verdicts.get(point.key());
  }

  /** A low point that speaks against it: too weak, or nothing came out of it. */
  boolean isShort(LowPoint point) {
    return failed(verdict(point)) || givesNothing(point);
  }

  /** The segments that were filled and that nothing vouches for. */
  List<Unsettled> unsettled() {
    boolean measured = verdicts.values().stream().anyMatch(Vouching::proves) || jugProves();
    List<Unsettled> found = new ArrayList<>();
    for (Segment segment : circuit.segments()) {
      boolean asked =
          contents.all().get(segment.key()) == Content.ANTIFREEZE
              && segment.liters() >= LEAST_ASKED_L;
      if (asked && !(measured && isVouchedFor(segment))) {
        found.add(unsettled(segment));
      }
    }
    return List.copyOf(found);
  }

  private boolean isVouchedFor(Segment segment) {
    if (contents.evidence().cameIntoEmpty(segment.key())) {
      // What clings to a hose is pushed ahead: its far end is weak until enough has followed.
      boolean toItsEnd = !contents.drawn() || segment.kind().mixes();
      return toItsEnd || !Boolean.FALSE.equals(meets(segment, null));
    }
    return isTold(segment);
  }

  /** What went through it was sampled after it, or can have left no weak place in it. */
  private boolean isTold(Segment segment) {
    List<LowPoint> telling = tellOf(segment);
    boolean sampled = telling.stream().anyMatch(point -> tells(segment, point));
    if (!telling.isEmpty() && !sampled) {
      return false;
    }
    Boolean meets = meets(segment, segment.key());
    // A bottle tells of what is mixed: along a hose the far end may be weaker than it.
    boolean toldBySample = sampled && (segment.kind().mixes() || meets == null);
    // What is reckoned to have come through a thermostat needs a bottle from behind it.
    boolean reckoned = Boolean.TRUE.equals(meets) && (sampled || !segment.gated());
    return toldBySample || reckoned;
  }

  /**
   * Where a hole gives no sample, the samples after it stand for it. That it was seen empty does
   * not: nothing coming out of what was filled speaks against it.
   */
  boolean isToldByOthers(LowPoint point) {
    return samples.isGivenUp(point.key())
        && behind(point).stream()
            .allMatch(
                segment ->
                    isOnTheWayToOrFromAGoodSample(segment)
                        && isTold(segment)
                        && !Boolean.FALSE.equals(meets(segment, segment.key())));
  }

  /** Where a sample says that water was left somewhere, that may be in what lies before it. */
  private boolean tells(Segment of, LowPoint sampled) {
    Verdict verdict = verdicts.get(sampled.key());
    return sampled.segment().equals(of.key())
        ? proves(verdict)
        : verdict != null && verdict.outcome() == Outcome.PROVEN;
  }

  private boolean isOnTheWayToOrFromAGoodSample(Segment segment) {
    return circuit.lowPoints().stream()
        .filter(point -> proves(verdicts.get(point.key())))
        .map(point -> contents.segment(point.segment()))
        .anyMatch(
            sampled ->
                contents.evidence().tellOf(segment).contains(sampled.key())
                    // What came as far as the thermostat may have gone round it.
                    || !segment.gated()
                        && contents.evidence().tellOf(sampled).contains(segment.key()));
  }

  /** Gives no sample, and no other bottle that is still to be read can stand for it. */
  private boolean givesNothing(LowPoint point) {
    return samples.isGivenUp(point.key())
        && !isToldByOthers(point)
        && behind(point).stream()
            .flatMap(segment -> tellOf(segment).stream())
            .allMatch(other -> verdicts.get(other.key()) != null);
  }

  private List<Segment> behind(LowPoint point) {
    Set<String> keys = new TreeSet<>(point.empties());
    keys.add(point.segment());
    return keys.stream()
        .map(contents::segment)
        .filter(segment -> contents.all().get(segment.key()) == Content.ANTIFREEZE)
        .toList();
  }

  private @Nullable Boolean meets(Segment segment, @Nullable String neverEmptied) {
    return Predicted.meets(
        need, circuit, contents.drawReaches(), contents.flows(), segment.key(), neverEmptied);
  }

  private boolean isDrain(@Nullable String fitting) {
    return fitting != null && circuit.drains().contains(fitting);
  }

  /** Where a sample can be taken that tells of a segment. */
  private List<LowPoint> tellOf(Segment segment) {
    Set<String> after = contents.evidence().tellOf(segment);
    return circuit.lowPoints().stream()
        .filter(point -> point.required() || isDrain(point.opens()))
        .filter(point -> !samples.isGivenUp(point.key()))
        .filter(point -> after.contains(point.segment()))
        .toList();
  }

  private Unsettled unsettled(Segment segment) {
    List<LowPoint> telling = tellOf(segment);
    LowPoint empties =
        circuit.lowPoints().stream()
            .filter(point -> point.empties().contains(segment.key()))
            .findFirst()
            .orElse(null);
    String settles =
        !telling.isEmpty()
            ? "Sample the %s".formatted(telling.get(0).name())
            : empties != null
                ? "Let it run out at the %s, and fill it again".formatted(empties.name())
                : "Draw more through it";
    return new Unsettled(segment.key(), segment.name(), settles);
  }

  private static boolean proves(@Nullable Verdict verdict) {
    return verdict != null && verdict.outcome().proves();
  }

  /** Where nothing has to be sampled, the jug itself has to be good enough. */
  private boolean jugProves() {
    if (contents.lot() == null || !circuit.requiredLowPoints().isEmpty()) {
      return false;
    }
    Fact.JugRead read = samples.jugOf(contents.lot());
    if (read == null) {
      return false;
    }
    Instrument instrument = read.with().instrument();
    return proves(
        Proof.judge(
            new ProofQuestion(
                need,
                contents.lot().product(),
                instrument,
                read.reading(),
                read.reading(),
                instrument.compensatesFromC(),
                null,
                ProofQuestion.TANK_LITERS)));
  }

  boolean everyPointIsGood() {
    for (LowPoint point : circuit.requiredLowPoints()) {
      Verdict verdict = verdicts.get(point.key());
      boolean told = proves(verdict) || contents.isLeftDry(point) || isToldByOthers(point);
      if (!told) {
        return false;
      }
    }
    return true;
  }

  private static boolean failed(@Nullable Verdict verdict) {
    return verdict != null
        && (verdict.outcome() == Outcome.HELD || verdict.outcome() == Outcome.CHANGE_PRODUCT);
  }

  private @Nullable Verdict judge(Fact.SampleRead read) {
    Fact.JugRead jug = samples.jugOf(read);
    if (jug == null) {
      return null;
    }
    return Proof.judge(
        new ProofQuestion(
            need,
            read.lot().product(),
            read.with().instrument(),
            jug.with().instrument(),
            jug.reading(),
            read.reading(),
            read.temperatureC(),
            sampled(read.lowPoint()),
            ProofQuestion.TANK_LITERS));
  }

  /**
   * The segment a sample speaks for, as more product would reach it now. A pour reaches a side of
   * the block only past a thermostat that is closed in the cold engine; a draw is made warm, with
   * it open.
   */
  private SampledSegment sampled(String lowPoint) {
    LowPoint point =
        circuit.lowPoints().stream()
            .filter(p -> p.key().equals(lowPoint))
            .findFirst()
            .orElseThrow();
    Segment segment = contents.segment(point.segment());
    double share = contents.drawn() ? circuit.flowShare(segment.key()) : pouredShare(segment);
    return new SampledSegment(segment.liters(), share, !contents.drawn() && segment.gated());
  }

  private double pouredShare(Segment segment) {
    for (PourPoint point : circuit.pourPoints()) {
      if (point.fills().contains(segment.key())) {
        long sameKind =
            point.fills().stream()
                .filter(key -> contents.segment(key).kind() == segment.kind())
                .count();
        return 1.0 / sameKind;
      }
    }
    return circuit.flowShare(segment.key());
  }
}
