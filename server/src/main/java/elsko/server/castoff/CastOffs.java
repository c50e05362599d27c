package elsko.server.castoff;

import elsko.core.Refused;
import elsko.core.castoff.CastOff;
import elsko.core.castoff.Round;
import elsko.core.ledger.BoatState;
import elsko.core.ledger.RoundStanding;
import elsko.core.ledger.fact.Fact;
import elsko.core.ledger.fact.RoundKind;
import elsko.core.procedure.request.Practices;
import elsko.core.trip.FuelFitted;
import elsko.core.trip.TripFuel;
import elsko.server.fleet.Fleet;
import elsko.server.people.SignedIn;
import elsko.server.problems.StaleEdit;
import elsko.server.work.log.Log;
import elsko.server.yard.Yards;
import java.time.Clock;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Writes the round of a boat, and keeps what it came to. */
@Service
public class CastOffs {
  private final Log log;
  private final Fleet fleet;
  private final Yards yards;
  private final FuelRepository fuels;
  private final JsonMapper json;
  private final Clock clock;

  CastOffs(Log log, Fleet fleet, Yards yards, FuelRepository fuels, JsonMapper json, Clock clock) {
    this.log = log;
    this.fleet = fleet;
    this.yards = yards;
    this.fuels = fuels;
    this.json = json;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  RoundView round(UUID boat, RoundKind kind) {
    BoatState state = log.folded(boat).state();
    Round round = Round.of(state, yards.practices(), kind);
    return RoundView.of(boat, state, round, fuel(boat), fuelVersion(boat), clock.instant());
  }

  /**
   * Keeps a round that was gone, once. What the boat burns, said by whoever goes while nobody had
   * described it, is the boat's from then on.
   */
  @Transactional
  RoundStanding ended(UUID boat, RoundIn in, SignedIn who) {
    if (in.kind() == null) {
      throw Refused.value("kind", "Say whether it is the short or the full round.");
    }
    Practices practices = yards.practices();
    FuelFitted described = fuel(boat);
    TripFuel fuel = in.trip() == null ? null : in.trip().fuel(described);
    RoundStanding ended =
        log.keepOnce(
                boat,
                in.id(),
                in.deviceTime(),
                in.sentAt(),
                who,
                state ->
                    CastOff.ended(state, Round.of(state, practices, in.kind()), in.answers(), fuel))
            .state()
            .lastRound();
    if (described == null && in.trip() != null && in.trip().fitted() != null) {
      setFuel(boat, in.trip().fitted());
    }
    return ended;
  }

  /** Keeps what happened on the trip, once. */
  @Transactional
  void after(UUID boat, AfterIn in, SignedIn who) {
    Fact fact = in.fact();
    log.keepOnce(boat, in.id(), in.deviceTime(), in.sentAt(), who, state -> fact);
  }

  /** Keeps what a boat burns and out of which tanks. Refuses a stale edit. */
  @Transactional
  void changeFuel(UUID boat, FuelFitted fitted, @Nullable String ifMatch) {
    fleet.lock(boat);
    StaleEdit.refuseUnless(fuelVersion(boat), ifMatch);
    setFuel(boat, fitted);
  }

  /** The same, whatever was there. */
  @Transactional
  public void setFuel(UUID boat, FuelFitted fitted) {
    fleet.boat(boat);
    String document = json.writeValueAsString(fitted);
    FuelRow row = fuels.findById(boat).orElseGet(() -> new FuelRow(boat, document));
    row.says(document);
    fuels.save(row);
  }

  private long fuelVersion(UUID boat) {
    return fuels.findById(boat).map(FuelRow::version).orElse(0L);
  }

  private @Nullable FuelFitted fuel(UUID boat) {
    return fuels
        .findById(boat)
        .map(row -> json.readValue(row.document(), FuelFitted.class))
        .orElse(null);
  }
}
