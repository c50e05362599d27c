package elsko.server;

import static org.assertj.core.api.Assertions.assertThat;

import elsko.server.RunningElsko.Answer;
import elsko.server.RunningElsko.Browser;
import java.net.http.HttpResponse;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningElsko.class)
class SignInTest {
  @Test
  void theSignInPageOffersTheDemoAccounts() {
    Answer welcome = RunningElsko.as(null).get("/api/welcome");
    assertThat(welcome.body().path("accounts").size()).isEqualTo(4);
  }

  @Test
  void aSessionWorksWithItsTokenAndEndsWhenAsked() {
    Browser browser = new Browser();
    assertThat(browser.signIn("technician", "demo").body().path("role").asString())
        .isEqualTo("TECHNICIAN");
    assertThat(browser.send("GET", "/api/boats", null, false).status()).isEqualTo(200);
    Answer verdict =
        browser.send(
            "POST", "/api/bench/protection", Map.of("base", "PG", "massFraction", 0.3), true);
    assertThat(verdict.status()).isEqualTo(200);
    assertThat(browser.send("POST", "/api/session/end", null, true).status()).isEqualTo(204);
    assertThat(browser.send("GET", "/api/boats", null, false).status()).isEqualTo(401);
  }

  @Test
  void signingInGivesANewSession() {
    Browser browser = new Browser();
    browser.signIn("viewer", "demo");
    String first = browser.cookie("ELSKO_SESSION");
    browser.signIn("viewer", "demo");
    assertThat(browser.cookie("ELSKO_SESSION")).isNotBlank().isNotEqualTo(first);
  }

  @Test
  void guessingIsSlowedDownForTheGuesserAndNamesNobody() {
    Browser guesser = new Browser();
    Answer wrong = guesser.signIn("nobody-here", "guess");
    assertThat(wrong.status()).isEqualTo(401);
    assertThat(wrong.reason()).isEqualTo("Name and password do not fit together.");
    Answer last = wrong;
    for (int i = 0; i < 8; i++) {
      last = guesser.signIn("nobody-here", "guess " + i);
    }
    assertThat(last.status()).isEqualTo(429);
    assertThat(last.raw().headers().firstValue("Retry-After")).isPresent();
    assertThat(new Browser().signIn("viewer", "demo").status()).isEqualTo(200);
  }

  @Test
  void whatIsNamedAfterItsContentIsAskedForOnceAndThePageEachTime() {
    HttpResponse<String> page = RunningElsko.as(null).get("/").raw();
    assertThat(page.headers().firstValue("Cache-Control").orElseThrow()).contains("no-cache");
    Matcher script = Pattern.compile("/assets/index-[^\"]*\\.js").matcher(page.body());
    assertThat(script.find()).isTrue();
    HttpResponse<String> named = RunningElsko.as(null).get(script.group()).raw();
    assertThat(named.statusCode()).isEqualTo(200);
    assertThat(named.headers().firstValue("Cache-Control").orElseThrow())
        .isEqualTo("max-age=31536000, public, immutable");
  }

  @Test
  void pagesCarryAStrictPolicyAndNoPasswordPrompt() {
    var headers = RunningElsko.as(null).get("/").raw().headers();
    assertThat(headers.firstValue("Content-Security-Policy").orElseThrow())
        .contains("default-src 'self'")
        .contains("frame-ancestors 'none'")
        .doesNotContain("unsafe");
    assertThat(headers.firstValue("X-Content-Type-Options")).contains("nosniff");
    Answer refused = RunningElsko.as(null).get("/api/boats");
    assertThat(refused.status()).isEqualTo(401);
    assertThat(refused.raw().headers().firstValue("WWW-Authenticate")).isEmpty();
  }
}
