package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A four-hour soak, looked at by a clock that is put ahead at each start of the server. */
class SoakTest {
  @Test
  void aSoakSurvivesRestartsCallsOutWhenDueAndAlarmsBeforeItIsOver() {
    try (ElskoProcess elsko = new ElskoProcess();
        Chromium chromium = new Chromium()) {
      Page yard = chromium.signedIn(elsko, "coordinator", 1280, 800);
      assertThat(dueBack(yard)).containsText(Pattern.compile("in \\d+.*Fulmar"));
      Duration due = until(yard, "dueAt");
      Duration alarm = until(yard, "alarmAt");
      assertThat(calledOut(yard)).hasCount(0);
      yard.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Fulmar").setExact(true))
          .first()
          .click();
      assertThat(yard.getByRole(AriaRole.TIMER, new Page.GetByRoleOptions().setName("Soaking")))
          .hasCount(0);

      LocalDateTime begun = now(yard);
      restart(elsko, begun.plus(due).plusMinutes(1));
      yard = chromium.signedIn(elsko, "coordinator", 1280, 800);
      assertThat(dueBack(yard)).containsText("now");
      assertThat(calledOut(yard)).containsText("Soak finished: continue.");
      yard.getByText("Got it").click();
      assertThat(calledOut(yard)).hasCount(0);

      restart(elsko, begun.plus(alarm).plusMinutes(1));
      Page phone = chromium.signedIn(elsko, "technician", 390, 844);
      assertThat(calledOut(phone)).containsText(Pattern.compile("Over at \\d\\d:\\d\\d"));
      calledOut(phone).getByRole(AriaRole.LINK).click();
      Locator soaking =
          phone.getByRole(AriaRole.TIMER, new Page.GetByRoleOptions().setName("Soaking"));
      new CardInTheBay(phone).pick("Draw it in through the strainer");
      assertThat(soaking).isVisible();
      assertThat(Axe.violations(phone)).isEmpty();
    }
  }

  /** How long it is until a moment of the clock that runs on Fulmar's card. */
  private static Duration until(Page page, String moment) {
    Object ms =
        page.evaluate(
            """
            async (moment) => {
              const { now, timers } = await (await fetch('/api/timers')).json();
              return new Date(timers[0][moment]).getTime() - new Date(now).getTime();
            }""",
            moment);
    return Duration.ofMillis(((Number) ms).longValue());
  }

  private static Locator dueBack(Page page) {
    return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Go back to"));
  }

  private static Locator calledOut(Page page) {
    return page.getByRole(AriaRole.ALERT, new Page.GetByRoleOptions().setName("Called out"));
  }

  private static LocalDateTime now(Page page) {
    Object said =
        page.evaluate("async () => (await fetch('/api/timers')).headers.get('Elsko-Time')");
    return ZonedDateTime.parse((String) said).toLocalDateTime();
  }

  private static void restart(ElskoProcess elsko, LocalDateTime at) {
    elsko.kill();
    elsko.startAt(at);
  }
}
