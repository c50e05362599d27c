package elsko.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Cards worked on with the network cut off, and what the server has of it afterwards. */
class NoSignalTest extends OnOneYard {
  @Test
  void aWholeCardWithoutSignalGoesUpInOrderExactlyOnce() {
    String boat = boat("Tidewrack");
    Page phone = chromium.signedInToKeep(elsko, "technician", 390, 844, "/boats/" + boat);
    CardInTheBay card = SaltglassCard.open(phone);
    OnThisDevice.isReadyToLeave(phone);
    List<String> before = OnThisDevice.logIds(phone, boat);

    BarHand hand = new BarHand(phone);
    phone.context().setOffline(true);
    hand.until(SaltglassCard.PLUGS);
    assertThat(OnThisDevice.strip(phone)).containsText("No signal");
    phone.reload();
    card.onStep(SaltglassCard.PLUGS);
    hand.until(SaltglassCard.PROVE);
    new SaltglassCard(card).prove("In: the weakest that passes");
    hand.until("The boat is closed");
    phone.reload();
    card.onStep("The boat is closed");
    List<String> waited = OnThisDevice.waitingIds(phone);
    assertThat(OnThisDevice.strip(phone)).containsText(waited.size() + " entries wait");
    assertThat(waited).hasSizeGreaterThan(50).doesNotHaveDuplicates();
    assertThat(Axe.violations(phone)).isEmpty();

    phone.context().setOffline(false);
    OnThisDevice.isEmpty(phone);
    List<String> all = new ArrayList<>(before);
    all.addAll(waited);
    assertThat(OnThisDevice.logIds(phone, boat)).isEqualTo(all);
    assertThat(phone.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("Protection")))
        .hasText("proven");
  }

  @Test
  void todaysWalkItsBoatsDrawingsAndCardsOpenWithoutSignal() {
    Page phone = chromium.signedInToKeep(elsko, "technician", 390, 844, "/walks/mine");
    Locator next = phone.locator("main ol > li[aria-current]");
    assertThat(next).isVisible();
    String first = next.locator("b").innerText();
    OnThisDevice.isReadyToLeave(phone);
    OnThisDevice.hasTakenAlong(phone);
    phone.context().setOffline(true);
    phone.reload();
    assertThat(next).containsText(first);
    next.getByText(Pattern.compile("Begin: open its card|Go on with its card")).click();
    assertThat(phone.getByRole(AriaRole.GROUP, asks())).isVisible();
    assertThat(OnThisDevice.strip(phone)).containsText("No signal");
    phone.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(first)).first().click();
    assertThat(
            phone.getByRole(
                AriaRole.GROUP,
                new Page.GetByRoleOptions().setName(Pattern.compile("^Water path: "))))
        .not()
        .hasCount(0);
    phone.context().setOffline(false);
    OnThisDevice.isEmpty(phone);
  }

  @Test
  void theServerKilledInTheMiddleLosesNothingAndKeepsNothingTwice() {
    String boat = boat("Dulse");
    Page phone = chromium.signedInToKeep(elsko, "technician", 390, 844, "/boats/" + boat);
    SaltglassCard.open(phone);
    OnThisDevice.isReadyToLeave(phone);
    List<String> all = new ArrayList<>(OnThisDevice.logIds(phone, boat));
    phone.context().setOffline(true);
    OnThisDevice.noteManyTimes(phone, "technician", boat, 500);
    phone.reload();
    assertThat(OnThisDevice.strip(phone)).containsText("500 entries wait");
    all.addAll(OnThisDevice.waitingIds(phone));

    // The second hundred is kept, and the server dies before it can say so.
    AtomicInteger sent = new AtomicInteger();
    phone.route(
        "**/waiting-entries",
        route -> {
          if (sent.incrementAndGet() == 2) {
            route.fetch();
            elsko.kill();
            route.abort();
          } else {
            route.resume();
          }
        });
    phone.context().setOffline(false);
    assertThat(OnThisDevice.strip(phone)).containsText("400 entries wait");
    elsko.start();
    phone.evaluate("window.dispatchEvent(new Event('online'))");
    phone
        .getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("technician").setExact(true))
        .click();
    OnThisDevice.isEmpty(phone);
    assertThat(OnThisDevice.logIds(phone, boat)).isEqualTo(all);
  }

  @Test
  void whoeverLeavesASharedTabletWithoutSignalLeavesNothingToBeSeen() {
    String boat = boat("Kelp");
    // With a session of its own: others go on with theirs.
    Page tablet = Chromium.signIn(chromium.windowToKeep(1024, 768), elsko, "technician");
    tablet.navigate(elsko.at("/walks/mine"));
    Locator next = tablet.locator("main ol > li[aria-current]");
    assertThat(next).isVisible();
    OnThisDevice.isReadyToLeave(tablet);
    tablet.context().setOffline(true);
    OnThisDevice.noteManyTimes(tablet, "technician", boat, 2);
    tablet.reload();
    assertThat(OnThisDevice.strip(tablet)).containsText("2 entries wait");
    tablet
        .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Signed in as technician"))
        .click();
    tablet.getByText("Sign out", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(tablet.getByText("2 entries wait here for signal")).isVisible();
    tablet.getByText("Sign out, they wait").click();
    assertThat(tablet.getByLabel("Password")).isVisible();
    tablet.navigate(elsko.at("/walks/mine"));
    assertThat(tablet.getByLabel("Password")).isVisible();
    assertThat(next).hasCount(0);
    assertThat(OnThisDevice.waitingIds(tablet)).hasSize(2);

    tablet.context().setOffline(false);
    tablet.reload();
    assertThat(tablet.getByLabel("Password")).isVisible();
    Until.holds(tablet, "async () => (await fetch('/api/session')).status === 401", null);
    assertThat(OnThisDevice.waitingIds(tablet)).as("in their own name alone").hasSize(2);
    tablet
        .getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("technician").setExact(true))
        .click();
    OnThisDevice.isEmpty(tablet);
  }

  @Test
  void twoDevicesOnOneCardAndOneEntryThatIsRefused() {
    String boat = boat("Wrackline");
    Page hers = chromium.signedInToKeep(elsko, "technician", 390, 844, "/boats/" + boat);
    CardInTheBay card = SaltglassCard.open(hers);
    new SaltglassCard(card).warmUp().drain();
    Page his = chromium.signedInToKeep(elsko, "coordinator", 1280, 800, hers.url());
    CardInTheBay other = new CardInTheBay(his);
    other.onStep(SaltglassCard.PLUGS);
    OnThisDevice.isReadyToLeave(hers);
    OnThisDevice.isReadyToLeave(his);
    List<String> before = OnThisDevice.logIds(his, boat);
    hers.context().setOffline(true);
    his.context().setOffline(true);

    // By what his device knows the drains are still out: it refuses in the words of the interlock.
    other.pick(SaltglassCard.POUR);
    other.choose("Lot on the jug", "P38-112");
    Locator liters = other.unfolded("Recirculation hose and block");
    liters.fill("10");
    liters.press("Enter");
    assertThat(his.getByText("Put it back IN before filling").first()).isVisible();
    assertThat(OnThisDevice.strip(his)).containsText("No signal");
    other.pick(SaltglassCard.PLUGS);
    for (String point : SaltglassCard.POINTS) {
      other.tap(point + " drain IN");
    }
    other.pick(SaltglassCard.POUR);
    other.number("Recirculation hose and block", "300");
    assertThat(OnThisDevice.strip(his)).containsText("5 entries wait");
    other.pick(SaltglassCard.PLUGS);
    card.tap("Port block drain IN");
    card.tap("Port manifold drain IN");

    his.context().setOffline(false);
    assertThat(OnThisDevice.strip(his)).containsText("1 came back");
    hers.context().setOffline(false);
    OnThisDevice.isEmpty(hers);
    assertThat(OnThisDevice.logIds(his, boat)).hasSize(before.size() + 6);
    for (String point : SaltglassCard.POINTS) {
      assertThat(pressed(his, point + " drain IN")).hasAttribute("aria-pressed", "true");
      assertThat(pressed(hers, point + " drain IN")).hasAttribute("aria-pressed", "true");
    }

    his.reload();
    his.getByText("1 came back").click();
    Locator back = his.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Came back"));
    assertThat(back).containsText("at most 200 L");
    back.getByLabel("Put right").fill("9.5");
    back.getByText("Send it again").click();
    OnThisDevice.isEmpty(his);
    assertThat(OnThisDevice.logIds(his, boat)).hasSize(before.size() + 7);
    other.pick(SaltglassCard.POUR);
    assertThat(other.bar()).isVisible();

    // With signal, what one of them taps stands on the other's screen at once.
    card.pick(SaltglassCard.POUR);
    card.tap("Port manifold hose OFF");
    assertThat(pressed(his, "Port manifold hose OFF")).hasAttribute("aria-pressed", "true");
  }

  private static Page.GetByRoleOptions asks() {
    return new Page.GetByRoleOptions().setName("What this step asks for");
  }

  private static String boat(String name) {
    return Twin.of("Saltglass", elsko, name);
  }

  private static Locator pressed(Page page, String label) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(label).setExact(true));
  }
}
