package app.blenner.core.site;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.Address;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.language.SiteWords;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.testng.annotations.Test;

/** What pages offer browsers to pick a picture from. Source: HTML Living Standard, 4.8.4. */
public class PictureTagTest {
  private static final Library LIBRARY =
      new Library() {
        @Override
        public Optional<app.blenner.core.document.Document> findPiece(String key) {
          return Optional.empty();
        }

        @Override
        public java.time.Instant now() {
          return java.time.Instant.parse("2026-11-27T09:00:00Z");
        }

        @Override
        public Optional<PublishedItem> findItem(String key) {
          return Optional.empty();
        }

        @Override
        public Optional<SiteAsset> findAsset(String name) {
          boolean moves = name.equals("moves.gif");
          String type = "image/" + (moves ? "gif" : name.endsWith("png") ? "png" : "jpeg");
          return Optional.of(
              new SiteAsset(
                  name,
                  type,
                  900_000,
                  3000,
                  2000,
                  moves,
                  "",
                  "0123456789abcdef",
                  name.startsWith("gone")));
        }

        @Override
        public Optional<String> frame(Address address) {
          return Optional.empty();
        }

        @Override
        public List<PublishedItem> latestItems(
            String section, String topic, String except, int count) {
          return List.of();
        }
      };

  private static Element body(String html) {
    String page = BodyRenderer.render("here", HtmlReader.read(html), LIBRARY, SiteWords.of("en"));
    return Jsoup.parseBodyFragment(page).body();
  }

  /** How wide a list of sizes lets a picture be at a width of the screen, in pixels; as a browser reads it. */
  static double width(String sizes, int screen) {
    for (String size : sizes.split(", (?![^(]*\\))")) {
      Matcher m = Pattern.compile("\\((min|max)-width: ([\\d.]+)rem\\) (.*)").matcher(size);
      if (!m.matches()) {
        return length(size, screen);
      }
      double edge = Double.parseDouble(m.group(2)) * 16;
      if (m.group(1).equals("min") ? screen >= edge : screen <= edge) {
        return length(m.group(3), screen);
      }
    }
    throw new AssertionError(sizes);
  }

  private static double length(String css, int screen) {
    if (css.startsWith("min(")) {
      return Arrays.stream(css.substring(4, css.length() - 1).split(", "))
          .mapToDouble(l -> length(l, screen))
          .min()
          .orElseThrow();
    }
    if (css.equals("calc(100vw - 2.5rem)")) {
      return screen - 40;
    }
    double number = Double.parseDouble(css.replaceAll("[a-z]+$", ""));
    return css.endsWith("vw") ? number * screen / 100 : number;
  }

  @Test
  public void aPhotographComesInManyWidthsWithWebpBeforeJpeg() {
    Element picture = body("<img src='../assets/a.jpg' alt='x'>").selectFirst("picture");
    Element source = picture.child(0);
    assertEquals(source.attr("type"), "image/webp");
    List<String> set = List.of(source.attr("srcset").split(", "));
    assertEquals(set.get(0), "/media/0123456789abcdef/160/a.webp 160w");
    assertEquals(set.get(set.size() - 1), "/media/0123456789abcdef/2560/a.webp 2560w");
    Element img = picture.child(1);
    assertEquals(img.attr("src"), "/media/0123456789abcdef/720/a.jpg");
    assertTrue(img.attr("srcset").contains("/media/0123456789abcdef/1440/a.jpg 1440w"));
    assertEquals(img.attr("width") + " " + img.attr("height"), "2560 1707");
    assertEquals(img.attr("sizes"), source.attr("sizes"));
    Element png = body("<img src='../assets/a.png' alt='x'>").selectFirst("img");
    assertTrue(png.attr("src").endsWith("/720/a.png"), "a drawing keeps its edges");
  }

  @Test
  public void whatMovesIsGivenAsItIs() {
    Element body = body("<img src='../assets/moves.gif' alt='x'>");
    assertEquals(body.select("picture").size(), 0);
    assertEquals(body.selectFirst("img").attr("src"), "/media/0123456789abcdef/moves.gif");
  }

  @Test
  public void whatHasExpiredLeavesAQuietPlaceOfItsShape() {
    Element body =
        body("<img src='../assets/gone.jpg' alt='x'><p><a href='../assets/gone.jpg'>a</a></p>");
    assertEquals(body.select("img, picture, a").size(), 0);
    Element place = body.selectFirst("span.gone");
    assertEquals(place.attr("role"), "img");
    assertEquals(place.attr("aria-label"), "This picture is no longer shown");
    assertEquals(place.attr("style"), "aspect-ratio: 3000 / 2000");
  }

  @Test
  public void theFirstPictureIsAskedForEarlyAndTheOthersWhenTheyAreNear() {
    Element body =
        body("<p>a</p><img src='../assets/a.jpg' alt='x'><img src='../assets/b.jpg' alt='y'>");
    Element first = body.select("img").get(0);
    assertEquals(first.attr("fetchpriority"), "high");
    assertFalse(first.hasAttr("loading"));
    assertEquals(body.select("img").get(1).attr("loading"), "lazy");
    assertFalse(body.select("img").get(1).hasAttr("fetchpriority"));
  }

  /** Widths as the stylesheets of the site lay them out. */
  @Test
  public void sizesSayHowWideThePageShowsIt() {
    String plain = "<figure class='picture %s'%s><img src='../assets/a.jpg' alt='x'></figure>";
    assertEquals(shown(String.format(plain, "", ""), 1280), 640.0);
    assertEquals(shown(String.format(plain, "", ""), 360), 320.0);
    assertEquals(shown(String.format(plain, "", " style='width: 50%'"), 1280), 320.0);
    assertEquals(shown(String.format(plain, "left", ""), 1280), 288.0);
    assertEquals(shown(String.format(plain, "left", " style='width: 40%'"), 1280), 256.0);
    assertEquals(shown(String.format(plain, "left", ""), 360), 320.0, "across on a phone");
    assertEquals(shown(String.format(plain, "", " style='width: 200px'"), 1280), 200.0);
    assertEquals(shown(String.format(plain, "wide", ""), 1280), 832.0);
    String gallery =
        "<figure class='gallery columns-2'>" + String.format(plain, "", "").repeat(2) + "</figure>";
    assertEquals(shown(gallery, 1280), 320.0);
    assertEquals(shown(gallery, 360), 162.0);
    String columns =
        "<div class='columns'><div class='column'>"
            + String.format(plain, "", "")
            + "</div><div class='column'><p>x</p></div></div>";
    assertEquals(shown(columns, 1280), 320.0);
    assertEquals(shown(columns, 360), 320.0);
  }

  private static double shown(String html, int screen) {
    return width(body(html).selectFirst("img").attr("sizes"), screen);
  }
}
