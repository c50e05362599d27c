package elsko.core.boat.template;

import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Handling;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.PathPart;
import elsko.core.boat.path.PocketKind;
import elsko.core.boat.path.Position;
import elsko.core.boat.path.PourPoint;
import elsko.core.boat.path.Segment;
import elsko.core.boat.path.SegmentKind;
import elsko.core.boat.path.Work;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** A circuit while its template writes it; {@link HullChanges} makes the hull's own changes. */
public final class CircuitDraft {
  /** The hose on the suction side of a circuit's pump. */
  static final String PUMP_HOSE = "pump-hose";

  private static final double LEFT_IN_A_TANK_LITERS = 2;

  public final String key;
  final CircuitKind kind;
  final @Nullable Position engine;
  final List<PathPart> path = new ArrayList<>();
  public final List<Fitting> fittings = new ArrayList<>();
  final String name;
  private final String prefix;
  private final String said;
  final List<LowPoint> lowPoints = new ArrayList<>();
  final List<PourPoint> pourPoints = new ArrayList<>();
  private final List<Method> methods = new ArrayList<>();
  private final Map<String, PocketKind> pockets = new HashMap<>();
  private final Map<Work.Piece, Work> works = new EnumMap<>(Work.Piece.class);
  private boolean overboard;
  private boolean centralDrain;
  private boolean selfDraining;
  private @Nullable String suctionHose;

  /**
   * @param prefix what the keys of its fittings and low points begin with
   * @param said what their names begin with; empty where there is only one of them
   */
  public CircuitDraft(
      String key,
      String name,
      CircuitKind kind,
      @Nullable Position engine,
      String prefix,
      String said) {
    this.key = key;
    this.name = name;
    this.kind = kind;
    this.engine = engine;
    this.prefix = prefix;
    this.said = said;
  }

  public CircuitDraft methods(Method... ways) {
    methods.addAll(List.of(ways));
    return this;
  }

  void central() {
    centralDrain = true;
  }

  void drainsItself() {
    selfDraining = true;
  }

  /** A segment as one word of its template's sentence. */
  public CircuitDraft holds(
      String segmentKey, String segmentName, SegmentKind segmentKind, double liters) {
    segment(segmentKey, segmentName, segmentKind, liters);
    return this;
  }

  public Segment segment(
      String segmentKey, String segmentName, SegmentKind segmentKind, double liters) {
    return add(new Segment(segmentKey, segmentName, segmentKind, liters, false));
  }

  /** Whether one of its segments in a row is of a kind. */
  boolean has(SegmentKind wanted) {
    return path.stream()
        .anyMatch(part -> part instanceof Segment segment && segment.kind() == wanted);
  }

  Segment add(Segment segment) {
    path.add(segment);
    return segment;
  }

  public CircuitDraft fitting(
      String fittingKey, String fittingName, FittingKind fittingKind, String where) {
    return fitting(fittingKey, fittingName, fittingKind, where, "", false);
  }

  CircuitDraft fitting(
      String fittingKey,
      String fittingName,
      FittingKind fittingKind,
      String where,
      String tool,
      boolean belowWaterline) {
    fittings.add(
        new Fitting(
            prefix + fittingKey,
            said + fittingName,
            fittingKind,
            key,
            where,
            tool,
            belowWaterline));
    return this;
  }

  /** A drain with the low point it empties, sampled when the segment holds half a liter or more. */
  public CircuitDraft drain(
      String pointKey,
      String pointName,
      FittingKind fittingKind,
      String where,
      String tool,
      String... empties) {
    fitting(pointKey + "-drain", pointName + " drain", fittingKind, where, tool, false);
    return lowPoint(pointKey, pointName, pointKey + "-drain", true, empties);
  }

  /** A hose end that is taken off and put low. */
  public CircuitDraft hoseLow(
      String pointKey,
      String pointName,
      String hoseKey,
      String hoseName,
      String where,
      boolean belowWaterline,
      String... empties) {
    hose(hoseKey, hoseName, where, belowWaterline);
    return lowPoint(pointKey, pointName, hoseKey, false, empties);
  }

  public CircuitDraft hose(String hoseKey, String hoseName, String where, boolean belowWaterline) {
    if (hoseKey.equals(PUMP_HOSE)) {
      suctionHose = prefix + hoseKey;
    }
    return fitting(
        hoseKey, hoseName, FittingKind.HOSE_END, where, "screwdriver, pick", belowWaterline);
  }

  /**
   * @param opens key of the fitting without prefix, or null where nothing is opened
   * @param empties the first is the segment a sample speaks for
   */
  public CircuitDraft lowPoint(
      String pointKey,
      String pointName,
      @Nullable String opens,
      boolean required,
      String... empties) {
    lowPoints.add(
        new LowPoint(
            prefix + pointKey,
            said + pointName,
            opens == null ? null : prefix + opens,
            List.of(empties),
            empties[0],
            required));
    return this;
  }

  public CircuitDraft pour(String hoseKey, String pourName, String watch, String... fills) {
    pourPoints.add(
        new PourPoint(prefix + hoseKey, said + pourName, List.of(fills), Double.NaN, watch));
    return this;
  }

  /** A strainer's lid, basket and sealing ring. */
  public CircuitDraft strainer(boolean belowWaterline) {
    Intake.strainer(this, belowWaterline);
    return this;
  }

  /** The pump hose, put low to empty everything up to the pump. */
  public CircuitDraft pumpHoseLow(String pointName, String... empties) {
    Intake.pumpHoseLow(this, pointName, List.of(empties));
    return this;
  }

  /** What a segment counts as in the cold, where its kind does not say it. */
  public CircuitDraft pocket(String segmentKey, PocketKind counts) {
    pockets.put(segmentKey, counts);
    return this;
  }

  /** Its water comes in and leaves through the hull. */
  public CircuitDraft overboard() {
    overboard = true;
    return this;
  }

  /** How a piece of work on it goes; null is said as usual. */
  public CircuitDraft work(
      Work.Piece piece,
      @Nullable String title,
      @Nullable String how,
      @Nullable String why,
      String... hazards) {
    works.put(piece, new Work(title, how, why, List.of(hazards)));
    return this;
  }

  public Circuit built() {
    Handling handling = new Handling(overboard, pockets, works);
    Circuit bare =
        new Circuit(
            key, name, kind, engine, path, List.of(), List.of(), List.of(), List.of(), false, false,
            null, List.of(), handling);
    double dry = 1 - Circuit.RESIDUE_AFTER_CLEAR_DRAIN;
    return new Circuit(
        key,
        name,
        kind,
        engine,
        path,
        lowPoints,
        pourPoints.stream()
            .map(
                pour ->
                    new PourPoint(
                        pour.hose(),
                        pour.name(),
                        pour.fills(),
                        dry * pour.fills().stream().mapToDouble(s -> takes(bare.segment(s))).sum(),
                        pour.watch()))
            .toList(),
        keysOf(FittingKind::isDrain),
        keysOf(k -> k == FittingKind.HOSE_END),
        centralDrain,
        selfDraining,
        suctionHose,
        methods.stream().filter(way -> way != Method.POUR || !pourPoints.isEmpty()).toList(),
        handling);
  }

  /** A tank that was emptied is not filled again: a little stands in its low end. */
  private static double takes(Segment segment) {
    return segment.kind() == SegmentKind.TANK
        ? Math.min(segment.liters(), LEFT_IN_A_TANK_LITERS)
        : segment.liters();
  }

  private List<String> keysOf(java.util.function.Predicate<FittingKind> wanted) {
    return fittings.stream().filter(f -> wanted.test(f.kind())).map(Fitting::key).toList();
  }
}
