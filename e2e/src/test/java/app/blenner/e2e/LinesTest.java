package app.blenner.e2e;

import static org.testng.Assert.assertTrue;

import app.blenner.core.document.Document;
import app.blenner.core.document.Paragraph;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.typeset.Measure;
import app.blenner.core.typeset.MeasuredText;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.testng.annotations.Test;

/** Where lines break on pages, worked out by the core and done by Chromium, at three measures and in four languages. */
public class LinesTest extends OwnAppTest {
  private static final int EACH = 75;
  private static final double EQUAL = 0.99;

  /** Sentences made for this test: with figures, brackets, hyphens, dashes, quotation marks, bold and italic words. */
  private static final Map<String, List<String>> SENTENCES =
      Map.of(
          "en",
          List.of(
              "The reserve has no gate, and it never closes.",
              "“Come at dusk,” says the warden, “and bring a red torch.”",
              "Line 14 stops at the lodge at 17:40 and 20:55 (Fridays only).",
              "A well-known, long-standing rule: no white light beyond the cattle-grid.",
              "It’s the <em>quietest</em> place for miles – and the <strong>darkest</strong>.",
              "We counted 1,284 stars in 2026, up from 973 in 1996; that’s 32 % more.",
              "Why do affluent offices waste difficult, inefficient floodlights?",
              "Visit www.example.org or write to lodge@tarnlow.example.",
              "AVATAR, WAVE, Tolkien, Yvonne, P.T.O., fjord, fluffy."),
          "de",
          List.of(
              "Das Gelände hat kein Tor und schließt nie.",
              "„Kommen Sie in der Dämmerung“, sagt die Wärterin, „und bringen Sie eine rote Lampe mit.“",
              "Die Linie 14 hält um 17.40 und 20.55 Uhr (nur freitags).",
              "Himmelsbeobachtungsstationen und Straßenbeleuchtungsverordnungen sind lange Wörter.",
              "Es ist der <em>stillste</em> Ort weit und breit – und der <strong>dunkelste</strong>.",
              "Wir zählten 1.284 Sterne, 32 % mehr als 1996; das ist viel.",
              "Öffnungszeiten: Mo.–Fr. 9–17 Uhr, z. B. auch im März.",
              "Tür auf, Äpfel raus, Übermut tut selten gut."),
          "fr",
          List.of(
              "La réserve n’a pas de porte et ne ferme jamais.",
              "«\u00A0Venez au crépuscule\u00A0», dit la gardienne, «\u00A0et apportez une lampe rouge.\u00A0»",
              "La ligne 14 s’arrête à 17\u00A0h\u00A040 et à 20\u00A0h\u00A055 (le vendredi seulement).",
              "C’est l’endroit le plus <em>calme</em> – et le plus <strong>sombre</strong>.",
              "Qu’est-ce que c’est\u00A0? Un arc-en-ciel de nuit, peut-être\u00A0!",
              "Nous avons compté 1\u202F284 étoiles, soit 32\u00A0% de plus qu’en 1996.",
              "Là-haut, l’œil s’habitue en vingt minutes environ."),
          "es",
          List.of(
              "La reserva no tiene puerta y no cierra nunca.",
              "«Venga al anochecer», dice la guarda, «y traiga una linterna roja».",
              "La línea 14 para a las 17:40 y a las 20:55 (solo los viernes).",
              "¿Por qué brillan las estrellas? ¡Porque arden!",
              "Es el lugar más <em>tranquilo</em> – y el más <strong>oscuro</strong>.",
              "Contamos 1284 estrellas, un 32 % más que en 1996.",
              "Allá arriba, el ojo se acostumbra en unos veinte minutos."));

  /** The characters with which lines begin, of each paragraph on the page. */
  private static final String STARTS =
      "() => [...document.querySelectorAll('.article > p')].map(p => {"
          + " const starts = [0]; let at = 0, top = null; const range = document.createRange();"
          + " const walk = document.createTreeWalker(p, NodeFilter.SHOW_TEXT);"
          + " for (let n = walk.nextNode(); n; n = walk.nextNode()) {"
          + "  for (let i = 0; i < n.data.length; i++, at++) {"
          + "   if (n.data[i] === ' ') continue;"
          + "   range.setStart(n, i); range.setEnd(n, i + 1);"
          + "   const r = range.getBoundingClientRect(); const y = r.bottom;"
          + "   if (top !== null && y > top + 10) starts.push(at);"
          + "   top = y; } }"
          + " return starts })";

  private static String paragraphs(String language, Random random) {
    List<String> some = SENTENCES.get(language);
    StringBuilder out = new StringBuilder();
    for (int i = 0; i < EACH; i++) {
      List<String> parts = new ArrayList<>();
      for (int n = 2 + random.nextInt(6); n > 0; n--) {
        parts.add(some.get(random.nextInt(some.size())));
      }
      out.append("<p>").append(String.join(" ", parts)).append("</p>");
    }
    return out.toString();
  }

  @SuppressWarnings("unchecked")
  private static List<List<Integer>> starts(Page page) {
    return ((List<List<Object>>) page.evaluate(STARTS))
        .stream().map(p -> p.stream().map(n -> ((Number) n).intValue()).toList()).toList();
  }

  @Test
  public void linesBreakWhereChromiumBreaksThem() {
    Api api = new Api(context, app()).signIn("ilse");
    // As on screens people have; on the coarsest ones letters are set to whole pixels.
    BrowserContext fine =
        browser()
            .newContext(
                new Browser.NewContextOptions()
                    .setDeviceScaleFactor(2)
                    .setStorageState(context.storageState()));
    Page there = fine.newPage();
    int compared = 0;
    int equal = 0;
    List<String> other = new ArrayList<>();
    for (String language : List.of("en", "de", "fr", "es")) {
      String html = paragraphs(language, new Random(language.hashCode()));
      String key = api.item("Lines in " + language, html);
      api.save(key, "Lines in " + language, html, language);
      Document body = HtmlReader.read(html);
      there.navigate(app().url("/editor/proof/" + key));
      for (Measure measure : Measure.values()) {
        there.evaluate(
            "w => { const a = document.querySelector('.article'); a.style.width = w + 'px'; a.style.maxWidth = 'none';"
                + " return document.fonts.ready.then(() => 0) }",
            measure.pixels());
        List<List<Integer>> theirs = starts(there);
        for (int i = 0; i < EACH; i++) {
          MeasuredText set =
              MeasuredText.of(
                      ((Paragraph) body.blocks().get(i)).content(), language, Measure.TEXT_SIZE)
                  .orElseThrow();
          List<Integer> ours =
              set.lines(measure.pixels()).stream().map(MeasuredText.Line::from).toList();
          compared++;
          if (ours.equals(theirs.get(i))) {
            equal++;
          } else {
            other.add(
                language + " " + measure + " " + ours + " " + theirs.get(i) + " " + set.text());
          }
        }
      }
    }
    fine.close();
    System.out.println(equal + " of " + compared + " paragraphs break as Chromium breaks them");
    assertTrue(
        equal >= EQUAL * compared, equal + " of " + compared + "\n" + String.join("\n", other));
  }
}
