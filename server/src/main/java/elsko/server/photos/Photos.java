package elsko.server.photos;

import elsko.core.Refused;
import elsko.server.problems.Busy;
import elsko.server.problems.NotFound;
import java.time.Clock;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** The pictures of the yard. */
@Service
public class Photos {
  private static final int AT_ONCE = 2;
  private static final int LONGEST_WAIT_S = 10;

  private final PhotoRepository photos;
  private final TransactionTemplate transaction;
  private final Clock clock;
  private final Semaphore drawn = new Semaphore(AT_ONCE, true);

  Photos(PhotoRepository photos, TransactionTemplate transaction, Clock clock) {
    this.transaction = transaction;
    this.photos = photos;
    this.clock = clock;
  }

  /**
   * Keeps a picture once; sent again with its id, what is kept stays as it is. Drawing it anew
   * takes a while: few at once, and with no hold on the database.
   */
  void keep(UUID boat, UUID id, byte[] sent, String person) {
    if (isKept(boat, id)) {
      return;
    }
    byte[] jpeg = inTurn(() -> Picture.cleaned(sent));
    transaction.executeWithoutResult(
        begun -> {
          if (!isKept(boat, id)) {
            photos.save(new PhotoRow(id, boat, person, clock.instant(), jpeg));
          }
        });
  }

  /** Whether a picture is kept. Refuses an id that is another boat's. */
  boolean isKept(UUID boat, UUID id) {
    UUID kept = photos.boatOf(id);
    if (kept != null && !kept.equals(boat)) {
      throw Refused.state("photo", "Another picture with this id is kept already.");
    }
    return kept != null;
  }

  /** Whether it is kept and this boat's. */
  public boolean isOf(UUID boat, UUID id) {
    return boat.equals(photos.boatOf(id));
  }

  private byte[] inTurn(Supplier<byte[]> drawing) {
    try {
      if (!drawn.tryAcquire(LONGEST_WAIT_S, TimeUnit.SECONDS)) {
        throw new Busy("Many pictures come in at once. It is tried again.");
      }
    } catch (InterruptedException ending) {
      Thread.currentThread().interrupt();
      throw new Busy("Elsko is ending. It is tried again.");
    }
    try {
      return drawing.get();
    } finally {
      drawn.release();
    }
  }

  /** The picture as small as it is beside a line; it may be drawn anew for that. */
  public byte[] small(UUID boat, UUID id) {
    byte[] jpeg = jpeg(boat, id);
    return inTurn(() -> Picture.small(jpeg));
  }

  /** The picture as JPEG; refuses one that is not this boat's. */
  @Transactional(readOnly = true)
  public byte[] jpeg(UUID boat, UUID id) {
    return photos
        .findById(id)
        .filter(photo -> photo.boatId().equals(boat))
        .orElseThrow(() -> new NotFound("photo", "This boat has no such photo."))
        .jpeg();
  }
}
