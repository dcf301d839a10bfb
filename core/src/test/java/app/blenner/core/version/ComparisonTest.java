package app.blenner.core.version;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.Block;
import app.blenner.core.document.Document;
import app.blenner.core.document.Trees;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Content;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.testng.annotations.Test;

public class ComparisonTest {

  private static Content content(String title, String html) {
    return Content.builder().title(title).summary("s").body(HtmlReader.read(html)).build();
  }

  private static String html(Content content) {
    return HtmlWriter.write(content.body());
  }

  @Test
  public void findsTheBlocksThatDifferAndNoOthers() {
    Comparison c =
        Comparison.of(
            content("A", "<p>one</p><p>two</p><p>three</p>"),
            content("A", "<p>one</p><p>zwei</p><p>three</p><p>four</p>"));
    assertEquals(c.fields(), List.of());
    assertEquals(c.count(), 2);
    assertEquals(
        c.stretches().stream().map(Comparison.Stretch::number).toList(), List.of(-1, 0, -1, 1));
    assertEquals(html(c.pick(Set.of(0))), "<p>one</p>\n<p>zwei</p>\n<p>three</p>");
    assertEquals(html(c.pick(Set.of(1))), "<p>one</p>\n<p>two</p>\n<p>three</p>\n<p>four</p>");
  }

  @Test
  public void neighboursThatBothChangedAreChosenOneByOne() {
    Comparison c =
        Comparison.of(
            content("A", "<p>The start. Bram was here.</p><p>The end of the text.</p>"),
            content("A", "<p>The start.</p><p>The end of the text, by Ilse.</p><p>And on</p>"));
    assertEquals(c.count(), 3);
    assertEquals(
        html(c.pick(Set.of(1))),
        "<p>The start. Bram was here.</p>\n<p>The end of the text, by Ilse.</p>");
    assertEquals(
        html(c.pick(Set.of(0, 2))),
        "<p>The start.</p>\n<p>The end of the text.</p>\n<p>And on</p>");
  }

  @Test
  public void whatHasNothingInCommonIsOneDifference() {
    Comparison c =
        Comparison.of(
            content("A", "<p>one two</p><h2>three</h2>"),
            content("A", "<p>vier</p><p>three</p><p>sechs</p>"));
    assertEquals(c.count(), 1);
  }

  @Test
  public void fieldsAreChosenOneByOne() {
    Content theirs =
        Content.builder()
            .title("T")
            .summary("s")
            .section("visit")
            .topics(List.of("roads"))
            .keywords(List.of("k"))
            .slug("slug")
            .leadPicture("a.png")
            .build();
    Content mine =
        Content.builder()
            .title("M")
            .summary("s")
            .section("events")
            .keywords(List.of("k"))
            .leadPicture("b.png")
            .language("de")
            .build();
    Comparison c = Comparison.of(theirs, mine);
    assertEquals(
        c.fields().stream().map(Comparison.Field::part).toList(),
        List.of(
            Comparison.Part.TITLE,
            Comparison.Part.PLACEMENT,
            Comparison.Part.LEAD_PICTURE,
            Comparison.Part.LANGUAGE));
    Content picked = c.pick(Set.of(0, 1));
    assertEquals(picked.title(), "M");
    assertEquals(picked.section(), "events");
    // Topics belong to a section and go with it.
    assertEquals(picked.topics(), List.of());
    assertEquals(picked.leadPicture(), "a.png");
    assertEquals(picked.slug(), "slug");
  }

  /** Whatever is chosen, every block of both texts is in what was chosen or in what was not. */
  @Test
  public void nothingIsLostWhateverIsChosen() {
    int compared = 0;
    for (int seed = 0; seed < 400; seed++) {
      Random random = new Random(seed);
      Document a = HtmlReader.read(HtmlWriter.write(new Trees(seed).document()));
      Document b = HtmlReader.read(HtmlWriter.write(changed(a, random)));
      Comparison c = Comparison.of(of(a), of(b));
      Set<Integer> all = c.allBut(Set.of());
      assertEquals(c.pick(Set.of()).body(), a, "seed " + seed);
      assertEquals(c.pick(all).body(), b, "seed " + seed);
      Set<Integer> some = new TreeSet<>();
      all.stream().filter(n -> random.nextBoolean()).forEach(some::add);
      List<Block> kept = new ArrayList<>();
      c.stretches().forEach(s -> kept.addAll(some.contains(s.number()) ? s.mine() : s.theirs()));
      List<Block> left = new ArrayList<>();
      c.stretches().forEach(s -> left.addAll(some.contains(s.number()) ? s.theirs() : s.mine()));
      for (Block block : a.blocks()) {
        assertTrue(kept.contains(block) || left.contains(block), "seed " + seed);
      }
      for (Block block : b.blocks()) {
        assertTrue(kept.contains(block) || left.contains(block), "seed " + seed);
      }
      compared += c.count();
    }
    assertTrue(compared > 200, compared + " differences were looked at");
  }

  private static Content of(Document body) {
    return Content.builder().title("t").summary("s").body(body).build();
  }

  /** Some blocks gone, some moved, some from another text. */
  private static Document changed(Document document, Random random) {
    List<Block> blocks = new ArrayList<>(document.blocks());
    List<Block> others = new Trees(random.nextInt(1000)).document().blocks();
    for (int i = 0; i < 3 && !blocks.isEmpty(); i++) {
      int at = random.nextInt(blocks.size());
      switch (random.nextInt(3)) {
        case 0 -> blocks.remove(at);
        case 1 ->
            blocks.add(
                at, others.isEmpty() ? blocks.get(0) : others.get(random.nextInt(others.size())));
        default -> blocks.add(random.nextInt(blocks.size()), blocks.remove(at));
      }
    }
    return new Document(blocks);
  }

  /** Two texts can name two places alike; put together, only one of them keeps the name. */
  @Test
  public void placesKeepNamesOfTheirOwn() {
    Comparison c =
        Comparison.of(
            content("A", "<h2 id=\"x\">One</h2><p>a</p><p>b</p>"),
            content("A", "<h2>One</h2><p>a</p><h2 id=\"x\">Two</h2>"));
    String picked = html(c.pick(Set.of(1)));
    assertTrue(picked.indexOf("id=\"x\"") == picked.lastIndexOf("id=\"x\""), picked);
  }

  @Test
  public void whatStandsInAKindsOwnFieldsIsChosenFieldByField() {
    Content theirs =
        Content.EMPTY.withValues(
            Map.of("height", "812", "when", "20:15", "how", List.of("a", "b")));
    Content mine =
        Content.EMPTY.withValues(Map.of("height", "900", "when", "20:15", "who", "Ilse"));
    Comparison c = Comparison.of(theirs, mine);
    assertEquals(
        c.fields().stream().map(Comparison.Field::own).toList(), List.of("height", "how", "who"));
    assertEquals(c.fields().get(1).of(theirs), "a, b");
    assertEquals(c.pick(Set.of(0, 1)).values(), Map.of("height", "900", "when", "20:15"));
    assertEquals(c.pick(Set.of(0, 1, 2)).values(), mine.values());
    assertEquals(c.pick(Set.of()).values(), theirs.values());
  }
}
