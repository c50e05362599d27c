package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Whoever reads US units reads and types them everywhere, and the log is the same. */
class UnitsTest extends OnOneYard {
  private static final int CARDS = 3;

  /** Those with numbers of the yard, its bench and its first boat. */
  private static final int SOME = 30;

  private static final String NUMBER = "(?<![\\w.,])[−-]?\\d(?:[\\d.,]*\\d)?\\s?";
  private static final Pattern METRIC =
      Pattern.compile(
          NUMBER
              + "(°C|K|L|mL|m|mm|cm|kPa|bar|L/min|L/h)(?![\\w/%°²'’-])|^\\s*(°C|K|L|mL|mm|kPa|L/min|L/h)\\s*$");
  private static final Pattern US =
      Pattern.compile(
          NUMBER
              + "(°F|gal|fl oz|ft|psi|gal/min|gal/h|in(?=[.,;)]|$))(?![\\w/%°'’-])|^\\s*(°F|gal|fl oz|ft|psi)\\s*$");

  /** What people wrote themselves, and sizes as they are sold. */
  private static final Pattern OWN_WORDS =
      Pattern.compile(
          "socket|60 L$|40 L, one-way|lid 110 mm|25 mm inside|hoses of 32 mm|legs up to|garden thread|flush tee"
              + "|may be typed with its own unit");

  /** Text of each element by itself, and what is only said aloud. */
  private static final String TEXTS =
      """
      () => {
        const all = [];
        for (const element of document.body.querySelectorAll('*')) {
          if (['SCRIPT', 'STYLE'].includes(element.tagName)) continue;
          // What can be chosen names both systems.
          if (element.closest('[data-units]')) continue;
          const own = [...element.childNodes]
            .filter((node) => node.nodeType === 3)
            .map((node) => node.data)
            .join('');
          if (own.trim()) all.push(own.trim());
          for (const name of ['aria-label', 'aria-valuetext', 'placeholder', 'title'])
            if (element.getAttribute(name)) all.push(element.getAttribute(name));
        }
        return all;
      }
      """;

  private static void reads(Page page, String system) {
    int status =
        ((Number)
                page.evaluate(
                    """
                    async (system) => {
                      const all = { temperature: system, volume: system, length: system, pressure: system };
                      const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)?.[1] ?? '';
                      const answer = await fetch('/api/session/units', {
                        method: 'PUT',
                        headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
                        body: JSON.stringify(system ? { units: all } : {}),
                      });
                      return answer.status;
                    }
                    """,
                    system))
            .intValue();
    assertThat(status).isEqualTo(200);
    page.reload();
  }

  @AfterEach
  void asTheYardReads() {
    for (String account : List.of("coordinator", "technician")) {
      reads(chromium.signedIn(elsko, account, 1280, 800), null);
    }
  }

  private static Set<String> found(Page page, Pattern wrong) {
    Set<String> found = new LinkedHashSet<>();
    for (Object text : (List<?>) page.evaluate(TEXTS)) {
      Matcher matcher = wrong.matcher(text.toString());
      if (matcher.find() && !OWN_WORDS.matcher(text.toString()).find()) {
        found.add(matcher.group() + "  in: " + text);
      }
    }
    return found;
  }

  private static List<String> screens(Wire wire) {
    List<String> paths =
        new ArrayList<>(
            List.of(
                "/yard",
                "/bench",
                "/bench/round",
                "/bench/mix",
                "/bench/fuel",
                "/describe",
                "/import",
                "/walks",
                "/walks/mine",
                "/launch",
                "/launch/spring",
                "/book",
                "/book/due",
                "/book/reports",
                "/book/archive",
                "/stores",
                "/kit",
                "/cast-off",
                "/settings",
                "/settings/changes",
                "/account"));
    for (JsonElement each :
        wire.get("/api/bench/shelf").getAsJsonObject().getAsJsonArray("instruments")) {
      paths.add("/bench/instruments/" + each.getAsJsonObject().get("id").getAsString());
    }
    for (String name : List.of("Marram", "Gannet")) {
      String boat = wire.boat(name);
      paths.add("/boats/" + boat);
      paths.add("/boats/" + boat + "/describe");
      paths.add("/boats/" + boat + "/readings");
      paths.add("/boats/" + boat + "/trends");
      paths.add("/boats/" + boat + "/paper/WINTERIZE");
      paths.add("/bench/fill?boat=" + boat);
      paths.add("/bench/" + boat);
      paths.add("/launch/" + boat);
      paths.add("/cast-off/" + boat);
    }
    int cards = 0;
    for (JsonElement each : wire.get("/api/boats").getAsJsonArray()) {
      JsonElement card = each.getAsJsonObject().get("openCard");
      if (card != null && !card.isJsonNull() && cards++ < CARDS) {
        String boat = each.getAsJsonObject().get("id").getAsString();
        paths.add("/boats/%s/cards/%s".formatted(boat, card.getAsString()));
      }
    }
    return paths;
  }

  private static void everyScreen(String system, Pattern wrong, int most) {
    Page page = chromium.signedIn(elsko, "coordinator", 1280, 800, "/account");
    reads(page, system);
    List<String> left = new ArrayList<>();
    List<String> paths = screens(new Wire(elsko, "coordinator"));
    for (String path : paths.subList(0, Math.min(most, paths.size()))) {
      page.navigate(elsko.at(path));
      assertThat(page.locator("h1, h2").first()).isAttached();
      assertThat(page.getByText(Pattern.compile("^Fetching"))).hasCount(0);
      found(page, wrong)
          .forEach(text -> left.add(path.replaceAll("[0-9a-f-]{36}", "*") + ": " + text));
    }
    assertThat(left).isEmpty();
  }

  @Test
  void noMetricUnitIsLeftOnAnyScreen() {
    everyScreen("US", METRIC, Integer.MAX_VALUE);
  }

  @Test
  void noUsUnitIsLeftWhereMetricIsRead() {
    everyScreen("METRIC", US, SOME);
  }

  @Test
  void aCardInUsUnitsIsTheSameLog() {
    String metric = Twin.of("Saltglass", elsko, "In metric");
    new BarHand(onCard(metric)).until("The boat is closed");
    String us = Twin.of("Saltglass", elsko, "In US");
    Page phone = chromium.signedIn(elsko, "technician", 390, 844, "/account");
    reads(phone, "US");
    new BarHand(onCard(us)).inUs().until("The boat is closed");
    OnThisDevice.isEmpty(phone);
    List<Double> asMetric = numbers(metric);
    List<Double> asUs = numbers(us);
    assertThat(asUs).hasSameSizeAs(asMetric).isNotEmpty();
    for (int i = 0; i < asUs.size(); i++) {
      assertThat(asUs.get(i)).isCloseTo(asMetric.get(i), org.assertj.core.data.Offset.offset(1e-9));
    }
  }

  private static Page onCard(String boat) {
    Page phone = chromium.signedIn(elsko, "technician", 390, 844, "/boats/" + boat);
    phone.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Winterizing")).click();
    phone.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open the card")).click();
    assertThat(new CardInTheBay(phone).bar()).isVisible();
    return phone;
  }

  /** What was measured, in order of what it is. */
  private static List<Double> numbers(String boat) {
    JsonArray entries =
        new Wire(elsko, "coordinator")
            .get("/api/boats/" + boat + "/log?limit=500")
            .getAsJsonObject()
            .getAsJsonArray("entries");
    List<String> said = new ArrayList<>();
    for (JsonElement each : entries) {
      JsonObject fact = each.getAsJsonObject().getAsJsonObject("fact");
      for (String name : List.of("liters", "reading", "temperatureC", "value")) {
        JsonElement number = fact.get(name);
        if (number != null && number.isJsonPrimitive()) {
          said.add(
              each.getAsJsonObject().get("kind").getAsString() + name + " " + number.getAsString());
        }
      }
    }
    return said.stream()
        .sorted()
        .map(one -> Double.valueOf(one.substring(one.lastIndexOf(' ') + 1)))
        .sorted()
        .toList();
  }

  @Test
  void aRoundAMixAFuelCheckAndAReportAreInUsUnits() {
    Page page = chromium.signedIn(elsko, "technician", 1280, 800, "/account");
    Locator mine = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Units"));
    mine.getByText("all US").click();
    assertThat(mine.getByText("My own")).isVisible();
    page.navigate(elsko.at("/bench/mix"));
    Locator blend = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Blend"));
    assertThat(blend.getByLabel("Total")).hasValue("21");
    blend.getByLabel("Total").fill("80 L");
    assertThat(blend).containsText("10 gal");
    assertThat(blend).containsText("taken as 21.134 gal");
    blend.getByLabel("Freeze point").fill("-22");
    assertThat(blend).containsText("It passes with");
    page.navigate(elsko.at("/bench/round"));
    assertThat(page.getByLabel("Samples are at")).hasValue("59");
    page.getByLabel(Pattern.compile("^Jug of lot")).first().fill("-2.2");
    page.keyboard().press("Enter");
    assertThat(page.getByText("jug reads −2.2 °F").first()).isVisible();
    page.navigate(elsko.at("/cast-off/" + new Wire(elsko, "technician").boat("Little Auk")));
    page.getByLabel("Under way, all of it").fill("10");
    page.getByLabel("Gauge").fill("40");
    assertThat(page.getByText(Pattern.compile("add 2 gal")).first()).isVisible();
    page.navigate(elsko.at("/book/reports"));
    String season =
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Season summary"))
            .getAttribute("href");
    assertThat(season).doesNotContain("METRIC");
  }
}
