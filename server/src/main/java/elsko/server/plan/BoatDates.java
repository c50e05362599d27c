package elsko.server.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;

/** From when on a boat may be worked on, until when it was promised, and when it is afloat. */
@Entity
@Table(name = "boat_dates")
class BoatDates {
  @Id private UUID boatId;
  private LocalDate releaseOn;
  private LocalDate promisedOn;
  private LocalDate launchOn;

  protected BoatDates() {}

  BoatDates(UUID boatId, LocalDate releaseOn, LocalDate promisedOn, LocalDate launchOn) {
    this.boatId = boatId;
    this.releaseOn = releaseOn;
    this.promisedOn = promisedOn;
    this.launchOn = launchOn;
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

  LocalDate launchOn() {
    return launchOn;
  }
}
