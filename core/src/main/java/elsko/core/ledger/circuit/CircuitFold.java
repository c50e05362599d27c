package elsko.core.ledger.circuit;

import elsko.core.Words;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.PourPoint;
import elsko.core.boat.path.Segment;
import elsko.core.boat.path.SegmentKind;
import elsko.core.fluid.Instrument;
import elsko.core.fluid.verdict.Need;
import elsko.core.fluid.verdict.Outcome;
import elsko.core.fluid.verdict.Proof;
import elsko.core.fluid.verdict.ProofQuestion;
import elsko.core.fluid.verdict.SampledSegment;
import elsko.core.fluid.verdict.Verdict;
import elsko.core.ledger.circuit.CircuitState.Content;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.FrostFinding;
import elsko.core.ledger.fact.Lot;
import elsko.core.ledger.fact.Seen;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * Follows one circuit through the log: what is in each segment, what was measured, what that makes
 * it.
 */
public final class CircuitFold {
  /** What holds less than that cannot break, L. */
  private static final double LEAST_ASKED_L = 0.1;

  private final Circuit circuit;
  private final Set<String> drawReaches;
  private final Need need;
  private final ProofRules rules;
  private final Map<String, Segment> segments = new HashMap<>();
  private final Map<String, Content> contents = new LinkedHashMap<>();
  private final Map<String, Seen> seen = new HashMap<>();
  private final Map<String, Fact.SampleRead> samples = new HashMap<>();
  private final Map<String, String> couldNot = new HashMap<>();
  private final Map<String, List<Fact.JugRead>> jugs = new LinkedHashMap<>();
  private final SegmentEvidence evidence;
  private final List<Failure> failures = new ArrayList<>();
  private final Set<String> drainsOut = new HashSet<>();
  private final Map<String, Boolean> onlyTheEnd = new HashMap<>();
  private final List<Flow> flows = new ArrayList<>();
  private final Set<String> sampledBy = new TreeSet<>();
  private Instant sampledAt;
  private String countersignedBy;

  /** Segments a draw went past, because the thermostat stayed shut. */
  private final Set<String> unreached = new TreeSet<>();

  private boolean known;
  private boolean inService;

  /** A drain or hose was opened after the fill, and nothing was filled since. */
  private boolean openedSinceFill;

  /** For one that drains itself: it stands so that it can. */
  private boolean upright = true;

  /** Nobody had answered for it; somebody looked, and it is not there. */
  private boolean notAboard;

  /** As it was asked for last; null once something changed, or where it changes with the day. */
  private CircuitState asItStands;

  private final LogTime time;
  private final WaterFold water;
  private Acceptance accepted;

  /** Somebody let go of what is proven of it, until water comes in or it is filled again. */
  private boolean givenUp;

  private final CoolantSide coolant;
  private Lot lot;
  private double litersUsed;
  private boolean drawn;
  private String filledBy;

  /**
   * @param drawReaches keys of the segments that antifreeze drawn from a tank gets to
   */
  public CircuitFold(Circuit circuit, Set<String> drawReaches, ProofRules rules, LogTime time) {
    this.circuit = circuit;
    this.time = time;
    this.water = new WaterFold(time);
    this.coolant = new CoolantSide(time);
    this.evidence = new SegmentEvidence(circuit);
    this.drawReaches = drawReaches;
    this.need = rules.need();
    this.rules = rules;
    for (Segment segment : circuit.segments()) {
      segments.put(segment.key(), segment);
      contents.put(segment.key(), Content.WATER);
    }
  }

  public void looked(boolean waterOnPurpose) {
    asItStands = null;
    flooded();
    coolant.forget();
    inService = waterOnPurpose;
    if (waterOnPurpose) {
      coolant.commissioned();
    }
  }

  /** Somebody looked for what frost did to it. */
  public void lookedForFrost(FrostFinding found) {
    asItStands = null;
    water.looked(
        found,
        contents.keySet().stream()
            .filter(segment -> contents.get(segment) != Content.EMPTY)
            .toList());
  }

  /** It is commissioned: the next lay-up is another season's. */
  public void seasonBegins() {
    asItStands = null;
    coolant.commissioned();
  }

  /** A lay-up begins: what was read before it is of another season. */
  public void layUpBegins() {
    asItStands = null;
    coolant.layUpBegins();
  }

  private void hold(String segment, Content content) {
    Content before = contents.put(segment, content);
    water.turned(segment, before, content);
    if (before != content) {
      accepted = null;
    }
  }

  /** Until something changes in it, whatever stands in it is taken as it is. */
  public void accepted(Acceptance now) {
    asItStands = null;
    accepted = now;
  }

  /** Null when it has ended, or nothing has to be accepted any more. */
  private Acceptance acceptance(Protection protection) {
    boolean over =
        accepted != null
            && accepted.until() != null
            && !rules.dayOf(time.judgedAt(rules)).isBefore(accepted.until());
    return over || protection.isSafe() ? null : accepted;
  }

  /** The boat is laid up: what stands in it is no longer there on purpose. */
  public void leaveService() {
    asItStands = null;
    inService = false;
  }

  /** Somebody looked whether the boat has it at all. */
  public void isAboard(boolean yes) {
    asItStands = null;
    notAboard = !yes;
  }

  public void stands(boolean isUpright) {
    asItStands = null;
    upright = isUpright;
  }

  public void coolant(Fact.CoolantRead read) {
    asItStands = null;
    known = true;
    coolant.read(read);
  }

  public void coolantRenewed() {
    asItStands = null;
    known = true;
    coolant.renewed();
  }

  public void coolantRanWarm() {
    asItStands = null;
    coolant.ranWarm();
  }

  /** Water went through or came in: nothing that was measured holds any more. */
  public void flooded() {
    asItStands = null;
    givenUp = false;
    known = true;
    segments.keySet().forEach(segment -> hold(segment, Content.WATER));
    evidence.flooded();
    unreached.clear();
    forgetProof();
    seen.clear();
    openedSinceFill = false;
    lot = null;
    litersUsed = 0;
    flows.clear();
  }

  public void proofGivenUp() {
    asItStands = null;
    givenUp = true;
  }

  public void drainOut(String drain) {
    asItStands = null;
    if (!emptiesOnlyTheEnd(drain)) {
      opened();
    }
    drainsOut.add(drain);
    inService = false;
  }

  /**
   * A muffler is drained again after the run, with the rest left filled: nothing comes after it.
   */
  private boolean emptiesOnlyTheEnd(String drain) {
    return onlyTheEnd.computeIfAbsent(drain, this::isAtTheEnd);
  }

  private boolean isAtTheEnd(String drain) {
    return pointsAt(drain).stream()
        .allMatch(point -> circuit.segment(point.segment()).kind() == SegmentKind.MUFFLER);
  }

  private boolean isLeftDry(String drain) {
    return emptiesOnlyTheEnd(drain)
        && pointsAt(drain).stream()
            .flatMap(point -> point.empties().stream())
            .allMatch(segment -> contents.get(segment) == Content.EMPTY);
  }

  private List<LowPoint> pointsAt(String drain) {
    return circuit.lowPoints().stream().filter(point -> drain.equals(point.opens())).toList();
  }

  public void drainIn(String drain) {
    asItStands = null;
    drainsOut.remove(drain);
  }

  public void hoseOff() {
    asItStands = null;
    opened();
  }

  /**
   * Returns what it means: a hole from which nothing came where water stood is blocked, not dry.
   */
  public Seen lookedAt(LowPoint point, Seen said) {
    asItStands = null;
    known = true;
    Seen what = said == Seen.DRY && !leftDry(point) ? Seen.DID_NOT_RUN : said;
    seen.put(point.key(), what);
    inService = false;
    if (what.isEmpty()) {
      point.empties().forEach(segment -> hold(segment, Content.EMPTY));
      evidence.emptied(point.empties());
      unreached.removeAll(point.empties());
      flows.add(new Flow.Emptied(point.empties()));
      if (allAre(Content.EMPTY)) {
        lot = null;
        litersUsed = 0;
      }
    }
    return what;
  }

  /**
   * @param thermostatShut the engine was watched, and its thermostat never opened
   */
  public void filled(Fact.FluidUsed used, String person, boolean thermostatShut) {
    asItStands = null;
    givenUp = false;
    rememberFailure();
    forgetProof();
    known = true;
    inService = false;
    openedSinceFill = false;
    water.filled();
    lot = used.lot();
    litersUsed += used.liters();
    drawn = used.pourPoint() == null;
    filledBy = person;
    flows.add(
        new Flow.Filled(
            used.lot().product().massFraction(),
            used.liters(),
            drawn ? null : filledAt(used.pourPoint())));
    if (drainsOut.isEmpty() || circuit.centralDrain()) {
      List<String> into = new ArrayList<>();
      for (String segment : reached(used.pourPoint())) {
        boolean passedBy = drawn && thermostatShut && segments.get(segment).gated();
        if (passedBy) {
          unreached.add(segment);
        } else {
          into.add(segment);
        }
      }
      if (drawn) {
        evidence.drawn(Set.copyOf(into), contents);
      } else {
        evidence.poured(into, contents);
      }
      into.forEach(segment -> hold(segment, Content.ANTIFREEZE));
      unreached.removeAll(into);
    } else {
      ranThroughAnOpenDrain(used.pourPoint());
    }
  }

  /**
   * What came in ran out again, or some of it: nobody knows what stands where. Told in its turn
   * that is refused; an entry that came in late can say it.
   */
  private void ranThroughAnOpenDrain(@Nullable String pourPoint) {
    for (String segment : reached(pourPoint)) {
      hold(segment, Content.WATER);
    }
  }

  public void jug(Fact.JugRead read) {
    asItStands = null;
    jugs.computeIfAbsent(read.lot().number(), lot -> new ArrayList<>()).add(read);
  }

  public void sample(Fact.SampleRead read, String person, Instant at) {
    asItStands = null;
    sampledAt = at;
    accepted = null;
    countersignedBy = null;
    sampledBy.add(person);
    samples.put(read.lowPoint(), read);
    couldNot.remove(read.lowPoint());
  }

  public void notSampled(Fact.CouldNotSample said) {
    asItStands = null;
    couldNot.put(said.lowPoint(), said.reason());
    samples.remove(said.lowPoint());
  }

  /** Whoever read a sample that stands does not sign for it, however the entry came about. */
  public void countersigned(String person) {
    asItStands = null;
    if (!sampledBy.contains(person)) {
      countersignedBy = person;
    }
  }

  public double litersUsed() {
    return litersUsed;
  }

  public boolean holdsAntifreeze() {
    return contents.containsValue(Content.ANTIFREEZE);
  }

  public CircuitState state() {
    if (asItStands != null) {
      return asItStands;
    }
    CircuitState now = worked();
    boolean agesByItself = accepted != null || circuit.kind() == CircuitKind.COOLANT;
    asItStands = agesByItself ? null : now;
    return now;
  }

  private CircuitState worked() {
    Map<String, Verdict> verdicts = new HashMap<>();
    samples.forEach((point, read) -> verdicts.put(point, judge(read)));
    boolean sampled = everyPointIsGood(verdicts);
    List<Unsettled> unsettled = sampled ? unsettled(verdicts) : List.of();
    boolean told = sampled && unsettled.isEmpty();
    Protection protection = protection(verdicts, told);
    List<Failure> all = new ArrayList<>(failures);
    if (protection == Protection.HELD && circuit.kind() != CircuitKind.COOLANT) {
      all.add(failure(verdicts, true));
    }
    return new CircuitState(
        circuit,
        protection,
        Map.copyOf(contents),
        circuit.lowPoints().stream().map(point -> pointState(point, verdicts)).toList(),
        lot,
        litersUsed,
        drawn,
        List.copyOf(all),
        Map.copyOf(jugs),
        coolant.last(),
        coolant.verdict(rules),
        List.copyOf(flows),
        Set.copyOf(sampledBy),
        protection == Protection.FILLED && told && awaitsCountersign(),
        countersignedBy,
        unreachedWords(),
        protection == Protection.FILLED ? unsettled : List.of(),
        water.history(),
        acceptance(protection),
        givenUp);
  }

  private String unreachedWords() {
    return unreached.isEmpty()
        ? null
        : "Not counted as filled: %s. The gauge never held, so nothing shows that the thermostat opened;"
                .formatted(
                    Words.list(unreached.stream().map(key -> segments.get(key).name()).toList()))
            + " what was drawn goes past it then.";
  }

  private PointState pointState(LowPoint point, Map<String, Verdict> verdicts) {
    Fact.SampleRead read = samples.get(point.key());
    Fact.JugRead jug = read == null ? null : jugOf(read);
    return new PointState(
        point,
        seen.get(point.key()),
        read,
        jug == null ? null : (Double) jug.reading(),
        verdicts.get(point.key()),
        couldNot.get(point.key()),
        couldNot.containsKey(point.key()) && isToldByOthers(point, verdicts),
        leftDry(point));
  }

  private void opened() {
    if (contents.containsValue(Content.ANTIFREEZE)) {
      rememberFailure();
      forgetProof();
      openedSinceFill = true;
      accepted = null;
      water.opened();
    }
  }

  private void forgetProof() {
    samples.clear();
    couldNot.clear();
    sampledBy.clear();
    countersignedBy = null;
  }

  private void rememberFailure() {
    if (samples.isEmpty() && couldNot.isEmpty()) {
      return;
    }
    Map<String, Verdict> verdicts = new HashMap<>();
    samples.forEach((point, read) -> verdicts.put(point, judge(read)));
    if (protection(verdicts, false) == Protection.HELD) {
      failures.add(failure(verdicts, false));
    }
  }

  private Failure failure(Map<String, Verdict> verdicts, boolean open) {
    List<Failure.Short> shorts = new ArrayList<>();
    for (LowPoint point : circuit.requiredLowPoints()) {
      Verdict verdict = verdicts.get(point.key());
      if (failed(verdict) || givesNothing(point, verdicts)) {
        shorts.add(new Failure.Short(point.key(), verdict == null ? null : verdict.remedy()));
      }
    }
    return new Failure(filledBy, List.copyOf(shorts), open);
  }

  /**
   * @param told every required sample is good, and every filled segment is vouched for
   */
  private Protection protection(Map<String, Verdict> verdicts, boolean told) {
    if (circuit.isDryBuilt() || circuit.kind() == CircuitKind.UNANSWERED && notAboard) {
      return Protection.DRY_BUILT;
    }
    if (!known || circuit.kind() == CircuitKind.UNANSWERED) {
      return Protection.UNKNOWN;
    }
    if (inService) {
      return Protection.IN_SERVICE;
    }
    if (circuit.kind() == CircuitKind.COOLANT) {
      return coolantSide();
    }
    if (contents.containsValue(Content.WATER)) {
      return Protection.WET;
    }
    if (allAre(Content.EMPTY)) {
      return circuit.selfDraining() && upright ? Protection.DRY_BUILT : Protection.DRAINED;
    }
    boolean open = drainsOut.stream().anyMatch(drain -> !isLeftDry(drain));
    if (openedSinceFill || open || !unreached.isEmpty()) {
      return Protection.WET;
    }
    return measured(verdicts, told);
  }

  /**
   * Read cold at the filler, on the EG scale, by the freeze policy whatever the yard's policy is.
   */
  private Protection coolantSide() {
    CoolantVerdict verdict = coolant.verdict(rules);
    if (verdict == null || verdict.outcome() == Outcome.RETAKE) {
      return Protection.FILLED;
    }
    return verdict.good() ? Protection.PROVEN : Protection.HELD;
  }

  private Protection measured(Map<String, Verdict> verdicts, boolean told) {
    for (LowPoint point : circuit.requiredLowPoints()) {
      if (failed(verdicts.get(point.key())) || givesNothing(point, verdicts)) {
        return Protection.HELD;
      }
    }
    boolean signed = countersignedBy != null || !rules.asksCountersignOf(sampledAt);
    return told && signed ? Protection.PROVEN : Protection.FILLED;
  }

  /** The segments that were filled and that nothing vouches for. */
  private List<Unsettled> unsettled(Map<String, Verdict> verdicts) {
    boolean measured = verdicts.values().stream().anyMatch(CircuitFold::proves) || jugProves();
    List<Unsettled> found = new ArrayList<>();
    for (Segment segment : circuit.segments()) {
      boolean asked =
          contents.get(segment.key()) == Content.ANTIFREEZE && segment.liters() >= LEAST_ASKED_L;
      if (asked && !(measured && isVouchedFor(segment, verdicts))) {
        found.add(unsettled(segment));
      }
    }
    return List.copyOf(found);
  }

  private boolean isVouchedFor(Segment segment, Map<String, Verdict> verdicts) {
    if (evidence.cameIntoEmpty(segment.key())) {
      // What clings to a hose is pushed ahead: its far end is weak until enough has followed.
      boolean toItsEnd = !drawn || segment.kind().mixes();
      return toItsEnd || !Boolean.FALSE.equals(meets(segment, null));
    }
    return isTold(segment, verdicts);
  }

  /** What went through it was sampled after it, or can have left no weak place in it. */
  private boolean isTold(Segment segment, Map<String, Verdict> verdicts) {
    List<LowPoint> telling = tellOf(segment);
    boolean sampled = telling.stream().anyMatch(point -> tells(segment, point, verdicts));
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
  private boolean isToldByOthers(LowPoint point, Map<String, Verdict> verdicts) {
    return couldNot.containsKey(point.key())
        && behind(point).stream()
            .allMatch(
                segment ->
                    isOnTheWayToOrFromAGoodSample(segment, verdicts)
                        && isTold(segment, verdicts)
                        && !Boolean.FALSE.equals(meets(segment, segment.key())));
  }

  /** Where a sample says that water was left somewhere, that may be in what lies before it. */
  private static boolean tells(Segment of, LowPoint sampled, Map<String, Verdict> verdicts) {
    Verdict verdict = verdicts.get(sampled.key());
    return sampled.segment().equals(of.key())
        ? proves(verdict)
        : verdict != null && verdict.outcome() == Outcome.PROVEN;
  }

  private boolean isOnTheWayToOrFromAGoodSample(Segment segment, Map<String, Verdict> verdicts) {
    return circuit.lowPoints().stream()
        .filter(point -> proves(verdicts.get(point.key())))
        .map(point -> segments.get(point.segment()))
        .anyMatch(
            sampled ->
                evidence.tellOf(segment).contains(sampled.key())
                    // What came as far as the thermostat may have gone round it.
                    || !segment.gated() && evidence.tellOf(sampled).contains(segment.key()));
  }

  /** Gives no sample, and no other bottle that is still to be read can stand for it. */
  private boolean givesNothing(LowPoint point, Map<String, Verdict> verdicts) {
    return couldNot.containsKey(point.key())
        && !isToldByOthers(point, verdicts)
        && behind(point).stream()
            .flatMap(segment -> tellOf(segment).stream())
            .allMatch(other -> verdicts.get(other.key()) != null);
  }

  private List<Segment> behind(LowPoint point) {
    Set<String> keys = new TreeSet<>(point.empties());
    keys.add(point.segment());
    return keys.stream()
        .map(segments::get)
        .filter(segment -> contents.get(segment.key()) == Content.ANTIFREEZE)
        .toList();
  }

  private Boolean meets(Segment segment, String neverEmptied) {
    return Predicted.meets(need, circuit, drawReaches, flows, segment.key(), neverEmptied);
  }

  private boolean isDrain(String fitting) {
    return fitting != null && circuit.drains().contains(fitting);
  }

  /** Where a sample can be taken that tells of a segment. */
  private List<LowPoint> tellOf(Segment segment) {
    Set<String> after = evidence.tellOf(segment);
    return circuit.lowPoints().stream()
        .filter(point -> point.required() || isDrain(point.opens()))
        .filter(point -> !couldNot.containsKey(point.key()))
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

  private static boolean proves(Verdict verdict) {
    return verdict != null && verdict.outcome().proves();
  }

  /** Where nothing has to be sampled, the jug itself has to be good enough. */
  private boolean jugProves() {
    if (lot == null || !circuit.requiredLowPoints().isEmpty()) {
      return false;
    }
    List<Fact.JugRead> ofLot = jugs.getOrDefault(lot.number(), List.of());
    if (ofLot.isEmpty()) {
      return false;
    }
    Fact.JugRead read = ofLot.get(ofLot.size() - 1);
    Instrument instrument = read.with().instrument();
    return proves(
        Proof.judge(
            new ProofQuestion(
                need,
                lot.product(),
                instrument,
                read.reading(),
                read.reading(),
                instrument.compensatesFromC(),
                null,
                ProofQuestion.TANK_LITERS)));
  }

  /** Whether, with all else told, only the second person is missing. */
  private boolean awaitsCountersign() {
    return rules.asksCountersignOf(sampledAt)
        && countersignedBy == null
        && contents.containsValue(Content.ANTIFREEZE);
  }

  private boolean everyPointIsGood(Map<String, Verdict> verdicts) {
    for (LowPoint point : circuit.requiredLowPoints()) {
      Verdict verdict = verdicts.get(point.key());
      boolean told = proves(verdict) || leftDry(point) || isToldByOthers(point, verdicts);
      if (!told) {
        return false;
      }
    }
    return true;
  }

  private static boolean failed(Verdict verdict) {
    return verdict != null
        && (verdict.outcome() == Outcome.HELD || verdict.outcome() == Outcome.CHANGE_PRODUCT);
  }

  private boolean leftDry(LowPoint point) {
    return point.empties().stream().allMatch(segment -> contents.get(segment) == Content.EMPTY);
  }

  private boolean allAre(Content content) {
    for (Content each : contents.values()) {
      if (each != content) {
        return false;
      }
    }
    return true;
  }

  private Iterable<String> reached(String hose) {
    return hose == null ? drawReaches : filledAt(hose);
  }

  /** Nothing, when the boat was described anew and that hose is not poured into any more. */
  private List<String> filledAt(String hose) {
    for (PourPoint point : circuit.pourPoints()) {
      if (point.hose().equals(hose)) {
        return point.fills();
      }
    }
    return List.of();
  }

  /** The newest reading of its lot that it can be held against, or else the newest of its lot. */
  private Fact.JugRead jugOf(Fact.SampleRead read) {
    List<Fact.JugRead> ofLot = jugs.getOrDefault(read.lot().number(), List.of());
    Instrument instrument = read.with().instrument();
    for (int i = ofLot.size() - 1; i >= 0; i--) {
      if (ofLot.get(i).with().instrument().readsAs(instrument)) {
        return ofLot.get(i);
      }
    }
    return ofLot.isEmpty() ? null : ofLot.get(ofLot.size() - 1);
  }

  private Verdict judge(Fact.SampleRead read) {
    Fact.JugRead jug = jugOf(read);
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
    Segment segment = segments.get(point.segment());
    double share = drawn ? circuit.flowShare(segment.key()) : pouredShare(segment);
    return new SampledSegment(segment.liters(), share, !drawn && segment.gated());
  }

  private double pouredShare(Segment segment) {
    for (PourPoint point : circuit.pourPoints()) {
      if (point.fills().contains(segment.key())) {
        long sameKind =
            point.fills().stream()
                .filter(key -> segments.get(key).kind() == segment.kind())
                .count();
        return 1.0 / sameKind;
      }
    }
    return circuit.flowShare(segment.key());
  }
}
