package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A phone somewhere else on the network that trusts the yard's own authority and nothing more. */
class HttpsTest {
  @TempDir Path home;

  @Test
  void aPhoneLearnsToTrustTheYardAndThenWorksWithoutSignal() {
    Assumptions.assumeTrue(OtherPlace.canBeTaught(), "certutil is missing");
    try (OtherPlace place = new OtherPlace();
        ElskoProcess elsko = ElskoProcess.overHttps();
        Chromium chromium = Chromium.at(place.browser(home, elsko.authority()))) {
      String yard = "https://%s:%d".formatted(place.host(), elsko.port());
      Page phone = chromium.windowToKeep(390, 844);
      phone.navigate("http://%s:%d/".formatted(place.host(), elsko.plainPort()));
      assertThat(phone).hasURL(Pattern.compile("/trust$"));
      assertThat(Axe.violations(phone)).isEmpty();
      phone.getByText("4. Open Elsko").click();
      phone.waitForURL(yard + "/sign-in**");
      assertThat(phone.evaluate("isSecureContext")).isEqualTo(true);

      phone.getByRole(AriaRole.BUTTON, named("technician")).click();
      assertThat(phone.getByRole(AriaRole.BUTTON, named("Signed in as technician"))).isVisible();
      var session =
          phone.context().cookies().stream()
              .filter(cookie -> cookie.name.equals("ELSKO_SESSION"))
              .findFirst()
              .orElseThrow();
      assertThat(session.secure).isTrue();
      assertThat(session.httpOnly).isTrue();
      phone.navigate(yard + "/walks/mine");
      OnThisDevice.isReadyToLeave(phone);
      OnThisDevice.hasTakenAlong(phone);
      // The window of a test is a private one, which is all a whole browser has against it.
      assertThat(whatHindersInstalling(phone)).isSubsetOf("in-incognito");

      place.loseSignal(phone.context());
      phone.reload();
      phone.getByText(Pattern.compile("Begin: open its card|Go on with its card")).first().click();
      assertThat(phone).hasURL(Pattern.compile("/cards/"));
      if (place.isApart()) {
        assertThat(OnThisDevice.strip(phone)).containsText("No signal");
      }
      assertThat(phone.getByRole(AriaRole.HEADING).first()).isVisible();
    }
  }

  @Test
  void whoeverDoesNotTrustItIsNotLetBelieveIt() {
    try (ElskoProcess elsko = ElskoProcess.overHttps();
        Chromium chromium = new Chromium()) {
      Page wary = chromium.window(390, 844);
      assertThatThrownBy(() -> wary.navigate("https://localhost:" + elsko.port()))
          .isInstanceOf(PlaywrightException.class)
          .hasMessageContaining("ERR_CERT_AUTHORITY_INVALID");
      Page page = chromium.window(390, 844);
      Response plain = page.navigate("http://localhost:%d/boats".formatted(elsko.plainPort()));
      assertThat(plain.url()).endsWith("/trust");
      assertThat(plain.headers()).doesNotContainKey("set-cookie");
      assertThat(
              page.request()
                  .get("http://localhost:%d/api/session".formatted(elsko.plainPort()))
                  .url())
          .endsWith("/trust");
      assertThat(
              page.request()
                  .post("http://localhost:%d/api/session".formatted(elsko.plainPort()))
                  .status())
          .isEqualTo(403);
    }
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name).setExact(true);
  }

  /** What the browser itself says against installing it. */
  private static List<String> whatHindersInstalling(Page page) {
    CDPSession browser = page.context().newCDPSession(page);
    JsonObject said = browser.send("Page.getInstallabilityErrors");
    return said.getAsJsonArray("installabilityErrors").asList().stream()
        .map(error -> error.getAsJsonObject().get("errorId").getAsString())
        .toList();
  }
}
