package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Dialog;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.Assert;
import org.testng.ITestResult;
import org.testng.annotations.AfterClass;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;

/** A person at a browser window of 1280 by 800, with the application running. */
public abstract class BrowserTest {
  private static final Pattern LINK = Pattern.compile("href=\"(/[^\"#]*)");

  /** How long to wait for what should come, in milliseconds. */
  private static final int PATIENCE = Integer.getInteger("blenner.patience", 15_000);

  private static Browser browser;
  private static App shared;

  private final List<String> complaints = new ArrayList<>();
  protected BrowserContext context;
  protected Page page;

  /** The application that tests share when they do not mind each other. */
  protected App app() {
    if (shared == null) {
      shared = new App().start();
      // Not after a suite: the runner begins one for each class.
      Runtime.getRuntime().addShutdownHook(new Thread(shared::end));
    }
    return shared;
  }

  protected static Browser browser() {
    if (browser == null) {
      // Long enough for a machine that does other things besides; no test is about speed.
      PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
      Playwright playwright =
          Playwright.create(
              new Playwright.CreateOptions()
                  .setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
      browser =
          playwright
              .chromium()
              .launch(
                  new BrowserType.LaunchOptions()
                      .setExecutablePath(Path.of("/usr/bin/chromium"))
                      .setArgs(
                          List.of(
                              "--no-sandbox",
                              "--disable-gpu",
                              "--disable-quic",
                              "--no-first-run",
                              "--disable-background-networking",
                              "--disable-component-update",
                              "--disable-sync")));
    }
    return browser;
  }

  @BeforeMethod
  public void open() {
    app();
    complaints.clear();
    if (context == null) {
      context = newContext(new Browser.NewContextOptions());
      page = context.newPage();
      watch(page);
    }
  }

  /** Whether the tests of a class go on in one window, as a person would; it saves loading it again. */
  protected boolean keepsWindow() {
    return false;
  }

  protected BrowserContext newContext(Browser.NewContextOptions options) {
    BrowserContext made =
        browser()
            .newContext(options.setViewportSize(1280, 800).setReducedMotion(ReducedMotion.REDUCE));
    made.setDefaultTimeout(PATIENCE);
    return made;
  }

  /** Lets a page hear nothing of what others save, as where the network is bad, so that texts can clash. */
  protected static void hearsNothing(Page of) {
    of.route(
        url -> url.contains("/editor/changes"),
        route -> route.fulfill(new Route.FulfillOptions().setBody("")));
  }

  /** What the page throws is a failure of the test that saw it. */
  protected void watch(Page watched) {
    watched.onPageError(complaints::add);
  }

  @AfterMethod(alwaysRun = true)
  public void close(ITestResult result) {
    if (!keepsWindow() || !result.isSuccess()) {
      closeWindow();
    }
    Assert.assertEquals(complaints.toString(), "[]", "errors thrown in the page");
  }

  @AfterClass(alwaysRun = true)
  public void closeWindow() {
    if (context != null) {
      context.close();
      context = null;
    }
  }

  protected Locator button(String name) {
    return button(page, name);
  }

  protected static Locator button(Page where, String name) {
    return where.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  protected Locator textbox(String name) {
    return page.getByRole(
        AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  protected Locator combobox(String name) {
    return page.getByRole(
        AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  protected Locator sheet() {
    return textbox("Text of the item");
  }

  protected Locator headline() {
    return textbox("Title");
  }

  protected Locator region(String name) {
    return page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  protected Locator tab(String name) {
    return page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name));
  }

  protected void signIn(String name) {
    signIn(page, name);
  }

  protected void signIn(Page where, String name) {
    where.navigate(app().url("/editor/"));
    where.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name)).click();
    assertThat(where.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Places")))
        .isVisible();
  }

  /** Signs in and begins an item by the New menu. */
  protected void begin(String name, String kind) {
    signIn(name);
    button("New").click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(kind)).click();
    assertThat(headline()).isVisible();
  }

  /** Closes the tab as a person does, so that the page hears of it, and opens its address in another. */
  protected void closeTabAndOpenItAgain() {
    Page closing = page;
    closing.onDialog(Dialog::accept);
    closing.close(new Page.CloseOptions().setRunBeforeUnload(true));
    page = context.newPage();
    page.waitForCondition(closing::isClosed);
    watch(page);
    page.navigate(closing.url());
  }

  protected void openItem(String key) {
    page.navigate(app().url("/editor/items/" + key));
    assertThat(sheet()).isVisible();
  }

  /** The pages that can be reached from the front page, and those that say sorry. */
  protected Set<String> publicPages() {
    Set<String> seen =
        new LinkedHashSet<>(List.of("/", "/no-such-page", "/visit/parking-at-the-old-quarry"));
    Deque<String> next = new ArrayDeque<>(seen);
    while (!next.isEmpty()) {
      Matcher m = LINK.matcher(context.request().get(app().url(next.pop())).text());
      while (m.find()) {
        if (!m.group(1).matches("/(site|media|editor|feed)/.*") && seen.add(m.group(1))) {
          next.add(m.group(1));
        }
      }
    }
    return seen;
  }

  /** Waits until the page has drawn what it heard so far, and has nothing else to do: no longer than it takes. */
  protected void settle() {
    settle(page);
  }

  protected static void settle(Page where) {
    where.evaluate(
        """
        () => new Promise((done) =>
          requestAnimationFrame(() => requestAnimationFrame(() =>
            requestIdleCallback(() => setTimeout(done), { timeout: 2000 }))))
        """);
  }

  /**
   * Lets time go by in front of a page.
   *
   * @param why what takes so long by its nature, or has to stay away for so long
   */
  protected static void letPass(Page where, int milliseconds, String why) {
    try {
      where.waitForTimeout(milliseconds);
    } catch (PlaywrightException e) {
      throw new AssertionError("while time went by: " + why, e);
    }
  }

  /** Waits until the header line says that everything is on the server, what was typed last with it. */
  protected void waitUntilSaved() {
    // What was typed just now is noted when the page has nothing else to do.
    settle();
    assertThat(page.getByTestId("saved")).containsText("Saved");
  }

  protected String itemKey() {
    return page.url().replaceAll(".*/items/([^?]*).*", "$1");
  }
}
