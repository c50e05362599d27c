package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A petrol sterndrive's whole lay-up across its two cards, in both orders of opening. */
class OneVisitTest extends OnOneYard {
  private static final String WARM = "Warm the engine until the thermostat opens";
  private static final String OIL = "Change oil and filter, warm";
  private static final String PLUGS = "Spark plugs, fog, turn by hand";
  private static final String TO_ITS_END = "no step of this title";

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  private static String open(Page page, String boat, String procedure) {
    page.navigate(elsko.at("/boats/" + boat));
    page.getByRole(AriaRole.BUTTON, named(procedure)).click();
    page.getByRole(AriaRole.BUTTON, named("Open the card")).click();
    page.waitForURL(Pattern.compile(".*/cards/[0-9a-f-]+$"));
    return page.url();
  }

  private static void warmUp(CardInTheBay card, String next) {
    card.onStep(WARM);
    card.tap("Muffs on, water on");
    card.tap("Start the engine");
    card.answered("Gauge holds at", "74");
    card.tap("Stop the engine");
    card.tap("Water off");
    card.done(WARM, next);
  }

  private static Locator visit(Page page, String boat) {
    page.navigate(elsko.at("/boats/" + boat));
    return page.getByRole(AriaRole.REGION, named("One visit"));
  }

  /** What happened to it, oldest first: the kinds of its entries that count here. */
  private static List<String> happened(String boat) {
    List<String> kinds = new ArrayList<>();
    JsonObject page =
        new Wire(elsko, "coordinator")
            .get("/api/boats/" + boat + "/log?limit=500")
            .getAsJsonObject();
    for (JsonElement entry : page.getAsJsonArray("entries")) {
      String words = entry.getAsJsonObject().get("words").getAsString();
      if (words.startsWith("Engine started")) {
        kinds.add("started");
      } else if (words.contains("cylinders oiled")) {
        kinds.add("oiled");
      } else if (words.startsWith("Poured")) {
        kinds.add("poured");
      }
    }
    Collections.reverse(kinds);
    return kinds;
  }

  private static void isLaidUpInOneVisit(String boat) {
    List<String> happened = happened(boat);
    assertThat(happened).filteredOn("started"::equals).hasSize(1);
    assertThat(happened).startsWith("started").contains("poured").endsWith("oiled");
    JsonObject state = new Wire(elsko, "coordinator").get("/api/boats/" + boat).getAsJsonObject();
    assertThat(state.get("protection").getAsString()).isEqualTo("PROVEN");
    state
        .getAsJsonArray("cards")
        .forEach(card -> assertThat(card.getAsJsonObject().get("closed").getAsBoolean()).isTrue());
  }

  @Test
  void theServiceIsOpenedFirst() {
    String boat = Twin.of("Saltglass", elsko, "Laid up one");
    Page phone = chromium.signedIn(elsko, "technician", 390, 844, "/boats/" + boat);
    String service = open(phone, boat, "Lay-up service");
    UsualHands.until(phone, WARM);
    CardInTheBay card = new CardInTheBay(phone);
    warmUp(card, OIL);

    String winterizing = open(phone, boat, "Winterizing");
    card.onStep(WARM);
    assertThat(phone.getByText("not a second time")).isVisible();
    assertThat(phone.getByText("Start the engine")).hasCount(0);
    card.settle();
    assertThat(phone.getByText("Its oil is changed first, while it is thin.")).isVisible();

    Locator visit = visit(phone, boat);
    assertThat(visit.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(OIL)))
        .hasClass(Pattern.compile("font-bold"));
    assertThat(Axe.violations(phone)).isEmpty();
    visit.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(OIL)).click();
    card.onStep(OIL);
    UsualHands.until(phone, PLUGS);
    phone.navigate(winterizing);
    UsualHands.until(phone, "Close the boat");
    phone.navigate(service);
    card.onStep(PLUGS);
    UsualHands.until(phone, TO_ITS_END);
    phone.navigate(winterizing);
    UsualHands.until(phone, TO_ITS_END);
    isLaidUpInOneVisit(boat);
  }

  @Test
  void winterizingIsOpenedFirst() {
    String boat = Twin.of("Saltglass", elsko, "Laid up two");
    Page phone = chromium.signedIn(elsko, "technician", 390, 844, "/boats/" + boat);
    String winterizing = open(phone, boat, "Winterizing");
    String service = open(phone, boat, "Lay-up service");
    UsualHands.until(phone, WARM);
    phone.navigate(elsko.at("/boats/" + boat));
    Locator visit = visit(phone, boat);
    assertThat(visit).containsText("Lay-up service and winterizing");
    assertThat(visit).containsText("after its cylinders are oiled nothing starts it");

    phone.navigate(winterizing);
    CardInTheBay card = new CardInTheBay(phone);
    warmUp(card, "Open the four drains, lowest first");
    phone.navigate(service);
    card.onStep(WARM);
    assertThat(phone.getByText("It was run warm until then: not a second time.")).isVisible();
    UsualHands.until(phone, PLUGS);
    phone.navigate(winterizing);
    UsualHands.until(phone, "Close the boat");
    phone.navigate(service);
    UsualHands.until(phone, TO_ITS_END);
    phone.navigate(winterizing);
    UsualHands.until(phone, TO_ITS_END);
    isLaidUpInOneVisit(boat);
  }
}
