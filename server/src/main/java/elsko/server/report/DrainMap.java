package elsko.server.report;

import elsko.core.Words;
import elsko.core.boat.path.Circuit;
import elsko.core.boat.path.CircuitKind;
import elsko.core.boat.path.Fitting;
import elsko.core.boat.path.FittingKind;
import elsko.core.boat.path.LowPoint;
import elsko.core.boat.path.Segment;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.learned.FittingPhoto;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Where a boat is drained, on one page: the path of each circuit with its low points numbered from
 * the intake on, and by which picture each is found.
 *
 * @param pictures the JPEG of a photo; null while it is still on its way
 */
record DrainMap(
    String yard,
    ReportWords words,
    BoatState state,
    Function<UUID, byte @Nullable []> pictures,
    Instant now) {
  private static final float HEADING = 19;
  private static final float LEAST_TILE = 40;
  private static final float HIGHEST_TILE = 132;
  private static final float OF_WORDS = 30;
  private static final int MOST_BESIDE = 9;
  private static final float GAP = 6;

  /** A place of the map; without a number where nothing drains. */
  private record Place(
      @Nullable Integer number, String segment, String name, @Nullable Fitting fitting) {}

  /** One circuit's part of the page; of the boat as a whole without a path. */
  private record Part(String name, @Nullable Circuit circuit, List<Place> places) {}

  byte[] pdf() {
    try (Sheet sheet = Sheet.page(words.units(), yard, "Drain map, " + state.boat().name())) {
      sheet.title(
          state.boat().name() + ": drain map", "Numbered from the intake on · " + words.day(now));
      List<Part> parts = parts();
      List<PathStrip> strips = parts.stream().map(part -> strip(part, sheet.room())).toList();
      float fixed = parts.size() * HEADING;
      for (PathStrip strip : strips) {
        fixed += strip.height();
      }
      float left = sheet.left() - fixed;
      int beside = beside(parts, sheet.room(), left);
      float tile = Math.clamp(left / rows(parts, beside), LEAST_TILE, HIGHEST_TILE);
      for (int i = 0; i < parts.size(); i++) {
        sheet.stencilled(parts.get(i).name());
        strips.get(i).draw(sheet);
        tiles(sheet, parts.get(i).places(), beside, tile);
      }
      return sheet.pdf();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private List<Part> parts() {
    List<Part> parts = new ArrayList<>();
    for (Circuit circuit : state.boat().circuits()) {
      if (!circuit.isDryBuilt() && circuit.kind() != CircuitKind.COOLANT) {
        List<Place> places = places(circuit);
        if (!places.isEmpty()) {
          parts.add(new Part(Words.sentence(circuit.name()), circuit, places));
        }
      }
    }
    List<Place> whole =
        state.boat().fittings().stream()
            .filter(one -> one.circuit() == null)
            .filter(one -> one.kind() == FittingKind.HULL_PLUG || state.photoOf(one.key()) != null)
            .map(one -> new Place(null, "", one.name(), one))
            .toList();
    if (!whole.isEmpty()) {
      parts.add(new Part("The boat", null, whole));
    }
    return parts;
  }

  private List<Place> places(Circuit circuit) {
    List<Place> places = new ArrayList<>();
    Set<String> shown = new LinkedHashSet<>();
    int number = 0;
    for (Segment segment : Circuit.segmentsOf(circuit.path())) {
      for (LowPoint point : circuit.lowPoints()) {
        if (point.segment().equals(segment.key())) {
          Fitting opens = point.opens() == null ? null : state.boat().fitting(point.opens());
          places.add(new Place(++number, segment.key(), point.name(), opens));
          if (opens != null) {
            shown.add(opens.key());
          }
        }
      }
    }
    state.boat().fittings().stream()
        .filter(one -> circuit.key().equals(one.circuit()) && !shown.contains(one.key()))
        .filter(one -> state.photoOf(one.key()) != null)
        .forEach(one -> places.add(new Place(null, "", one.name(), one)));
    return places;
  }

  private static PathStrip strip(Part part, float width) {
    return part.circuit() == null
        ? PathStrip.NONE
        : PathStrip.of(
            part.circuit().path(),
            part.places().stream()
                .filter(place -> place.number() != null)
                .map(place -> new PathStrip.Mark(place.number(), place.segment()))
                .toList(),
            width);
  }

  /** So many in a row that pictures are as large as they can be. */
  private static int beside(List<Part> parts, float width, float height) {
    int best = 1;
    float largest = 0;
    for (int beside = 1; beside <= MOST_BESIDE; beside++) {
      float high = Math.min(HIGHEST_TILE, height / rows(parts, beside)) - OF_WORDS;
      float picture = Math.min(high * 4 / 3, width / beside - GAP);
      if (picture > largest) {
        largest = picture;
        best = beside;
      }
    }
    return best;
  }

  private static int rows(List<Part> parts, int beside) {
    return parts.stream().mapToInt(part -> Math.ceilDiv(part.places().size(), beside)).sum();
  }

  private void tiles(Sheet sheet, List<Place> places, int beside, float height) throws IOException {
    float width = sheet.room() / beside;
    for (int i = 0; i < places.size(); i++) {
      tile(sheet, places.get(i), i % beside * width, width - GAP, height);
      if (i % beside == beside - 1 || i == places.size() - 1) {
        sheet.down(height);
      }
    }
  }

  private void tile(Sheet sheet, Place place, float x, float width, float height)
      throws IOException {
    FittingPhoto photo = place.fitting() == null ? null : state.photoOf(place.fitting().key());
    byte[] jpeg = photo == null ? null : pictures.apply(photo.photo());
    if (place.fitting() != null) {
      sheet.here().picture(jpeg, x, width, height - OF_WORDS);
    }
    if (place.number() != null) {
      sheet.here().mark(x + 9, 9, place.number().toString());
    }
    sheet
        .here()
        .words(
            x,
            height - OF_WORDS,
            width,
            Words.sentence(place.name()),
            place.fitting() == null ? "" : beneath(place.fitting(), photo));
  }

  private String beneath(Fitting fitting, @Nullable FittingPhoto photo) {
    List<String> all = new ArrayList<>();
    if (!fitting.where().isEmpty()) {
      all.add(fitting.where());
    }
    if (!fitting.tool().isEmpty()) {
      all.add(fitting.tool());
    }
    if (photo != null && !photo.words().isEmpty()) {
      all.add(photo.words());
    }
    return String.join(" · ", all);
  }
}
