package app.blenner.core.format.docx;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.format.html.HtmlWriter;
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
 * Files in the shapes ECMA-376 part 1 describes and other word processors write; the section stands
 * beside each.
 */
public class DocxReadingTest {
  private static final String NAMES =
      " xmlns:w=\"http://schemas.openxmlformats.org/wordprocessingml/2006/main\""
          + " xmlns:r=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships\""
          + " xmlns:mc=\"http://schemas.openxmlformats.org/markup-compatibility/2006\""
          + " xmlns:wps=\"http://schemas.microsoft.com/office/word/2010/wordprocessingShape\""
          + " xmlns:m=\"http://schemas.openxmlformats.org/officeDocument/2006/math\""
          + " xmlns:v=\"urn:schemas-microsoft-com:vml\"";
  private static final String RELATIONS =
      "<Relationships xmlns=\"http://schemas.openxmlformats.org/package/2006/relationships\">%s</Relationships>";
  private static final String OFFICE =
      "http://schemas.openxmlformats.org/officeDocument/2006/relationships/";
  private static final String STYLES =
      "<w:style w:type=\"paragraph\" w:default=\"1\" w:styleId=\"N\"><w:name w:val=\"Normal\"/></w:style>"
          + "<w:style w:type=\"paragraph\" w:styleId=\"T\"><w:name w:val=\"Title\"/></w:style>"
          + "<w:style w:type=\"paragraph\" w:styleId=\"H\"><w:name w:val=\"heading 1\"/></w:style>"
          + "<w:style w:type=\"paragraph\" w:styleId=\"Own\"><w:name w:val=\"Section head\"/><w:basedOn w:val=\"H\"/></w:style>"
          + "<w:style w:type=\"paragraph\" w:styleId=\"TOC1\"><w:name w:val=\"toc 1\"/></w:style>"
          + "<w:style w:type=\"character\" w:styleId=\"Em\"><w:name w:val=\"Emphasis\"/><w:rPr><w:i/></w:rPr></w:style>";
  private static final String NUMBERING =
      "<w:abstractNum w:abstractNumId=\"0\"><w:lvl w:ilvl=\"0\"><w:start w:val=\"1\"/><w:numFmt w:val=\"decimal\"/></w:lvl>"
          + "<w:lvl w:ilvl=\"1\"><w:start w:val=\"1\"/><w:numFmt w:val=\"lowerRoman\"/></w:lvl></w:abstractNum>"
          + "<w:abstractNum w:abstractNumId=\"1\"><w:lvl w:ilvl=\"0\"><w:numFmt w:val=\"bullet\"/></w:lvl></w:abstractNum>"
          + "<w:num w:numId=\"1\"><w:abstractNumId w:val=\"0\"/></w:num>"
          + "<w:num w:numId=\"2\"><w:abstractNumId w:val=\"1\"/></w:num>"
          + "<w:num w:numId=\"3\"><w:abstractNumId w:val=\"0\"/><w:lvlOverride w:ilvl=\"0\"><w:startOverride w:val=\"5\"/></w:lvlOverride></w:num>";
  private static final String NOTES =
      "<w:footnote w:id=\"-1\" w:type=\"separator\"><w:p/></w:footnote>"
          + "<w:footnote w:id=\"1\"><w:p><w:r><w:footnoteRef/></w:r><w:r><w:t xml:space=\"preserve\"> At midnight.</w:t></w:r></w:p></w:footnote>";

  private static WordText read(String body) throws IOException {
    Path file = Files.createTempFile("shape", ".docx");
    file.toFile().deleteOnExit();
    try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
      part(
          zip,
          "_rels/.rels",
          RELATIONS.formatted(
              "<Relationship Id=\"a\" Type=\""
                  + OFFICE
                  + "officeDocument\" Target=\"/word/document.xml\"/>"));
      part(
          zip,
          "word/document.xml",
          "<w:document" + NAMES + "><w:body>" + body + "</w:body></w:document>");
      part(zip, "word/styles.xml", "<w:styles" + NAMES + ">" + STYLES + "</w:styles>");
      part(zip, "word/numbering.xml", "<w:numbering" + NAMES + ">" + NUMBERING + "</w:numbering>");
      part(zip, "word/footnotes.xml", "<w:footnotes" + NAMES + ">" + NOTES + "</w:footnotes>");
      part(
          zip,
          "word/_rels/document.xml.rels",
          RELATIONS.formatted(
              "<Relationship Id=\"l\" Type=\""
                  + OFFICE
                  + "hyperlink\" Target=\"https://x.example/\" TargetMode=\"External\"/>"
                  + "<Relationship Id=\"p\" Type=\""
                  + OFFICE
                  + "image\" Target=\"media/a.png\"/>"));
      part(zip, "word/media/a.png", "picture");
    }
    return DocxReader.read(file, (name, type, bytes) -> Optional.of("kept.png"));
  }

  private static void part(ZipOutputStream zip, String name, String text) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    zip.write(text.getBytes(StandardCharsets.UTF_8));
  }

  private static String p(String inner) {
    return "<w:p>" + inner + "</w:p>";
  }

  private static String styled(String style, String words) {
    return p("<w:pPr><w:pStyle w:val=\"" + style + "\"/></w:pPr>" + r(words));
  }

  private static String item(int list, int level, String words) {
    return p(
        "<w:pPr><w:numPr><w:ilvl w:val=\""
            + level
            + "\"/><w:numId w:val=\""
            + list
            + "\"/></w:numPr></w:pPr>"
            + r(words));
  }

  private static String r(String words) {
    return "<w:r><w:t xml:space=\"preserve\">" + words + "</w:t></w:r>";
  }

  private static String r(String properties, String words) {
    return "<w:r><w:rPr>"
        + properties
        + "</w:rPr><w:t xml:space=\"preserve\">"
        + words
        + "</w:t></w:r>";
  }

  private static String field(String type) {
    return "<w:r><w:fldChar w:fldCharType=\"" + type + "\"/></w:r>";
  }

  @DataProvider
  public Object[][] shapes() {
    return new Object[][] {
      // 17.3.2: toggles that are switched off, runs parted in the middle of a word.
      {
        p(r("Ri") + r("<w:b/>", "dg") + r("<w:b w:val=\"0\"/>", "e")),
        "<p>Ri<strong>dg</strong>e</p>"
      },
      {p(r("<w:rStyle w:val=\"Em\"/>", "soft") + r("<w:vanish/>", "gone")), "<p><em>soft</em></p>"},
      // 17.7.4.3: a style of one's own that builds on a heading.
      {
        styled("T", "Talk") + styled("Own", "Part") + styled("N", "Text"),
        "<h2>Talk</h2>\n<h3>Part</h3>\n<p>Text</p>"
      },
      // 17.3.1.20: an outline level of the paragraph itself.
      {p("<w:pPr><w:outlineLvl w:val=\"1\"/></w:pPr>" + r("Deep")), "<h2>Deep</h2>"},
      // 17.9: nested lists, numbers that go on after text, and a list that begins at 5.
      {
        item(1, 0, "one")
            + item(1, 1, "in")
            + item(1, 0, "two")
            + p(r("between"))
            + item(1, 0, "three")
            + item(3, 0, "five"),
        "<ol>\n<li>one\n<ol type=\"i\">\n<li>in</li>\n</ol>\n</li>\n<li>two</li>\n</ol>\n<p>between</p>\n<ol start=\"3\">\n<li>three</li>\n</ol>\n<ol start=\"5\">\n<li>five</li>\n</ol>"
      },
      {item(2, 0, "a") + item(1, 0, "b"), "<ul>\n<li>a</li>\n</ul>\n<ol>\n<li>b</li>\n</ol>"},
      // 17.16.18: complex fields; what they do is not text, what they show is.
      {
        p(
            field("begin")
                + "<w:r><w:instrText> HYPERLINK \"https://y.example/\" </w:instrText></w:r>"
                + field("separate")
                + r("there")
                + field("end")
                + r(".")),
        "<p><a href=\"https://y.example/\">there</a>.</p>"
      },
      {
        p(
            field("begin")
                + "<w:r><w:instrText> PAGE </w:instrText></w:r>"
                + field("separate")
                + r("7")
                + field("end")),
        "<p>7</p>"
      },
      {
        p("<w:hyperlink r:id=\"l\">" + r("x") + "</w:hyperlink>"),
        "<p><a href=\"https://x.example/\">x</a></p>"
      },
      {
        p(
                "<w:bookmarkStart w:id=\"1\" w:name=\"_Ref1\"/>"
                    + r("Here")
                    + "<w:bookmarkEnd w:id=\"1\"/>")
            + p("<w:hyperlink w:anchor=\"_Ref1\">" + r("up") + "</w:hyperlink>"),
        "<div id=\"place_Ref1\" class=\"jump-target\"></div>\n<p>Here</p>\n<p><a href=\"#place_Ref1\">up</a></p>"
      },
      // 17.13.5: insertions and moves stay where they went, deletions go.
      {
        p(
                "<w:ins w:id=\"1\">"
                    + r("new")
                    + "</w:ins><w:del w:id=\"2\"><w:r><w:delText>old</w:delText></w:r></w:del>")
            + p("<w:moveTo w:id=\"3\">" + r("moved") + "</w:moveTo>")
            + p("<w:moveFrom w:id=\"4\">" + r("moved") + "</w:moveFrom>"),
        "<p>new</p>\n<p>moved</p>"
      },
      // 17.11: footnotes.
      {
        p(r("Dark") + "<w:r><w:footnoteReference w:id=\"1\"/></w:r>"),
        "<p>Dark<a href=\"#note-1\"><sup>1</sup></a></p>\n<hr>\n<ol>\n<li>\n<div id=\"note-1\" class=\"jump-target\"></div>\n<p>At midnight.</p>\n</li>\n</ol>"
      },
      // 17.4.85: cells merged downwards and across.
      {
        "<w:tbl><w:tr><w:trPr><w:tblHeader/></w:trPr><w:tc><w:tcPr><w:gridSpan w:val=\"2\"/></w:tcPr>"
            + p(r("Head"))
            + "</w:tc></w:tr>"
            + "<w:tr><w:tc><w:tcPr><w:vMerge w:val=\"restart\"/></w:tcPr>"
            + p(r("tall"))
            + "</w:tc><w:tc>"
            + p(r("a"))
            + "</w:tc></w:tr>"
            + "<w:tr><w:tc><w:tcPr><w:vMerge/></w:tcPr><w:p/></w:tc><w:tc>"
            + p(r("b"))
            + "</w:tc></w:tr></w:tbl>",
        "<table>\n<thead>\n<tr>\n<th colspan=\"2\" scope=\"col\">Head</th></tr>\n</thead>\n<tbody>\n<tr>\n<td rowspan=\"2\">tall</td>\n<td>a</td></tr>\n<tr>\n<td>b</td></tr>\n</tbody>\n</table>"
      },
      // 17.5.2: content controls; 17.5.2.12 the contents of the document.
      {"<w:sdt><w:sdtContent>" + p(r("inside")) + "</w:sdtContent></w:sdt>", "<p>inside</p>"},
      {styled("TOC1", "Part 1 ....... 3") + p(r("Text")), "<p>Text</p>"},
      // Part 3, 10: what newer programs say in two ways; boxes of text beside a paragraph.
      {
        p(
            r("Beside")
                + "<w:r><mc:AlternateContent><mc:Choice Requires=\"wps\"><w:drawing><wps:txbx><w:txbxContent>"
                + p(r("In the box"))
                + "</w:txbxContent></wps:txbx></w:drawing></mc:Choice><mc:Fallback><w:pict/></mc:Fallback></mc:AlternateContent></w:r>"),
        "<p>Beside</p>\n<p>In the box</p>"
      },
      // 17.3.3: signs that are elements.
      {
        p(
            "<w:r><w:t>a</w:t><w:br/><w:t>b</w:t><w:tab/><w:t>c</w:t><w:noBreakHyphen/><w:t>d</w:t></w:r>"),
        "<p>a<br>b c\u2011d</p>"
      },
      {p("<w:r><w:sym w:font=\"Wingdings\" w:char=\"F0FC\"/></w:r>" + r(" done")), "<p>✓ done</p>"},
      // 22.1: an equation keeps its characters.
      {p("<m:oMath><m:r><m:t>m=2.5</m:t></m:r></m:oMath>"), "<p>m=2.5</p>"},
      // Older drawings (part 4, 19).
      {
        p("<w:r><w:pict><v:shape><v:imagedata r:id=\"p\"/></v:shape></w:pict></w:r>"),
        "<figure class=\"picture\"><img src=\"../assets/kept.png\"></figure>"
      },
    };
  }

  @Test(dataProvider = "shapes")
  public void eachShapeIsReadForWhatItIs(String body, String expected) throws IOException {
    Intake intake = Intake.read(read(body), PasteMode.CLEAN, Destination.NEW, Set.of());
    assertEquals(HtmlWriter.write(intake.document()), expected);
  }

  @Test
  public void whatIsLeftOutIsCountedAndTold() throws IOException {
    WordText text =
        read(
            styled("TOC1", "Part 1 ....... 3")
                + p(
                    "<w:del w:id=\"1\"><w:r><w:delText>x</w:delText></w:r></w:del><w:r><w:commentReference w:id=\"0\"/></w:r>"));
    assertEquals(text.deletions(), 1);
    assertEquals(text.remarks(), 1);
    assertTrue(text.notes().get(0).startsWith("The table of contents stayed behind"));
  }

  /** The strict form of the same standard names its elements by other addresses. */
  @Test
  public void theStrictFormIsReadAsWell() throws IOException {
    Path file = Files.createTempFile("strict", ".docx");
    file.toFile().deleteOnExit();
    try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
      part(
          zip,
          "_rels/.rels",
          RELATIONS.formatted(
              "<Relationship Id=\"a\" Type=\"http://purl.oclc.org/ooxml/officeDocument/relationships/officeDocument\" Target=\"word/document.xml\"/>"));
      part(
          zip,
          "word/document.xml",
          "<x:document xmlns:x=\"http://purl.oclc.org/ooxml/wordprocessingml/main\"><x:body><x:p><x:r><x:t>Strict</x:t></x:r></x:p></x:body></x:document>");
    }
    WordText text = DocxReader.read(file, (n, t, b) -> Optional.empty());
    assertEquals(text.body().text(), "Strict");
  }
}
