package app.blenner.core.rule;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.Document;
import app.blenner.core.document.Trees;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kinds;
import app.blenner.core.preflight.Preflight;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/** What findings are called, how they are mended, and that nobody looks twice at what has not changed. */
public class FindingTest {
  private static final RuleContext AROUND = RuleContext.of(Kinds.STANDARD.get(0));

  /** Every rule asked for, those of tidying too. */
  private static final Settings ALL =
      new Settings(
          Preflight.rules().stream()
              .collect(
                  Collectors.toMap(
                      Rule::id,
                      r ->
                          Setting.of(
                              r.descriptor().weight() == RuleSeverity.OFF
                                  ? RuleSeverity.ADVISED
                                  : null))));

  private static Content content(Document body) {
    return Content.builder().title("A Title").summary("A summary").body(body).build();
  }

  private static List<Finding> all(Document body) {
    return Preflight.check(Subject.of(content(body), AROUND, new PassageCache(0)), ALL);
  }

  private static List<String> identities(String html) {
    return Checked.of(content(HtmlReader.read(html))).stream().map(Finding::identity).toList();
  }

  private static String one(String html) {
    List<String> found =
        identities(html).stream().filter(id -> !id.startsWith("quote-unnamed")).toList();
    assertEquals(found.size(), 1, found.toString());
    return found.get(0);
  }

  @Test
  public void anIdentityLastsWhileItsPassageDoes() {
    String picture = "<img src='../assets/a.png'>";
    String was = one("<p>a</p>" + picture);
    assertEquals(one(picture + "<p>a</p><p>b</p>"), was, "it moved");
    assertEquals(one("<blockquote>" + picture + "</blockquote>"), was, "into a quote");
    assertNotEquals(one("<img src='../assets/b.png'>"), was, "another picture");

    String link = one("<p>From the tower we saw it <a href='/x'>&nbsp;</a> again and again.</p>");
    assertEquals(
        one(
            "<p>Last night! From the tower we saw it, <a href='/x'>&nbsp;</a> again and again – twice.</p>"),
        link,
        "words far from it were written");
    assertNotEquals(
        one("<p>We heard of <a href='/x'>&nbsp;</a> nothing but rumours.</p>"),
        link,
        "other words");

    String heading = one("<h3>The long night</h3><p>x</p>");
    assertEquals(one("<p>x</p><h3>The long night!</h3><p>x</p>"), heading, "a mark was put in");
    assertNotEquals(one("<h3>The short night</h3><p>x</p>"), heading, "other words");
  }

  @Test
  public void twoAboutTheSameAreTwo() {
    List<String> found =
        identities("<img src='../assets/a.png'><p>x</p><img src='../assets/a.png'>");
    assertEquals(found.size(), 2);
    assertNotEquals(found.get(0), found.get(1));
  }

  @Test
  public void aRepairTellsBeforehandWhatItGives() {
    Content content = content(HtmlReader.read("<p>a</p><h2>b</h2><h4>c</h4><p>d</p>"));
    Finding finding = mendable(content).get(0);
    FixPreview given = FixPreview.of(finding, finding.fixes().get(0), content);
    assertEquals(HtmlWriter.write(given.before()), "<h4>c</h4>");
    assertEquals(HtmlWriter.write(given.after()), "<h3>c</h3>");
    Content quotes = content(HtmlReader.read("<p>Old.</p><p>He said \"no\".</p>"));
    Finding second = mendable(quotes).get(1);
    FixPreview one = FixPreview.of(second, second.fixes().get(0), quotes);
    assertEquals(HtmlWriter.write(one.before()), "<p>He said \"no\".</p>");
    assertEquals(HtmlWriter.write(one.after()), "<p>He said \"no”.</p>", "this one, no other");
  }

  /** One after the other, in any order and nested as deep as may be: the mending of a text ends, and each goes. */
  @Test
  public void whatIsMendedIsGone() {
    int tried = 0;
    for (int seed = 0; seed < 300; seed++) {
      Content now = content(new Trees(seed).document());
      List<Finding> found = mendable(now);
      int left = 400;
      while (!found.isEmpty() && left-- > 0) {
        Finding finding = found.get(new Random(seed).nextInt(found.size()));
        Fix fix = finding.fixes().stream().filter(Fix::isMadeAtOnce).findFirst().orElseThrow();
        Content after = finding.applyFix(fix, now);
        assertNotEquals(after.body(), now.body(), "seed " + seed + ": " + finding.identity());
        now = after;
        found = mendable(now);
        tried++;
      }
      assertTrue(left > 0, "it ends, seed " + seed);
    }
    assertTrue(tried > 500, "enough to mean something: " + tried);
  }

  private static List<Finding> mendable(Content content) {
    return all(content.body()).stream()
        .filter(f -> f.fixes().stream().anyMatch(Fix::isMadeAtOnce))
        .toList();
  }

  /** After any edit, whoever remembers the passages finds what somebody finds who looks at them for the first time. */
  @Test
  public void lookingOnlyAtWhatChangedFindsTheSame() {
    PassageCache known = new PassageCache();
    Random random = new Random(10);
    List<app.blenner.core.document.Block> blocks = new ArrayList<>();
    for (int edit = 0; edit < 4_000; edit++) {
      List<app.blenner.core.document.Block> some =
          new Trees(random.nextInt(500)).document().blocks();
      switch (random.nextInt(4)) {
        case 0 -> blocks.addAll(random.nextInt(blocks.size() + 1), some);
        case 1 -> Collections.shuffle(blocks, random);
        case 2 -> {
          if (!blocks.isEmpty() && !some.isEmpty()) {
            blocks.set(random.nextInt(blocks.size()), some.get(0));
          }
        }
        default -> {
          if (blocks.size() > 12) {
            blocks.subList(3, blocks.size() - 3).clear();
          }
        }
      }
      Content content = content(new Document(blocks));
      List<Finding> again = Preflight.check(Subject.of(content, AROUND, known), ALL);
      assertEquals(told(again), told(all(content.body())), "edit " + edit);
    }
  }

  /** All but the repairs, which are functions. */
  private static List<String> told(List<Finding> findings) {
    return findings.stream()
        .map(
            f -> f.identity() + f.path() + f.from() + "-" + f.to() + f.message() + f.fixes().size())
        .toList();
  }

  @Test
  public void aBlockIsLookedAtOnceForEachSetting() {
    int[] looks = {0};
    BlockRule counting = new Counting(looks);
    PassageCache known = new PassageCache();
    Document body = HtmlReader.read("<p>a</p><p>b</p><p>a</p>");
    Settings strict = new Settings(Map.of("counting", Setting.of(RuleSeverity.REQUIRED)));
    Map<Settings, List<Severity>> levels = new HashMap<>();
    for (Settings settings : List.of(Settings.USUAL, strict, Settings.USUAL, strict)) {
      Subject subject = Subject.of(content(HtmlReader.read(HtmlWriter.write(body))), AROUND, known);
      levels.put(settings, counting.check(subject, settings).stream().map(Finding::level).toList());
    }
    assertEquals(looks[0], 4, "two paragraphs, and two settings");
    assertEquals(levels.get(strict), Collections.nCopies(3, Severity.MUST_FIX));
    assertEquals(levels.get(Settings.USUAL), Collections.nCopies(3, Severity.LOOK));
  }

  private record Counting(int[] looks) implements BlockRule {
    @Override
    public RuleDescriptor descriptor() {
      return new RuleDescriptor(
          "counting",
          "Anything",
          "It is there.",
          "Common practice",
          RuleSeverity.LOOK,
          "one",
          "some");
    }

    @Override
    public List<Finding> look(Passage passage, Settings settings) {
      looks[0]++;
      return List.of(
          Finding.onBlock(
              this, settings.severityOf(this), "Here.", passage.places().get(0), List.of()));
    }
  }

  @Test
  public void aNumberOfARuleStaysWithinItsLimits() {
    Parameter width = new Parameter("width", "Width", 10, 20, 15);
    Rule rule = new Counting(new int[1]);
    assertEquals(Settings.USUAL.numberOf(rule, width), 15);
    for (int[] c : new int[][] {{9, 10}, {12, 12}, {21, 20}}) {
      Settings set = new Settings(Map.of("counting", Setting.AS_IT_COMES.with("width", c[0])));
      assertEquals(set.numberOf(rule, width), c[1]);
    }
  }

  /** What is remembered has a bound, and what does not fit is still looked at. */
  @Test
  public void memoryHasABound() {
    PassageCache small = new PassageCache(2_000);
    for (int i = 0; i < 300; i++) {
      String html = "<p>" + "x".repeat(i * 3) + i + "</p><h3>h" + i + "</h3><p>y</p>";
      Content content = content(HtmlReader.read(html));
      assertEquals(Preflight.check(Subject.of(content, AROUND, small), Settings.USUAL).size(), 1);
      assertTrue(small.charactersTaken() <= 2_000, "at " + i + ": " + small.charactersTaken());
    }
  }
}
