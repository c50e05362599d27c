package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The log of the whole yard, searched at the desk. */
class BookTest extends OnOneYard {
  @Test
  void aLotIsFoundInEveryBoatAndCircuitAndASearchStandsInTheAddress() {
    Page desk = chromium.signedIn(elsko, "viewer", 1280, 800);
    desk.getByText("Book", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(desk.getByRole(AriaRole.LISTITEM).nth(20)).isVisible();
    assertThat(Axe.violations(desk)).isEmpty();
    choice(desk, "Lot").selectOption("P38-112");
    Locator recall = desk.getByLabel("Where lot P38-112 went");
    assertThat(recall).containsText(Pattern.compile("L into \\d+ boats\\."));
    assertThat(recall.getByText("Marram")).isVisible();
    assertThat(recall.getByText("still in it, held").first()).isVisible();
    assertThat(Axe.violations(desk)).isEmpty();
    choice(desk, "What").selectOption("FILLS");
    choice(desk, "By").selectOption("technician");
    assertThat(desk.getByText(Pattern.compile("of lot P38-112")).first()).isVisible();
    desk.reload();
    assertThat(choice(desk, "Lot")).hasValue("P38-112");
    assertThat(recall.getByText("Marram")).isVisible();
    int before = desk.getByRole(AriaRole.LISTITEM).count();
    desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Older")).click();
    assertThat(desk.getByRole(AriaRole.LISTITEM).nth(before)).isVisible();
  }

  private static Locator choice(Page page, String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }
}
