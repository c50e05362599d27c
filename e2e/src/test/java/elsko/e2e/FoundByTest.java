package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/**
 * A fitting is found by its picture: taken once at its line, there next time, with signal or
 * without.
 */
class FoundByTest extends OnOneYard {
  private static final String DRAIN = "Block, port";
  private static final String NAME = "port block drain";

  @Test
  void aPictureTakenAtItsLineStaysWithTheFitting() throws IOException {
    String boat = Twin.of("Saltglass", elsko, "Laver");
    Page phone = chromium.signedInToKeep(elsko, "technician", 390, 844, "/boats/" + boat);
    CardInTheBay card = SaltglassCard.open(phone);
    card.pick(SaltglassCard.DRAIN);
    OnThisDevice.isReadyToLeave(phone);
    phone.context().setOffline(true);
    phone.getByLabel("Photo of " + NAME).setInputFiles(shot());
    Locator picture = picture(phone);
    isDrawn(picture);
    phone.reload();
    card.pick(SaltglassCard.DRAIN);
    isDrawn(picture(phone));
    assertThat(Targets.tooSmall(phone)).isEmpty();

    phone.context().setOffline(false);
    OnThisDevice.isEmpty(phone);
    picture(phone).click();
    Locator dialog = phone.getByRole(AriaRole.DIALOG);
    assertThat(Axe.violations(phone)).isEmpty();
    assertThat(Targets.tooSmall(phone)).isEmpty();
    dialog.getByText("needs a lamp").click();
    assertThat(dialog.getByText("Needs a lamp · taken")).isVisible();
    dialog.getByText("Close").click();
    assertThat(phone.getByLabel("Picture of " + NAME + ": needs a lamp")).isVisible();

    // It is with the server now, and was shown once from there: that is enough without signal.
    Until.holds(
        phone,
        """
        async (boat) => {
          const { fittings } = await (await fetch(`/api/boats/${boat}`)).json();
          const { photo } = fittings.find(({ photo }) => photo).photo;
          return (await fetch(`/api/boats/${boat}/photos/${photo}/small`)).ok;
        }""",
        boat);
    OnThisDevice.isReadyToLeave(phone);
    phone.reload();
    card.pick(SaltglassCard.DRAIN);
    isDrawn(picture(phone));
    phone.context().setOffline(true);
    phone.reload();
    card.pick(SaltglassCard.DRAIN);
    isDrawn(picture(phone));
  }

  private static Locator picture(Page page) {
    return page.getByLabel("Picture of " + NAME);
  }

  private static void isDrawn(Locator picture) {
    assertThat(picture.locator("img")).hasJSProperty("complete", true);
    assertThat(picture.locator("img")).not().hasJSProperty("naturalWidth", 0);
  }

  private static FilePayload shot() throws IOException {
    BufferedImage image = new BufferedImage(800, 600, BufferedImage.TYPE_INT_RGB);
    Graphics2D drawing = image.createGraphics();
    drawing.setColor(Color.ORANGE);
    drawing.fillOval(300, 200, 120, 120);
    drawing.dispose();
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    ImageIO.write(image, "png", png);
    return new FilePayload("camera.png", "image/png", png.toByteArray());
  }
}
