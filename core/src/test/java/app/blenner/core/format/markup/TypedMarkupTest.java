package app.blenner.core.format.markup;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.RunningText;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.MarkupCheck;
import app.blenner.core.format.markup.TypedMarkup.Language;
import java.util.List;
import org.testng.annotations.Test;

/** Markup that people type. */
public class TypedMarkupTest {

  @Test
  public void whatIsCanonicalChangesNothing() {
    String html = "<h2>Part</h2>\n<p>One <em>two</em></p>\n<ul>\n<li>a</li>\n</ul>";
    TypedMarkup read = TypedMarkup.read(Language.HTML, html);
    assertEquals(read.changes(), List.of());
    assertEquals(read.remarks(), List.of());
    assertEquals(read.body(), html);
  }

  @Test
  public void indentAndEmptyLinesAreNoChange() {
    TypedMarkup read = TypedMarkup.read(Language.HTML, "\n  <p>One</p>\n\n\n  <p>Two</p>\n");
    assertEquals(read.changes(), List.of());
    assertEquals(read.body(), "<p>One</p>\n<p>Two</p>");
  }

  @Test
  public void whatChangesIsShownByItsLines() {
    TypedMarkup read =
        TypedMarkup.read(
            Language.HTML, "<p>One</p>\n<p onclick=\"x()\">Two <blink>three</blink></p>");
    assertEquals(read.changes().size(), 1);
    assertEquals(read.changes().get(0).line(), 2);
    assertEquals(read.changes().get(0).after(), List.of("<p>Two three</p>"));
  }

  @Test
  public void everyLossIsNamedAtItsLine() {
    List<MarkupCheck.Remark> remarks =
        MarkupCheck.check(
            "<p>a</p>\n<script>x</script>\n<p><blink>b</blink> <a href=\"javascript:x\">c</a></p>\n<p onclick=x>d</p>");
    List<String> told = remarks.stream().map(r -> r.line() + " " + r.message()).toList();
    assertTrue(told.contains("2 <script> is not kept, nor what is in it."), told.toString());
    assertTrue(told.contains("3 <blink> is not kept; its words are."), told.toString());
    assertTrue(told.contains("4 The attribute onclick is not kept."), told.toString());
    assertTrue(
        told.stream().anyMatch(t -> t.startsWith("3 Links that begin with “javascript:”")),
        told.toString());
  }

  @Test
  public void whatIsNotWellFormedIsAnErrorAtItsLine() {
    List<MarkupCheck.Remark> remarks = MarkupCheck.check("<p>a</p>\n</div>\n<p>b</p>");
    assertTrue(
        remarks.stream().anyMatch(r -> r.line() == 2 && r.severity() == MarkupCheck.Severity.ERROR),
        remarks.toString());
  }

  @Test
  public void noWordIsLostWhateverIsTyped() {
    for (String typed :
        List.of(
            "<p>a <b>b <p>c</b> d",
            "<table>x<tr>y<td>z",
            "<li>one<li>two",
            "<unknown>w</unknown>")) {
      String words =
          String.join(" ", RunningText.of(HtmlReader.read(typed))).replaceAll("\\s+", "");
      String kept =
          String.join(
                  " ",
                  RunningText.of(HtmlReader.read(TypedMarkup.read(Language.HTML, typed).body())))
              .replaceAll("\\s+", "");
      assertEquals(kept, words, typed);
      assertEquals(words.length(), typed.replaceAll("<[^>]*>|\\s", "").length(), typed);
    }
  }

  @Test
  public void markdownComesBackAsItWasTyped() {
    String markdown = "## Part\n\n- one\n- two\n\n> said\n";
    TypedMarkup read = TypedMarkup.read(Language.MARKDOWN, markdown);
    assertEquals(read.canonical(), markdown);
    assertEquals(read.changes(), List.of());
    assertEquals(TypedMarkup.write(Language.MARKDOWN, read.body()), markdown);
  }

  /** Hidden words come through, since nothing typed is lost; that readers will see them is told. */
  @Test
  public void hiddenWordsAreTold() {
    for (String typed :
        new String[] {
          "<p hidden>x</p>",
          "<p style=\"display:none\">x</p>",
          "<p>a <span style='DISPLAY : NONE !important'>x</span></p>",
          "<div style='visibility: hidden'>x</div>"
        }) {
      TypedMarkup read = TypedMarkup.read(TypedMarkup.Language.HTML, typed);
      assertTrue(
          read.remarks().stream().anyMatch(r -> r.message().contains("readers will see them")),
          typed + read.remarks());
    }
  }
}
