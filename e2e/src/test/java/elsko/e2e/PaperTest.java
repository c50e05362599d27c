package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A day on which nobody reached Elsko: the card was worked through on paper and is typed in. */
class PaperTest extends OnOneYard {
  /** Yesterday, by the yard's clock: all hours of it are past. */
  private final String day =
      LocalDate.parse(
              new Wire(elsko, "coordinator")
                  .get("/api/walks")
                  .getAsJsonObject()
                  .get("today")
                  .getAsString())
          .minusDays(1)
          .toString();

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  private static Locator.GetByRoleOptions exactly(String name) {
    return new Locator.GetByRoleOptions().setName(name).setExact(true);
  }

  private static Locator step(Page page, String title) {
    return page.getByRole(
        AriaRole.REGION, named("x").setName(Pattern.compile("^\\d+\\. " + title + "$")));
  }

  private static Locator asked(Locator step) {
    return step.getByRole(
        AriaRole.GROUP, new Locator.GetByRoleOptions().setName(Pattern.compile("^Asked at")));
  }

  private static void tap(Locator step, String label) {
    asked(step).getByRole(AriaRole.BUTTON, exactly(label)).click();
  }

  private static void number(Locator step, String label, String value) {
    Locator box =
        asked(step)
            .getByRole(
                AriaRole.TEXTBOX,
                new Locator.GetByRoleOptions().setName(Pattern.compile("^" + label)));
    String id = box.getAttribute("id");
    box.fill(value);
    box.press("Enter");
    Until.holds(step.page(), "(id) => (document.getElementById(id)?.value ?? '') === ''", id);
  }

  private static void ran(Locator step, String point) {
    asked(step)
        .getByRole(AriaRole.REGION, exactly(point))
        .getByRole(AriaRole.BUTTON, exactly("Ran clear"))
        .click();
  }

  private static void done(Locator step, String begun) {
    step.getByLabel("Begun at").fill(begun);
    step.getByText("Step done", new Locator.GetByTextOptions().setExact(true)).first().click();
  }

  private Page sheet(String boat) {
    return chromium.signedIn(
        elsko,
        "technician",
        1280,
        800,
        "/boats/%s/paper/WINTERIZE?printed=%sT07:00".formatted(boat, day));
  }

  private static void enter(Page page) {
    page.getByRole(AriaRole.BUTTON, named("Enter the sheet")).click();
  }

  private static void warmUp(Page page) {
    Locator warm = step(page, SaltglassCard.WARM);
    tap(warm, "Muffs on, water on");
    tap(warm, "Start the engine");
    number(warm, "Gauge holds at", "74");
    tap(warm, "Stop the engine");
    tap(warm, "Water off");
    warm.getByLabel("Time of: Start the engine").fill("08:10");
    warm.getByLabel("Time of: Stop the engine").fill("08:24");
    done(warm, "08:05");
  }

  @Test
  void aWholeLayUpFromPaperIsInTheRecordWithItsTimesAndProven() {
    String boat = Twin.described("Saltglass", elsko, "From paper").get("id").getAsString();
    Page page = sheet(boat);
    CardInTheBay chosen = new CardInTheBay(page);
    chosen.choose("Lot on the jug", "P38-112");
    chosen.choose("Read with", "Bay glass");
    page.getByLabel("Zero check on clean water read").fill("0");
    page.getByLabel("Checked at").fill("07:50");
    warmUp(page);
    assertThat(Axe.violations(page)).isEmpty();

    Locator drain = step(page, SaltglassCard.DRAIN);
    tap(drain, "Battery switch OFF");
    tap(drain, "Hull plug OUT, bagged");
    SaltglassCard.POINTS.forEach(point -> ran(drain, point));
    number(drain, "Plugs in the bag", "5");
    done(drain, "08:40");
    // A window that is closed loses nothing of the sheet.
    page.reload();
    assertThat(drain.getByRole(AriaRole.LIST, exactly("x").setName(Pattern.compile("^Written"))))
        .containsText("Step done");
    Locator low = step(page, SaltglassCard.LOW);
    ran(low, "Recirculation hose");
    ran(low, "Pump and coolers");
    done(low, "09:00");
    Locator plugs = step(page, SaltglassCard.PLUGS);
    SaltglassCard.POINTS.forEach(point -> tap(plugs, point + " drain IN"));
    done(plugs, "09:10");
    Locator pour = step(page, SaltglassCard.POUR);
    for (String hose : List.of("Port manifold hose", "Starboard manifold hose", "Cooler hose")) {
      tap(pour, hose + " OFF");
    }
    number(pour, "Recirculation hose and block", "10");
    number(pour, "Port manifold", "2.9");
    number(pour, "Starboard manifold", "2.9");
    number(pour, "Coolers", "0.7");
    number(pour, "Pump and intake hose", "1.2");
    done(pour, "09:20");
    Locator clamp = step(page, SaltglassCard.CLAMP);
    SaltglassCard.HOSES.forEach(hose -> tap(clamp, hose + " clamped"));
    done(clamp, "09:35");
    Locator prove = step(page, SaltglassCard.PROVE);
    Locator jug = prove.getByLabel("Jug reads");
    jug.fill("-19.1");
    jug.press("Enter");
    for (String point : SaltglassCard.POINTS) {
      Locator sample = asked(prove).getByRole(AriaRole.REGION, exactly(point));
      sample.getByText("Bottle filled, drain IN").click();
      sample.getByLabel("Sample reads").fill("-18.7");
      sample.getByLabel("Sample reads").press("Enter");
    }
    done(prove, "09:40");

    enter(page);
    assertThat(said(page)).containsText("in the record.");
    // Clocks of other boats of the yard call out above it.
    assertThat(page.getByRole(AriaRole.MAIN).getByRole(AriaRole.ALERT).allInnerTexts()).isEmpty();
    JsonObject state = new Wire(elsko, "coordinator").get("/api/boats/" + boat).getAsJsonObject();
    assertThat(state.get("protection").getAsString()).isEqualTo("PROVEN");
    assertThat(started(boat)).isEqualTo(day + "T08:10");
    assertThat(page.getByText(Pattern.compile("1\\. .*: done by technician"))).isVisible();
  }

  private static Locator said(Page page) {
    return page.getByRole(AriaRole.STATUS)
        .filter(new Locator.FilterOptions().setHasText("in the record"));
  }

  private static String started(String boat) {
    for (JsonElement entry :
        new Wire(elsko, "coordinator")
            .get("/api/boats/" + boat + "/log?limit=500")
            .getAsJsonObject()
            .getAsJsonArray("entries")) {
      JsonObject one = entry.getAsJsonObject();
      if (one.get("words").getAsString().startsWith("Engine started")) {
        return Instant.parse(one.get("deviceTime").getAsString())
            .atZone(ZoneId.of("CET"))
            .truncatedTo(ChronoUnit.MINUTES)
            .toLocalDateTime()
            .toString();
      }
    }
    throw new AssertionError("not started");
  }

  @Test
  void whatCannotBeSentSaysWhereAndWhatIsRefusedStaysOnTheSheet() {
    String boat = Twin.described("Saltglass", elsko, "Half on paper").get("id").getAsString();
    Page page = sheet(boat);
    warmUp(page);
    Locator warm = step(page, SaltglassCard.WARM);
    warm.getByLabel("Time of: Stop the engine").fill("08:07");
    enter(page);
    assertThat(warm).containsText("08:07 comes before 08:10");
    warm.getByLabel("Time of: Stop the engine").fill("08:24");
    Locator drain = step(page, SaltglassCard.DRAIN);
    drain.getByText("Step done", new Locator.GetByTextOptions().setExact(true)).click();
    enter(page);
    assertThat(
            page.getByRole(AriaRole.STATUS)
                .filter(new Locator.FilterOptions().setHasText("in the record")))
        .containsText("1 was refused; why stands at each. 1 line on the sheet");
    assertThat(drain.getByRole(AriaRole.ALERT)).not().hasText("");
    drain.getByRole(AriaRole.BUTTON, exactly("Take out: Step done")).click();
    assertThat(page.getByRole(AriaRole.BUTTON, named("Enter the sheet"))).isDisabled();
  }
}
