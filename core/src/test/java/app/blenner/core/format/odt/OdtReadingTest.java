package app.blenner.core.format.odt;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.format.office.UnreadableFileException;
import app.blenner.core.format.office.WordText;
import app.blenner.core.intake.Destination;
import app.blenner.core.intake.Intake;
import app.blenner.core.intake.PasteMode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Files in the shapes OpenDocument 1.3 part 3 describes; the section stands beside each. What other
 * programs make of them is in the corpus.
 */
public class OdtReadingTest {
  private static final String NAMES =
      " xmlns:office=\"urn:oasis:names:tc:opendocument:xmlns:office:1.0\""
          + " xmlns:text=\"urn:oasis:names:tc:opendocument:xmlns:text:1.0\""
          + " xmlns:table=\"urn:oasis:names:tc:opendocument:xmlns:table:1.0\""
          + " xmlns:style=\"urn:oasis:names:tc:opendocument:xmlns:style:1.0\""
          + " xmlns:draw=\"urn:oasis:names:tc:opendocument:xmlns:drawing:1.0\""
          + " xmlns:fo=\"urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0\""
          + " xmlns:svg=\"urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0\""
          + " xmlns:dc=\"http://purl.org/dc/elements/1.1/\""
          + " xmlns:xlink=\"http://www.w3.org/1999/xlink\"";

  private static final String STYLES =
      style("P1", "paragraph", "Title", "")
          + style("P2", "paragraph", "Quotations", "")
          + style("P3", "paragraph", "Preformatted_20_Text", "")
          + style("P4", "paragraph", "Horizontal_20_Line", "")
          + style("P5", "paragraph", "", "<style:paragraph-properties fo:text-align=\"center\"/>")
          + style("T1", "text", "", "<style:text-properties fo:font-weight=\"bold\"/>")
          + style("T2", "text", "", "<style:text-properties fo:font-style=\"italic\"/>")
          + style("T3", "text", "", "<style:text-properties style:text-underline-style=\"solid\"/>")
          + style("T4", "text", "", "<style:text-properties style:text-position=\"super 58%\"/>")
          + style("T5", "text", "", "<style:text-properties style:text-position=\"sub 58%\"/>")
          + style(
              "T6", "text", "", "<style:text-properties style:text-line-through-style=\"solid\"/>")
          + style("T7", "text", "", "<style:text-properties text:display=\"none\"/>")
          + style("T8", "text", "", "<style:text-properties fo:language=\"cy\" fo:country=\"GB\"/>")
          + style("T9", "text", "T1", "<style:text-properties fo:font-weight=\"normal\"/>")
          + "<text:list-style style:name=\"N\"><text:list-level-style-number text:level=\"1\" style:num-format=\"1\"/>"
          + "<text:list-level-style-number text:level=\"2\" style:num-format=\"a\"/></text:list-style>"
          + "<text:list-style style:name=\"B\"><text:list-level-style-bullet text:level=\"1\" text:bullet-char=\"•\"/></text:list-style>";

  private static String style(String name, String family, String parent, String inside) {
    return "<style:style style:name=\"%s\" style:family=\"%s\" style:parent-style-name=\"%s\">%s</style:style>"
        .formatted(name, family, parent, inside);
  }

  private static String p(String inside) {
    return "<text:p>" + inside + "</text:p>";
  }

  private static String p(String style, String inside) {
    return "<text:p text:style-name=\"" + style + "\">" + inside + "</text:p>";
  }

  private static String span(String style, String inside) {
    return "<text:span text:style-name=\"" + style + "\">" + inside + "</text:span>";
  }

  private static String list(String style, String more, String... items) {
    StringBuilder out =
        new StringBuilder("<text:list text:style-name=\"" + style + "\"" + more + ">");
    for (String item : items) {
      out.append("<text:list-item>").append(item).append("</text:list-item>");
    }
    return out.append("</text:list>").toString();
  }

  private static String table(String inside) {
    return "<table:table>" + inside + "</table:table>";
  }

  private static String row(String... cells) {
    StringBuilder out = new StringBuilder("<table:table-row>");
    for (String cell : cells) {
      out.append(
          cell.startsWith("<table:")
              ? cell
              : "<table:table-cell>" + p(cell) + "</table:table-cell>");
    }
    return out.append("</table:table-row>").toString();
  }

  private static WordText read(String body) throws IOException {
    return read(body, "");
  }

  private static WordText read(String body, String manifest) throws IOException {
    Path file = Files.createTempFile("shape", ".odt");
    file.toFile().deleteOnExit();
    try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
      part(zip, "mimetype", "application/vnd.oasis.opendocument.text");
      part(
          zip,
          "content.xml",
          "<office:document-content"
              + NAMES
              + "><office:automatic-styles>"
              + STYLES
              + "</office:automatic-styles><office:body><office:text>"
              + body
              + "</office:text></office:body></office:document-content>");
      part(zip, "Pictures/a.png", "picture");
      if (!manifest.isEmpty()) {
        part(zip, "META-INF/manifest.xml", manifest);
      }
    }
    return OdtReader.read(file, (words, type, bytes) -> Optional.of("kept.png"));
  }

  private static void part(ZipOutputStream zip, String name, String text) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    zip.write(text.getBytes(StandardCharsets.UTF_8));
    zip.closeEntry();
  }

  @DataProvider
  public Object[][] shapes() {
    return new Object[][] {
      // 5.1.2 and 5.1.3: headings with their level; a title makes room below it.
      {"<text:h text:outline-level=\"2\">Sky</text:h>" + p("Dark."), "<h2>Sky</h2>\n<p>Dark.</p>"},
      {
        p("P1", "Talk") + "<text:h text:outline-level=\"1\">Part</text:h>",
        "<h2>Talk</h2>\n<h3>Part</h3>"
      },
      {"<text:h text:outline-level=\"9\">Deep</text:h>", "<h6>Deep</h6>"},
      // 6.1: spaces and breaks that are elements.
      {p("a<text:s text:c=\"3\"/>b<text:tab/>c<text:line-break/>d"), "<p>a b c<br>d</p>"},
      // 6.1.7 and 16.29.29: what text properties say.
      {p("a " + span("T1", "b") + " " + span("T2", "c")), "<p>a <strong>b</strong> <em>c</em></p>"},
      {p(span("T3", "a") + " b"), "<p><u>a</u> b</p>"},
      {
        p("x" + span("T4", "2") + " H" + span("T5", "2") + "O"),
        "<p>x<sup>2</sup> H<sub>2</sub>O</p>"
      },
      {p(span("T6", "gone") + " here"), "<p><s>gone</s> here</p>"},
      {p("a" + span("T7", "secret") + "b"), "<p>ab</p>"},
      {
        p(
            "They call it "
                + span("T8", "bol y dafad")
                + " here, where the sheep lie down at night."),
        "<p>They call it <span lang=\"cy-GB\">bol y dafad</span> here, where the sheep lie down at night.</p>"
      },
      {p(span("T9", "plain again")), "<p>plain again</p>"},
      // 6.1.8: links.
      {
        p("<text:a xlink:href=\"https://x.example/\">there</text:a>"),
        "<p><a href=\"https://x.example/\">there</a></p>"
      },
      // 6.2: bookmarks, and links to them.
      {
        "<text:h text:outline-level=\"2\"><text:bookmark text:name=\"kit\"/>Kit</text:h>"
            + p("<text:a xlink:href=\"#kit\">see</text:a>"),
        "<h2 id=\"kit\">Kit</h2>\n<p><a href=\"#kit\">see</a></p>"
      },
      // 6.3: notes.
      {
        p(
            "Dark<text:note text:id=\"f1\" text:note-class=\"footnote\"><text:note-citation>1</text:note-citation><text:note-body>"
                + p("Very.")
                + "</text:note-body></text:note>."),
        "<p>Dark<a href=\"#note-1\"><sup>1</sup></a>.</p>\n<hr>\n<ol>\n<li>\n<div id=\"note-1\" class=\"jump-target\"></div>\n<p>Very.</p>\n</li>\n</ol>"
      },
      // 6.4: the words of a ruby base.
      {
        p(
            "<text:ruby><text:ruby-base>夜</text:ruby-base><text:ruby-text>よる</text:ruby-text></text:ruby>空"),
        "<p>夜空</p>"
      },
      // 5.3: lists.
      {list("B", "", p("one"), p("two")), "<ul>\n<li>one</li>\n<li>two</li>\n</ul>"},
      {
        list("N", "", p("one") + list("N", "", p("in")), p("two")),
        "<ol>\n<li>one\n<ol type=\"a\">\n<li>in</li>\n</ol>\n</li>\n<li>two</li>\n</ol>"
      },
      {
        "<text:list text:style-name=\"N\"><text:list-item text:start-value=\"4\">"
            + p("four")
            + "</text:list-item></text:list>",
        "<ol start=\"4\">\n<li>four</li>\n</ol>"
      },
      {
        list("N", "", p("one"))
            + p("between")
            + list("N", " text:continue-numbering=\"true\"", p("two")),
        "<ol>\n<li>one</li>\n</ol>\n<p>between</p>\n<ol start=\"2\">\n<li>two</li>\n</ol>"
      },
      {
        list("B", "", p("one") + p("and more")),
        "<ul>\n<li>\n<p>one</p>\n<p>and more</p>\n</li>\n</ul>"
      },
      // 9.1: tables with header rows, merged and repeated cells.
      {
        table(
            "<table:table-header-rows>"
                + row("A", "B")
                + "</table:table-header-rows>"
                + row("1", "2")),
        "<table>\n<thead>\n<tr>\n<th scope=\"col\">A</th>\n<th scope=\"col\">B</th></tr>\n</thead>\n<tbody>\n<tr>\n<td>1</td>\n<td>2</td></tr>\n</tbody>\n</table>"
      },
      {
        table(
            row(
                    "<table:table-cell table:number-columns-spanned=\"2\">"
                        + p("wide")
                        + "</table:table-cell>",
                    "<table:covered-table-cell/>")
                + row("1", "2")),
        "<table>\n<tbody>\n<tr>\n<td colspan=\"2\">wide</td></tr>\n<tr>\n<td>1</td>\n<td>2</td></tr>\n</tbody>\n</table>"
      },
      {
        table(
            row(
                    "<table:table-cell table:number-columns-repeated=\"2\">"
                        + p("x")
                        + "</table:table-cell>")
                + row("1", "2")),
        "<table>\n<tbody>\n<tr>\n<td>x</td>\n<td>x</td></tr>\n<tr>\n<td>1</td>\n<td>2</td></tr>\n</tbody>\n</table>"
      },
      // 10.4: a picture with its words (10.4.4, svg:title and svg:desc).
      {
        p(
            "<draw:frame><draw:image xlink:href=\"Pictures/a.png\"/><svg:desc>A dark ridge</svg:desc></draw:frame>"),
        "<figure class=\"picture\"><img src=\"../assets/kept.png\" alt=\"A dark ridge\"></figure>"
      },
      {
        p("<draw:frame><draw:text-box>" + p("In the box") + "</draw:text-box></draw:frame>Beside"),
        "<p>Beside</p>\n<p>In the box</p>"
      },
      // Styles people know by name, and what is made of them.
      {
        p("P2", "Is it?"),
        "<figure class=\"quote\"><blockquote>\n<p>Is it?</p>\n</blockquote></figure>"
      },
      {p("P3", "a = 1") + p("P3", "<text:s/>b"), "<pre><code>a = 1\n b</code></pre>"},
      {p("a") + p("P4", "") + p("b"), "<p>a</p>\n<hr>\n<p>b</p>"},
      {p("P5", "In the middle"), "<p>In the middle</p>"},
      {
        p("Quotations", "Left to the reader"),
        "<figure class=\"quote\"><blockquote>\n<p>Left to the reader</p>\n</blockquote></figure>"
      },
      // 5.4: sections are no more than their text.
      {
        "<text:section text:name=\"s\">" + p("a") + p("b") + "</text:section>", "<p>a</p>\n<p>b</p>"
      },
    };
  }

  @Test(dataProvider = "shapes")
  public void eachShapeIsReadForWhatItIs(String body, String expected) throws IOException {
    Intake intake = Intake.read(read(body), PasteMode.CLEAN, Destination.NEW, Set.of());
    assertEquals(HtmlWriter.write(intake.document()), expected);
  }

  /** 5.5: what was deleted stands apart, where it does no harm; 14.1: remarks are no text. */
  @Test
  public void whatIsLeftOutIsCountedAndTold() throws IOException {
    WordText text =
        read(
            "<text:tracked-changes><text:changed-region><text:deletion>"
                + p("gone")
                + "</text:deletion></text:changed-region></text:tracked-changes>"
                + "<text:table-of-content text:name=\"t\"><text:index-body>"
                + p("Part 3")
                + "</text:index-body></text:table-of-content>"
                + p(
                    "here<office:annotation><dc:creator>Bram</dc:creator>"
                        + p("Is it?")
                        + "</office:annotation>"));
    assertEquals(text.body().text(), "here");
    assertEquals(text.deletions(), 1);
    assertEquals(text.remarks(), 1);
    assertTrue(text.notes().get(0).startsWith("The table of contents stayed behind"));
  }

  /** Part 2, 3.4: an encrypted package says so in its manifest. */
  @Test
  public void aLockedFileIsRefusedInWords() {
    String manifest =
        "<manifest:manifest xmlns:manifest=\"urn:oasis:names:tc:opendocument:xmlns:manifest:1.0\">"
            + "<manifest:file-entry manifest:full-path=\"content.xml\"><manifest:encryption-data/></manifest:file-entry></manifest:manifest>";
    UnreadableFileException e =
        expectThrows(UnreadableFileException.class, () -> read(p("x"), manifest));
    assertEquals(e.getMessage(), "This file is locked by a password. Save it without one.");
  }

  @Test
  public void aCellRepeatedWithoutEndDoesNotFillTheSheet() throws IOException {
    String rest =
        "<table:table-row table:number-rows-repeated=\"1048576\"><table:table-cell table:number-columns-repeated=\"16384\"/></table:table-row>";
    Intake intake =
        Intake.read(read(table(row("1", "2") + rest)), PasteMode.CLEAN, Destination.NEW, Set.of());
    assertEquals(
        HtmlWriter.write(intake.document()),
        "<table>\n<tbody>\n<tr>\n<td>1</td>\n<td>2</td></tr>\n</tbody>\n</table>");
  }
}
