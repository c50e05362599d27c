package elsko.server.yard;

import elsko.core.Refused;
import elsko.server.live.Changed;
import elsko.server.problems.NotFound;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The yard's ground: its areas, the berths in them, and the order somebody walks them in. */
@Service
public class Berths {
  private static final double BERTH_PITCH_M = 4.2;
  private static final double LINE_HEIGHT_M = 14;
  private static final double TITLE_M = 2;
  private static final double MARGIN_M = 2;

  private final AreaRepository areas;
  private final BerthRepository berths;
  private final ApplicationEventPublisher events;

  Berths(AreaRepository areas, BerthRepository berths, ApplicationEventPublisher events) {
    this.areas = areas;
    this.berths = berths;
    this.events = events;
  }

  @Transactional(readOnly = true)
  public YardPlan plan() {
    List<Area> all = areas.findAll();
    double width =
        all.stream().map(Area::view).mapToDouble(a -> a.xM() + a.widthM()).max().orElse(60);
    double height = all.stream().mapToDouble(Area::bottomM).max().orElse(30);
    return new YardPlan(
        width + MARGIN_M,
        height + MARGIN_M,
        all.stream().map(Area::view).toList(),
        berths.findAll().stream()
            .map(Berth::view)
            .sorted(Comparator.comparing(YardPlan.BerthView::name))
            .toList());
  }

  /** The berths in the order somebody walks them. */
  @Transactional(readOnly = true)
  public WalkingOrder walkingOrder() {
    return WalkingOrder.of(plan());
  }

  /** Adds an area of one or more lines of berths below or beside what is there. */
  @Transactional
  public void addArea(
      String name,
      AreaKind kind,
      boolean heated,
      double xM,
      double yM,
      List<String> lines,
      int berthsPerLine) {
    double width = berthsPerLine * BERTH_PITCH_M + 4;
    double height = lines.size() * LINE_HEIGHT_M + TITLE_M + 2;
    Area area = areas.save(new Area(name, kind, heated, xM, yM, width, height));
    List<Berth> made = new ArrayList<>();
    for (int line = 0; line < lines.size(); line++) {
      for (int i = 0; i < berthsPerLine; i++) {
        made.add(
            new Berth(
                area.id(),
                lines.get(line) + (i + 1),
                lines.get(line),
                xM + 4 + (i + 0.5) * BERTH_PITCH_M,
                yM + TITLE_M + (line + 1) * LINE_HEIGHT_M - 1));
      }
    }
    berths.saveAll(made);
  }

  /** Adds one line of berths as an area of its own, below all others. */
  @Transactional
  public YardPlan addLine(NewLine line) {
    String letter = line.line() == null ? "" : line.line().strip();
    if (!letter.matches("[A-Z]{1,3}")) {
      throw Refused.value("line", "A line is named with 1 to 3 capital letters.");
    }
    if (berths.findByName(letter + "1").isPresent()) {
      throw Refused.state("line", "There is a line %s already.".formatted(letter));
    }
    if (line.kind() == null) {
      throw Refused.value(
          "kind", "Say whether it is in the open, in a shed, in a rack or on the water.");
    }
    int count = line.berths() == null ? 0 : line.berths();
    if (count < 1 || count > 30) {
      throw Refused.value("berths", "A line has 1 to 30 berths.");
    }
    double below = areas.findAll().stream().mapToDouble(Area::bottomM).max().orElse(0) + 3;
    String name = line.name() == null || line.name().isBlank() ? "Line " + letter : line.name();
    addArea(
        name.strip(),
        line.kind(),
        Boolean.TRUE.equals(line.heated()),
        2,
        below,
        List.of(letter),
        count);
    events.publishEvent(Changed.yard());
    return plan();
  }

  /** The berth of this id. */
  @Transactional(readOnly = true)
  public Place place(UUID berth) {
    Berth found =
        berths.findById(berth).orElseThrow(() -> new NotFound("berth", "There is no such berth."));
    return placeOf(found);
  }

  @Transactional(readOnly = true)
  public Place placeNamed(String name) {
    return placeOf(
        berths
            .findByName(name)
            .orElseThrow(() -> new NotFound("berth", "There is no berth " + name + ".")));
  }

  /** Every berth by its name in lower case. */
  @Transactional(readOnly = true)
  public Map<String, Place> placesByName() {
    Map<UUID, Area> areasById = new HashMap<>();
    areas.findAll().forEach(area -> areasById.put(area.id(), area));
    Map<String, Place> places = new HashMap<>();
    berths
        .findAll()
        .forEach(
            berth ->
                places.put(
                    berth.name().toLowerCase(Locale.ROOT),
                    new Place(
                        berth.id(), berth.name(), areasById.get(berth.areaId()).kind().afloat())));
    return places;
  }

  /** What stands between each berth and the weather. */
  @Transactional(readOnly = true)
  public Map<UUID, Shelter> shelters() {
    Map<UUID, Shelter> byArea = new HashMap<>();
    areas.findAll().forEach(area -> byArea.put(area.id(), area.shelter()));
    Map<UUID, Shelter> found = new HashMap<>();
    berths.findAll().forEach(berth -> found.put(berth.id(), byArea.get(berth.areaId())));
    return found;
  }

  /** The name of every berth. */
  @Transactional(readOnly = true)
  public Map<UUID, String> namesById() {
    Map<UUID, String> names = new HashMap<>();
    berths.findAll().forEach(berth -> names.put(berth.id(), berth.name()));
    return names;
  }

  private Place placeOf(Berth berth) {
    Area area = areas.findById(berth.areaId()).orElseThrow();
    return new Place(berth.id(), berth.name(), area.kind().afloat());
  }

  /** A berth, and whether a boat floats there. */
  public record Place(UUID id, String name, boolean afloat) {}

  /** A line of berths to add. */
  public record NewLine(String name, String line, AreaKind kind, Boolean heated, Integer berths) {}
}
