package elsko.server.work;

import elsko.core.Refused;
import elsko.core.gauge.GaugeReading;
import elsko.core.ledger.Fact;
import elsko.core.ledger.FrostFinding;
import elsko.server.bench.Shelf;
import elsko.server.people.People;
import elsko.server.photos.Photos;
import elsko.server.yard.Yards;
import java.time.Instant;
import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * Makes the fact of an entry from what was sent, with lot, instrument and berth as they stand then.
 */
@Component
class FactReader {
  private static final String NUMBER_MISSING = "Enter a number.";

  private final Shelf shelf;
  private final Yards yards;
  private final People people;
  private final Photos photos;

  FactReader(Shelf shelf, Yards yards, People people, Photos photos) {
    this.shelf = shelf;
    this.yards = yards;
    this.people = people;
    this.photos = photos;
  }

  /** Refuses an entry that lacks what its kind needs, naming the field. */
  Fact read(EntryBody body, Instant now) {
    return switch (need("kind", body.kind(), "Say what kind of entry it is.")) {
      case CIRCUIT_SEEN ->
          new Fact.CircuitSeen(text("circuit", body.circuit()), is(body.inService()));
      case FITTING_SET ->
          new Fact.FittingSet(
              text("fitting", body.fitting()),
              need("state", body.state(), "Say which state it is in now."),
              is(body.forSample()),
              kept(body.reason()));
      case LOW_POINT_SEEN ->
          new Fact.LowPointSeen(
              text("lowPoint", body.lowPoint()),
              need("seen", body.seen(), "Say what you saw there."));
      case ENGINE_STARTED ->
          new Fact.EngineStarted(
              body.engine(),
              need("basis", body.basis(), "Say what gives it water."),
              body.seconds() == null ? 0 : body.seconds());
      case CRANKED ->
          new Fact.Cranked(body.engine(), need("seconds", body.seconds(), NUMBER_MISSING));
      case ENGINE_STOPPED -> new Fact.EngineStopped(body.engine());
      case FLUID_USED ->
          new Fact.FluidUsed(
              text("circuit", body.circuit()),
              shelf.lot(body.lot()),
              need("liters", body.liters(), NUMBER_MISSING),
              body.pourPoint());
      case ACCESSORY_SEEN ->
          new Fact.AccessorySeen(
              need("accessory", body.accessory(), "Say which accessory."),
              need("aboard", body.aboard(), "Say whether it is aboard."));
      case DESCALER_USED ->
          new Fact.DescalerUsed(
              text("circuit", body.circuit()),
              body.segments(),
              need("liters", body.liters(), NUMBER_MISSING));
      case FLUID_CAUGHT ->
          new Fact.FluidCaught(
              text("circuit", body.circuit()), need("liters", body.liters(), NUMBER_MISSING));
      case DISINFECTED ->
          new Fact.Disinfected(
              text("circuit", body.circuit()),
              need("tankLiters", body.tankLiters(), NUMBER_MISSING),
              need("chlorinePercent", body.chlorinePercent(), NUMBER_MISSING),
              need("milliliters", body.milliliters(), NUMBER_MISSING));
      case DUE_PLANNED -> new Fact.DuePlanned(body.engine(), text("item", body.item()));
      case PART_PICKED -> new Fact.PartPicked(body.engine(), text("item", body.item()));
      case ROUND_DONE ->
          throw Refused.value("kind", "A round before casting off is ended where it is gone.");
      case CAME_BACK -> new Fact.CameBack(need("hours", body.hours(), NUMBER_MISSING));
      case ENGINE_TROUBLED -> new Fact.EngineTroubled(body.engine(), body.trouble());
      case COOLANT_READ ->
          new Fact.CoolantRead(
              text("circuit", body.circuit()),
              shelf.instrument(body.instrument(), now),
              need("reading", body.reading(), NUMBER_MISSING),
              body.temperatureC());
      case FROST_LOOKED ->
          new Fact.FrostLooked(text("circuit", body.circuit()), FrostFinding.of(body.finding()));
      case SERVICE_DONE ->
          new Fact.ServiceDone(body.engine(), text("item", body.item()), kept(body.reason()));
      case JUG_READ ->
          new Fact.JugRead(
              shelf.lot(body.lot()),
              shelf.instrument(body.instrument(), now, body.lot()),
              need("reading", body.reading(), NUMBER_MISSING));
      case SAMPLE_READ ->
          new Fact.SampleRead(
              text("lowPoint", body.lowPoint()),
              shelf.lot(body.lot()),
              shelf.instrument(body.instrument(), now, body.lot()),
              need("reading", body.reading(), NUMBER_MISSING),
              need("temperatureC", body.temperatureC(), NUMBER_MISSING));
      case COULD_NOT_SAMPLE ->
          new Fact.CouldNotSample(text("lowPoint", body.lowPoint()), body.reason());
      case COUNTERSIGNED -> new Fact.Countersigned(text("circuit", body.circuit()));
      case ACCEPTED ->
          new Fact.Accepted(
              text("circuit", body.circuit()), body.reason(), body.until(), body.untilC());
      case READING_TAKEN ->
          new Fact.ReadingTaken(
              body.engine(),
              text("limit", body.limit()),
              need("value", body.value(), NUMBER_MISSING),
              body.against());
      case CONDITION_SEEN ->
          new Fact.ConditionSeen(
              body.engine(), text("condition", body.condition()), text("finding", body.finding()));
      case PIECES_FOUND ->
          new Fact.PiecesFound(
              body.engine(), need("count", body.count(), NUMBER_MISSING), body.text());
      case GAUGE_READ ->
          new Fact.GaugeRead(
              body.engine(),
              new GaugeReading(
                  need("minute", body.minute(), NUMBER_MISSING),
                  need("temperatureC", body.temperatureC(), NUMBER_MISSING),
                  body.rpm(),
                  body.exhaustLitersPerMinute()));
      case BAG_COUNTED -> new Fact.BagCounted(need("count", body.count(), NUMBER_MISSING));
      case GUIDE_LOOKED ->
          new Fact.GuideLooked(
              text("guide", body.guide()),
              text("look", body.look()),
              text("answer", body.answer()));
      case WORK_ADDED -> new Fact.WorkAdded(body.text());
      case WORK_DONE -> new Fact.WorkDone(body.work());
      case LATE_SETTLED -> new Fact.LateSettled(body.work(), body.text());
      case BAY_ENTERED -> new Fact.BayEntered();
      case BAY_LEFT -> new Fact.BayLeft();
      case NOTED -> new Fact.Noted(body.text());
      case PHOTO_TAKEN -> new Fact.PhotoTaken(photo(body.photo()), body.text());
      case CARD_OPENED -> new Fact.CardOpened(body.procedure(), body.choices());
      case CARD_TAKEN -> new Fact.CardTaken();
      case HANDED_OVER -> new Fact.HandedOver(worker(body.to()), body.text());
      case STEP_DONE -> new Fact.StepDone();
      case STEP_SKIPPED -> new Fact.StepSkipped(body.reason());
      case BERTH_MOVED -> moved(need("berth", body.berth(), "Choose a berth."));
      case WITHDRAWN -> new Fact.Withdrawn(body.reason());
    };
  }

  private UUID photo(UUID id) {
    if (!photos.has(id)) {
      throw Refused.value("photo", "The picture has not come up yet: it is sent before its entry.");
    }
    return id;
  }

  private String worker(String name) {
    if (name != null && !people.workers().contains(name)) {
      throw Refused.value("to", "Nobody called \"%s\" works on cards here.".formatted(name));
    }
    return name;
  }

  private Fact moved(UUID berth) {
    Yards.Place place = yards.place(berth);
    return new Fact.BerthMoved(place.id(), place.name(), place.afloat());
  }

  private static <T> T need(String field, T value, String missing) {
    if (value == null) {
      throw Refused.value(field, missing);
    }
    return value;
  }

  private static String text(String field, String value) {
    if (value == null || value.isBlank()) {
      throw Refused.value(field, "Say which one it is.");
    }
    return value;
  }

  private static String kept(String reason) {
    String text = reason == null ? "" : reason.strip();
    if (text.length() > Fact.MOST_TEXT) {
      throw Refused.value("reason", "At most 2,000 characters.");
    }
    return text;
  }

  private static boolean is(Boolean flag) {
    return Boolean.TRUE.equals(flag);
  }
}
