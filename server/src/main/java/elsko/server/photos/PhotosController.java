package elsko.server.photos;

import elsko.server.fleet.Fleet;
import elsko.server.people.SignedIn;
import java.util.UUID;
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
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.WebRequest;

/** Pictures taken at a step; an entry of the log names each. */
@RestController
@RequestMapping("/api/boats/{id}/photos/{photo}")
class PhotosController {
  private final Photos photos;
  private final Fleet fleet;

  PhotosController(Photos photos, Fleet fleet) {
    this.photos = photos;
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

  /** The picture, as JPEG. Nothing shows it again without asking whether one may still see it. */
  @GetMapping(produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> jpeg(@PathVariable UUID id, @PathVariable UUID photo, WebRequest request) {
    byte[] jpeg = photos.jpeg(id, photo);
    CacheControl asked = CacheControl.noCache().cachePrivate();
    String tag = "\"" + photo + "\"";
    return request.checkNotModified(tag)
        ? ResponseEntity.status(HttpStatus.NOT_MODIFIED).cacheControl(asked).eTag(tag).build()
        : ResponseEntity.ok().cacheControl(asked).eTag(tag).body(jpeg);
  }
}
