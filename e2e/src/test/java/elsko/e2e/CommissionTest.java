package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whatever way a boat was winterized, its spring card brings the last fitting back. */
class CommissionTest extends OnOneYard {
  @ParameterizedTest
  @CsvSource({"Sandpiper, DRY", "Saltglass, POUR", "Puffin, DRAW", "Sandpiper, DRAW_UNDRAINED"})
  void aBoatDoneByEachMethodIsCommissionedToTheLastFitting(String like, String method) {
    String boat = Twin.of(like, elsko, "Spring " + method);
    Page page = chromium.signedIn(elsko, "coordinator", 1280, 800, "/boats/" + boat);
    winterize(page, boat, method);
    boolean keyOnSeacock = method.equals("DRY");
    if (keyOnSeacock) {
      enter(page, boat, "{ kind: 'FITTING_SET', fitting: 'key', state: 'ON_SEACOCK' }");
    }
    page.navigate(elsko.at("/boats/" + boat));
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Spring commissioning"))
        .click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open the card")).click();
    page.waitForURL("**/cards/*");
    CommissionWalk walk =
        new CommissionWalk(
            page, () -> chromium.signedIn(elsko, "yardhand", 390, 844, "/launch/" + boat), boat);
    if (keyOnSeacock) {
      new CardInTheBay(page).pick("Launch");
      assertThat(page.getByText("Seacock seen SHUT, the key on it")).isVisible();
      page.reload();
    }
    walk.walk();
    page.navigate(elsko.at("/boats/" + boat));
    assertThat(page.getByLabel("Protection")).containsText("in service");
    assertThat(looseEnds(page, boat)).isZero();
  }

  /** By the wire, as it is not what this is about. */
  private static void winterize(Page page, String boat, String method) {
    Object card =
        enter(
            page,
            boat,
            "{ kind: 'CARD_OPENED', procedure: 'WINTERIZE', card: crypto.randomUUID(), choices: { engine: '"
                + method
                + "' } }");
    page.navigate(elsko.at("/boats/" + boat + "/cards/" + card));
    UsualHands.until(page, "the end");
  }

  private static Object enter(Page page, String boat, String said) {
    return page.evaluate(
        """
        async ({ boat, said }) => {
          const token = decodeURIComponent(document.cookie.split('XSRF-TOKEN=')[1].split(';')[0]);
          const answer = await fetch(`/api/boats/${boat}/entries`, {
            method: 'POST',
            headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
            body: JSON.stringify({
              sentAt: new Date().toISOString(),
              entries: [{ id: crypto.randomUUID(), deviceTime: new Date().toISOString(), ...said }],
            }),
          });
          if (!answer.ok) throw new Error(await answer.text());
          return said.card ?? null;
        }""",
        Map.of("boat", boat, "said", page.evaluate("(" + said + ")")));
  }

  private static int looseEnds(Page page, String boat) {
    return (int)
        page.evaluate(
            "async (boat) => (await (await fetch(`/api/boats/${boat}`)).json())"
                + ".fittings.filter((one) => one.looseEnd).length",
            boat);
  }
}
