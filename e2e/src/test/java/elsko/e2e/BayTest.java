package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** The card in a wet hand: large enough, readable in the dark and in the sun, handed over. */
class BayTest extends OnOneYard {
  @Test
  void everyTargetIsLargeEnoughInTheDarkAndInTheSun() {
    String boat = Twin.of("Saltglass", elsko, "Sandwrack");
    Page phone = chromium.signedInToKeep(elsko, "technician", 390, 844, "/boats/" + boat);
    CardInTheBay card = SaltglassCard.open(phone);
    for (String title :
        java.util.List.of(
            SaltglassCard.DRAIN,
            SaltglassCard.POUR,
            SaltglassCard.PROVE,
            SaltglassCard.CLOSE,
            SaltglassCard.WARM)) {
      card.pick(title);
      assertThat(Targets.tooSmall(phone)).as(title).isEmpty();
      assertThat(Axe.violations(phone)).as(title + ", dark").isEmpty();
      phone.getByText("Bright", exactly()).click();
      assertThat(Axe.violations(phone)).as(title + ", bright").isEmpty();
      phone.getByText("Dark", exactly()).click();
    }
    card.tap("Muffs on, water on");
    card.tap("Start the engine");
    assertThat(Targets.tooSmall(phone)).as("running").isEmpty();
    phone.getByText("all steps").click();
    assertThat(Targets.tooSmall(phone)).as("all steps").isEmpty();
    phone.getByText("Bright", exactly()).click();
    phone.reload();
    assertThat(phone.getByText("Dark", exactly())).isVisible();
    assertThat(Axe.violations(phone)).as("running, bright").isEmpty();
  }

  @Test
  void aCardIsHandedOverWithANote() {
    String boat = Twin.of("Saltglass", elsko, "Bayberry");
    Page phone = chromium.signedInToKeep(elsko, "technician", 390, 844, "/boats/" + boat);
    SaltglassCard.open(phone);
    Page desk = chromium.signedIn(elsko, "coordinator", 1280, 800, phone.url());
    phone.getByText("Hand over").click();
    phone.getByText("Hand it over").click();
    assertThat(phone.getByText("Say who goes on.")).isVisible();
    phone.getByLabel("Who goes on").selectOption("coordinator");
    phone.getByLabel("What they should know").fill("the port plug is stiff");
    assertThat(Targets.tooSmall(phone)).isEmpty();
    phone.getByText("Hand it over").click();
    assertThat(phone.getByText("coordinator works on it")).isVisible();
    assertThat(desk.getByText("technician stopped here: the port plug is stiff")).isVisible();
    assertThat(phone.getByText("I go on with it")).isVisible();
  }

  @Test
  void aGuideEndsInWorkOnTheBoat() {
    String boat = Twin.of("Saltglass", elsko, "Bay four");
    Page phone = chromium.signedInToKeep(elsko, "technician", 390, 844, "/boats/" + boat);
    SaltglassCard.open(phone);
    phone.getByText("Something is wrong").click();
    phone.getByText("No water at the exhaust").click();
    phone.getByText("Yes.", exactly()).click();
    assertThat(phone.getByText("Seacock: fully open?")).isVisible();
    assertThat(Targets.tooSmall(phone)).isEmpty();
    assertThat(Axe.violations(phone)).isEmpty();
    phone.getByText("No.", exactly()).click();
    phone.getByText("Add to its work: impeller looked at after a dry run").click();
    assertThat(phone.getByText("list of work.")).isVisible();
    Page desk = chromium.signedIn(elsko, "coordinator", 1280, 800, "/boats/" + boat);
    Locator work =
        desk.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Work to do"));
    assertThat(work).containsText("impeller looked at after a dry run");
    assertThat(desk.getByText("Seacock: fully open? No.")).isVisible();
    work.getByRole(AriaRole.BUTTON).click();
    assertThat(work).hasCount(0);
  }

  @Test
  void theSmellOfFuelStopsTheStartAndStandsBeforeTheCoordinator() {
    String boat = Twin.of("Saltglass", elsko, "Bay five");
    Page phone = chromium.signedInToKeep(elsko, "technician", 390, 844, "/boats/" + boat);
    CardInTheBay card = SaltglassCard.open(phone);
    phone.getByText("Something is wrong").click();
    phone.getByText("It smells of fuel").click();
    assertThat(phone.getByText("No start, no switch")).isVisible();
    assertThat(Axe.violations(phone)).isEmpty();
    phone.getByText("Tell the yard").click();
    assertThat(phone.getByText("until somebody says what was done")).isVisible();
    phone.getByText("Cancel", exactly()).click();
    assertThat(card.bar()).isDisabled();
    Page desk = chromium.signedIn(elsko, "coordinator", 1280, 800);
    assertThat(
            desk.locator("li")
                .filter(new Locator.FilterOptions().setHasText("Bay five"))
                .filter(new Locator.FilterOptions().setHasText("petrol vapor"))
                .first())
        .isVisible();
    desk.navigate(elsko.at("/boats/" + boat));
    assertThat(desk.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Work to do")))
        .containsText("It smells of fuel");
  }

  @Test
  void aPhotoTakenWithoutSignalGoesUpWithItsEntry() throws IOException {
    String boat = Twin.of("Saltglass", elsko, "Bay three");
    Page phone = chromium.signedInToKeep(elsko, "technician", 390, 844, "/boats/" + boat);
    SaltglassCard.open(phone);
    OnThisDevice.isReadyToLeave(phone);
    phone.context().setOffline(true);
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(2000, 900, BufferedImage.TYPE_INT_RGB), "png", png);
    phone
        .locator("input[type=file]")
        .setInputFiles(new FilePayload("camera.png", "image/png", png.toByteArray()));
    Locator photo =
        phone.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Photo").setExact(true));
    assertThat(photo).hasAttribute("src", Pattern.compile("^data:image/jpeg"));
    phone.reload();
    assertThat(photo).hasAttribute("src", Pattern.compile("^data:image/jpeg"));
    phone.context().setOffline(false);
    OnThisDevice.isEmpty(phone);
    Page desk = chromium.signedIn(elsko, "coordinator", 1280, 800, phone.url());
    Locator there =
        desk.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Photo").setExact(true));
    assertThat(there).hasAttribute("src", Pattern.compile("^/api/boats/"));
    assertThat(there.evaluate("one => one.decode().then(() => one.naturalWidth)")).isEqualTo(1280);
  }

  private static Page.GetByTextOptions exactly() {
    return new Page.GetByTextOptions().setExact(true);
  }
}
