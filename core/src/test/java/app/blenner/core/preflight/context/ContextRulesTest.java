package app.blenner.core.preflight.context;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Card;
import app.blenner.core.kind.DateField;
import app.blenner.core.kind.FieldProperties;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.Kinds;
import app.blenner.core.kind.LeadPlace;
import app.blenner.core.kind.StandardFields;
import app.blenner.core.media.MovingTime;
import app.blenner.core.merge.MergeFields;
import app.blenner.core.outside.LinkAnswer;
import app.blenner.core.outside.LinkAnswer.Verdict;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.rule.AssetFacts;
import app.blenner.core.rule.AssetFacts.Form;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.ItemContext;
import app.blenner.core.rule.ItemContext.Said;
import app.blenner.core.rule.ItemContext.Twin;
import app.blenner.core.rule.LinkedItem;
import app.blenner.core.rule.PassageCache;
import app.blenner.core.rule.Repairs;
import app.blenner.core.rule.RuleContext;
import app.blenner.core.rule.RuleSeverity;
import app.blenner.core.rule.Setting;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Rules that read the clock, the files of an item, other items, and how places elsewhere answered. Common practice. */
public class ContextRulesTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);
  private static final Kind WALK =
      new Kind(
          "walk",
          "Walk",
          "Walks",
          "",
          true,
          false,
          List.of(
              new Card(
                  "When",
                  List.of(
                      new DateField(
                          new FieldProperties(
                              "day", "Day", "", false, FieldProperties.Place.NOWHERE))))));

  /** All rules of this package, whatever they weigh as they come. */
  private static final Settings ON =
      new Settings(
          Preflight.rules().stream()
              .filter(r -> r.getClass().getPackageName().endsWith(".context"))
              .collect(Collectors.toMap(r -> r.id(), r -> Setting.of(RuleSeverity.ADVISED))));

  private static Content content(String html) {
    return Content.builder()
        .title("A title")
        .summary("A summary")
        .body(HtmlReader.read(html))
        .build();
  }

  private static List<Finding> found(Content content, Kind kind, ItemContext beyond) {
    RuleContext around = new RuleContext(kind, "en", "Tarnlow", MergeFields.NONE, Set.of(), beyond);
    Set<String> ids = ON.rules().keySet();
    return Preflight.check(Subject.of(content, around, new PassageCache(0)), ON).stream()
        .filter(f -> ids.contains(f.rule()))
        .toList();
  }

  private static List<Finding> found(Content content, ItemContext beyond) {
    return found(content, Kinds.STANDARD.get(0), beyond);
  }

  private static List<String> told(List<Finding> found) {
    return found.stream().map(f -> f.rule() + ": " + f.message()).toList();
  }

  private static ItemContext assets(AssetFacts facts) {
    return new ItemContext(
        TODAY,
        Map.of("a.jpg", facts),
        Map.of(),
        List.of(),
        Map.of(),
        Map.of(),
        List.of(),
        Set.of());
  }

  private static ItemContext targets(Map<String, LinkedItem> targets) {
    return new ItemContext(
        TODAY, Map.of(), targets, List.of(), Map.of(), Map.of(), List.of(), Set.of());
  }

  private static ItemContext answer(String address, LinkAnswer answer) {
    return new ItemContext(
        TODAY,
        Map.of(),
        Map.of(),
        List.of(),
        Map.of(address, answer),
        Map.of(),
        List.of(),
        Set.of());
  }

  private static LinkAnswer answered(Verdict verdict, String leadsTo, boolean secure) {
    return new LinkAnswer(
        verdict, "It answered.", leadsTo, secure, Instant.parse("2026-11-20T08:00:00Z"));
  }

  private static AssetFacts photograph(int width, long bytes) {
    return facts("CC BY 4.0", bytes, width, Form.FITTED, null);
  }

  /** A picture half as high as wide. */
  private static AssetFacts facts(
      String licence, long bytes, int width, Form form, LocalDate expires) {
    return new AssetFacts(
        "Mill", licence, bytes, width, width / 2, form, Duration.ZERO, false, expires);
  }

  private static String mended(Content content, ItemContext beyond) {
    Finding f = found(content, beyond).get(0);
    return HtmlWriter.write(
        Repairs.all(content, c -> found(c, beyond), f.rule(), f.fixes().get(0).label()).body());
  }

  @Test
  public void whereNothingIsKnownNothingIsSaid() {
    String html =
        "<p>See <a href=\"../items/k1.html\">the mill</a> and <a href=\"http://example.org/\">it</a>.</p>"
            + "<figure><img src=\"../assets/a.jpg\" alt=\"A mill\"></figure>";
    assertEquals(told(found(content(html), ItemContext.UNKNOWN)), List.of());
  }

  @DataProvider
  public Object[][] pictures() {
    return new Object[][] {
      // its style, its width in pixels, what is found
      {"width:640px", 320, true},
      {"width:320px", 320, false},
      {"width:50%", 320, false},
      {"width:51%", 320, true},
      {"", 40, false}
    };
  }

  @Test(dataProvider = "pictures")
  public void enlargedPicturesAreFoundAndShownAsTheyAre(String style, int own, boolean enlarged) {
    Content content =
        content(
            "<figure style=\""
                + style
                + "\"><img src=\"../assets/a.jpg\" alt=\"A mill\"></figure>");
    ItemContext beyond = assets(photograph(own, 10_000));
    assertEquals(!found(content, beyond).isEmpty(), enlarged, told(found(content, beyond)) + "");
    if (enlarged) {
      assertEquals(found(content(mended(content, beyond)), beyond), List.of());
    }
  }

  @DataProvider
  public Object[][] leads() {
    return new Object[][] {
      // where it is shown, its width in pixels, how wide its place is; 0 where nothing is said
      {LeadPlace.OVER, 639, 640},
      {LeadPlace.OVER, 640, 0},
      {LeadPlace.BESIDE, 279, 280},
      {LeadPlace.BESIDE, 280, 0},
      {LeadPlace.TEASER, 100, 0},
    };
  }

  @Test(dataProvider = "leads")
  public void aLeadPictureThatIsSmallForItsPlaceIsTold(LeadPlace place, int own, int wide) {
    Content content =
        content("<p>x</p>").toBuilder()
            .leadPicture("a.jpg")
            .values(Map.of(StandardFields.LEAD_PLACE, place.label()))
            .build();
    List<String> small =
        found(content, assets(photograph(own, 10_000))).stream()
            .filter(f -> f.rule().equals("picture-enlarged"))
            .map(Finding::message)
            .toList();
    assertEquals(
        small,
        wide == 0
            ? List.of()
            : List.of(
                "The lead picture is small: its place is %d pixels wide, and it has only %d."
                    .formatted(wide, own)));
  }

  @Test
  public void aDrawingOfLinesIsNeverBlurred() {
    Content content =
        content("<figure style=\"width:100%\"><img src=\"../assets/a.jpg\" alt=\"Plan\"></figure>");
    AssetFacts lines = facts("Own", 900, 20, Form.LINES, null);
    assertEquals(told(found(content, assets(lines))), List.of());
  }

  @Test
  public void whatEveryReaderLoadsIsNotTooHeavy() {
    Content content =
        content("<figure><img src=\"../assets/a.jpg\" alt=\"A wheel turns\"></figure>");
    AssetFacts moving = facts("Own", 1_000_001, 600, Form.AS_IT_IS, null);
    assertEquals(
        told(found(content, assets(moving))),
        List.of("picture-heavy: This picture weighs 1.0 MB, and every reader loads all of it."));
    assertEquals(
        told(found(content, assets(photograph(4000, 90_000_000)))),
        List.of(),
        "readers get it made smaller");
  }

  @Test
  public void theLeadPictureIsAPictureToo() {
    Content content =
        Content.builder()
            .title("A title")
            .summary("A summary")
            .body(HtmlReader.read("<p>Words.</p>"))
            .leadPicture("a.jpg")
            .build();
    AssetFacts bare = facts("", 10, 1_200, Form.FITTED, TODAY.plusDays(14));
    assertEquals(
        told(found(content, assets(bare))),
        List.of(
            "asset-expires: “Mill” expires on 11 December 2026; from then on readers do not see it.",
            "picture-licence: Nobody has written down on what terms “Mill” may be shown."));
    AssetFacts late = facts("Own", 10, 1_200, Form.FITTED, TODAY.plusDays(15));
    assertEquals(told(found(content, assets(late))), List.of());
    AssetFacts over = facts("Own", 10, 1_200, Form.FITTED, TODAY);
    assertTrue(found(content, assets(over)).get(0).message().startsWith("“Mill” expired on 27"));
  }

  @DataProvider
  public Object[][] movingTimes() {
    return new Object[][] {
      {Duration.ZERO, List.of()},
      {Duration.ofSeconds(5), List.of()},
      {
        Duration.ofMillis(12_400),
        List.of("picture-moves: This picture moves for 12 seconds, and readers cannot stop it.")
      },
      {
        MovingTime.WITHOUT_END,
        List.of("picture-moves: This picture moves without end, and readers cannot stop it.")
      },
    };
  }

  /** WCAG 2.2, success criterion 2.2.2: what moves by itself for more than five seconds. */
  @Test(dataProvider = "movingTimes")
  public void fiveSecondsMayAPictureMove(Duration time, List<String> said) {
    Content content =
        content("<figure><img src=\"../assets/a.jpg\" alt=\"A wheel turns\"></figure>");
    AssetFacts wheel =
        new AssetFacts("Wheel", "Own", 900, 600, 300, Form.AS_IT_IS, time, false, null);
    assertEquals(told(found(content, assets(wheel))), said);
  }

  @Test
  public void wordsSuspectedInAPictureAreLookedAt() {
    Content content = content("<figure><img src=\"../assets/a.jpg\" alt=\"Plan\"></figure>");
    AssetFacts plan =
        new AssetFacts("Plan", "Own", 900, 600, 300, Form.FITTED, Duration.ZERO, true, null);
    assertEquals(
        told(found(content, assets(plan))),
        List.of(
            "picture-with-words: This picture seems to have words in it. They belong in the text too, or in its alternative text."));
  }

  @DataProvider
  public Object[][] teaserPictures() {
    return new Object[][] {
      // width, height, what is said of it
      {1_600, 900, ""},
      {600, 338, ""},
      {599, 338, "For teasers and shared links the picture has 599 pixels across"},
      {900, 900, ""},
      {800, 1_200, "Teasers and shared links cut the picture to 16 by 9, and leave 38 % of it."},
      {4_000, 1_000, "Teasers and shared links cut the picture to 16 by 9, and leave 44 % of it."},
      {0, 0, ""},
    };
  }

  @Test(dataProvider = "teaserPictures")
  public void theTeasersPictureHasItsShapeAndPixelsEnough(int width, int height, String begins) {
    AssetFacts facts =
        new AssetFacts("Mill", "Own", 10, width, height, Form.FITTED, Duration.ZERO, false, null);
    Content led =
        Content.builder()
            .title("A title")
            .summary("A summary")
            .body(HtmlReader.read("<p>W.</p>"))
            .leadPicture("a.jpg")
            .build();
    List<Finding> found = found(led, assets(facts));
    assertEquals(found.size(), begins.isEmpty() ? 0 : 1);
    found.forEach(f -> assertTrue(f.message().startsWith(begins), f.message()));
    Content inText = content("<figure><img src=\"../assets/a.jpg\" alt=\"Mill\"></figure>");
    assertEquals(told(found(inText, assets(facts))), List.of(), "it is in no teaser");
  }

  @Test
  public void aDrawingOfLinesLeadsNoSharedLink() {
    Content led =
        Content.builder()
            .title("A title")
            .summary("A summary")
            .body(HtmlReader.read("<p>W.</p>"))
            .leadPicture("a.jpg")
            .build();
    AssetFacts lines = facts("Own", 900, 20, Form.LINES, null);
    assertEquals(
        told(found(led, assets(lines))),
        List.of(
            "teaser-picture: Programs for messages show no drawing made of lines; a shared link to the item stays without a picture."));
    Finding finding = found(led, assets(lines)).get(0);
    assertEquals(finding.fixes().get(0).asks(), Finding.FIELD + StandardFields.TEASER_PICTURE);
  }

  @Test
  public void linksToItemsThatReadersDoNotFindAreFound() {
    Content content =
        content(
            "<p><a href=\"../items/k1.html\">One</a>, <a href=\"../items/k2.html#x\">two</a> and"
                + " <a href=\"../items/k3.html\">three</a>.</p>");
    ItemContext beyond =
        targets(
            Map.of(
                "k1", new LinkedItem("One", LinkedItem.Shown.YES),
                "k2", new LinkedItem("Two", LinkedItem.Shown.NOT_YET),
                "k3", LinkedItem.MISSING));
    assertEquals(
        told(found(content, beyond)),
        List.of(
            "link-item-gone: This leads to an item that is in the bin or deleted.",
            "link-item-hidden: “Two” is not live; readers cannot see it yet."));
    assertTrue(mended(content, beyond).endsWith("</a> and three.</p>"), mended(content, beyond));
  }

  @Test
  public void linksOfPicturesAndButtonsAreLinks() {
    String html =
        "<figure><a href=\"https://example.org/x\"><img src=\"../assets/a.jpg\" alt=\"A mill\"></a></figure>"
            + "<p><a href=\"https://example.org/x\">To the <strong>mill</strong></a></p>";
    ItemContext moved =
        answer("https://example.org/x", answered(Verdict.THERE, "https://example.net/y", false));
    Content content = content(html);
    assertEquals(found(content, moved).size(), 2);
    String after = mended(content, moved);
    assertEquals(after.split("https://example.net/y", -1).length, 3, after);
    assertEquals(HtmlReader.read(after).blocks().size(), 2);
    ItemContext broken = answer("https://example.org/x", answered(Verdict.BROKEN, "", false));
    String without = mended(content, broken);
    assertTrue(!without.contains("href"), without);
    assertTrue(without.contains("To the <strong>mill</strong>"), without);
  }

  @Test
  public void answersAreToldWithTheirDay() {
    String address = "http://example.org/";
    Content content = content("<p>See <a href=\"" + address + "\">the mill’s own page</a>.</p>");
    assertEquals(
        told(found(content, answer(address, answered(Verdict.DOUBTFUL, "", false)))),
        List.of("link-doubtful: It answered (asked on 20 November)."));
    ItemContext secure = answer(address, answered(Verdict.THERE, "", true));
    assertEquals(
        told(found(content, secure)),
        List.of(
            "link-not-secure: This begins with http://, and answers with https:// as well (asked on 20 November)."));
    assertTrue(mended(content, secure).contains("href=\"https://example.org/\""));
  }

  @Test
  public void nobodyIsAskedWhereNoRuleWantsToKnow() {
    assertTrue(!LinkTargetRule.wantsAnswers(Settings.USUAL));
    assertTrue(
        LinkTargetRule.wantsAnswers(
            new Settings(Map.of("link-moved", Setting.of(RuleSeverity.ADVISED)))));
  }

  @Test
  public void whatIsSaidTwiceIsFoundWhereItWasWritten() {
    ItemContext twins =
        new ItemContext(
            TODAY,
            Map.of(),
            Map.of(),
            List.of(
                new Twin(Said.TITLE, "k9", "A title"), new Twin(Said.DESCRIPTION, "k8", "Other")),
            Map.of(),
            Map.of(),
            List.of(),
            Set.of());
    Content content = content("<p>Words.</p>");
    assertEquals(
        found(content, twins).stream().map(f -> f.field() + ": " + f.message()).toList(),
        List.of(
            "title: “A title” has the same title.", "summary: “Other” has the same description."));
    Content own = content.withValues(Map.of(StandardFields.SEARCH_TITLE, "A title"));
    assertEquals(found(own, twins).get(0).field(), Finding.FIELD + StandardFields.SEARCH_TITLE);
  }

  @Test
  public void daysThatAreOverAreFoundAndTheFirstDayAfterIsNotYet() {
    Content over = content("<p>Words.</p>").withValues(Map.of("day", "2026-11-26"));
    ItemContext today =
        new ItemContext(
            TODAY, Map.of(), Map.of(), List.of(), Map.of(), Map.of(), List.of(), Set.of());
    assertEquals(
        told(found(over, WALK, today)),
        List.of("event-over: Day is 26 November 2026, and that day is over."));
    assertEquals(told(found(over.withValues(Map.of("day", "2026-11-27")), WALK, today)), List.of());
    assertEquals(
        told(found(over.withValues(Map.of("day", "soon")), WALK, today)),
        List.of(),
        "what is no day is another rule’s");
    Content review =
        content("<p>Words.</p>").withValues(Map.of(StandardFields.REVIEW_DATE, "2026-11-01"));
    assertEquals(
        told(found(review, today)),
        List.of("review-due: “Look at it again on” 1 November 2026: that day has come."));
  }

  private static ItemContext terms(String... terms) {
    return new ItemContext(
        TODAY, Map.of(), Map.of(), List.of(), Map.of(), Map.of(), List.of(terms), Set.of());
  }

  @Test
  public void whatItIsToSpeakOfAndDoesNotIsTold() {
    Content content =
        content(
            "<h2>Street lamps</h2><p>Lamps with hoods cost little.</p>"
                + "<table><tr><th>Kind</th></tr><tr><td>A hooded lamp</td></tr></table>");
    assertEquals(
        told(found(content, terms("street lamp", "hooded lamps", "a title", "hoods"))), List.of());
    assertEquals(
        told(found(content, terms("comet", "lamp", "lamp hood"))),
        List.of("terms-covered: The text does not speak of “comet”, “lamp hood” yet."));
    assertEquals(
        told(found(content, terms("a1", "b2", "c3", "d4", "e5", "f6", "g7"))),
        List.of(
            "terms-covered: The text does not speak of “a1”, “b2”, “c3”, “d4”, “e5” and 2 more of its target terms yet."));
    assertEquals(told(found(content(""), terms("comet"))), List.of(), "nothing is written yet");
  }

  /** What is left as it is comes back with another term that is missing. */
  @Test
  public void aMissingTermMoreIsAnotherFinding() {
    Content content = content("<p>Lamps.</p>");
    Finding one = found(content, terms("comet")).get(0);
    assertEquals(found(content, terms("comet", "lamp")).get(0).about(), one.about());
    assertTrue(!found(content, terms("comet", "star")).get(0).about().equals(one.about()));
  }
}
