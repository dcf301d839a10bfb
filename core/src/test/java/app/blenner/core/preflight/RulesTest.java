package app.blenner.core.preflight;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Content;
import app.blenner.core.rule.Checked;
import app.blenner.core.rule.Finding;
import app.blenner.core.rule.Fix;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * What each rule finds and what it lets stand, in several languages. The texts are made up; what is right and what is wrong is
 * the trade's, and that of the reference each rule names.
 */
public class RulesTest {
  private static final String LONG =
      "We walked along the wall until it was dark, and the lamps in the village went on. "
          .repeat(10);
  private static final String ALT = "<img src='../assets/a.png' alt='%s'>";

  private static Content content(String language, String html) {
    return Content.builder()
        .title("A title")
        .summary("A summary")
        .body(HtmlReader.read(html))
        .language(language)
        .build();
  }

  private static List<String> found(String language, String html) {
    return Checked.of(content(language, html)).stream().map(Finding::rule).toList();
  }

  private static String alt(String words) {
    return ALT.formatted(words.replace("'", "&#39;"));
  }

  private static String row(String cell, int count) {
    return "<tr>" + ("<" + cell + ">x</" + cell + ">").repeat(count) + "</tr>";
  }

  private static String dressed(int colours) {
    StringBuilder out = new StringBuilder();
    for (int i = 0; i < colours; i++) {
      out.append("<span style='color: #00%d000'>word</span> and ".formatted(i));
    }
    return out + "so on";
  }

  @DataProvider
  public Object[][] faulty() {
    return new Object[][] {
      // WCAG 2.2, techniques G200 and G201: new windows are announced.
      {
        "en",
        "link-new-tab",
        "<p>See <a href='https://example.org/' target='_blank'>the survey</a>.</p>"
      },
      {
        "de", "link-new-tab", "<p>Zur <a href='https://example.org/' target='_blank'>Karte</a>.</p>"
      },
      {"en", "link-file", "<p>Take <a href='https://example.org/map.pdf'>the map</a> along.</p>"},
      {
        "fr",
        "link-file",
        "<p>Voir <a href='https://example.org/a/tarifs.XLSX?x=1'>les tarifs</a>.</p>"
      },
      {
        "en",
        "picture-decorative",
        "<figure class='picture'><img src='../assets/a.png' alt=''><figcaption>The hut</figcaption></figure>"
      },
      // WCAG 2.2, failure F8: no captions.
      {
        "en",
        "media-words",
        "<figure class='video'><video src='../assets/a.mp4' controls></video></figure>"
      },
      {"en", "table-wide", "<table>" + row("th", 9) + row("td", 9) + "</table>"},
      {"en", "sentence-long", "<p>" + "We walked along the wall and ".repeat(9) + "slept.</p>"},
      {
        "de",
        "sentence-long",
        "<p>Kurz. " + "Wir gingen an der Mauer entlang und ".repeat(8) + "schliefen.</p>"
      },
      // WCAG 2.2, 1.4.3: #777777 on white is 4.48 : 1, as its “Understanding” document says of
      // grey.
      {"en", "colour-contrast", "<p>a <span style='color: #777777'>word</span></p>"},
      {"en", "colour-contrast", "<p>a <mark style='background-color: #2b50c8'>word</mark></p>"},
      {"en", "dress-many", "<p>" + dressed(5) + "</p>"},
      // WCAG 2.2, failure F84: “click here” or “more”.
      {"en", "link-words", "<p>To book, <a href='/x'>click here</a>.</p>"},
      {"en", "link-words", "<p>The moon rises. <a href='/x'>Read more »</a></p>"},
      {"en", "link-words", "<p>It is <a href='/x'><b>HERE</b></a>!</p>"},
      {"en", "link-words", "<p>See <a href='/x'>https://example.com/a?b=c</a></p>"},
      {"en", "link-words", "<ul><li><p><a href='/x'>www.example.com</a></p></li><li>b</li></ul>"},
      {"de", "link-words", "<p>Mehr dazu <a href='/x'>hier</a>.</p>"},
      {"de-AT", "link-words", "<p><a href='/x'>Weiterlesen …</a></p>"},
      {"fr", "link-words", "<p><a href='/x'>En savoir plus</a></p>"},
      {"fr", "link-words", "<p><a href='/x'>Plus d’infos</a></p>"},
      {"es", "link-words", "<p>Pulse <a href='/x'>aquí</a></p>"},
      {"it", "link-words", "<p><a href='/x'>Leggi tutto</a></p>"},
      {"nl", "link-words", "<p><a href='/x'>Lees meer</a></p>"},
      {"pl", "link-words", "<p><a href='/x'>więcej</a></p>"},
      {"cy", "link-words", "<p><a href='/x'>yma</a></p>"},
      {"ar", "link-words", "<p><a href='/x'>اقرأ المزيد</a></p>"},
      {
        "en",
        "link-same-words",
        "<p>The <a href='/a'>opening hours</a> and, in winter, the <a href='/b'>Opening hours</a></p>"
      },
      {"en", "links-side-by-side", "<p><a href='/a'>The</a> <a href='/a' title='x'>tower</a></p>"},
      {"en", "link-place-missing", "<p>See <a href='#getting-here'>the way</a></p>"},
      // WCAG 2.2, failure F30: alternative texts that are no alternatives.
      {"en", "alternative-file-name", alt("IMG_2034.jpg")},
      {"en", "alternative-file-name", alt("red torch final.PNG")},
      {"en", "alternative-file-name", alt("DSC00412")},
      {"de", "alternative-file-name", alt("Bild 12")},
      {"en", "alternative-opening", alt("Image of a red torch")},
      {"en", "alternative-opening", alt("This photo shows the wall")},
      {"de", "alternative-opening", alt("Foto von der Mauer")},
      {"de", "alternative-opening", alt("Das Bild zeigt den Turm")},
      {"fr", "alternative-opening", alt("Photo d’une lampe")},
      {"es", "alternative-opening", alt("Imagen de una torre")},
      {"nl", "alternative-opening", alt("Afbeelding van een toren")},
      {"en", "alternative-length", alt("A wall. ".repeat(30))},
      {
        "en",
        "alternative-caption",
        "<figure class='picture'><img src='../assets/a.png' alt='The wall at night'><figcaption>The wall, at night.</figcaption></figure>"
            .replace("The wall, at", "The wall at")
      },
      {"en", "heading-long", "<h2>" + "the long way round ".repeat(7) + "</h2><p>x</p>"},
      {"en", "heading-repeated", "<h2>Fees</h2><p>x</p><h2>fees</h2><p>y</p>"},
      {
        "en",
        "heading-repeated",
        "<h2>A</h2><h3>Fees</h3><p>x</p><h3>Times</h3><p>x</p><h3>Fees</h3><p>y</p>"
      },
      {"en", "heading-alone", "<h2>One</h2><h2>Two</h2><p>x</p>"},
      {"en", "heading-alone", "<p>x</p><h2>The end</h2>"},
      {"en", "heading-alone", "<h2>One</h2><hr><h2>Two</h2><p>x</p>"},
      {"en", "list-of-one", "<ul><li><p>alone</p></li></ul>"},
      {
        "en",
        "list-of-one",
        "<table><tr><th>a</th><th>b</th></tr><tr><td><ol><li>x</li></ol></td><td>y</td></tr></table>"
      },
      {"en", "quote-unnamed", "<blockquote><p>It was darker than dark.</p></blockquote>"},
      {"en", "paragraph-long", "<p>" + LONG + "</p>"},
      {
        "de",
        "paragraph-long",
        "<ul><li>" + "Wir gingen die Mauer entlang. ".repeat(32) + "</li><li>b</li></ul>"
      },
      // WCAG 2.2, techniques H51 and H63.
      {
        "en",
        "table-head",
        "<table><tr><td>Night</td><td>Stars</td></tr><tr><td>1</td><td>3</td></tr></table>"
      },
      {"en", "underlined", "<p>It is <u>very</u> dark.</p>"},
      {"en", "long-centred", "<p class='align-centre'>" + LONG.substring(0, 700) + "</p>"},
      {"en", "long-centred", "<p class='align-justified'>" + LONG.substring(0, 700) + "</p>"},
      {"en", "placeholder", "<p>Lorem ipsum dolor sit amet, consectetur.</p>"},
      {"en", "placeholder", "<p>The fee is TK pounds.</p>"},
      {"en", "placeholder", "<p>Opens xxx to Friday.</p>"},
      {"en", "placeholder", "<p>Quote to come from Ilse.</p>"},
      {"en", "placeholder", "<p>Places: ???</p>"},
      {"de", "placeholder", "<p>Die Zahl (folgt noch) steht dann hier.</p>"},
      {"de", "placeholder", "<p>Blindtext</p>"},
      {"fr", "placeholder", "<p>Tarif [à compléter]</p>"},
      {"es", "placeholder", "<ul><li>Precio (por definir)</li><li>Lugar</li></ul>"},
      {"en", "doubled-words", "<p>We saw the the moon.</p>"},
      {"de", "doubled-words", "<p>Er kam und und ging.</p>"},
      {"fr", "doubled-words", "<p>La lune de de mai.</p>"},
      {"en", "typed-lists", "<p>- one</p><p>- two</p>"},
      {"en", "bold-headings", "<p><b>Getting here</b></p><p>Come up the hill by the old road.</p>"},
      {"en", "empty-paragraphs", "<p>a</p><p>&nbsp;</p><p>b</p>"},
      {"en", "capitals", "<p>PLEASE BRING A LAMP AND A COAT</p>"},
    };
  }

  @Test(dataProvider = "faulty")
  public void whatIsFaultyIsFound(String language, String rule, String html) {
    List<String> found = found(language, html);
    assertTrue(found.contains(rule), found + " in " + html);
  }

  @DataProvider
  public Object[][] sound() {
    return new Object[][] {
      {
        "en",
        "<p>See <a href='https://example.org/' target='_blank'>the survey (opens a new tab)</a>.</p>"
      },
      {
        "de",
        "<p>Zur <a href='https://example.org/' target='_blank' title='in neuem Fenster'>Karte</a>.</p>"
      },
      {"en", "<p>Take <a href='https://example.org/map.pdf'>the map</a> (PDF, 2 MB) along.</p>"},
      {"en", "<p>Open <a href='https://example.org/list.xlsx'>the spreadsheet</a>.</p>"},
      {"en", "<p>Read <a href='https://example.org/what.pdf.html'>about it</a>.</p>"},
      {"en", "<p>Dr. A. Ode came on 3. May, i.e. late. " + "We walked on. ".repeat(8) + "</p>"},
      // #767676 is the lightest grey that passes on white, by the formula of WCAG 2.2.
      {"en", "<p>a <span style='color: #767676'>word</span></p>"},
      {
        "en",
        "<p>We came to the <span style='color: #949494; font-size: 24px'>wall</span> that night.</p>"
      },
      {"en", "<p>" + dressed(3) + "</p>"},
      {"en", "<p>Read <a href='/x'>what to bring on a winter night</a> before you come.</p>"},
      {
        "en",
        "<p>We met here, and here we stay. <a href='/x'>More stars than we could count</a></p>"
      },
      {"en", "<p>Write to <a href='mailto:hut@example.com'>hut@example.com</a></p>"},
      {"en", "<p><a href='/x'>Tarnlow.example</a> is the site’s own name.</p>"},
      {"fr", "<p><a href='/x'>Plus de nuits sans lune</a> et <a href='/y'>les tarifs</a></p>"},
      {
        "en",
        "<p>A lamp <a href='/x'>hier</a>archy of lights.</p>"
            .replace("<a href='/x'>hier</a>archy", "hierarchy")
      },
      {"en", "<p>The <a href='/a'>hours</a> are long. <a href='/a'>Hours</a> again.</p>"},
      {"en", "<p><a href='#way'>The way</a></p><h2 id='way'>The way up</h2><p>x</p>"},
      {"en", alt("A red torch on a stone wall, its light on the snow")},
      {"en", alt("Photographers at the wall")},
      {"en", alt("Imagery from 1987 beside a map")},
      {"de", alt("Bildstock am Weg, von Schnee bedeckt")},
      {"fr", alt("Photographes au pied du mur")},
      {"en", alt("Room 12")},
      {"en", "<h2>One</h2><h3>Two</h3><p>x</p>"},
      {"en", "<h2>A</h2><h3>Fees</h3><p>x</p><h2>B</h2><h3>Fees</h3><p>y</p>"},
      {"en", "<h2>Getting here</h2><ul><li>by train</li><li>on foot</li></ul>"},
      {
        "en",
        "<figure><blockquote><p>It was dark.</p></blockquote><figcaption>Ilse Marten</figcaption></figure>"
      },
      {"en", "<p>" + LONG.substring(0, 600) + "</p>"},
      {"en", "<table><tr><th>Night</th><th>Stars</th></tr><tr><td>1</td><td>3</td></tr></table>"},
      {"en", "<p><a href='/x'><u>The tower</u></a></p>"},
      {"en", "<p class='align-centre'>A short line, centred</p>"},
      {"en", "<p>In the years to come, in Chapter XXX, the TKO stood. Really? Yes! What?!</p>"},
      {
        "en",
        "<p><code>// TODO: xxx</code></p>"
            .replace(
                "<p><code>// TODO: xxx</code></p>",
                "<pre><code>// TODO xxx lorem ipsum</code></pre>")
      },
      {"de", "<p>Die TK zahlt. Das Bild folgt der Zeit, und es kommt noch mehr Schnee.</p>"},
      {"en", "<p>He said that that was all he had had. “No, no!” New York, New York. Bye bye.</p>"},
      {"de", "<p>Die, die die Nacht lieben, sie sie nicht vergaß. Ja, ja, sehr sehr dunkel.</p>"},
      {"fr", "<p>Nous nous levons, vous vous couchez, et la nuit est très très noire.</p>"},
      {"en", "<p>NASA and ESA met at 20:15.</p>"},
      {"en", "<p>1987. It froze.</p><p>It was a Monday.</p>"},
      {"ar", "<p>السماء مظلمة هنا كل ليلة.</p>"},
      {"ja", "<p>ここは夜空がきれいです。</p>"},
    };
  }

  @Test(dataProvider = "sound")
  public void whatIsSoundIsLetStand(String language, String html) {
    assertEquals(found(language, html), List.of(), html);
  }

  @DataProvider
  public Object[][] repairs() {
    return new Object[][] {
      {"<ul><li><p>alone <b>here</b></p></li></ul>", "<p>alone <strong>here</strong></p>"},
      {"<p>It is <u>ve<b>ry</b></u> dark.</p>", "<p>It is ve<strong>ry</strong> dark.</p>"},
      {"<p>We saw the the moon.</p>", "<p>We saw the moon.</p>"},
      {"<p>A <b>red red</b> torch.</p>", "<p>A <strong>red</strong> torch.</p>"},
      {
        "<table><tr><td>N</td><td>S</td></tr><tr><td>1</td><td>3</td></tr></table>",
        "<table>\n<thead>\n<tr><th>N</th><th>S</th></tr>\n</thead>\n<tbody>\n<tr><td>1</td><td>3</td></tr>\n</tbody>\n</table>"
      },
    };
  }

  @Test(dataProvider = "repairs")
  public void aRepairMends(String before, String after) {
    Content content = content("en", before);
    List<Finding> found = Checked.of(content);
    assertEquals(found.size(), 1, found.toString());
    Fix fix = found.get(0).fixes().get(0);
    String mended = HtmlWriter.write(found.get(0).applyFix(fix, content).body());
    assertEquals(
        mended.replaceAll(" scope=\"[a-z]+\"", "").replaceAll("\\s*\\n\\s*", ""),
        after.replaceAll("\\s*\\n\\s*", ""));
    assertEquals(Checked.of(content("en", mended)), List.of());
  }

  @Test
  public void anOpeningIsTakenOutOfAnAlternativeText() {
    Content content = content("en-GB", alt("A photo of élan vital"));
    Finding f = Checked.of(content).get(0);
    assertEquals(f.message(), "The alternative text begins “A photo of”.");
    String mended = HtmlWriter.write(f.applyFix(f.fixes().get(0), content).body());
    assertTrue(mended.contains("alt=\"Élan vital\""), mended);
    // In German the rest would stand in the wrong case.
    Finding german = Checked.of(content("de", alt("Foto von einem Turm"))).get(0);
    assertFalse(german.fixes().stream().anyMatch(Fix::isMadeAtOnce));
  }

  @Test
  public void aTitleThatStandsInForAnotherIsFound() {
    Content title =
        Content.builder()
            .title("xxx")
            .summary("Summary (to come)")
            .body(HtmlReader.read("<p>a</p>"))
            .build();
    assertEquals(
        Checked.of(title).stream().map(f -> f.rule() + " " + f.field()).toList(),
        List.of("placeholder title", "placeholder summary"));
  }

  @Test
  public void aLongAddressIsTold() {
    String slug = "a-".repeat(38) + "b";
    Content content =
        Content.builder()
            .title("t")
            .summary("s")
            .body(HtmlReader.read("<p>a</p>"))
            .slug(slug)
            .build();
    assertEquals(Checked.of(content).get(0).rule(), "address-long");
  }
}
