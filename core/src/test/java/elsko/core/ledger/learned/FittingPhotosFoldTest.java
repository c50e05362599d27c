package elsko.core.ledger.learned;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.core.ledger.fact.Fact;
import java.time.Instant;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class FittingPhotosFoldTest {
  private static final Instant FIRST = Instant.parse("2030-11-03T09:00:00Z");
  private static final Instant NEXT = FIRST.plusSeconds(31_536_000);

  private final FittingPhotosFold photos = new FittingPhotosFold();
  private final UUID one = UUID.randomUUID();

  @Test
  void wordsAddedLaterLeaveThePictureAsOldAsItIs() {
    photos.taken(new Fact.PhotoTaken(one, "", "block-drain"), FIRST);
    photos.taken(new Fact.PhotoTaken(one, "from the starboard side", "block-drain"), NEXT);
    assertThat(photos.standing())
        .containsExactly(new FittingPhoto("block-drain", one, FIRST, "from the starboard side"));
  }

  @Test
  void anotherPictureReplacesItWithItsWords() {
    UUID other = UUID.randomUUID();
    photos.taken(new Fact.PhotoTaken(one, "needs a lamp", "block-drain"), FIRST);
    photos.taken(new Fact.PhotoTaken(other, "", "block-drain"), NEXT);
    photos.taken(new Fact.PhotoTaken(one, "", "manifold-drain"), NEXT);
    assertThat(photos.standing())
        .containsExactlyInAnyOrder(
            new FittingPhoto("block-drain", other, NEXT, ""),
            new FittingPhoto("manifold-drain", one, NEXT, ""));
  }

  @Test
  void aPictureOfSomethingElseIsNoFittings() {
    photos.taken(new Fact.PhotoTaken(one, "crack at the elbow", null), FIRST);
    assertThat(photos.standing()).isEmpty();
  }
}
