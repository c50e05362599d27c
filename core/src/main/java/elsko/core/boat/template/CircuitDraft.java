package elsko.core.boat.template;

import elsko.core.Refused;
import elsko.core.boat.description.AddedDrain;
import elsko.core.boat.description.FittingChange;
import elsko.core.boat.description.SegmentChange;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Parallel;
import elsko.core.boat.path.PathPart;
import elsko.core.boat.path.Position;
import elsko.core.boat.path.PourPoint;
import elsko.core.boat.path.Segment;
import elsko.core.boat.path.SegmentKind;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A circuit while its template writes it and the hull's own changes are made to it. */
public final class CircuitDraft {
  /** The hose on the suction side of a circuit's pump. */
  static final String PUMP_HOSE = "pump-hose";

  private static final double LEFT_IN_A_TANK_LITERS = 2;

  public final String key;
  final CircuitKind kind;
  final @Nullable Position engine;
  final List<PathPart> path = new ArrayList<>();
  public final List<Fitting> fittings = new ArrayList<>();
  private final String name;
  private final String prefix;
  private final String said;
  private final List<LowPoint> lowPoints = new ArrayList<>();
  private final List<PourPoint> pourPoints = new ArrayList<>();
  private final List<Method> methods = new ArrayList<>();
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

  CircuitDraft methods(Method... ways) {
    methods.addAll(List.of(ways));
    return this;
  }

  void central() {
    centralDrain = true;
  }

  void drainsItself() {
    selfDraining = true;
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

  void fitting(String fittingKey, String fittingName, FittingKind fittingKind, String where) {
    fitting(fittingKey, fittingName, fittingKind, where, "", false);
  }

  void fitting(
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
  }

  /** A drain with the low point it empties, sampled when the segment holds half a liter or more. */
  void drain(
      String pointKey,
      String pointName,
      FittingKind fittingKind,
      String where,
      String tool,
      String... empties) {
    fitting(pointKey + "-drain", pointName + " drain", fittingKind, where, tool, false);
    lowPoint(pointKey, pointName, pointKey + "-drain", true, empties);
  }

  /** A hose end that is taken off and put low. */
  void hoseLow(
      String pointKey,
      String pointName,
      String hoseKey,
      String hoseName,
      String where,
      boolean belowWaterline,
      String... empties) {
    hose(hoseKey, hoseName, where, belowWaterline);
    lowPoint(pointKey, pointName, hoseKey, false, empties);
  }

  void hose(String hoseKey, String hoseName, String where, boolean belowWaterline) {
    if (hoseKey.equals(PUMP_HOSE)) {
      suctionHose = prefix + hoseKey;
    }
    fitting(hoseKey, hoseName, FittingKind.HOSE_END, where, "screwdriver, pick", belowWaterline);
  }

  /**
   * @param opens key of the fitting without prefix, or null where nothing is opened
   * @param empties the first is the segment a sample speaks for
   */
  public void lowPoint(
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
  }

  void pour(String hoseKey, String pourName, String watch, String... fills) {
    pourPoints.add(
        new PourPoint(prefix + hoseKey, said + pourName, List.of(fills), Double.NaN, watch));
  }

  public void change(SegmentChange change) {
    Segment before =
        built().segments().stream()
            .filter(segment -> segment.key().equals(change.segment()))
            .findFirst()
            .orElseThrow(
                () ->
                    Refused.value(
                        "segmentChanges",
                        "The %s has no segment \"%s\".".formatted(name, change.segment())));
    List<PathPart> changed = changed(path, change);
    path.clear();
    path.addAll(changed);
    if (change.gone()) {
      forget(before.key());
    }
  }

  private void forget(String segment) {
    lowPoints.replaceAll(
        point -> {
          List<String> left = point.empties().stream().filter(s -> !s.equals(segment)).toList();
          String speaksFor =
              point.segment().equals(segment) && !left.isEmpty() ? left.get(0) : point.segment();
          return new LowPoint(
              point.key(), point.name(), point.opens(), left, speaksFor, point.required());
        });
    lowPoints.removeIf(point -> point.empties().isEmpty());
    pourPoints.replaceAll(
        pour ->
            new PourPoint(
                pour.hose(),
                pour.name(),
                pour.fills().stream().filter(s -> !s.equals(segment)).toList(),
                pour.liters(),
                pour.watch()));
    pourPoints.removeIf(pour -> pour.fills().isEmpty());
  }

  private static List<PathPart> changed(List<PathPart> parts, SegmentChange change) {
    List<PathPart> after = new ArrayList<>();
    for (PathPart part : parts) {
      if (part instanceof Parallel parallel) {
        after.add(
            new Parallel(
                parallel.branches().stream().map(branch -> changed(branch, change)).toList(),
                parallel.shares()));
      } else if (part instanceof Segment s && s.key().equals(change.segment())) {
        if (!change.gone()) {
          double liters = change.liters() == null ? s.liters() : change.liters();
          after.add(new Segment(s.key(), s.name(), s.kind(), liters, s.gated()));
        }
      } else {
        after.add(part);
      }
    }
    return after;
  }

  /** Whether the change was about a fitting of this circuit. */
  public boolean change(FittingChange change) {
    int at = indexOf(change.fitting());
    if (at < 0) {
      return false;
    }
    Fitting before = fittings.get(at);
    if (change.gone()) {
      fittings.remove(at);
      lowPoints.replaceAll(
          point ->
              before.key().equals(point.opens())
                  ? new LowPoint(
                      point.key(), point.name(), null, point.empties(), point.segment(), false)
                  : point);
      pourPoints.removeIf(pour -> pour.hose().equals(before.key()));
      return true;
    }
    FittingKind changedKind = change.kind() == null ? before.kind() : change.kind();
    if (changedKind != before.kind() && !(before.kind().isDrain() && opensSomething(changedKind))) {
      throw Refused.value(
          "kind", "Only a drain can be of another kind: plug, petcock, sensor or hose end.");
    }
    fittings.set(
        at,
        new Fitting(
            before.key(),
            change.name() == null ? before.name() : change.name(),
            changedKind,
            before.circuit(),
            change.where() == null ? before.where() : change.where(),
            change.tool() == null ? before.tool() : change.tool(),
            before.belowWaterline()));
    return true;
  }

  private static boolean opensSomething(FittingKind kind) {
    return kind.isDrain() || kind == FittingKind.HOSE_END;
  }

  private int indexOf(String fittingKey) {
    for (int i = 0; i < fittings.size(); i++) {
      if (fittings.get(i).key().equals(fittingKey)) {
        return i;
      }
    }
    return -1;
  }

  public void add(AddedDrain added) {
    Segment segment =
        built().segments().stream()
            .filter(s -> s.key().equals(added.segment()))
            .findFirst()
            .orElseThrow(
                () ->
                    Refused.value(
                        "addedDrains",
                        "A drain on \"%s\", but the %s has no such segment."
                            .formatted(added.segment(), name)));
    fittings.add(
        new Fitting(
            added.key(), added.name(), added.kind(), key, added.where(), added.tool(), false));
    lowPoints.add(
        new LowPoint(
            added.key(),
            added.name(),
            added.key(),
            List.of(segment.key()),
            segment.key(),
            segment.liters() >= 0.5));
  }

  public Circuit built() {
    Circuit bare =
        new Circuit(
            key, name, kind, engine, path, List.of(), List.of(), List.of(), List.of(), false, false,
            null, List.of());
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
        methods.stream().filter(way -> way != Method.POUR || !pourPoints.isEmpty()).toList());
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
