package elsko.server.said;

import elsko.core.Refused;
import elsko.core.ledger.fact.InstrumentUse;
import elsko.core.ledger.fact.Lot;
import elsko.server.bench.Shelf;
import elsko.server.people.People;
import elsko.server.yard.Berths;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What an entry only names, as it stands in the yard at one moment. */
public final class Around {
  private final Shelf shelf;
  private final Berths berths;
  private final People people;
  private final Instant at;

  Around(Shelf shelf, Berths berths, People people, Instant at) {
    this.shelf = shelf;
    this.berths = berths;
    this.people = people;
    this.at = at;
  }

  Lot lot(@Nullable String number) {
    return shelf.lot(number);
  }

  InstrumentUse instrument(@Nullable UUID id) {
    return shelf.instrument(id, at);
  }

  /** The instrument with the scale it has for this lot. */
  InstrumentUse instrument(@Nullable UUID id, @Nullable String lot) {
    return shelf.instrument(id, at, lot);
  }

  Berths.Place berth(@Nullable UUID id) {
    return berths.place(Said.need("berth", id, "Choose a berth."));
  }

  @Nullable UUID photo(@Nullable UUID id) {
    if (id == null) {
      throw Refused.value("photo", "Which picture?");
    }
    // It may still be on its way from the device it was taken with.
    return id;
  }

  @Nullable String worker(@Nullable String name) {
    if (name != null && !people.workers().contains(name)) {
      throw Refused.value("to", "Nobody called \"%s\" works on cards here.".formatted(name));
    }
    return name;
  }
}
