package elsko.server.importing;

import static elsko.core.boat.path.Position.CENTER;
import static elsko.core.boat.path.Position.PORT;
import static elsko.core.boat.path.Position.STARBOARD;

import elsko.core.Refused;
import elsko.core.boat.Boat;
import elsko.core.boat.description.Accessory;
import elsko.core.boat.description.Answer;
import elsko.core.boat.description.BoatDescription;
import elsko.core.boat.description.BoatKind;
import elsko.core.boat.description.Cooling;
import elsko.core.boat.description.DrainArrangement;
import elsko.core.boat.description.EngineDescription;
import elsko.core.boat.description.EngineDetails;
import elsko.core.boat.description.Exhaust;
import elsko.core.boat.description.Fuel;
import elsko.core.boat.description.Layout;
import elsko.core.boat.description.PowerClass;
import elsko.core.boat.description.WaterUsedIn;
import elsko.core.boat.path.Method;
import elsko.core.boat.path.Position;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * Makes a description from one row. An empty cell leaves what is known of a boat that is there
 * already; for a new one it means the usual, or that nobody has said.
 */
final class RowReader {
  private static final Map<String, String> COLUMN_OF =
      Map.of(
          "hullLengthM", Column.LENGTH,
          "waterUsedIn", Column.WATER,
          "domesticTankLiters", Column.TANK,
          "hullId", Column.HULL_ID,
          "accessories", Column.LAYOUT);

  private final Cells cells;
  private final BoatDescription before;

  /**
   * @param before the boat of this hull id, or null when it is new
   */
  RowReader(Cells cells, BoatDescription before) {
    this.cells = cells;
    this.before = before;
  }

  /** The description, or null when a problem was found. */
  BoatDescription read() {
    try {
      BoatDescription made = description();
      if (made != null) {
        Boat.of(made);
      }
      return made;
    } catch (Refused refused) {
      cells.problem(
          COLUMN_OF.getOrDefault(refused.field(), column(refused.field())), refused.reason());
      return null;
    }
  }

  /** A field that is no column is said at the layout, which it follows from. */
  private static String column(String field) {
    return Column.all().contains(field) ? field : Column.LAYOUT;
  }

  private BoatDescription description() {
    Layout layout =
        or(cells.one(Column.LAYOUT, Layout.class), before == null ? null : before.layout());
    BoatKind kind =
        or(cells.one(Column.KIND, BoatKind.class), before == null ? null : before.kind());
    Double length = or(cells.number(Column.LENGTH), before == null ? null : before.hullLengthM());
    WaterUsedIn water =
        or(
            cells.one(Column.WATER, WaterUsedIn.class),
            before == null ? null : before.waterUsedIn());
    if (layout == null && cells.isEmpty(Column.LAYOUT)) {
      cells.problem(Column.LAYOUT, "Say which layout it is.");
    }
    if (length == null && cells.isEmpty(Column.LENGTH)) {
      cells.problem(Column.LENGTH, "Say how long the hull is.");
    }
    if (water == null && cells.isEmpty(Column.WATER)) {
      cells.problem(Column.WATER, "Say what water it is used in.");
    }
    List<EngineDescription> engines = layout == null ? null : engines(layout);
    Map<Accessory, Answer> answers = answers();
    Double tank =
        or(cells.number(Column.TANK), before == null ? null : before.domesticTankLiters());
    Method method =
        or(cells.one(Column.METHOD, Method.class), before == null ? null : before.method());
    Boolean silty = or(cells.yesOrNo(Column.SILTY), before == null ? null : before.silty());
    if (layout == null || length == null || water == null || engines == null) {
      return null;
    }
    boolean sameEngines = before != null && machinery(engines).equals(machinery(before.engines()));
    return new BoatDescription(
        text(Column.NAME, before == null ? "" : before.name()),
        cells.text(Column.HULL_ID),
        kind,
        length,
        layout,
        engines,
        answers,
        tank,
        water,
        Boolean.TRUE.equals(silty),
        method,
        text(Column.OWNER, before == null ? "" : before.owner()),
        text(Column.NOTES, before == null ? "" : before.notes()),
        sameEngines ? before.segmentChanges() : List.of(),
        sameEngines ? before.fittingChanges() : List.of(),
        sameEngines ? before.addedDrains() : List.of());
  }

  /** The engines without what changes from season to season. */
  private static List<EngineDescription> machinery(List<EngineDescription> engines) {
    return engines.stream().map(engine -> engine.with(EngineDetails.NONE)).toList();
  }

  private List<EngineDescription> engines(Layout layout) {
    Integer count = cells.whole(Column.ENGINES);
    Fuel fuel = cells.one(Column.FUEL, Fuel.class);
    Integer cylinders = cells.whole(Column.CYLINDERS);
    Cooling cooling = cells.one(Column.COOLING, Cooling.class);
    Exhaust exhaust = cells.one(Column.EXHAUST, Exhaust.class);
    DrainArrangement drains = cells.one(Column.DRAINS, DrainArrangement.class);
    PowerClass powerClass = cells.one(Column.POWER_CLASS, PowerClass.class);
    Integer year = cells.whole(Column.YEAR);
    Double hours = cells.number(Column.HOURS);
    boolean nothingSaid =
        count == null
            && fuel == null
            && cylinders == null
            && cooling == null
            && exhaust == null
            && drains == null
            && powerClass == null
            && year == null
            && hours == null;
    if (before != null && before.layout() == layout && nothingSaid) {
      return before.engines();
    }
    if (layout == Layout.NONE) {
      return List.of();
    }
    EngineDescription known = known(layout);
    Fuel burns = or(fuel, known == null ? null : known.fuel());
    Integer has = or(cylinders, known == null ? null : (Integer) known.cylinders());
    Cooling cooled = or(cooling, known == null ? null : known.cooling());
    int engines = count != null ? count : known == null ? 1 : before.propulsion().size();
    boolean complete = positive(engines);
    complete &= given(Column.FUEL, burns, "Say whether it burns petrol or diesel.");
    complete &= given(Column.CYLINDERS, has, "Say how many cylinders it has.");
    complete &= given(Column.COOLING, cooled, "Say what cools the engine.");
    if (!complete) {
      return null;
    }
    // What the file says again of the first engine says nothing new of the others.
    Double newHours =
        known == null || !Objects.equals(hours, known.details().hours()) ? hours : null;
    Integer newYear = known == null || !Objects.equals(year, known.details().year()) ? year : null;
    List<EngineDescription> made = new ArrayList<>();
    for (Position at : positions(engines)) {
      made.add(
          engine(
              at,
              burns,
              has,
              cooled,
              exhaust,
              drains,
              powerClass,
              newYear,
              newHours,
              known(layout, at)));
    }
    generator().ifPresent(made::add);
    return made;
  }

  private EngineDescription known(Layout layout) {
    return before == null || before.layout() != layout || before.propulsion().isEmpty()
        ? null
        : before.propulsion().get(0);
  }

  /** A generator that was described further stays, unless the row says there is none. */
  private Optional<EngineDescription> generator() {
    if (before == null || Boolean.FALSE.equals(cells.yesOrNo(Column.of(Accessory.GENERATOR)))) {
      return Optional.empty();
    }
    return before.engines().stream().filter(e -> e.position() == Position.GENERATOR).findFirst();
  }

  private EngineDescription known(Layout layout, Position at) {
    EngineDescription first = known(layout);
    return first == null
        ? null
        : before.propulsion().stream().filter(e -> e.position() == at).findFirst().orElse(first);
  }

  private static EngineDescription engine(
      Position at,
      Fuel fuel,
      int cylinders,
      Cooling cooling,
      Exhaust exhaust,
      DrainArrangement drains,
      PowerClass powerClass,
      Integer year,
      Double hours,
      EngineDescription known) {
    boolean same =
        known != null
            && known.fuel() == fuel
            && known.cylinders() == cylinders
            && known.cooling() == cooling;
    EngineDetails d = known == null ? EngineDetails.NONE : known.details();
    return new EngineDescription(
        at,
        fuel,
        cylinders,
        cooling,
        exhaust == null && same ? known.exhaust() : exhaust,
        drains == null && same ? known.drains() : drains,
        same ? known.pumpDrive() : null,
        same ? known.parts() : null,
        new EngineDetails(
            or(year, d.year()),
            or(hours, d.hours()),
            d.oilLiters(),
            d.oilGrade(),
            d.oilReadWarm(),
            d.gearOilLiters(),
            d.coolantLiters(),
            d.impellerPart(),
            d.siphonBreakM(),
            d.plateauC(),
            d.alarmC(),
            powerClass == null && same ? d.powerClass() : powerClass,
            d.thermostatC(),
            d.mufflerLiters(),
            d.drawsLitersPerMinute(),
            d.belts(),
            d.adjustableValves(),
            d.coldStart(),
            d.weakPoints()));
  }

  private boolean positive(int engines) {
    if (engines >= 1 && engines <= 3) {
      return true;
    }
    cells.problem(Column.ENGINES, "One to three engines drive a boat.");
    return false;
  }

  private boolean given(String column, Object value, String missing) {
    if (value == null && cells.isEmpty(column)) {
      cells.problem(column, missing);
    }
    return value != null;
  }

  private static List<Position> positions(int engines) {
    return switch (engines) {
      case 1 -> List.of(CENTER);
      case 2 -> List.of(PORT, STARBOARD);
      default -> List.of(PORT, CENTER, STARBOARD);
    };
  }

  private Map<Accessory, Answer> answers() {
    Map<Accessory, Answer> answers = new EnumMap<>(Accessory.class);
    if (before != null) {
      answers.putAll(before.accessories());
    }
    for (Accessory accessory : Accessory.values()) {
      Boolean has = cells.yesOrNo(Column.of(accessory));
      if (has != null) {
        answers.put(accessory, has ? Answer.YES : Answer.NO);
      } else if (!cells.isEmpty(Column.of(accessory))) {
        answers.remove(accessory); // said to be unknown
      }
    }
    return answers;
  }

  private String text(String column, String known) {
    String said = cells.text(column);
    return said.isEmpty() ? known : said;
  }

  private static <T> T or(T said, T known) {
    return said == null ? known : said;
  }
}
