package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * Every screen: for people who cannot see it, for people without a mouse, and under our own policy.
 */
class ScreensTest extends InTheBrowser {
  private static String openCard(Page page, String name) {
    return (String)
        page.evaluate(
            "async (name) => (await (await fetch('/api/boats')).json())"
                + ".find((boat) => boat.name === name).openCard",
            name);
  }

  private static String instrument(Page page) {
    return (String)
        page.evaluate(
            "async () => (await (await fetch('/api/bench/shelf')).json()).instruments[0].id");
  }

  @Test
  void axeFindsNothingSeriousOnAnyScreen() {
    Page signIn = chromium.window(1280, 800);
    List<String> complaints = new ArrayList<>();
    signIn.onConsoleMessage(
        message -> {
          if (message.text().contains("Content Security Policy")) {
            complaints.add(message.text());
          }
        });
    signIn.navigate(elsko.at("/sign-in"));
    assertThat(signIn.getByRole(AriaRole.HEADING)).hasCount(2);
    assertThat(Axe.violations(signIn)).as("sign-in").isEmpty();

    Page page = chromium.signedIn(elsko, "coordinator", 1280, 800);
    page.onConsoleMessage(
        message -> {
          if (message.text().contains("Content Security Policy")) {
            complaints.add(message.text());
          }
        });
    Wire wire = new Wire(elsko, "coordinator");
    String marram = wire.boat("Marram");
    String scurvygrass = wire.boat("Scurvygrass");
    List<String> paths =
        List.of(
            "/",
            "/bench/round",
            "/bench/mix",
            "/bench/fuel",
            "/bench/fill?boat=" + marram,
            "/bench/instruments/" + instrument(page),
            "/boats/" + marram,
            "/boats/" + wire.boat("Saltglass"),
            "/boats/" + wire.boat("Tide Table"),
            "/boats/" + wire.boat("Storm Petrel"),
            "/boats/" + wire.boat("Sea Holly"),
            "/boats/" + wire.boat("Teal") + "/describe",
            "/boats/" + wire.boat("Teal") + "/readings",
            "/describe",
            "/launch",
            "/launch/" + wire.boat("Skua"),
            "/import",
            "/bench",
            "/bench/" + marram,
            "/settings",
            "/boats/" + marram + "/cards/" + openCard(page, "Marram"),
            "/boats/" + scurvygrass + "/cards/" + openCard(page, "Scurvygrass"));
    for (String path : paths) {
      page.navigate(elsko.at(path));
      assertThat(page.getByRole(AriaRole.HEADING).first()).isAttached();
      assertThat(page.getByText(Pattern.compile("Fetching"))).hasCount(0);
      assertThat(Axe.violations(page)).as(path).isEmpty();
    }
    page.navigate(elsko.at("/"));
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Marram, C2, held"))
        .waitFor();
    page.keyboard().press("l");
    assertThat(page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Boats")))
        .isVisible();
    assertThat(Axe.violations(page)).as("list").isEmpty();
    page.keyboard().press("l");
    page.getByText("loose ends", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(page.getByText("plugs in bags")).isVisible();
    assertThat(Axe.violations(page)).as("loose ends").isEmpty();
    assertThat(complaints).as("content-security-policy").isEmpty();
  }

  @Test
  void everythingWorksWithoutAMouse() {
    Page page = chromium.window(1280, 800);
    page.navigate(elsko.at("/sign-in"));
    page.getByLabel("Name").waitFor();
    page.keyboard().type("technician");
    page.keyboard().press("Tab");
    page.keyboard().type("wrong");
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.ALERT)).hasText("Name and password do not fit together.");
    assertThat(page.getByLabel("Name")).hasValue("technician");
    page.getByLabel("Password").focus();
    page.keyboard().press("Control+a");
    page.keyboard().type("demo");
    page.keyboard().press("Enter");
    page.waitForURL(elsko.at("/"));

    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sea Rocket, D9, wet"))
        .waitFor();
    page.keyboard().press("/");
    page.keyboard().type("sea r");
    page.keyboard().press("Enter");
    Locator drain =
        page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("port block drain, IN"));
    drain.focus();
    page.keyboard().press("Enter");
    page.keyboard().press("ArrowDown", new Keyboard.PressOptions().setDelay(80));
    assertThat(page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("OUT, bagged")))
        .isChecked();
    page.keyboard().press("Tab");
    page.keyboard().type("looking for silt");
    page.keyboard().press("Tab");
    page.keyboard().press("Enter");
    assertThat(
            page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName("port block drain, OUT, bagged")))
        .isVisible();
    Locator undo =
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo").setExact(true));
    undo.focus();
    page.keyboard().press("Enter");
    assertThat(drain).isVisible();
    page.keyboard().press("?");
    assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
    page.keyboard().press("Escape");
    assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    page.keyboard().press("b");
    assertThat(page.getByText("Boats with antifreeze in them")).isVisible();
  }

  @Test
  void aViewerIsOfferedNothingThatWouldBeRefused() {
    Page page = chromium.signedIn(elsko, "viewer", 1280, 800);
    assertThat(page.getByText("Settings")).hasCount(0);
    assertThat(page.getByText("add a boat")).hasCount(0);
    page.navigate(elsko.at("/boats/" + new Wire(elsko, "viewer").boat("Saltglass")));
    assertThat(page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("Protection")))
        .hasText("wet");
    assertThat(page.getByText("Open a card")).hasCount(0);
    assertThat(page.getByText("take back")).hasCount(0);
  }

  @Test
  void aYardHandLaunchesOnlyABoatWithoutHoles() {
    Page page = chromium.signedIn(elsko, "yardhand", 1280, 800);
    page.navigate(elsko.at("/boats/" + new Wire(elsko, "yardhand").boat("Eelgrass")));
    page.getByText("move boat").click();
    Locator to = page.getByLabel("Move to");
    to.selectOption("W7");
    page.getByText("Move it", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("Not launched: the hull plug is OUT");
    assertThat(to).not().hasValue("");
  }
}
