package elsko.core.ledger.circuit;

import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.LowPoint;
import elsko.core.fluid.verdict.Need;
import elsko.core.fluid.verdict.Outcome;
import elsko.core.fluid.verdict.Verdict;
import elsko.core.ledger.circuit.CircuitState.Content;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.FrostFinding;
import elsko.core.ledger.fact.Seen;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Follows one circuit through the log: what is in each segment, what was measured, what that makes
 * it.
 */
public final class CircuitFold {
  private final Circuit circuit;
  private final Need need;
  private final ProofRules rules;
  private final CircuitContents contents;
  private final Map<String, Seen> seen = new HashMap<>();
  private final Samples samples = new Samples();
  private final List<Failure> failures = new ArrayList<>();

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
  private String filledBy;

  /**
   * @param drawReaches keys of the segments that antifreeze drawn from a tank gets to
   */
  public CircuitFold(Circuit circuit, Set<String> drawReaches, ProofRules rules, LogTime time) {
    this.circuit = circuit;
    this.time = time;
    this.water = new WaterFold(time);
    this.coolant = new CoolantSide(time);
    this.need = rules.need();
    this.rules = rules;
    this.contents = new CircuitContents(circuit, drawReaches, water, () -> accepted = null);
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
        contents.all().entrySet().stream()
            .filter(one -> one.getValue() != Content.EMPTY)
            .map(Map.Entry::getKey)
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
    contents.flooded();
    samples.forget();
    seen.clear();
    openedSinceFill = false;
  }

  public void proofGivenUp() {
    asItStands = null;
    givenUp = true;
  }

  public void drainOut(String drain) {
    asItStands = null;
    if (!contents.emptiesOnlyTheEnd(drain)) {
      opened();
    }
    contents.drainOut(drain);
    inService = false;
  }

  public void drainIn(String drain) {
    asItStands = null;
    contents.drainIn(drain);
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
    Seen what = said == Seen.DRY && !contents.isLeftDry(point) ? Seen.DID_NOT_RUN : said;
    seen.put(point.key(), what);
    inService = false;
    if (what.isEmpty()) {
      contents.emptied(point);
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
    samples.forget();
    known = true;
    inService = false;
    openedSinceFill = false;
    water.filled();
    filledBy = person;
    contents.filled(used, thermostatShut);
  }

  public void jug(Fact.JugRead read) {
    asItStands = null;
    samples.jug(read);
  }

  public void sample(Fact.SampleRead read, String person, Instant at) {
    asItStands = null;
    accepted = null;
    samples.sample(read, person, at);
  }

  public void notSampled(Fact.CouldNotSample said) {
    asItStands = null;
    samples.notSampled(said);
  }

  public void countersigned(String person) {
    asItStands = null;
    samples.countersigned(person);
  }

  /** Whether what was read of a low point last is too weak. */
  public boolean isShort(LowPoint point) {
    return vouching().isShort(point);
  }

  public double litersUsed() {
    return contents.litersUsed();
  }

  public boolean holdsAntifreeze() {
    return contents.holds(Content.ANTIFREEZE);
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
    Vouching vouching = vouching();
    boolean sampled = vouching.everyPointIsGood();
    List<Unsettled> unsettled = sampled ? vouching.unsettled() : List.of();
    boolean told = sampled && unsettled.isEmpty();
    Protection protection = protection(vouching, told);
    List<Failure> all = new ArrayList<>(failures);
    if (protection == Protection.HELD && circuit.kind() != CircuitKind.COOLANT) {
      all.add(failure(vouching, true));
    }
    return new CircuitState(
        circuit,
        protection,
        Map.copyOf(contents.all()),
        circuit.lowPoints().stream().map(point -> pointState(point, vouching)).toList(),
        contents.lot(),
        contents.litersUsed(),
        contents.drawn(),
        List.copyOf(all),
        samples.jugs(),
        coolant.last(),
        coolant.verdict(rules),
        List.copyOf(contents.flows()),
        samples.by(),
        protection == Protection.FILLED && told && awaitsCountersign(),
        samples.countersignedBy(),
        contents.unreachedWords(),
        protection == Protection.FILLED ? unsettled : List.of(),
        water.history(),
        acceptance(protection),
        givenUp);
  }

  private Vouching vouching() {
    return new Vouching(circuit, contents, samples, need);
  }

  private PointState pointState(LowPoint point, Vouching vouching) {
    Fact.SampleRead read = samples.read(point.key());
    Fact.JugRead jug = read == null ? null : samples.jugOf(read);
    return new PointState(
        point,
        seen.get(point.key()),
        read,
        jug == null ? null : (Double) jug.reading(),
        vouching.verdict(point),
        samples.couldNot(point.key()),
        samples.isGivenUp(point.key()) && vouching.isToldByOthers(point),
        contents.isLeftDry(point));
  }

  private void opened() {
    if (contents.holds(Content.ANTIFREEZE)) {
      rememberFailure();
      samples.forget();
      openedSinceFill = true;
      accepted = null;
      water.opened();
    }
  }

  private void rememberFailure() {
    if (samples.none()) {
      return;
    }
    Vouching vouching = vouching();
    if (protection(vouching, false) == Protection.HELD) {
      failures.add(failure(vouching, false));
    }
  }

  private Failure failure(Vouching vouching, boolean open) {
    List<Failure.Short> shorts = new ArrayList<>();
    for (LowPoint point : circuit.requiredLowPoints()) {
      if (vouching.isShort(point)) {
        Verdict verdict = vouching.verdict(point);
        shorts.add(new Failure.Short(point.key(), verdict == null ? null : verdict.remedy()));
      }
    }
    return new Failure(filledBy, List.copyOf(shorts), open);
  }

  /**
   * @param told every required sample is good, and every filled segment is vouched for
   */
  private Protection protection(Vouching vouching, boolean told) {
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
    if (contents.holds(Content.WATER)) {
      return Protection.WET;
    }
    if (contents.allAre(Content.EMPTY)) {
      return circuit.selfDraining() && upright ? Protection.DRY_BUILT : Protection.DRAINED;
    }
    if (openedSinceFill || contents.runsOut() || contents.wentPast()) {
      return Protection.WET;
    }
    return measured(vouching, told);
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

  private Protection measured(Vouching vouching, boolean told) {
    for (LowPoint point : circuit.requiredLowPoints()) {
      if (vouching.isShort(point)) {
        return Protection.HELD;
      }
    }
    boolean signed = samples.countersignedBy() != null || !rules.asksCountersignOf(samples.at());
    return told && signed ? Protection.PROVEN : Protection.FILLED;
  }

  /** Whether, with all else told, only the second person is missing. */
  private boolean awaitsCountersign() {
    return rules.asksCountersignOf(samples.at())
        && samples.countersignedBy() == null
        && contents.holds(Content.ANTIFREEZE);
  }
}
