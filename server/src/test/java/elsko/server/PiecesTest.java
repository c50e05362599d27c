package elsko.server;

import static elsko.server.Yarn.entry;
import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko.Answer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.Random;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A picture comes in pieces over a weak signal, each once, whatever answer was lost. */
@ExtendWith(RunningElsko.class)
class PiecesTest {
  private static final int PIECE = 10_000;

  private final Yarn yarn = new Yarn("Pieces");
  private final UUID photo = UUID.randomUUID();
  private final byte[] picture = noisy();

  /** One that does not get small. */
  private static byte[] noisy() {
    BufferedImage image = new BufferedImage(120, 90, BufferedImage.TYPE_INT_RGB);
    Random random = new Random(7);
    for (int i = 0; i < 120 * 90; i++) {
      image.setRGB(i % 120, i / 120, random.nextInt());
    }
    try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      ImageIO.write(image, "png", out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  private String path() {
    return "/api/boats/" + yarn.boat + "/photos/" + photo;
  }

  private JsonNode put(int from, int to, int status) {
    String basic =
        Base64.getEncoder().encodeToString("technician:demo".getBytes(StandardCharsets.UTF_8));
    HttpRequest request =
        HttpRequest.newBuilder(
                RunningElsko.at(path() + "/pieces?from=" + from + "&of=" + picture.length))
            .header("Authorization", "Basic " + basic)
            .header("Content-Type", "application/octet-stream")
            .PUT(BodyPublishers.ofByteArray(Arrays.copyOfRange(picture, from, to)))
            .build();
    try {
      var answer = HttpClient.newHttpClient().send(request, BodyHandlers.ofString());
      assertThat(answer.statusCode()).as(answer.body()).isEqualTo(status);
      return RunningElsko.JSON.readTree(answer.body());
    } catch (IOException | InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  private JsonNode received() {
    return RunningElsko.as("technician").get(path() + "/received").body();
  }

  @Test
  void eachPieceOnceAndTheLastKeepsIt() {
    assertThat(picture.length).isGreaterThan(2 * PIECE);
    assertThat(received().path("received").asInt()).isZero();
    assertThat(put(0, PIECE, 200).path("received").asInt()).isEqualTo(PIECE);
    // The answer was lost, so it comes again: refused, and said how much is here.
    assertThat(put(0, PIECE, 409).path("field").asString()).isEqualTo("from");
    assertThat(received().path("received").asInt()).isEqualTo(PIECE);
    assertThat(put(PIECE, picture.length, 200).path("kept").asBoolean()).isTrue();
    assertThat(put(PIECE, picture.length, 200).path("kept").asBoolean()).isTrue();
    assertThat(received().path("kept").asBoolean()).isTrue();
    assertThat(RunningElsko.as("viewer").get(path()).status()).isEqualTo(200);
  }

  @Test
  void whatIsNoPictureIsForgottenWithItsLastPiece() {
    Arrays.fill(picture, (byte) 'x');
    put(0, PIECE, 200);
    assertThat(put(PIECE, picture.length, 422).path("field").asString()).isEqualTo("photo");
    assertThat(received().path("received").asInt()).isZero();
  }

  @Test
  void anEntryMayComeBeforeItsPictureButNamesOne() {
    yarn.kept(entry("PHOTO_TAKEN", "photo", photo.toString()));
    assertThat(RunningElsko.as("viewer").get(path()).status()).isEqualTo(404);
    Answer none = yarn.send(entry("PHOTO_TAKEN"));
    assertThat(none.status()).isEqualTo(422);
    assertThat(none.field()).isEqualTo("photo");
  }
}
