package elsko.core.boat.template;

import elsko.core.Refused;
import elsko.core.boat.description.AddedDrain;
import elsko.core.boat.description.FittingChange;
import elsko.core.boat.description.SegmentChange;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.Parallel;
import elsko.core.boat.path.PathPart;
import elsko.core.boat.path.PourPoint;
import elsko.core.boat.path.Segment;
import java.util.ArrayList;
import java.util.List;

/** Makes to a circuit what is different on one hull: segments, fittings, drains. */
public record HullChanges(CircuitDraft circuit) {
  public void change(SegmentChange change) {
    Segment before =
        circuit.built().segments().stream()
            .filter(segment -> segment.key().equals(change.segment()))
            .findFirst()
            .orElseThrow(
                () ->
                    Refused.value(
                        "segmentChanges",
                        "The %s has no segment \"%s\".".formatted(circuit.name, change.segment())));
    List<PathPart> changed = changed(circuit.path, change);
    circuit.path.clear();
    circuit.path.addAll(changed);
    if (change.gone()) {
      forget(before.key());
    }
  }

  private void forget(String segment) {
    circuit.lowPoints.replaceAll(
        point -> {
          List<String> left = point.empties().stream().filter(s -> !s.equals(segment)).toList();
          String speaksFor =
              point.segment().equals(segment) && !left.isEmpty() ? left.get(0) : point.segment();
          return new LowPoint(
              point.key(), point.name(), point.opens(), left, speaksFor, point.required());
        });
    circuit.lowPoints.removeIf(point -> point.empties().isEmpty());
    circuit.pourPoints.replaceAll(
        pour ->
            new PourPoint(
                pour.hose(),
                pour.name(),
                pour.fills().stream().filter(s -> !s.equals(segment)).toList(),
                pour.liters(),
                pour.watch()));
    circuit.pourPoints.removeIf(pour -> pour.fills().isEmpty());
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
    Fitting before = circuit.fittings.get(at);
    if (change.gone()) {
      circuit.fittings.remove(at);
      circuit.lowPoints.replaceAll(
          point ->
              before.key().equals(point.opens())
                  ? new LowPoint(
                      point.key(), point.name(), null, point.empties(), point.segment(), false)
                  : point);
      circuit.pourPoints.removeIf(pour -> pour.hose().equals(before.key()));
      return true;
    }
    FittingKind changedKind = change.kind() == null ? before.kind() : change.kind();
    if (changedKind != before.kind() && !(before.kind().isDrain() && opensSomething(changedKind))) {
      throw Refused.value(
          "kind", "Only a drain can be of another kind: plug, petcock, sensor or hose end.");
    }
    circuit.fittings.set(
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
    for (int i = 0; i < circuit.fittings.size(); i++) {
      if (circuit.fittings.get(i).key().equals(fittingKey)) {
        return i;
      }
    }
    return -1;
  }

  public void add(AddedDrain added) {
    Segment segment =
        circuit.built().segments().stream()
            .filter(s -> s.key().equals(added.segment()))
            .findFirst()
            .orElseThrow(
                () ->
                    Refused.value(
                        "addedDrains",
                        "A drain on \"%s\", but the %s has no such segment."
                            .formatted(added.segment(), circuit.name)));
    circuit.fittings.add(
        new Fitting(
            added.key(),
            added.name(),
            added.kind(),
            circuit.key,
            added.where(),
            added.tool(),
            false));
    circuit.lowPoints.add(
        new LowPoint(
            added.key(),
            added.name(),
            added.key(),
            List.of(segment.key()),
            segment.key(),
            segment.liters() >= 0.5));
  }
}
