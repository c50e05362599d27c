package elsko.core.ledger.learned;

import elsko.core.ledger.fact.Fact;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Follows through the log by which picture each fitting is found: the one taken last. */
public final class FittingPhotosFold {
  private final Map<String, FittingPhoto> all = new LinkedHashMap<>();

  /** A picture was taken, or words were added to the one that is there. */
  public void taken(Fact.PhotoTaken photo, Instant at) {
    if (photo.fitting() == null) {
      return;
    }
    all.merge(
        photo.fitting(),
        new FittingPhoto(photo.fitting(), photo.photo(), at, photo.caption()),
        (before, now) ->
            before.photo().equals(now.photo())
                ? new FittingPhoto(now.fitting(), now.photo(), before.taken(), now.words())
                : now);
  }

  /** One of each fitting that has one. */
  public List<FittingPhoto> standing() {
    return List.copyOf(all.values());
  }
}
