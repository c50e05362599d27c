package elsko.server.photos;

import elsko.core.Refused;
import elsko.server.fleet.Fleet;
import elsko.server.people.SignedIn;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.WebRequest;

/** Pictures taken at a step; an entry of the log names each. */
@RestController
@RequestMapping("/api/boats/{id}/photos/{photo}")
class PhotosController {
  private final Photos photos;
  private final Pieces pieces;
  private final Fleet fleet;

  PhotosController(Photos photos, Pieces pieces, Fleet fleet) {
    this.photos = photos;
    this.pieces = pieces;
    this.fleet = fleet;
  }

  /** Keeps a picture; its id is made by whoever sends it, so that sending again keeps it once. */
  @PutMapping(consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void keep(
      @PathVariable UUID id,
      @PathVariable UUID photo,
      @RequestBody byte[] picture,
      Authentication who) {
    photos.keep(fleet.boat(id).id(), photo, picture, SignedIn.by(who).name());
  }

  /** How much of a picture is here: a device goes on from there. */
  @GetMapping("/received")
  Received received(@PathVariable UUID id, @PathVariable UUID photo) {
    return photos.isKept(id, photo)
        ? new Received(0, true)
        : new Received(pieces.received(id, photo), false);
  }

  /**
   * Takes the next piece of a picture; with the last one it is kept.
   *
   * @param from where the piece begins, bytes
   * @param of how large the picture is, bytes
   */
  @PutMapping(path = "/pieces", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  Received take(
      @PathVariable UUID id,
      @PathVariable UUID photo,
      @RequestParam long from,
      @RequestParam long of,
      @RequestBody(required = false) byte @Nullable [] piece,
      Authentication who) {
    fleet.boat(id);
    if (photos.isKept(id, photo)) {
      return new Received(of, true);
    }
    // All of it may be here already, and only the answer was lost.
    long here = pieces.take(id, photo, from, piece == null ? new byte[0] : piece);
    if (here < of) {
      return new Received(here, false);
    }
    try {
      photos.keep(id, photo, pieces.whole(id, photo), SignedIn.by(who).name());
    } catch (Refused none) {
      // It is no picture, however often its last piece comes.
      pieces.forget(id, photo);
      throw none;
    }
    pieces.forget(id, photo);
    return new Received(here, true);
  }

  /**
   * How far a picture is.
   *
   * @param received so much is here, bytes
   * @param kept it is whole and kept
   */
  record Received(long received, boolean kept) {}

  /** The picture, as JPEG. Nothing shows it again without asking whether one may still see it. */
  @GetMapping(produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> jpeg(@PathVariable UUID id, @PathVariable UUID photo, WebRequest request) {
    return shown(photo.toString(), request, id, photo, () -> photos.jpeg(id, photo));
  }

  /** The same as small as it is beside a line, as JPEG: a device takes it along. */
  @GetMapping(path = "/small", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> small(
      @PathVariable UUID id, @PathVariable UUID photo, WebRequest request) {
    return shown(photo + " small", request, id, photo, () -> photos.small(id, photo));
  }

  /** Drawn only for who does not have it. */
  private ResponseEntity<byte[]> shown(
      String name, WebRequest request, UUID boat, UUID photo, Supplier<byte[]> jpeg) {
    CacheControl asked = CacheControl.noCache().cachePrivate();
    String tag = "\"" + name + "\"";
    if (photos.isOf(boat, photo) && request.checkNotModified(tag)) {
      return ResponseEntity.status(HttpStatus.NOT_MODIFIED).cacheControl(asked).eTag(tag).build();
    }
    return ResponseEntity.ok().cacheControl(asked).eTag(tag).body(jpeg.get());
  }
}
