package app.blenner.core.media;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import app.blenner.core.picture.BrokenPictureException;
import app.blenner.core.picture.Size;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Drawings: what is drawn stays, and nothing else does. */
public class SvgCleaningTest {
  private static String clean(String svg) throws Exception {
    Path file = Files.createTempFile("drawing", ".svg");
    try {
      Files.writeString(file, svg);
      return SvgCleaning.clean(file);
    } finally {
      Files.delete(file);
    }
  }

  private static String within(String inner) throws Exception {
    return clean(
        "<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\" viewBox=\"0 0 10 10\">"
            + inner
            + "</svg>");
  }

  @Test
  public void aDrawingStaysADrawing() throws Exception {
    String inner =
        "<title>Paths &amp; walls</title><defs><linearGradient id=\"g\"><stop offset=\"0\""
            + " stop-color=\"#fff\"></stop></linearGradient></defs><style>.a{fill:url(#g)}</style><g class=\"a\""
            + " transform=\"rotate(4)\"><path d=\"M0 0L9 9\"></path><text x=\"1\" xml:space=\"preserve\">Größe"
            + " 走</text><use href=\"#g\"></use></g>";
    assertEquals(
        within(inner),
        "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 10 10\">" + inner + "</svg>");
    // The prefix an editor gave the elements, and its own data, are no drawing.
    assertEquals(
        clean(
            "<?xml version=\"1.0\"?><!-- made by hand --><s:svg xmlns:s=\"http://www.w3.org/2000/svg\""
                + " xmlns:e=\"urn:editor\" e:version=\"3\"><e:grid/><s:a href=\"https://a.example\"><s:rect"
                + " width=\"3\" e:label=\"x\"/></s:a><s:metadata>who</s:metadata></s:svg>"),
        "<svg xmlns=\"http://www.w3.org/2000/svg\"><rect width=\"3\"></rect></svg>");
    assertEquals(
        within("<image xlink:href=\"data:image/png;base64,AAAA\" width=\"1\"/>"),
        within("<image href=\"data:image/png;base64,AAAA\" width=\"1\"/>"));
  }

  @DataProvider
  public Object[] attacks() {
    return new Object[] {
      "<script>alert(1)</script>",
      "<script xlink:href=\"https://a.example/alert.js\"/>",
      "<g onload=\"alert(1)\" OnClick=\"alert(1)\"/>",
      "<a xlink:href=\"javascript:alert(1)\"><text>press</text></a>",
      "<use href=\"https://a.example/alert.svg#x\"/>",
      "<use href=\"data:image/svg+xml;base64,alert\"/>",
      "<image href=\"https://a.example/alert.png\"/>",
      "<image href=\"data:image/svg+xml,alert\"/>",
      "<feImage href=\"//a.example/alert.png\"/>",
      "<foreignObject><iframe xmlns=\"http://www.w3.org/1999/xhtml\" src=\"alert\"/></foreignObject>",
      "<style>@import 'https://a.example/alert.css';</style>",
      "<style>rect{fill:url('https://a.example/alert')}</style>",
      "<style>rect{fill:u\\72l(https://a.example/alert)}</style>",
      "<style>rect{background:ur/**/l(https://a.example/alert) }b{fill: URL( \"//a.example/alert\")}</style>",
      "<rect style=\"fill:url(https://a.example/alert)\"/>",
      "<rect fill=\"url( https://a.example/alert#a)\"/>",
      "<animate attributeName=\"href\" to=\"javascript:alert(1)\"/>",
      "<set attributeName=\"onclick\" to=\"alert(1)\"/>",
      "<handler xmlns=\"http://www.w3.org/2001/xml-events\">alert(1)</handler>",
      "<g xml:base=\"https://a.example/alert/\"/>",
      "<?xml-stylesheet href=\"https://a.example/alert.css\"?>",
      "<!-- alert --><metadata>alert</metadata>",
    };
  }

  @Test(dataProvider = "attacks")
  public void nothingRunsAndNothingIsFetched(String inner) throws Exception {
    String out = within(inner);
    assertFalse(out.contains("alert") || out.contains("a.example"), out);
  }

  @Test
  public void entitiesAreBounded() throws Exception {
    StringBuilder laughs = new StringBuilder("<!DOCTYPE svg [<!ENTITY a0 \"ha\">");
    for (int i = 1; i < 30; i++) {
      laughs.append("<!ENTITY a%d \"&a%d;&a%d;&a%d;\">".formatted(i, i - 1, i - 1, i - 1));
    }
    String bomb = laughs + "]><svg xmlns=\"http://www.w3.org/2000/svg\"><text>&a29;</text></svg>";
    assertThrows(BrokenPictureException.class, () -> clean(bomb));
    String outside =
        "<!DOCTYPE svg [<!ENTITY x SYSTEM \"file:///etc/passwd\">]><svg xmlns=\"http://www.w3.org/2000/svg\">"
            + "<text>&x;</text></svg>";
    try {
      assertFalse(clean(outside).contains("root:"));
    } catch (BrokenPictureException refused) {
      assertTrue(refused.getMessage().contains("broken"));
    }
    // As some programs write it: names of spaces by entities.
    assertEquals(
        clean(
            "<!DOCTYPE svg [<!ENTITY ns \"http://www.w3.org/2000/svg\">]><svg xmlns=\"&ns;\"><g/></svg>"),
        "<svg xmlns=\"http://www.w3.org/2000/svg\"><g></g></svg>");
  }

  @Test
  public void whatIsNoDrawingIsRefused() {
    String deep = "<g>".repeat(5000) + "</g>".repeat(5000);
    for (String svg :
        new String[] {
          "<html xmlns=\"http://www.w3.org/1999/xhtml\"/>",
          "<svg xmlns=\"http://www.w3.org/2000/svg\"><g></svg>",
          "",
          "<svg xmlns=\"http://www.w3.org/2000/svg\">" + deep + "</svg>"
        }) {
      assertThrows(BrokenPictureException.class, () -> clean(svg));
    }
  }

  /** CSS Values 4, 6.2: an inch is 96 pixels, 72 points, 25.4 mm. CSS 2.2, 10.3.2: 300 by 150 where nothing is said. */
  @Test
  public void sizes() {
    assertEquals(SvgSize.of("<svg width=\"120\" height=\"80px\">"), new Size(120, 80));
    assertEquals(SvgSize.of("<svg width=\"1in\" height=\"72pt\">"), new Size(96, 96));
    assertEquals(SvgSize.of("<svg width=\"25.4mm\" height=\"2.54cm\">"), new Size(96, 96));
    assertEquals(SvgSize.of("<svg viewBox=\"0 0 640 480\">"), new Size(640, 480));
    assertEquals(SvgSize.of("<svg width=\"320\" viewBox=\"0,0,640,480\">"), new Size(320, 240));
    assertEquals(SvgSize.of("<svg height=\"240\" viewBox=\"0 0 640 480\">"), new Size(320, 240));
    assertEquals(SvgSize.of("<svg width=\"100%\" viewBox=\"0 0 64 32\">"), new Size(64, 32));
    assertEquals(SvgSize.of("<svg class=\"a\">"), new Size(300, 150));
    assertEquals(SvgSize.of("<svg width=\"0\" height=\"-4\">"), new Size(300, 150));
  }
}
