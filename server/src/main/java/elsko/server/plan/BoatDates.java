package elsko.server.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;

/** From when on a boat may be worked on, and until when its owner was promised it. */
@Entity
@Table(name = "boat_dates")
class BoatDates {
  @Id private UUID boatId;
  private LocalDate releaseOn;
  private LocalDate promisedOn;

  protected BoatDates() {}

  BoatDates(UUID boatId, LocalDate releaseOn, LocalDate promisedOn) {
    this.boatId = boatId;
    this.releaseOn = releaseOn;
    this.promisedOn = promisedOn;
  }

  UUID boatId() {
    return boatId;
  }

  LocalDate releaseOn() {
    return releaseOn;
  }

  LocalDate promisedOn() {
    return promisedOn;
  }
}
