package app.blenner.core.intake;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.format.office.Pictures;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class IntakeTest {
  private static Intake clean(String html) {
    return Intake.read(IntakeSource.ofHtml(html), PasteMode.CLEAN, Pictures.NONE, Destination.NEW);
  }

  private static String html(Intake intake) {
    return HtmlWriter.write(intake.document());
  }

  @DataProvider
  public Object[][] detours() {
    return new Object[][] {
      {"https://x.example/url?q=https%3A%2F%2Fgoal.example%2Fa&sa=D", "https://goal.example/a"},
      {
        "https://l.x.example/l.php?u=https%3A%2F%2Fgoal.example%2F%3Ffbclid%3D1",
        "https://goal.example/"
      },
      {
        "https://a.example/redirect?to=https%3A%2F%2Fb.example%2Fclick%3Furl%3Dhttps%253A%252F%252Fgoal.example%252F",
        "https://goal.example/"
      },
      {
        "https://goal.example/page?id=3&utm_source=x&utm_medium=y#part",
        "https://goal.example/page?id=3#part"
      },
      // An address that only mentions another is no detour.
      {
        "https://goal.example/share?page=https%3A%2F%2Fother.example%2F",
        "https://goal.example/share?page=https%3A%2F%2Fother.example%2F"
      },
      // A detour to a script is not followed.
      {
        "https://x.example/url?q=javascript%3Aalert(1)",
        "https://x.example/url?q=javascript%3Aalert(1)"
      },
    };
  }

  @Test(dataProvider = "detours")
  public void linksLeadStraightToWhereTheyGo(String given, String kept) {
    String out = html(clean("<p><a href=\"" + given.replace("&", "&amp;") + "\">go</a></p>"));
    assertEquals(out.replace("&amp;", "&"), "<p><a href=\"" + kept + "\">go</a></p>");
  }

  @Test
  public void boldThatEndsLikeASentenceIsNoHeading() {
    Intake intake = clean("<p><b>We were cold.</b></p><p>All night long, on the hill.</p>");
    assertEquals(intake.offers(), List.of());
  }

  @Test
  public void headingsAreOfferedAndNotMade() {
    String given =
        "<p style='font-size:18pt'><b>Visit</b></p><p>Come up the hill and wait for the dark.</p>"
            + "<p style='font-size:14pt'><b>By bus</b></p><p>It leaves the village at dusk.</p>";
    Intake intake = clean(given);
    assertFalse(html(intake).contains("<h"));
    assertEquals(
        intake.offers().get(0).lines().stream().map(Offer.Line::words).toList(),
        List.of("Visit", "By bus"));
    String made =
        html(
            Intake.read(
                IntakeSource.ofHtml(given),
                PasteMode.CLEAN,
                Pictures.NONE,
                Destination.NEW,
                Set.of(Offer.Kind.HEADINGS)));
    assertTrue(made.startsWith("<h2>Visit</h2>"), made);
    assertTrue(made.contains("<h3>By bus</h3>"), made);
  }

  @Test
  public void picturesWithinATextAreHandedOver() {
    List<String> kept = new ArrayList<>();
    String dot = "data:image/gif;base64,R0lGODlhBAAEAPAAAAAAAP///ywAAAAABAAEAEACBISPCQUAOw==";
    Intake intake =
        Intake.read(
            IntakeSource.ofHtml("<p>Look: <img alt=\"A dot\" src=\"" + dot + "\"></p>"),
            PasteMode.CLEAN,
            (name, type, bytes) -> {
              kept.add(name + " " + type + " " + bytes.length);
              return Optional.of("a-dot.gif");
            },
            Destination.NEW);
    assertEquals(kept, List.of("A dot image/gif 37"));
    assertTrue(
        html(intake).contains("<img src=\"../assets/a-dot.gif\" alt=\"A dot\">"), html(intake));
  }

  @Test
  public void aPictureWhoseFileStayedBehindIsTold() {
    Intake intake = clean("<p>See <img src=\"file:///C:/Temp/clip001.png\"> here.</p>");
    assertEquals(intake.report().dropped().get(0).toString(), "1 picture");
    assertTrue(intake.report().notes().get(0).contains("on your machine"));
  }

  @Test
  public void footnotesTakeNamesThatAreFree() {
    String note =
        "<p>Dark<a class=\"sdfootnoteanc\" name=\"sdfootnote1anc\" href=\"#sdfootnote1sym\"><sup>1</sup></a>.</p>"
            + "<div id=\"sdfootnote1\"><p><a class=\"sdfootnotesym\" name=\"sdfootnote1sym\""
            + " href=\"#sdfootnote1anc\">1</a>Very.</p></div>";
    Intake intake =
        Intake.read(
            IntakeSource.ofHtml(note),
            PasteMode.CLEAN,
            Pictures.NONE,
            Destination.with(Set.of("note-1")));
    assertTrue(html(intake).contains("<a href=\"#note-a-1\"><sup>1</sup></a>"), html(intake));
    assertTrue(html(intake).contains("id=\"note-a-1\""), html(intake));
  }

  @DataProvider
  public Object[][] manners() {
    String html =
        "<h2 style='color:red'>Sky</h2><p style='text-align:right'><span style='color:#ff0000'>Red</span><br>light</p>";
    return new Object[][] {
      {html, PasteMode.CLEAN, "<h2>Sky</h2>\n<p>Red<br>light</p>"},
      {
        html,
        PasteMode.FORMATTED,
        "<h2>Sky</h2>\n<p class=\"align-right\"><span style=\"color: #ff0000\">Red</span><br>light</p>"
      },
      {html, PasteMode.PARAGRAPHS, "<p>Sky</p>\n<p>Red</p>\n<p>light</p>"},
      {html, PasteMode.LINES, "<p>Sky</p>\n<p>Red<br>light</p>"},
    };
  }

  @Test(dataProvider = "manners")
  public void theMannerDecides(String given, PasteMode mode, String expected) {
    Intake intake = Intake.read(IntakeSource.ofHtml(given), mode, Pictures.NONE, Destination.NEW);
    assertEquals(html(intake), expected);
  }

  /** Common practice: a plain text's line breaks become paragraphs. */
  @Test
  public void linesOfAPlainTextBecomeParagraphs() {
    Intake intake =
        Intake.read(
            IntakeSource.ofText("One line\r\nAnother line\r\n"),
            PasteMode.CLEAN,
            Pictures.NONE,
            Destination.NEW);
    assertEquals(html(intake), "<p>One line</p>\n<p>Another line</p>");
  }

  @Test
  public void aTitleMakesRoomForThePagesOwn() {
    assertEquals(html(clean("<h1>A</h1><h2>B</h2>")), "<h2>A</h2>\n<h3>B</h3>");
  }

  @Test
  public void nothingAtAllIsAnEmptyText() {
    assertEquals(html(clean("<p>&nbsp;</p><br>")), "");
    assertEquals(
        html(
            Intake.read(
                IntakeSource.ofText("  \n "), PasteMode.CLEAN, Pictures.NONE, Destination.NEW)),
        "");
  }

  @Test
  public void tenThousandNestedElementsAreStillATextNoLonger() {
    String deep = "<div>".repeat(10_000) + "<p>Down here</p>" + "</div>".repeat(10_000);
    assertEquals(html(clean(deep)), "<p>Down here</p>");
  }
}
