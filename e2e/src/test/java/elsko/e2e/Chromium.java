package elsko.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Date;
import java.util.List;
import java.util.stream.Stream;

/** Debian's Chromium, without a window. */
final class Chromium implements AutoCloseable {
  /** As long as a machine that is busy with other things may take. */
  static final Duration PATIENCE = Duration.ofSeconds(60);

  private final Playwright playwright = Playwright.create();
  private final Browser browser;

  private final boolean standsStill;

  /**
   * One whose pages' clock does not go on, and that draws anew all of what changed in part, so that
   * two pictures are the same.
   */
  static Chromium standingStill() {
    return new Chromium(true);
  }

  Chromium() {
    this(false);
  }

  /** One that begins by a script of its own. */
  static Chromium at(Path executable) {
    return new Chromium(false, executable);
  }

  private Chromium(boolean standsStill) {
    this(standsStill, executable());
  }

  private Chromium(boolean standsStill, Path executable) {
    this.standsStill = standsStill;
    PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE.toMillis());
    browser =
        playwright
            .chromium()
            .launch(
                new BrowserType.LaunchOptions()
                    .setExecutablePath(executable)
                    .setArgs(
                        Stream.concat(
                                Stream.of(
                                    "--no-sandbox",
                                    "--disable-gpu",
                                    "--disable-background-networking",
                                    "--disable-component-update",
                                    "--disable-sync"),
                                standsStill ? Stream.of("--disable-partial-raster") : Stream.of())
                            .toList()));
  }

  /** A window of its own, with its own cookies; it keeps nothing for use without signal. */
  Page window(int width, int height) {
    return window(width, height, ServiceWorkerPolicy.BLOCK);
  }

  /** A window of a device that keeps the application for when there is no signal. */
  Page windowToKeep(int width, int height) {
    return window(width, height, ServiceWorkerPolicy.ALLOW);
  }

  private Page window(int width, int height, ServiceWorkerPolicy workers) {
    BrowserContext context =
        browser.newContext(
            new Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setServiceWorkers(workers)
                // A device from elsewhere: screens show the yard's time all the same.
                .setTimezoneId("Etc/GMT-9"));
    if (standsStill) {
      context.clock().setFixedTime(new Date());
    }
    Page page = context.newPage();
    page.setDefaultTimeout(PATIENCE.toMillis());
    return page;
  }

  /** A window in which somebody is signed in, showing the Yard. */
  Page signedIn(ElskoProcess elsko, String account, int width, int height) {
    return signedIn(elsko, account, width, height, "/");
  }

  /** The same, showing the page of a path. */
  Page signedIn(ElskoProcess elsko, String account, int width, int height, String path) {
    return signedIn(window(width, height), elsko, account, path);
  }

  /** On a device that keeps the application for when there is no signal. */
  Page signedInToKeep(ElskoProcess elsko, String account, int width, int height, String path) {
    return signedIn(windowToKeep(width, height), elsko, account, path);
  }

  /** Signing in takes longer than most of what follows it: once for each account. */
  private static Page signedIn(Page page, ElskoProcess elsko, String account, String path) {
    List<Cookie> remembered = elsko.signedIn().get(account);
    if (remembered == null) {
      signIn(page, elsko, account);
      elsko.signedIn().put(account, page.context().cookies());
      if (path.equals("/")) {
        return page;
      }
    } else {
      page.context().addCookies(remembered);
    }
    page.navigate(URI.create(elsko.at("/")).resolve(path).toString());
    return page;
  }

  /** Comes in by the demonstration's button, with a session of its own. */
  static Page signIn(Page page, ElskoProcess elsko, String account) {
    page.navigate(elsko.at("/sign-in"));
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(account).setExact(true))
        .click();
    page.waitForURL(elsko.at("/"));
    return page;
  }

  /** A window left open keeps asking for news, which slows those that follow. */
  void closeWindows() {
    List.copyOf(browser.contexts()).forEach(BrowserContext::close);
  }

  static Path executable() {
    // The one made for no window does with half the work.
    return Stream.of("/usr/bin/chromium-headless-shell", "/usr/bin/chromium")
        .map(Path::of)
        .filter(Files::isExecutable)
        .findFirst()
        .orElseThrow(
            () -> new IllegalStateException("Chromium is missing: ./elsko test installs it"));
  }

  /** The one that can have windows and install what it shows, where it is there. */
  static Path whole() {
    Path whole = Path.of("/usr/bin/chromium");
    return Files.isExecutable(whole) ? whole : executable();
  }

  @Override
  public void close() {
    browser.close();
    playwright.close();
  }
}
