package app.blenner.core;

import static org.testng.Assert.assertTrue;

import app.blenner.core.document.Document;
import app.blenner.core.format.docx.DocxWriter;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.format.html.MarkupCheck;
import app.blenner.core.format.markdown.MarkdownReader;
import app.blenner.core.format.markdown.MarkdownWriter;
import app.blenner.core.format.markup.TypedMarkup;
import app.blenner.core.format.odt.OdtWriter;
import app.blenner.core.format.office.Media;
import app.blenner.core.format.office.Pictures;
import app.blenner.core.format.text.TextWriter;
import app.blenner.core.intake.Destination;
import app.blenner.core.intake.Intake;
import app.blenner.core.intake.IntakeSource;
import app.blenner.core.intake.MainText;
import app.blenner.core.intake.Offer;
import app.blenner.core.intake.PasteMode;
import app.blenner.core.item.Content;
import app.blenner.core.language.Slug;
import app.blenner.core.media.Captions;
import app.blenner.core.rule.Checked;
import app.blenner.core.terms.Terms;
import app.blenner.core.tidy.CleanUpMatch;
import app.blenner.core.tidy.Tidy;
import app.blenner.core.version.Comparison;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.jsoup.Jsoup;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Texts that are made to cost: a piece over and over, a thing within itself as deep as it goes, pieces at random.
 * Everything a writer can have done to a text must take them in a moment and come back. What grows with the square of its
 * input, or goes down by recursion, fails here: of a text of this length it takes ten seconds and more, or ends the
 * stack; what is linear takes a tenth of one.
 */
public class HostileTextTest {
  private static final int LENGTH = 25_000;

  /** For one text; much more than linear work takes on a busy machine, much less than the square does. */
  private static final long MOST_MILLIS = 5_000;

  private static final int MIXTURES = 12;
  private static final long SEED = 7;

  private static final List<String> PIECES =
      List.of(
          "\"",
          "'",
          "a\" ",
          "1' ",
          "(",
          "[",
          "![",
          "[a](b ",
          "\\[",
          "<",
          "<b>",
          "<p>",
          "<p>a",
          "<p>- a",
          "<ul><li>",
          "<li>a</li>",
          "<table><tr><td>",
          "<td>a",
          "<blockquote>",
          "<div>",
          "<span style='color:red'>a",
          "*",
          "**a ",
          "_a",
          "`",
          "```\n",
          "~~a",
          ">",
          "> a\n",
          "- a\n",
          "  - a\n",
          "1. a\n",
          "\n",
          "a\n",
          "a\n\n",
          " ",
          "\u00a0",
          "a ",
          "a",
          "A ",
          "A. ",
          "<br>",
          "a<br>",
          "a<br><br>",
          "&amp;",
          "<a href='http://a.b/c'>d</a>",
          "<!--",
          "a\u0301",
          "\u05d0 \u200fa ",
          "👩\u200d",
          "http://a.b ",
          "a.",
          "|a|\n|-|\n",
          "\\",
          "===\n",
          "# a\n",
          "<figure><img src=a><figcaption>b",
          "<img src='data:image/png;base64,AAAA'>",
          "<h2>a</h2>",
          "<script>a</script>",
          "<ins>a</ins><del>b</del>",
          "<i><b>",
          "<p></p>",
          "«",
          "1",
          "• a\n",
          "a\tb\n",
          "a\f",
          "\u00ad",
          "a-\n",
          "<sup>1</sup>",
          "<a href='#a'>a</a><p id=a>",
          "<td colspan=1000>",
          "<p style='mso-list:l0 level1 lfo1'>a</p>",
          "<hr>",
          "<dl><dt>a<dd>b",
          "<template>",
          "<form><select><option>",
          "<svg>",
          "mailto:%0a",
          "00:00.000 --> 00:01.000\na\n\n");

  private static final Map<String, Consumer<String>> WORK = new HashMap<>();

  static {
    WORK.put("paste", s -> paste(IntakeSource.ofHtml(s), PasteMode.CLEAN));
    WORK.put("paste with its dress", s -> paste(IntakeSource.ofHtml(s), PasteMode.FORMATTED));
    WORK.put("paste of plain text", s -> paste(IntakeSource.ofText(s), PasteMode.CLEAN));
    WORK.put("paste of lines", s -> paste(IntakeSource.ofText(s), PasteMode.JOINED));
    WORK.put("typed HTML", s -> TypedMarkup.read(TypedMarkup.Language.HTML, s));
    WORK.put("typed Markdown", s -> TypedMarkup.read(TypedMarkup.Language.MARKDOWN, s));
    WORK.put("check of markup", MarkupCheck::check);
    WORK.put("tidy", s -> tidy(HtmlReader.read(s)));
    WORK.put("tidy of one line", s -> tidy(line(s)));
    WORK.put("preflight", s -> Checked.of(content(HtmlReader.read(s))));
    WORK.put("terms", s -> Terms.of(line(s), List.of("a", "a b", "a a a"), "en"));
    WORK.put("writing HTML", s -> HtmlWriter.write(MarkdownReader.read(s)));
    WORK.put("writing Markdown", s -> MarkdownWriter.write(line(s)));
    WORK.put("writing text", s -> TextWriter.write(HtmlReader.read(s)));
    WORK.put("writing files", HostileTextTest::files);
    WORK.put("comparison", s -> compare(HtmlReader.read(s), HtmlReader.read(turned(s))));
    WORK.put("page of the web", s -> MainText.find(Jsoup.parse(s)));
    WORK.put("address", Slug::of);
    WORK.put("captions", s -> Captions.parse("WEBVTT\n\n" + s));
  }

  @DataProvider
  Object[][] work() {
    return WORK.keySet().stream().sorted().map(w -> new Object[] {w}).toArray(Object[][]::new);
  }

  @Test(dataProvider = "work")
  public void comesBackInAMomentWhateverIsRepeated(String work) {
    for (String piece : PIECES) {
      holds(work, piece, piece.repeat(LENGTH / piece.length()));
    }
  }

  @Test(dataProvider = "work")
  public void comesBackInAMomentWhateverIsMixed(String work) {
    Random random = new Random(SEED);
    for (int i = 0; i < MIXTURES; i++) {
      List<String> few = new ArrayList<>();
      for (int n = 2 + random.nextInt(5); n > 0; n--) {
        few.add(PIECES.get(random.nextInt(PIECES.size())));
      }
      StringBuilder text = new StringBuilder();
      while (text.length() < LENGTH) {
        text.append(few.get(random.nextInt(few.size())));
      }
      holds(work, few.toString(), text.toString());
    }
  }

  private static void holds(String work, String piece, String text) {
    long begun = System.nanoTime();
    try {
      WORK.get(work).accept(text);
    } catch (IllegalArgumentException refused) {
      // In words: what is no captions, or no drawing.
    } catch (StackOverflowError e) {
      throw new AssertionError(work + " of " + piece + " ended the stack", e);
    }
    long millis = (System.nanoTime() - begun) / 1_000_000;
    assertTrue(millis < MOST_MILLIS, work + " of " + piece + " took " + millis + " ms");
  }

  private static void paste(IntakeSource material, PasteMode mode) {
    Intake.read(material, mode, Pictures.NONE, Destination.NEW, EnumSet.allOf(Offer.Kind.class));
  }

  private static Document line(String text) {
    return HtmlReader.read("<p>" + text.replace("&", "&amp;").replace("<", "&lt;") + "</p>");
  }

  private static Content content(Document body) {
    return Content.builder().title("A title").body(body).slug("a-title").build();
  }

  private static void tidy(Document document) {
    Map<String, Set<String>> all = new HashMap<>();
    for (Tidy.Matches m : Tidy.find(document, "en")) {
      all.put(m.rule(), m.traces().stream().map(CleanUpMatch::key).collect(Collectors.toSet()));
    }
    Tidy.apply(document, "en", all);
  }

  private static String turned(String text) {
    int at = text.length() / 3;
    return text.substring(at) + "x" + text.substring(0, at);
  }

  private static void compare(Document one, Document other) {
    Comparison c = Comparison.of(content(one), content(other));
    c.pick(c.allBut(Set.of(0)));
  }

  private static void files(String text) {
    Document document = HtmlReader.read(text);
    DocxWriter.write("A title", "", document, a -> a.toString(), "en", Media.NONE);
    OdtWriter.write("A title", "", document, a -> a.toString(), "en", Media.NONE);
  }
}
