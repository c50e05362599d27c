package elsko.server.photos;

import static java.nio.file.StandardOpenOption.APPEND;
import static java.nio.file.StandardOpenOption.CREATE;

import elsko.core.Refused;
import elsko.server.problems.Busy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Pictures that come in pieces over a weak signal, until they are whole. A piece that is there
 * needs not come again, also after the application was started anew.
 */
@Component
class Pieces {
  /** Of a yard's devices together, bytes. */
  private static final long MOST_TOGETHER = 200_000_000;

  /** What did not come on for so long does not come any more. */
  private static final Duration GIVEN_UP = Duration.ofDays(60);

  private final Path folder;
  private final Clock clock;

  Pieces(@Value("${elsko.data}") Path data, Clock clock) {
    this.folder = data.resolve("photos-coming");
    this.clock = clock;
  }

  /** How much of a picture is here, bytes. */
  synchronized long received(UUID boat, UUID photo) {
    try {
      Path file = file(boat, photo);
      return Files.exists(file) ? Files.size(file) : 0;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * Takes the next piece. Refuses one that does not begin where the last ended, and a picture that
   * would be too large.
   *
   * @return how much is here now, bytes
   */
  synchronized long take(UUID boat, UUID photo, long from, byte[] piece) {
    long here = received(boat, photo);
    if (from != here) {
      throw Refused.state("from", "Of this picture " + here + " bytes are here. Go on from there.");
    }
    Picture.checkSize(here + piece.length);
    try {
      if (here == 0) {
        makeRoom(piece.length);
      }
      Files.write(file(boat, photo), piece, CREATE, APPEND);
      return here + piece.length;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  synchronized byte[] whole(UUID boat, UUID photo) {
    try {
      return Files.readAllBytes(file(boat, photo));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** It is kept, or is none. */
  synchronized void forget(UUID boat, UUID photo) {
    try {
      Files.deleteIfExists(file(boat, photo));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void makeRoom(int wanted) throws IOException {
    Files.createDirectories(folder);
    Instant old = clock.instant().minus(GIVEN_UP);
    long together = wanted;
    List<Path> all;
    try (Stream<Path> files = Files.list(folder)) {
      all = files.toList();
    }
    for (Path file : all) {
      if (Files.getLastModifiedTime(file).toInstant().isBefore(old)) {
        Files.delete(file);
      } else {
        together += Files.size(file);
      }
    }
    if (together > MOST_TOGETHER) {
      throw new Busy("Many pictures are on their way already. It is tried again.");
    }
  }

  private Path file(UUID boat, UUID photo) {
    return folder.resolve(boat + "-" + photo);
  }
}
