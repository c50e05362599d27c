package elsko.server.bench.calculator;

import static elsko.server.bench.calculator.VerdictRequest.number;

import elsko.core.Refused;
import elsko.core.boat.path.Method;
import elsko.core.fill.FillBranches;
import elsko.core.fill.FillPart;
import elsko.core.fill.FillPath;
import elsko.core.fill.FillQuestion;
import elsko.core.fill.FillSegment;
import elsko.core.fill.FillTarget;
import elsko.core.fluid.Base;
import elsko.core.fluid.Policy;
import elsko.core.fluid.verdict.Need;
import java.util.ArrayList;
import java.util.List;

/**
 * What {@code POST /api/bench/fill} takes.
 *
 * @param target when left out, it is not said how many liters reach it
 */
record FillRequest(
    ProductIn product,
    Method method,
    Double liters,
    Boolean thermostatOpen,
    List<PartIn> path,
    TargetIn target) {
  private static final int MOST_DEPTH = 20;

  FillQuestion question() {
    if (product == null) {
      throw Refused.value("product", "Say which product it is.");
    }
    double massFraction = number("product.massFraction", product.massFraction());
    FillTarget aim =
        target == null || product.base() == null
            ? null
            : FillTarget.of(target.need(), product.base(), massFraction);
    return new FillQuestion(
        product.base(),
        massFraction,
        method,
        number("liters", liters),
        said("thermostatOpen", thermostatOpen),
        new FillPath(parts("path", path, 0)),
        aim);
  }

  /** What lies behind a thermostat depends on it so much that nothing is taken for granted. */
  static boolean said(String field, Boolean value) {
    if (value == null) {
      throw Refused.value(field, "Say whether it is open; it is missing.");
    }
    return value;
  }

  private static List<FillPart> parts(String field, List<PartIn> from, int depth) {
    if (depth > MOST_DEPTH) {
      throw Refused.value(field, "Branches within branches go at most 20 deep.");
    }
    List<FillPart> parts = new ArrayList<>();
    for (int i = 0; from != null && i < from.size(); i++) {
      parts.add(part(field + "[" + i + "]", from.get(i), depth));
    }
    return parts;
  }

  private static FillPart part(String field, PartIn part, int depth) {
    if (part == null) {
      throw Refused.value(field, "Give a segment, or branches side by side.");
    }
    try {
      return part.parallel() == null ? part.segment() : branches(field, part, depth);
    } catch (Refused refused) {
      throw refused.field().startsWith("path")
          ? refused
          : Refused.value(field + "." + refused.field(), refused.reason());
    }
  }

  private static FillBranches branches(String field, PartIn part, int depth) {
    List<List<FillPart>> branches = new ArrayList<>();
    for (int i = 0; i < part.parallel().size(); i++) {
      branches.add(parts("%s.parallel[%d]".formatted(field, i), part.parallel().get(i), depth + 1));
    }
    return new FillBranches(branches, part.shares());
  }

  record ProductIn(Base base, Double massFraction) {}

  record TargetIn(Double designLowC, Double marginK, Policy policy) {
    Need need() {
      try {
        return new Need(number("designLowC", designLowC), number("marginK", marginK), policy);
      } catch (Refused refused) {
        throw Refused.value("target." + refused.field(), refused.reason());
      }
    }
  }

  /** A segment, or branches side by side with their shares. */
  record PartIn(
      String name,
      Double liters,
      Double residual,
      Integer cells,
      Boolean gated,
      List<List<PartIn>> parallel,
      List<Double> shares) {
    FillSegment segment() {
      return new FillSegment(
          name,
          number("liters", liters),
          residual == null ? elsko.core.boat.path.Circuit.RESIDUE_AFTER_CLEAR_DRAIN : residual,
          cells == null ? 1 : cells,
          Boolean.TRUE.equals(gated));
    }
  }
}
