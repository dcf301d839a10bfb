package app.blenner.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is typed into a form is there again, whatever happens to the form, for every form there is. */
public class FormsTest extends OwnAppTest {
  /** A form: how it is opened, what is typed where, and by which button it is left, where by one. */
  private record Form(String typed, Consumer<FormsTest> open, String field, String button) {}

  private static final Pattern USE = Pattern.compile("useForm\\(\\s*(?:`([^`]*)`|'([^']*)')");

  /** Nothing is typed in them, or what is typed must not be kept: a password, a file. */
  private static final Set<String> KEPT_BY_NOBODY =
      Set.of(
          "bulk-begun",
          "poster",
          "file:*",
          "own-password",
          "passkey-new",
          "passkey-removed",
          "second-factor",
          "second-factor-off",
          "second-factor-sure");

  private static final Map<String, Form> FORMS = new LinkedHashMap<>();

  private static void form(
      String name, Consumer<FormsTest> open, String field, String typed, String button) {
    FORMS.put(name, new Form(typed, open, field, button));
  }

  static {
    form(
        "section:*",
        t -> t.at("sections", "Edit Visit"),
        "Description",
        "Come by day.",
        "Change the section");
    form(
        "section:", t -> t.at("sections", "Add a section"), "Name", "Footpaths", "Add the section");
    form("menus", t -> t.menus(), "Words of the entry for Visit", "The way", "Keep the menus");
    form(
        "giving-up:*",
        t -> t.at("sections", "Give up Night Sky"),
        "Where its items go",
        "visit",
        null);
    form("asset:*", t -> t.at("assets/red-torch.jpg", null), "Caption", "By night.", "Keep this");
    form(
        "cut:*",
        t -> t.at("assets/red-torch.jpg", "Cut and turn"),
        "From the left",
        "12",
        "Use it like this");
    form("site", t -> t.setUp("the-site"), "What it is, in a line", "Dark and open", "Change");
    form(
        "external",
        t -> t.setUp("hosts"),
        "Messages of visitors go to",
        "us@example.org",
        "Change hosts and address");
    form(
        "storage",
        t -> t.setUp("storage"),
        "Files of each person, in megabytes",
        "500",
        "Change the storage");
    form(
        "reference-links",
        t -> t.setUp("reference-links", "Add a reference link"),
        "What it is 1",
        "Station",
        null);
    form(
        "merge-fields",
        t -> t.setUp("merge-fields", "Add a merge field"),
        "What it is called 1",
        "Hotline",
        null);
    form(
        "rules",
        t -> t.rules(),
        "Why it matters, in your own words",
        "In our house",
        "Set the rules");
    form(
        "kind:*",
        t -> t.setUp("kinds", "Change the kind “Page”"),
        "What it is for, in a line",
        "Lasting",
        "Change the kind");
    form(
        "kind-away:*",
        t -> t.setUp("kinds", "Take the kind “Page” away"),
        "They become",
        "post",
        null);
    form("toolset:*", t -> t.setUp("toolsets", "New toolset"), "Name of the toolset", "Few", null);
    form(
        "outline:*",
        t -> t.setUp("outlines", "Look at and change “How to book”"),
        "What it is for",
        "After it",
        "Change the outline");
    form("person:", t -> t.setUp("people", "Add a person"), "Sign-in name", "somebody", null);
    form("person:*", t -> t.person("Change name or role"), "Name", "Bram de Wit", "Change");
    form("deactivation:*", t -> t.person("Deactivate"), "Their items go to", "3", null);
    form("own-name", t -> t.at("account", null), "Name", "Ilse M.", "Change the name");
    form("bulk", t -> t.bulk(), "Add keywords", "stars", null);
    form("target-terms:*", t -> t.terms(), "Words and phrases, a line each", "dark sky", "Keep");
    form(
        "outline:", t -> t.tidy("Make an outline of this text"), "What it is for", "For all", null);
    form("snippet:", t -> t.tidy("Keep this as a snippet"), "What it is for", "For all", null);
    form("captions:*", t -> t.captions(), "Line 1", "Hear the owl", "Keep the captions");
    form("raw-html:*", t -> t.insert("Raw HTML"), "HTML", "<p>a</p>", "Put it in");
    form("new-table:*", t -> t.insert("Table"), "Rows", "7", "Put it in");
    form(
        "new-columns:*",
        t -> t.insert("Side-by-side columns"),
        "Two, first wider",
        "",
        "Put them in");
    form("embed:*", t -> t.insert("Embed"), "Title", "The sky turns", null);
    form("jump-target:*", t -> t.insert("Jump target"), "Name", "a-place", "Put it in");
    form("put-*:*", t -> t.insert("Audio"), "Title", "Owls", null);
    form("gallery:*", t -> t.insert("Gallery"), "A red torch", "", "Put it in");
    form("link*:*", t -> t.sheetKey("Control+k"), "Title", "Where it goes", null);
    form("word-*:*", t -> t.onWord("Control+Alt+a"), "Meaning", "Very dark", "Set it");
    form("type:*", t -> t.colour(), "Text colour, as a code", "#113355", "Set it");
    form("table-settings:*", t -> t.table(), "Description", "All hours", "Set it");
  }

  static {
    form("picture:*", t -> t.picture(), "Caption", "By night", "Put it in");
    form("note:*", t -> t.notes(), "New note", "Ask the warden", "Add");
    form("reason:*:*", t -> t.reason(), "Why is it right as it is?", "Meant so", "Leave it");
    form("collection", t -> t.collection(), "Collection", "For the book", null);
    form("view", t -> t.view(), "Name of the view", "Stars", "Keep");
  }

  private String key;

  @BeforeClass
  public void text() {
    app();
  }

  private void at(String place, String button) {
    page.navigate(app().url("/editor/" + place));
    if (button != null) {
      button(button).click();
    }
  }

  private void setUp(String part, String... buttons) {
    at("set-up#" + part, null);
    for (String b : buttons) {
      // What was left may have brought its row with it already.
      button(b).click();
    }
  }

  private void menus() {
    at("sections", null);
    page.getByLabel("The main menu is made of the sections").uncheck();
  }

  private void rules() {
    setUp("rules");
    region("Rules").getByText("Headings, lists and tables", exactly()).click();
    button("More on: Lists of one").click();
  }

  private static Locator.GetByTextOptions exactly() {
    return new Locator.GetByTextOptions().setExact(true);
  }

  private void person(String what) {
    setUp("people", "What to do for Bram Oduya");
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(what)).click();
  }

  private void bulk() {
    at("worklist", null);
    page.getByRole(
            AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^Pick “")))
        .first()
        .check();
    button("Change them …").click();
  }

  private void item() {
    openItem(key);
  }

  private void picture() {
    insert("Picture");
    page.getByRole(AriaRole.DIALOG)
        .getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("A red torch"))
        .check(new Locator.CheckOptions().setForce(true));
  }

  private void reason() {
    item();
    tab("Marks").click();
    button("Leave it as it is").first().click();
  }

  private void collection() {
    at("assets", null);
    page.getByRole(
            AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^Mark ")))
        .first()
        .check();
  }

  private void view() {
    at("worklist?words=star", null);
    Locator begin = button("Keep this view");
    Locator field = page.getByLabel("Name of the view");
    begin.or(field).first().waitFor();
    if (begin.count() > 0) {
      begin.click();
    }
  }

  private void notes() {
    item();
    notebook();
    button("Notes").click();
  }

  private void terms() {
    item();
    notebook();
    button("Terms").click();
    Locator begin = button("Name terms");
    Locator field = page.getByLabel("Words and phrases, a line each");
    begin.or(field).first().waitFor();
    if (begin.count() > 0) {
      begin.click();
    }
  }

  private void notebook() {
    if (page.getByRole(AriaRole.COMPLEMENTARY, new Page.GetByRoleOptions().setName("Notebook"))
            .count()
        == 0) {
      button("Notebook").click();
    }
  }

  private void tidy(String what) {
    item();
    sheet().locator("p").first().click();
    page.keyboard().press("Control+a");
    button("Tidy").click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(what)).click();
  }

  private void captions() {
    at("assets/owl-call.vtt", "Change line by line");
  }

  private void insert(String what) {
    item();
    sheet().locator("p").first().click();
    page.keyboard().press("Control+Enter");
    page.keyboard().type(what);
    page.keyboard().press("Enter");
  }

  private void sheetKey(String pressed) {
    item();
    sheet().locator("p").first().click();
    page.keyboard().press("Control+Home");
    page.keyboard().press(pressed);
  }

  private void colour() {
    item();
    sheet().locator("p").first().dblclick();
    Locator strip = page.getByRole(AriaRole.TOOLBAR, new Page.GetByRoleOptions().setName("Tools"));
    strip
        .getByRole(
            AriaRole.BUTTON,
            new Locator.GetByRoleOptions().setName("More for words").setExact(true))
        .click();
    page.locator("[role=menu] [role^=menuitem]")
        .filter(new Locator.FilterOptions().setHasText("Colour and type"))
        .click();
  }

  private void onWord(String pressed) {
    item();
    sheet().locator("p").first().dblclick();
    page.keyboard().press(pressed);
  }

  private void table() {
    item();
    sheet().locator("td").first().click();
    button("Table settings").click();
  }

  /** A form that is added is added here, or said to hold nothing that could be lost. */
  @Test
  public void noFormIsForgotten() throws IOException {
    Set<String> found = new TreeSet<>();
    try (Stream<Path> files = Files.walk(Path.of("../web/src"))) {
      for (Path file : files.filter(f -> f.toString().matches(".*(?<!\\.test)\\.tsx")).toList()) {
        Matcher m = USE.matcher(Files.readString(file));
        while (m.find()) {
          String name = m.group(1) == null ? m.group(2) : m.group(1);
          found.add(name.replaceAll("\\$\\{.*?\\}(?=[:`]|$)", "*"));
        }
      }
    }
    assertTrue(found.size() > 30, found.toString());
    Set<String> known = new TreeSet<>(FORMS.keySet());
    known.addAll(KEPT_BY_NOBODY);
    assertEquals(found, known);
  }

  @DataProvider
  Object[][] forms() {
    return FORMS.keySet().stream().map(f -> new Object[] {f}).toArray(Object[][]::new);
  }

  private void open(Form form) {
    form.open.accept(this);
    // What is drawn instead of a box stands over it.
    assertThat(field(form)).isAttached();
  }

  private Locator field(Form form) {
    // What is picked is numbered in its own label.
    return form.typed.isEmpty()
        ? page.getByLabel(Pattern.compile("^" + form.field)).last()
        : page.getByLabel(form.field, new Page.GetByLabelOptions().setExact(true)).last();
  }

  private void type(Form form) {
    Locator field = field(form);
    String tag = String.valueOf(field.evaluate("e => e.tagName + (e.type ?? '')"));
    if (tag.startsWith("SELECT")) {
      field.selectOption(form.typed);
    } else if (form.typed.isEmpty()) {
      field.check(new Locator.CheckOptions().setForce(true));
    } else {
      field.fill(form.typed);
    }
  }

  private void isThere(Form form) {
    if (form.typed.isEmpty()) {
      assertThat(field(form)).isChecked();
    } else {
      assertThat(field(form)).hasValue(form.typed);
    }
    assertThat(page.getByText("is here again. It is not kept yet.")).isVisible();
  }

  @Test(dataProvider = "forms")
  public void whatIsTypedIsThereAgain(String name) {
    Form form = FORMS.get(name);
    Api api = new Api(context, app()).signIn("ilse");
    key =
        api.item(
            "Forms",
            "<p>word</p><table><tr><th>A</th></tr><tr><td>b</td></tr></table><ul><li>alone</li></ul>");
    page.navigate(app().url("/editor/"));
    open(form);
    type(form);
    page.keyboard().press("Escape");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Blenner")).click();
    open(form);
    isThere(form);
    // The browser is gone in this moment.
    Page gone = page;
    page = context.newPage();
    watch(page);
    gone.close();
    open(form);
    isThere(form);
    button("Throw it away").click();
    assertThat(page.getByText("is here again")).hasCount(0);
    page.navigate(app().url("/editor/"));
    open(form);
    assertThat(page.getByText("is here again")).hasCount(0);
  }

  private Locator dialog() {
    return page.getByRole(AriaRole.DIALOG);
  }

  private void section(String name, String label, String typed) {
    at("sections", "Edit " + name);
    dialog().getByLabel(label, new Locator.GetByLabelOptions().setExact(true)).fill(typed);
  }

  @Test
  public void whoeverIsSignedOutSignsInWhereTheyAre() {
    new Api(context, app()).signIn("ilse");
    section("Research", "Description", "What we measure.");
    context.clearCookies();
    page.keyboard().press("Enter");
    assertThat(page.getByText("Sign in again")).isVisible();
    AccessibilityTest.check(page, "signing in over a form");
    dialog()
        .last()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Ilse Marten"))
        .click();
    assertThat(dialog()).hasCount(0);
    assertThat(page.getByText("What we measure.")).isVisible();
  }

  @Test
  public void whatTwoChangeIsJoinedAndWhereBothDidItIsAsked() {
    Api api = new Api(context, app()).signIn("ilse");
    section("Events", "Description", "By night.");
    JsonObject other = null;
    for (JsonElement each : api.send("GET", "/site", null).getAsJsonArray("sections")) {
      if (each.getAsJsonObject().get("slug").getAsString().equals("events")) {
        other = each.getAsJsonObject();
      }
    }
    other.addProperty("name", "Nights out");
    api.send("PUT", "/site/sections/events", other);
    button("Change the section").click();
    assertThat(dialog()).hasCount(0);
    assertThat(button("Edit Nights out")).isVisible();
    assertThat(page.getByText("By night.")).isVisible();

    section("Nights out", "Description", "By day.");
    other.addProperty("description", "By dusk.");
    api.send("PUT", "/site/sections/events", other);
    button("Change the section").click();
    Locator clash =
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Description"));
    assertThat(clash).containsText("By day.");
    assertThat(clash).containsText("By dusk.");
    AccessibilityTest.check(page, "a form that two changed");
    button("Change the section").click();
    assertThat(page.getByRole(AriaRole.ALERT)).hasText("Say first which of the two is to stay.");
    button("Take theirs: Description").click();
    button("Change the section").click();
    assertThat(dialog()).hasCount(0);
    assertThat(page.getByText("By dusk.")).isVisible();
  }
}
