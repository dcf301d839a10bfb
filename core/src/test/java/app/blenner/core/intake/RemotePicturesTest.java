package app.blenner.core.intake;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.Address;
import app.blenner.core.document.Direction;
import app.blenner.core.document.Document;
import app.blenner.core.document.Picture;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.format.office.Pictures;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Pictures on other sites wait for a decision, however and wherever a foreign text brings them. */
public class RemotePicturesTest {
  private static final String THERE = "<img src='https://x.example/a.jpg' alt='A lane'>";

  private static List<Picture> pictures(Document document) {
    List<Picture> found = new ArrayList<>();
    document.each(
        block -> {
          if (block instanceof Picture p) {
            found.add(p);
          }
        });
    return found;
  }

  private static String notes(Intake intake) {
    return String.join(" ", intake.report().notes());
  }

  @DataProvider
  public Object[][] places() {
    return new Object[][] {
      {THERE},
      {"<p>before " + THERE + " after</p>"},
      {"<a href='https://x.example/'>" + THERE + "</a>"},
      {"<figure>" + THERE + "<figcaption>c</figcaption></figure>"},
      // A text copied out of another house's Blenner: what they decided, nobody here has.
      {"<figure class='picture left'>" + THERE + "</figure>"},
      {"<figure class='gallery columns-2'><figure class=picture>" + THERE + "</figure></figure>"},
      {"<table><tr><td>1</td><td>" + THERE + "</td></tr><tr><td>2</td><td>3</td></tr></table>"},
      {"<ul><li><p>one</p>" + THERE + "</li></ul>"},
      {"<blockquote><p>q</p>" + THERE + "</blockquote>"},
      {"<aside class=callout><p>q</p>" + THERE + "</aside>"},
      {"<div class=columns><div class=column>" + THERE + "</div><div class=column>b</div></div>"},
    };
  }

  @Test(dataProvider = "places")
  public void aPictureOfAnotherSiteWaits(String html) {
    for (PasteMode mode : new PasteMode[] {PasteMode.CLEAN, PasteMode.FORMATTED}) {
      Intake intake = Intake.read(IntakeSource.ofHtml(html), mode, Pictures.NONE, Destination.NEW);
      List<Picture> found = pictures(intake.document());
      assertEquals(found.size(), 1, html);
      assertTrue(found.get(0).pending(), html);
      assertTrue(notes(intake).contains("A picture lies on another site."), notes(intake));
    }
  }

  @Test
  public void soDoesOneOfAMarkdownText() {
    Intake intake =
        Intake.read(
            new IntakeSource(
                "",
                "# A walk\n\n![A lane](https://x.example/a.jpg)\n\n![b](https://x.example/b.jpg)"),
            PasteMode.CLEAN,
            Pictures.NONE,
            Destination.NEW);
    assertEquals(pictures(intake.document()).stream().filter(Picture::pending).count(), 2);
    assertTrue(notes(intake).contains("2 pictures lie on other sites."), notes(intake));
  }

  @Test
  public void soDoesOneOfAFile() throws Exception {
    Path file = Files.createTempFile("blenner", ".md");
    Files.writeString(file, "Text\n\n![A lane](https://x.example/a.jpg)\n");
    FileIntake read =
        FileIntake.read(
            file,
            "walk.md",
            new FileIntake.Wish(
                Pictures.NONE, Destination.NEW, true, "", PasteMode.CLEAN, Set.of()));
    Files.delete(file);
    assertTrue(pictures(read.intake().document()).get(0).pending());
  }

  @Test
  public void apictureOfThisSiteIsItsAssetAndWaitsForNobody() {
    Destination here =
        new Destination(
            Set.of(),
            Direction.LTR,
            a ->
                a.equals("https://here.example/media/lane.jpg")
                    ? Optional.of(Address.ofAsset("lane.jpg"))
                    : Optional.empty());
    Intake intake =
        Intake.read(
            IntakeSource.ofHtml(
                "<p>a</p><img src='https://here.example/media/lane.jpg' alt='A lane'>"),
            PasteMode.CLEAN,
            Pictures.NONE,
            here);
    assertEquals(
        HtmlWriter.write(intake.document()),
        "<p>a</p>\n<figure class=\"picture\"><img src=\"../assets/lane.jpg\" alt=\"A lane\"></figure>");
    assertFalse(notes(intake).contains("another site"), notes(intake));
  }
}
