package app.blenner.core.piece;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.Document;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.testng.annotations.Test;

public class PiecesTest {
  private final Map<String, Document> kept = new HashMap<>();
  private final Function<String, Optional<Document>> pieces =
      key -> Optional.ofNullable(kept.get(key));

  private static String linked(String key) {
    return "<div class=\"snippet\" data-snippet=\"" + key + "\"></div>";
  }

  private String filled(String html) {
    return HtmlWriter.write(Pieces.fillIn(HtmlReader.read(html), pieces)).replace("\n", "");
  }

  @Test
  public void aPieceStandsWhereItIsLinkedAlsoWithinOthers() {
    kept.put("a", HtmlReader.read("<h3>A</h3><p>a</p>"));
    kept.put("b", HtmlReader.read("<p>b</p>" + linked("a")));
    assertEquals(filled(linked("b") + "<p>x</p>"), "<p>b</p><h3>A</h3><p>a</p><p>x</p>");
    assertEquals(
        filled("<blockquote><p>q</p>" + linked("a") + "</blockquote>"),
        "<figure class=\"quote\"><blockquote><p>q</p><h3>A</h3><p>a</p></blockquote></figure>");
    assertEquals(filled("<p>x</p>" + linked("gone")), "<p>x</p>");
  }

  @Test
  public void aPieceIsNeverWithinItself() {
    kept.put("c", HtmlReader.read("<p>c</p>" + linked("d")));
    kept.put("d", HtmlReader.read("<p>d</p>" + linked("c")));
    assertEquals(filled(linked("c")), "<p>c</p><p>d</p>", "it ends");
    assertTrue(Pieces.isCircle("e", HtmlReader.read(linked("e")), pieces));
    assertTrue(Pieces.isCircle("d", HtmlReader.read(linked("c")), pieces));
    kept.put("f", HtmlReader.read("<p>f</p>"));
    assertFalse(Pieces.isCircle("g", HtmlReader.read(linked("f") + linked("f")), pieces));
  }

  /** What only looks like a link to a piece is none. */
  @Test
  public void itIsReadAndWrittenTheSame() {
    String html = linked("s12");
    assertEquals(HtmlWriter.write(HtmlReader.read(html)), html);
    for (String other : new String[] {"", "S 1", "x".repeat(21), "<b>"}) {
      String read =
          HtmlWriter.write(
              HtmlReader.read("<div class=\"snippet\" data-snippet=\"" + other + "\">w</div>"));
      assertEquals(read, "<p>w</p>");
    }
  }
}
