package elsko.server;

import static elsko.server.Yarn.entry;
import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Pictures: checked by what is in them, kept without where they were taken. */
@ExtendWith(RunningElsko.class)
class PhotosTest {
  private static final String PLACE = "GPS 54.1 N 10.9 E";

  private static HttpResponse<byte[]> send(String method, Yarn yarn, UUID photo, String beneath) {
    return at(method, yarn, photo + "/" + beneath, null, null);
  }

  private static HttpResponse<byte[]> send(
      String method, Yarn yarn, UUID photo, String type, byte[] body) {
    return at(method, yarn, photo.toString(), type, body);
  }

  private static HttpResponse<byte[]> at(
      String method, Yarn yarn, String photo, String type, byte[] body) {
    String basic =
        Base64.getEncoder().encodeToString("technician:demo".getBytes(StandardCharsets.UTF_8));
    HttpRequest.Builder request =
        HttpRequest.newBuilder(RunningElsko.at("/api/boats/" + yarn.boat + "/photos/" + photo))
            .header("Authorization", "Basic " + basic)
            .method(
                method, body == null ? BodyPublishers.noBody() : BodyPublishers.ofByteArray(body));
    if (type != null) {
      request.header("Content-Type", type);
    }
    try {
      return HttpClient.newHttpClient().send(request.build(), BodyHandlers.ofByteArray());
    } catch (IOException | InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  private static JsonNode problem(HttpResponse<byte[]> answer) {
    return RunningElsko.JSON.readTree(answer.body());
  }

  private static byte[] picture(String kind, int width, int height) {
    try {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), kind, out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  /** A JPEG in whose second segment a camera has written where it was. */
  private static byte[] withPlace() {
    byte[] jpeg = picture("jpeg", 40, 30);
    byte[] said = ("Exif\0\0" + PLACE).getBytes(StandardCharsets.ISO_8859_1);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(jpeg, 0, 2);
    out.writeBytes(new byte[] {(byte) 0xff, (byte) 0xe1, 0, (byte) (said.length + 2)});
    out.writeBytes(said);
    out.write(jpeg, 2, jpeg.length - 2);
    return out.toByteArray();
  }

  @Test
  void whereItWasTakenStaysBehind() {
    Yarn yarn = new Yarn("Pictured");
    UUID id = UUID.randomUUID();
    byte[] sent = withPlace();
    assertThat(new String(sent, StandardCharsets.ISO_8859_1)).contains(PLACE);
    assertThat(send("PUT", yarn, id, "image/jpeg", sent).statusCode()).isEqualTo(204);
    HttpResponse<byte[]> kept = send("GET", yarn, id, null, null);
    assertThat(kept.statusCode()).isEqualTo(200);
    assertThat(kept.headers().firstValue("Content-Type")).contains("image/jpeg");
    assertThat(new String(kept.body(), StandardCharsets.ISO_8859_1)).doesNotContain("GPS");
    yarn.kept(entry("PHOTO_TAKEN", "photo", id.toString(), "text", "crack at the elbow"));
    assertThat(
            RunningElsko.as("viewer")
                .get("/api/boats/" + yarn.boat + "/log")
                .body()
                .path("entries")
                .get(0)
                .path("words")
                .asString())
        .isEqualTo("Photo: crack at the elbow");
  }

  private static JsonNode fitting(Yarn yarn, String key) {
    for (JsonNode one : yarn.view().body().path("fittings")) {
      if (one.path("key").asString().equals(key)) {
        return one;
      }
    }
    throw new AssertionError(key);
  }

  @Test
  void theOneTakenLastIsByWhatAFittingIsFoundAndIsTakenAlongSmall() throws IOException {
    Yarn yarn = new Yarn("Found again");
    String drain = "block-port-drain";
    assertThat(fitting(yarn, drain).path("photo").isNull()).isTrue();
    UUID first = UUID.randomUUID();
    UUID second = UUID.randomUUID();
    yarn.kept(entry("PHOTO_TAKEN", "photo", first.toString(), "fitting", drain));
    yarn.kept(
        entry("PHOTO_TAKEN", "photo", first.toString(), "fitting", drain, "text", "needs a lamp"));
    assertThat(fitting(yarn, drain).path("photo").path("photo").asString())
        .isEqualTo(first.toString());
    assertThat(fitting(yarn, drain).path("photo").path("words").asString())
        .isEqualTo("needs a lamp");
    var again = entry("PHOTO_TAKEN", "photo", second.toString(), "fitting", drain);
    yarn.kept(again);
    assertThat(fitting(yarn, drain).path("photo").path("photo").asString())
        .isEqualTo(second.toString());
    yarn.kept(entry("WITHDRAWN", "corrects", again.get("id"), "reason", "of the wrong one"));
    assertThat(fitting(yarn, drain).path("photo").path("photo").asString())
        .as("that before it counts again")
        .isEqualTo(first.toString());

    assertThat(send("PUT", yarn, first, "image/png", picture("png", 1600, 1200)).statusCode())
        .isEqualTo(204);
    BufferedImage small =
        ImageIO.read(new ByteArrayInputStream(send("GET", yarn, first, "small").body()));
    assertThat(small.getWidth()).isEqualTo(320);
    assertThat(small.getHeight()).isEqualTo(240);
    assertThat(send("GET", yarn, second, "small").statusCode()).isEqualTo(404);
    Yarn other = new Yarn("Another boat");
    assertThat(send("GET", other, first, "small").statusCode()).isEqualTo(404);
  }

  @Test
  void aPictureOfNoFittingOfTheBoatIsRefused() {
    Yarn yarn = new Yarn("Elsewhere");
    var answer =
        yarn.send(
            entry("PHOTO_TAKEN", "photo", UUID.randomUUID().toString(), "fitting", "mast-step"));
    assertThat(answer.status()).isEqualTo(422);
    assertThat(answer.body().path("field").asString()).isEqualTo("fitting");
    assertThat(yarn.logLength()).isZero();
  }

  @Test
  void aLargeOneIsScaledAndAPngBecomesAJpeg() throws IOException {
    Yarn yarn = new Yarn("Large");
    UUID id = UUID.randomUUID();
    assertThat(send("PUT", yarn, id, "image/png", picture("png", 3200, 1200)).statusCode())
        .isEqualTo(204);
    BufferedImage kept =
        ImageIO.read(new ByteArrayInputStream(send("GET", yarn, id, null, null).body()));
    assertThat(kept.getWidth()).isEqualTo(1600);
    assertThat(kept.getHeight()).isEqualTo(600);
  }

  @Test
  void aSmallFileMayHoldAHugePictureAndStopsNobody() throws Exception {
    Yarn yarn = new Yarn("Huge");
    byte[] huge = deep(5000);
    assertThat(huge.length).isLessThan(300_000);
    List<CompletableFuture<Integer>> sent = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      sent.add(
          CompletableFuture.supplyAsync(
              () -> send("PUT", yarn, UUID.randomUUID(), "image/png", huge).statusCode()));
    }
    yarn.kept(entry("NOTED", "text", "Meanwhile."));
    for (CompletableFuture<Integer> one : sent) {
      assertThat(one.get()).isEqualTo(204);
    }
    assertThat(send("PUT", yarn, UUID.randomUUID(), "image/png", deep(5001)).statusCode())
        .as("more pixels than anybody's")
        .isEqualTo(422);
  }

  /** Square, of one tone, 16 bits a tone. */
  private static byte[] deep(int side) throws IOException {
    BufferedImage image = new BufferedImage(side, side, BufferedImage.TYPE_USHORT_GRAY);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return out.toByteArray();
  }

  @Test
  void whatIsNoPictureIsRefusedByWhatIsInItWhateverItIsCalled() {
    Yarn yarn = new Yarn("No picture");
    UUID id = UUID.randomUUID();
    byte[] script = "<svg onload='alert(1)'/>".getBytes(StandardCharsets.UTF_8);
    HttpResponse<byte[]> answer = send("PUT", yarn, id, "image/jpeg", script);
    assertThat(answer.statusCode()).isEqualTo(422);
    assertThat(problem(answer).path("field").asString()).isEqualTo("photo");
    assertThat(problem(answer).path("detail").asString()).contains("something else");
    assertThat(send("PUT", yarn, id, "image/gif", picture("gif", 4, 4)).statusCode())
        .isEqualTo(415);
    assertThat(send("PUT", yarn, id, "image/png", picture("gif", 4, 4)).statusCode())
        .isEqualTo(422);
    byte[] half = Arrays.copyOf(picture("png", 300, 300), 60);
    assertThat(send("PUT", yarn, id, "image/png", half).statusCode()).isEqualTo(422);
    assertThat(send("PUT", yarn, id, "image/jpeg", new byte[5_000_000]).statusCode())
        .isEqualTo(413);
    assertThat(send("PUT", yarn, id, "image/png", picture("png", 7000, 2)).statusCode())
        .isEqualTo(422);
    assertThat(send("GET", yarn, id, null, null).statusCode()).isEqualTo(404);
  }

  @Test
  void sentAgainItIsKeptOnceAndAnotherBoatCannotTakeItsPlace() {
    Yarn yarn = new Yarn("Once");
    UUID id = UUID.randomUUID();
    byte[] first = picture("png", 20, 20);
    assertThat(send("PUT", yarn, id, "image/png", first).statusCode()).isEqualTo(204);
    assertThat(send("PUT", yarn, id, "image/png", first).statusCode()).isEqualTo(204);
    assertThat(send("PUT", new Yarn("Elsewhere"), id, "image/png", first).statusCode())
        .isEqualTo(409);
  }

  @Test
  void nobodyIsShownItAgainWithoutBeingAsked() throws Exception {
    Yarn yarn = new Yarn("Private");
    UUID id = UUID.randomUUID();
    send("PUT", yarn, id, "image/png", picture("png", 20, 20));
    String path = "/api/boats/" + yarn.boat + "/photos/" + id;
    var shown = RunningElsko.as("viewer").get(path).raw();
    assertThat(shown.headers().firstValue("Cache-Control").orElseThrow())
        .contains("no-cache", "private")
        .doesNotContain("max-age");
    String tag = shown.headers().firstValue("ETag").orElseThrow();
    Map<String, String> known = Map.of("If-None-Match", tag);
    assertThat(RunningElsko.as("viewer").send("GET", path, null, known).status()).isEqualTo(304);
    assertThat(RunningElsko.as(null).send("GET", path, null, known).status()).isEqualTo(401);
  }
}
