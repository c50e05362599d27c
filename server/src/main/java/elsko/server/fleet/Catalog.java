package elsko.server.fleet;

import elsko.core.Text;
import elsko.core.boat.description.Accessory;
import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.description.EnginePart;
import elsko.core.boat.description.Exhaust;
import elsko.core.boat.description.Layout;
import elsko.core.boat.description.PowerClass;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.Method;
import elsko.core.limits.BeltSchool;
import elsko.core.limits.Interval;
import java.util.List;
import java.util.stream.Stream;

/** Everything a boat can be put together from, with the words for it. */
public record Catalog(
    List<LayoutWord> layouts,
    List<CoolingWord> coolings,
    List<ExhaustWord> exhausts,
    List<DrainsWord> drains,
    List<PartWord> parts,
    List<PowerClassWord> powerClasses,
    List<AccessoryWord> accessories,
    List<MethodWord> methods,
    List<KindWord> drainKinds,
    List<BeltSchoolWord> beltSchools,
    List<IntervalWord> twoSchools) {

  /** The one catalog there is. */
  public static Catalog all() {
    return new Catalog(
        Stream.of(Layout.values()).map(v -> new LayoutWord(v, v.words())).toList(),
        Stream.of(Cooling.values()).map(v -> new CoolingWord(v, v.words())).toList(),
        Stream.of(Exhaust.values()).map(v -> new ExhaustWord(v, v.words())).toList(),
        Stream.of(DrainArrangement.values()).map(v -> new DrainsWord(v, v.words())).toList(),
        Stream.of(EnginePart.values()).map(v -> new PartWord(v, v.words())).toList(),
        Stream.of(PowerClass.values()).map(v -> new PowerClassWord(v, v.words())).toList(),
        Stream.of(Accessory.values()).map(v -> new AccessoryWord(v, v.words())).toList(),
        Stream.of(Method.values()).map(v -> new MethodWord(v, v.words())).toList(),
        Stream.of(FittingKind.values())
            .filter(FittingKind::isDrain)
            .map(v -> new KindWord(v, v.words()))
            .toList(),
        Stream.of(BeltSchool.values()).map(v -> new BeltSchoolWord(v, v.words())).toList(),
        Stream.of(Interval.values())
            .filter(interval -> interval.other() != null)
            .map(
                interval ->
                    new IntervalWord(
                        interval.key(),
                        interval.words(),
                        interval.usual().words(),
                        interval.other().words()))
            .toList());
  }

  /** A layout and its word. */
  public record LayoutWord(Layout key, String words) {}

  /** A way of cooling and its word. */
  public record CoolingWord(Cooling key, String words) {}

  /** An exhaust and its word. */
  public record ExhaustWord(Exhaust key, String words) {}

  /** A way to drain and its words. */
  public record DrainsWord(DrainArrangement key, String words) {}

  /** A part and its words. */
  public record PartWord(EnginePart key, String words) {}

  /** How big an engine is, in words. */
  public record PowerClassWord(PowerClass key, String words) {}

  /** An accessory and its words. */
  public record AccessoryWord(Accessory key, String words) {}

  /** A method and its words. */
  public record MethodWord(Method key, String words) {}

  /** A school of belts and its words. */
  public record BeltSchoolWord(BeltSchool key, Text words) {}

  /** An interval the trade counts in two ways: the usual and the other. */
  public record IntervalWord(String key, String words, String usual, String other) {}

  /** A kind of drain and its word. */
  public record KindWord(FittingKind key, String words) {}
}
