package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Every kind of boat: described, imported, found out at intake, and given its own cards. */
class FleetTest extends InTheBrowser {
  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static Locator region(Page page, String name) {
    return page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static Locator protection(Page page) {
    return page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("Protection"));
  }

  private static Page at(String boat, String role) {
    String id = new Wire(elsko, role).boat(boat);
    return chromium.signedIn(elsko, role, 1280, 800, "/boats/" + id);
  }

  private static void yes(Page page, String accessory) {
    page.getByRole(AriaRole.LISTITEM)
        .filter(new Locator.FilterOptions().setHasText(accessory))
        .first()
        .getByText("yes")
        .click();
  }

  @Test
  void aTwinDieselWithGeneratorAndAirConditioningIsDescribedWhileTheOwnerIsOnThePhone() {
    Page page = chromium.signedIn(elsko, "coordinator", 1280, 800);
    page.getByText("add a boat").click();
    page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Halcyon");
    page.getByLabel("Length").fill("11.6");
    page.getByText("shaft inboard", new Page.GetByTextOptions().setExact(true)).click();
    page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Engines"))
        .getByText("two")
        .click();
    yes(page, "Generator");
    yes(page, "Air conditioning");
    assertThat(page.getByText("Unknown whether it has")).isVisible();
    page.getByText(Pattern.compile("the other \\d+: no")).click();
    assertThat(page.getByText("Unknown whether it has")).hasCount(0);
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Change muffler"))
        .first()
        .click();
    page.getByLabel("Holds").fill("32");
    button(page, "Change").click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("generator seacock, OPEN"))
        .click();
    page.getByLabel("Where").fill("behind the starboard hatch");
    button(page, "Change").click();
    assertThat(page.getByText("2 changes on this hull")).isVisible();
    button(page, "Save boat").click();
    assertThat(protection(page)).hasText("unknown");
    for (String circuit :
        new String[] {
          "Port engine raw water",
          "Starboard engine raw water",
          "Generator raw water",
          "Air conditioning"
        }) {
      assertThat(region(page, circuit)).isVisible();
    }
    assertThat(
            region(page, "Port engine raw water")
                .getByText("32 L", new Locator.GetByTextOptions().setExact(true)))
        .isVisible();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("generator seacock, OPEN"))
        .click();
    assertThat(page.getByText("behind the starboard hatch")).isVisible();
  }

  @Test
  void aFileWithOneBrokenRowImportsNothingUntilItIsMended() throws IOException {
    String sample =
        Files.readString(Path.of(System.getProperty("elsko.root"), "docs/fleet-sample.csv"));
    Page page = chromium.signedIn(elsko, "coordinator", 1280, 800);
    page.getByText("import", new Page.GetByTextOptions().setExact(true)).click();
    choose(page, sample);
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("Nothing was imported: 1 problem");
    assertThat(page.getByRole(AriaRole.ROW).nth(1)).containsText("5");
    assertThat(page.getByRole(AriaRole.ROW).nth(1)).containsText("does not exist on an outboard");
    choose(page, sample.replace("4,raw_water,water_lift", "4,raw_water,"));
    assertThat(page.getByText("6 new")).isVisible();
    button(page, "Import them").click();
    assertThat(page.getByText("6 taken in, 0 changed")).isVisible();
    page.getByText("To the yard").click();
    page.getByText("as a list").click();
    page.getByText("Sample Curlew", new Page.GetByTextOptions().setExact(true)).first().click();
    assertThat(region(page, "Generator raw water")).isVisible();
  }

  private static void choose(Page page, String csv) {
    page.getByLabel("CSV file")
        .setInputFiles(
            new FilePayload("fleet.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8)));
  }

  @Test
  void theGeneratorNobodyListedIsFoundAtIntake() {
    Page page = at("Guillemot", "technician");
    button(page, "Intake").click();
    button(page, "Open the card").click();
    CardInTheBay card = new CardInTheBay(page);
    card.pick("Find every circuit on the hull");
    card.section("Generator").getByText("Yes").click();
    assertThat(card.section("Generator")).containsText("not in the description");
    Page desk = at("Guillemot", "coordinator");
    assertThat(desk.getByText("Generator aboard that the description does not have")).isVisible();
    desk.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("edit boat")).click();
    yes(desk, "Generator");
    button(desk, "Save").click();
    assertThat(region(desk, "Generator raw water")).isVisible();
    assertThat(desk.getByText("Generator aboard that")).hasCount(0);
  }

  private static void flushOf(String boat, String title, String tap) {
    Page page = at(boat, "technician");
    button(page, "Fresh-water flush").click();
    button(page, "Open the card").click();
    CardInTheBay card = new CardInTheBay(page);
    card.onStep(title);
    assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(tap)).first())
        .isVisible();
    page.close();
  }

  @Test
  void eachBoatIsFlushedItsOwnWay() {
    flushOf("Sea Rocket", "Flush muffs on the drive", "Muffs on, water on");
    flushOf("Sooty Tern", "Flush through the strainer", "Strainer filled to the brim");
    flushOf("Ringed Plover", "Flush through the strainer", "Strainer filled to the brim");
    flushOf(
        "Pochard",
        "Flush suction cup on the hull intake",
        "Suction cup on the hull intake, water on");
    flushOf("Damselfly", "Flush through the two ports", "Stern flush port OUT");
    flushOf("Kittiwake", "Port engine: flush intake pipe in a bucket", "Clear pipe from the pump");
    flushOf("Sandpiper", "Flush tee and bucket", "Bucket hose on the tee, valve open");
  }

  @Test
  void eachBoatIsDescaledItsOwnWayAndNotWhereItCannotBe() {
    Page limpet = at("Limpet", "technician");
    button(limpet, "Descale").click();
    region(limpet, "Open a card")
        .getByLabel("Engine raw water", new Locator.GetByLabelOptions().setExact(true))
        .selectOption("CLOSED_LOOP");
    button(limpet, "Open the card").click();
    CardInTheBay card = new CardInTheBay(limpet);
    card.pick("Circulate from a bucket, past the impeller pump");
    assertThat(limpet.getByText("Acid: gloves, goggles")).isVisible();
    assertThat(limpet.getByText("then 3 to 4 h soaking, nobody needed")).isVisible();

    Page tern = at("Sooty Tern", "technician");
    button(tern, "Descale").click();
    button(tern, "Open the card").click();
    new CardInTheBay(tern).pick("Drain the muffler, refit its plug");

    Page outboard = at("Smelt", "technician");
    assertThat(button(outboard, "Fresh-water flush")).isVisible();
    assertThat(button(outboard, "Descale")).hasCount(0);
  }

  @Test
  void theSpringCardAsksForWhatTheWinterLeft() {
    Page page = at("Arctic Tern", "technician");
    button(page, "Spring commissioning").click();
    button(page, "Open the card").click();
    CardInTheBay card = new CardInTheBay(page);
    card.onStep("Parts ready at the boat");
    for (String part :
        List.of(
            "Impeller with its gasket",
            "Anodes",
            "Gasket of the mixing elbow or riser",
            "Coolant, mixed")) {
      card.tap(part);
    }
    card.done("Parts ready at the boat", "Look for what the winter did");
    Locator nothing = button(page, "Nothing broken, nothing weeping");
    assertThat(nothing).hasCount(4);
    for (int left = nothing.count(); left > 0; left--) {
      nothing.first().click();
      assertThat(nothing).hasCount(left - 1);
    }
    card.done("Look for what the winter did", "What was taken off the engine is fitted");
    card.tap("Domestic heater bypass NORMAL");
    card.done("What was taken off the engine is fitted", "Covers off");
    assertThat(page.getByText("Every plug back, counted against the bag")).hasCount(0);
    card.pick("Launch");
    button(page, "Seacock seen SHUT, the key on it").click();
    assertThat(page.getByText("ticks itself when the boat is moved")).isVisible();
    assertThat(card.page.getByText("Strainer above the waterline")).hasCount(0);
    card.pick("Start it and watch");
    assertThat(card.page.getByText("Strainer above the waterline")).isVisible();
  }
}
