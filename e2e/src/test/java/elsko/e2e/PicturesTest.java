package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ScreenshotAnimations;
import java.nio.file.Path;
import java.time.Instant;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * Takes the pictures in docs/screenshots anew: mvn -pl e2e test -Dtest=PicturesTest
 * -Delsko.pictures=true. The yard's clock stands still, and so does the browser's: taken on another
 * day they are the same.
 */
@EnabledIfSystemProperty(named = "elsko.pictures", matches = "true")
class PicturesTest {
  private static final Path SHOTS =
      Path.of(
          System.getProperty(
              "elsko.pictures.into", System.getProperty("elsko.root") + "/docs/screenshots"));

  @Test
  void oneOfEachMainView() {
    try (ElskoProcess elsko = ElskoProcess.standingStill();
        Chromium chromium = Chromium.standingStill()) {
      Page desk = quietly(chromium, elsko, "coordinator", 1280, 800);
      desk.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Marram, C2, held"))
          .waitFor();
      assertThat(desk.getByText("finish by").first()).isVisible();
      take(desk, "yard");
      desk.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Marram")).first().click();
      assertThat(desk.getByText("Go on with the card")).isVisible();
      take(desk, "boat");
      Wire wire = new Wire(elsko, "coordinator");
      desk.navigate(elsko.at("/boats/" + wire.boat("Sooty Tern")));
      assertThat(desk.getByText("Done: a new impeller is in")).isVisible();
      take(desk, "red-tag");
      desk.navigate(elsko.at("/boats/" + wire.boat("Kittiwake") + "/describe"));
      assertThat(desk.getByText("Click a segment for its volume")).isVisible();
      take(desk, "describe");
      desk.navigate(elsko.at("/boats/" + wire.boat("Old Lapwing") + "/trends"));
      assertThat(desk.getByText("descale or inspect")).isVisible();
      take(desk, "trends");
      desk.navigate(elsko.at("/stores"));
      desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Skeldra Rose 38"))
          .click();
      assertThat(desk.getByText("What takes it")).isVisible();
      take(desk, "stores");
      desk.navigate(elsko.at("/walks"));
      desk.locator("section[aria-label^='Walk of'] ol [role=button]").first().click();
      assertThat(desk.getByText("Why then")).isVisible();
      take(desk, "walks");
      desk.navigate(elsko.at("/walks/season"));
      assertThat(desk.getByLabel("Boats over the days")).isVisible();
      take(desk, "season");
      desk.navigate(elsko.at("/launch"));
      assertThat(desk.getByText("Ready for the lift.")).isVisible();
      take(desk, "launch");
      desk.navigate(elsko.at("/cast-off/" + wire.boat("Gannet")));
      desk.getByLabel("Under way, all of it").fill("6");
      desk.getByLabel("Gauge, port tank").fill("55");
      desk.getByLabel("Gauge, starboard tank").fill("90");
      new CardInTheBay(desk).line("Strainer").first().click();
      desk.getByText("Debris in it").first().click();
      assertThat(desk.getByText("Not enough: add 2 L.").first()).isVisible();
      desk.evaluate("() => scrollTo(0, 0)");
      take(desk, "cast-off");
      desk.navigate(elsko.at("/book?lot=P38-112"));
      assertThat(desk.getByText("Marram").last()).isVisible();
      take(desk, "book");
      desk.navigate(elsko.at("/settings"));
      assertThat(desk.getByText("Frost standard")).isVisible();
      take(desk, "settings");

      Page bench = quietly(chromium, elsko, "technician", 1280, 800);
      bench.navigate(elsko.at("/bench/round"));
      Locator jug = bench.getByLabel("Jug of lot P38-112");
      jug.fill("-19");
      jug.press("Enter");
      String[] readings = {"-18.5", "-18.1", "-18.3", "-18.2", "-18.4", "-7.4", "-18", "-18.3"};
      for (String reading : readings) {
        bench.keyboard().type(reading);
        bench.keyboard().press("Enter");
      }
      assertThat(bench.getByLabel("Bottles, Bladderwrack").getByText("Held.")).isVisible();
      bench.evaluate("() => scrollTo(0, 190)");
      take(bench, "proof-round");

      Page bay = quietly(chromium, elsko, "technician", 1280, 800);
      Instant now = Instant.parse((String) bay.evaluate("() => new Date().toISOString()"));
      bay.navigate(elsko.at(FedByHand.started(new Wire(elsko, "technician"), "Kittiwake", now)));
      assertThat(bay.getByLabel("Water lasts")).isVisible();
      take(bay, "card");

      Page phone = quietly(chromium, elsko, "technician", 390, 844);
      open(phone, elsko, Twin.of("Saltglass", elsko, "Sea Lettuce"), "Winterizing");
      UsualHands.until(phone, SaltglassCard.DRAIN);
      assertThat(new CardInTheBay(phone).bar()).containsText("ran clear");
      take(phone, "card-phone");
      phone.navigate(elsko.at("/"));
      assertThat(phone.getByText("To carry")).isVisible();
      take(phone, "my-walk");
      phone.navigate(elsko.at("/yard"));
      assertThat(phone.getByLabel("on your walk").first()).isVisible();
      take(phone, "yard-phone");

      aPump(quietly(chromium, elsko, "technician", 1280, 800), elsko, wire.boat("Old Lapwing"));
    }
  }

  /** A pump on the bench that lost two vanes. */
  private static void aPump(Page bay, ElskoProcess elsko, String boat) {
    open(bay, elsko, boat, "Raw-water pump");
    UsualHands.until(bay, "Impeller out: count, bend, look");
    bay.getByLabel("Impeller has").fill("6");
    bay.getByLabel("Should have").fill("8");
    bay.keyboard().press("Enter");
    assertThat(bay.getByText("Find every piece").first()).isVisible();
    bay.reload();
    assertThat(bay.getByText("Vanes are missing").first()).isVisible();
    bay.getByLabel("What this step asks for")
        .getByText("Impeller REMOVED")
        .evaluate("(ask) => scrollTo(0, ask.getBoundingClientRect().top + scrollY - 250)");
    take(bay, "pump");
  }

  private static void open(Page page, ElskoProcess elsko, String boat, String procedure) {
    page.navigate(elsko.at("/boats/" + boat));
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(procedure).setExact(true))
        .click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open the card")).click();
    page.waitForURL(Pattern.compile(".*/cards/[0-9a-f-]+$"));
  }

  private static Page quietly(Chromium chromium, ElskoProcess elsko, String who, int w, int h) {
    Page page = chromium.signedIn(elsko, who, w, h);
    Quiet.follow(page);
    return page;
  }

  private static void take(Page page, String name) {
    // What the mouse is over is lit, and that depends on what had come when it clicked.
    page.mouse().move(0, 0);
    Quiet.isQuiet(page);
    page.evaluate("() => document.fonts.ready.then(() => undefined)");
    page.screenshot(
        new Page.ScreenshotOptions()
            .setPath(SHOTS.resolve(name + ".png"))
            .setAnimations(ScreenshotAnimations.DISABLED));
  }
}
