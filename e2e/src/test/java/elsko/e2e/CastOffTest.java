package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** May we go? At the desk, and on an owner's phone without an account or signal. */
class CastOffTest extends OnOneYard {
  private static final int MOST_SCREENS = 20;
  private static final int FUEL_TYPED = 2;
  private static final int KEPT = 1;

  @Test
  void aRoundEndsInNoGoWithTheLitersToAddThenInGo() {
    Page desk = chromium.signedIn(elsko, "technician", 1280, 800);
    desk.getByText("Cast-off", new Page.GetByTextOptions().setExact(true)).click();
    // Until the list stands the Yard is still there, and it names the boat too.
    desk.locator("a[href^='/cast-off/']")
        .filter(new Locator.FilterOptions().setHasText("Little Auk"))
        .click();
    Locator plate = plate(desk);
    assertThat(plate).containsText("Not yet");
    assertThat(desk.getByLabel("Water at the exhaust after")).hasCount(0);
    // Burns 2.4 L an hour out of 72 L, of which 7.2 are drawn by nothing: 10 h need 28.8 L.
    desk.getByLabel("Under way, all of it").fill("10");
    desk.getByLabel("Gauge").fill("abc");
    assertThat(desk.getByText("From 0 to 100 %.")).isVisible();
    desk.getByLabel("Gauge").fill("40");
    assertThat(plate).containsText("Fuel: Not enough: add 7.2 L.");
    desk.getByLabel("Gauge").fill("90");
    assertThat(plate).containsText("Not yet");
    int taps = goRound(desk) + FUEL_TYPED + KEPT;
    System.out.printf("short check, one engine: %d taps%n", taps);
    assertThat(taps).isLessThanOrEqualTo(8);
    assertThat(plate).containsText(Pattern.compile("^Go"));
    click(desk, "Go: keep this round");
    assertThat(desk.getByLabel("Last round")).containsText("last round: short, go");
    assertThat(plate).containsText("This round is kept.");
    desk.getByText("the whole boat").click();
    assertThat(desk.getByText("Short round, go")).isVisible();
  }

  @Test
  void aTwinsShortCheckTakesTwelveTaps() {
    Page phone = chromium.signedIn(elsko, "technician", 390, 844);
    String boat = new Wire(elsko, "technician").boat("Gannet");
    phone.navigate(elsko.at("/cast-off/" + boat));
    assertThat(phone.locator("[data-bar]")).isVisible();
    int taps = goRound(phone) + FUEL_TYPED + KEPT;
    System.out.printf("short check, twin with generator: %d taps%n", taps);
    assertThat(taps).isLessThanOrEqualTo(12);
    assertThat(phone.locator("[data-bar]")).hasCount(0);
  }

  @Test
  void whatRanHotIsSaidWithOneTapAndHoldsTheNextRoundBack() {
    Page desk = chromium.signedIn(elsko, "coordinator", 1280, 800, "/cast-off");
    desk.getByText("Sanderling").click();
    click(desk, "Engine ran hot");
    assertThat(plate(desk)).containsText("The engine ran hot: its impeller and cooling path");
    desk.navigate(elsko.at("/"));
    // Others of the yard may have one too.
    assertThat(
            desk.locator("li")
                .filter(new Locator.FilterOptions().setHasText("Sanderling"))
                .filter(
                    new Locator.FilterOptions().setHasText("Red tag. Engine: over temperature."))
                .first())
        .isVisible();
  }

  @Test
  void anOwnersLinkOpensOneBoatWithoutSignalAndDiesWhenItIsWithdrawn() {
    Page desk = chromium.signedIn(elsko, "coordinator", 1280, 800, "/cast-off");
    desk.getByText("Razorbill").click();
    click(desk, "Make a link");
    String address = desk.locator("code").innerText();

    Page phone = chromium.windowToKeep(390, 844);
    phone.navigate(address);
    assertThat(phone.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .hasText("Razorbill");
    assertThat(phone.getByRole(AriaRole.NAVIGATION)).hasCount(0);
    assertThat(Targets.tooSmall(phone, "main")).isEmpty();
    assertThat(Axe.violations(phone)).isEmpty();
    assertThat(
            phone.evaluate(
                "async () => Promise.all(['/api/boats', '/api/yard/plan', '/api/launch']"
                    + ".map(async (path) => (await fetch(path)).status))"))
        .isEqualTo(java.util.List.of(401, 401, 401));

    phone.evaluate("async () => { await navigator.serviceWorker.ready; }");
    phone.context().setOffline(true);
    phone.reload();
    assertThat(phone.getByText("No signal: this goes by what the yard knew")).isVisible();
    phone.getByLabel("Under way, all of it").fill("5");
    phone.getByLabel("Gauge").fill("80");
    goRound(phone);
    assertThat(plate(phone)).containsText(Pattern.compile("^Go"));
    click(phone, "Go: keep this round");
    assertThat(phone.getByText("1 waits to go up.")).isVisible();
    phone.reload();
    assertThat(phone.getByText("1 waits to go up.")).isVisible();
    phone.context().setOffline(false);
    assertThat(phone.getByLabel("Last round")).containsText("short, go", patiently());
    assertThat(desk.getByLabel("Last round")).containsText("owner, by link");

    desk.getByText("cancel link").first().click();
    assertThat(desk.getByText("withdrawn").first()).isVisible();
    assertThat(phone.getByText("This link opens nothing any more")).isVisible(visiblySoon());
    assertThat(phone.getByText("Razorbill")).hasCount(0);
    phone.reload();
    assertThat(phone.getByText("This link opens nothing any more")).isVisible();
  }

  /**
   * Answers every check as it should be: a tap a screen, and the seconds until water comes.
   *
   * @return how many taps that took; typing a number is one
   */
  private static int goRound(Page page) {
    Locator bar = page.locator("[data-bar]");
    Locator water = page.getByLabel("Water at the exhaust after");
    int taps = 0;
    for (int i = 0; i < MOST_SCREENS && bar.count() > 0; i++) {
      if (water.count() > 0 && water.inputValue().isEmpty()) {
        taps++;
        water.fill("12");
      }
      if (bar.count() > 0 && bar.isEnabled()) {
        taps++;
        bar.click();
      }
    }
    return taps;
  }

  private static Locator plate(Page page) {
    return page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("May we go"));
  }

  private static void click(Page page, String name) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true))
        .click();
  }

  private static LocatorAssertions.ContainsTextOptions patiently() {
    return new LocatorAssertions.ContainsTextOptions().setTimeout(30_000);
  }

  private static LocatorAssertions.IsVisibleOptions visiblySoon() {
    return new LocatorAssertions.IsVisibleOptions().setTimeout(30_000);
  }
}
