package elsko.server.photos;

import elsko.core.Refused;
import elsko.server.problems.NotFound;
import java.time.Clock;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The pictures of the yard. */
@Service
public class Photos {
  private final PhotoRepository photos;
  private final Clock clock;

  Photos(PhotoRepository photos, Clock clock) {
    this.photos = photos;
    this.clock = clock;
  }

  /** Keeps a picture once; sent again with its id, what is kept stays as it is. */
  @Transactional
  void keep(UUID boat, UUID id, byte[] sent, String person) {
    PhotoRow kept = photos.findById(id).orElse(null);
    if (kept != null) {
      if (!kept.boatId().equals(boat)) {
        throw Refused.state("photo", "Another picture with this id is kept already.");
      }
      return;
    }
    photos.save(new PhotoRow(id, boat, person, clock.instant(), Picture.cleaned(sent)));
  }

  @Transactional(readOnly = true)
  byte[] jpeg(UUID boat, UUID id) {
    return photos
        .findById(id)
        .filter(photo -> photo.boatId().equals(boat))
        .orElseThrow(() -> new NotFound("photo", "This boat has no such photo."))
        .jpeg();
  }

  /** Whether a picture is kept. */
  @Transactional(readOnly = true)
  public boolean has(UUID id) {
    return id != null && photos.existsById(id);
  }
}
