package app.blenner.core.intake;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.RunningText;
import app.blenner.core.format.docx.DocxReader;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.format.odt.OdtReader;
import app.blenner.core.format.office.Pictures;
import app.blenner.core.format.office.WordText;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Clipboards and files as programs write them, with the text, structure and report that shall come of
 * each. {@code made/} and, in German, French, Arabic and Hebrew, {@code tongues/} were written by LibreOffice, pandoc, Chromium,
 * gnumeric, pdftotext, readers of Markdown, a mail archiver and a terminal browser (their {@code make.sh} say how); the
 * others are written by hand in the shape that ECMA-376, the HTML of word processors and the Async
 * Clipboard API describe. Each {@code .expected} file was read through by eye.
 */
public class CorpusTest {
  private static final Path CORPUS = Path.of("src/test/resources/intake");

  @DataProvider
  public Iterator<Object[]> corpus() throws IOException {
    try (Stream<Path> all = Files.walk(CORPUS)) {
      return all.filter(p -> p.toString().matches(".*\\.(html|txt|docx|odt)"))
          .sorted()
          .map(p -> new Object[] {CORPUS.relativize(p)})
          .toList()
          .iterator();
    }
  }

  private static IntakeSource material(Path name) throws IOException {
    String all = Files.readString(CORPUS.resolve(name));
    return name.toString().endsWith(".html") ? IntakeSource.ofHtml(all) : IntakeSource.ofText(all);
  }

  private static Intake take(Path name, PasteMode mode) throws IOException {
    Pictures pictures = (words, type, bytes) -> Optional.of("taken." + type.replace("image/", ""));
    Path file = CORPUS.resolve(name);
    if (isWordFile(name)) {
      WordText text =
          name.toString().endsWith(".docx")
              ? DocxReader.read(file, pictures)
              : OdtReader.read(file, pictures);
      return Intake.read(text, mode, Destination.NEW, Set.of());
    }
    return Intake.read(material(name), mode, pictures, Destination.NEW);
  }

  private static boolean isWordFile(Path name) {
    return name.toString().matches(".*\\.(docx|odt)");
  }

  @Test(dataProvider = "corpus")
  public void becomesWhatIsExpected(Path name) throws IOException {
    Intake intake = take(name, PasteMode.CLEAN);
    List<String> told = new ArrayList<>();
    told.add(intake.report().sentence());
    told.addAll(intake.report().notes());
    intake
        .offers()
        .forEach(o -> o.lines().forEach(l -> told.add("? " + l.words() + " " + l.about())));
    String got = String.join("\n", told) + "\n\n" + HtmlWriter.write(intake.document());
    Path expected = CORPUS.resolve(name + ".expected");
    if (Boolean.getBoolean("write-expected")) {
      Files.writeString(expected, got);
    }
    assertEquals(got, Files.readString(expected));
  }

  @Test(dataProvider = "corpus")
  public void losesNoVisibleWord(Path name) throws IOException {
    List<PasteMode> manners =
        List.of(PasteMode.CLEAN, PasteMode.FORMATTED, PasteMode.PARAGRAPHS, PasteMode.LINES);
    for (PasteMode mode : isWordFile(name) ? manners.subList(0, 2) : manners) {
      Intake intake = take(name, mode);
      String after = String.join("\n", RunningText.of(intake.document()));
      assertEquals(words(after), words(visible(name, mode)), mode.toString());
    }
  }

  @Test(dataProvider = "corpus")
  public void isTheSameWhenTakenInAgain(Path name) throws IOException {
    String once = HtmlWriter.write(take(name, PasteMode.CLEAN).document());
    Intake again =
        Intake.read(IntakeSource.ofHtml(once), PasteMode.CLEAN, Pictures.NONE, Destination.NEW);
    assertEquals(HtmlWriter.write(again.document()), once);
  }

  @Test(dataProvider = "corpus")
  public void wearsNothingByHand(Path name) throws IOException {
    String html = HtmlWriter.write(take(name, PasteMode.CLEAN).document());
    assertTrue(
        Jsoup.parse(html)
            .select(
                "[style*=color], [style*=font], [style*=align], [class~=Mso], font, o|p, [onclick]")
            .isEmpty(),
        html);
    assertEquals(HtmlWriter.write(HtmlReader.read(html)), html);
  }

  /** What somebody sees of a page, worked out apart from the intake. */
  private static String visible(Path name, PasteMode mode) throws IOException {
    if (isWordFile(name)) {
      // The words as LibreOffice itself gives them.
      return Files.readString(CORPUS.resolve(name.toString().replaceFirst("\\.\\w+$", ".words")));
    }
    String all = Files.readString(CORPUS.resolve(name));
    if (!name.toString().endsWith(".html")) {
      if (mode == PasteMode.PARAGRAPHS || mode == PasteMode.LINES) {
        return all;
      }
      return all.replaceAll("(?<=\\p{L})-\\n(?=\\p{Ll})", "")
          .replaceAll("\\]\\([^)]*\\)", "]")
          .replaceAll("(?m)^\\|[-|]+\\|$", "");
    }
    Element body = Jsoup.parse(all).body();
    body.select(
            "script, style, del[datetime], del[cite], iframe, button, [style*=display:none], [style*=mso-list:Ignore],"
                + " .msocomanchor, [style*=comment-list], p.sdfootnote a.sdfootnotesym, title")
        .remove();
    StringBuilder text = new StringBuilder();
    for (Element e : body.getAllElements()) {
      if (e.isBlock() || e.normalName().equals("br")) {
        e.prependText("\n");
        e.appendText("\n");
      }
    }
    text.append(body.wholeText());
    return text.toString();
  }

  /**
   * Words and numbers in the order of the alphabet, since notes move to the end. Those of one
   * character are left out: the numbers of typed lists become real ones.
   */
  private static List<String> words(String text) {
    List<String> out = new ArrayList<>();
    Matcher m = Pattern.compile("[\\p{L}\\p{M}]{2,}|\\p{N}{2,}").matcher(text);
    while (m.find()) {
      out.add(m.group());
    }
    out.sort(null);
    return out;
  }
}
