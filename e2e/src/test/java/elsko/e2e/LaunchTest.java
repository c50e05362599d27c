package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import org.junit.jupiter.api.Test;

/** Who may go into the water, seen from the desk and from beside the lift. */
class LaunchTest extends OnOneYard {
  @Test
  void whatIsStillInTheBagKeepsABoatAshoreAndTheYardSaysSo() {
    Page desk = chromium.signedIn(elsko, "coordinator", 1280, 800);
    Locator promised = desk.getByLabel("Launch promises");
    assertThat(promised.getByText("Corncrake")).isVisible();
    assertThat(promised.getByText("Hull plug is OUT, bagged.").first()).isVisible();
    promised.getByText("Corncrake").click();
    assertThat(desk.getByText("No", new Page.GetByTextOptions().setExact(true))).isVisible();
    assertThat(desk.getByText("spring card not started")).isVisible();
    assertThat(desk.getByText("It goes in now")).hasCount(0);
  }

  @Test
  void theLiftCrewLooksAndPutsABoatIn() {
    Page desk = chromium.signedIn(elsko, "coordinator", 1280, 800);
    desk.getByText("Launch", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(desk.getByText("Ready for the lift.")).isVisible();
    Page phone = chromium.signedIn(elsko, "yardhand", 390, 844, "/launch");
    phone.getByText("Skua").click();
    assertThat(phone.getByText("Look first")).isVisible();
    assertThat(phone.getByText("It goes in now")).hasCount(0);
    assertThat(Targets.tooSmall(phone, "main")).isEmpty();
    phone.getByText("Seacock seen SHUT").click();
    assertThat(phone.getByText("Yes", new Page.GetByTextOptions().setExact(true))).isVisible();
    assertThat(desk.getByText("May launch.")).isVisible();
    phone.getByText("It goes in now").click();
    phone.getByLabel("Move to").selectOption(new SelectOption().setLabel("W3"));
    phone
        .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Move it").setExact(true))
        .click();
    assertThat(phone.getByText("It floats")).isVisible();
    assertThat(desk.getByText("Skua")).hasCount(0);
  }
}
