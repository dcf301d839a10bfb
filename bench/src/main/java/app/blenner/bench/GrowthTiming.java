package app.blenner.bench;

import app.blenner.core.document.Document;
import app.blenner.core.format.docx.DocxWriter;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.format.markdown.MarkdownWriter;
import app.blenner.core.format.markup.TypedMarkup;
import app.blenner.core.format.odt.OdtWriter;
import app.blenner.core.format.office.Media;
import app.blenner.core.format.office.Pictures;
import app.blenner.core.format.text.TextWriter;
import app.blenner.core.intake.Destination;
import app.blenner.core.intake.Intake;
import app.blenner.core.intake.IntakeSource;
import app.blenner.core.intake.PasteMode;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kinds;
import app.blenner.core.preflight.Preflight;
import app.blenner.core.rule.PassageCache;
import app.blenner.core.rule.RuleContext;
import app.blenner.core.rule.Settings;
import app.blenner.core.rule.Subject;
import app.blenner.core.terms.Terms;
import app.blenner.core.tidy.Tidy;
import app.blenner.core.version.Comparison;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/**
 * How the work of the core grows with its text: 1, 10 and 100 times 1,000 words of an article, and as many characters of
 * straight quotation marks and of short lines, which once cost the square. The median of five runs each.
 */
public final class GrowthTiming {
  private static final int RUNS = 5;
  private static final int WORDS = 1_000;

  /** About as many characters as the article has. */
  private static final int CHARACTERS = 9_000;

  private static volatile Object sink;

  private GrowthTiming() {}

  public static void main(String[] arguments) {
    System.out.println("milliseconds at 1, 10 and 100 times 1,000 words; quotes; lines");
    work()
        .forEach(
            (name, work) -> {
              StringBuilder line = new StringBuilder(String.format("%-22s", name));
              for (int times : new int[] {1, 10, 100}) {
                line.append(String.format("%9.1f", median(work, SampleText.html(WORDS * times))));
              }
              for (String piece : new String[] {"\"", "a\n"}) {
                line.append("  |");
                for (int times : new int[] {1, 10, 100}) {
                  String text = piece.repeat(CHARACTERS * times / piece.length());
                  line.append(String.format("%9.1f", median(work, text)));
                }
              }
              System.out.println(line);
            });
  }

  private static double median(Consumer<String> work, String text) {
    double[] took = new double[RUNS];
    work.accept(text);
    for (int i = 0; i < RUNS; i++) {
      long begun = System.nanoTime();
      work.accept(text);
      took[i] = (System.nanoTime() - begun) / 1e6;
    }
    java.util.Arrays.sort(took);
    return took[RUNS / 2];
  }

  private static Map<String, Consumer<String>> work() {
    Map<String, Consumer<String>> out = new LinkedHashMap<>();
    out.put("paste", s -> paste(IntakeSource.ofHtml(s)));
    out.put("paste of plain text", s -> paste(IntakeSource.ofText(s)));
    out.put("typed HTML", s -> sink = TypedMarkup.read(TypedMarkup.Language.HTML, s));
    out.put("typed Markdown", s -> sink = TypedMarkup.read(TypedMarkup.Language.MARKDOWN, s));
    out.put("tidy", s -> sink = Tidy.find(HtmlReader.read(s), "en"));
    out.put(
        "preflight",
        s ->
            sink =
                Preflight.check(
                    Subject.of(
                        content(HtmlReader.read(s)),
                        RuleContext.of(Kinds.STANDARD.get(0)),
                        new PassageCache(0)),
                    Settings.USUAL));
    out.put("terms", s -> sink = Terms.of(HtmlReader.read(s), List.of("sky", "dark sky"), "en"));
    out.put("comparison", GrowthTiming::compare);
    out.put("writing HTML", s -> sink = HtmlWriter.write(HtmlReader.read(s)));
    out.put("writing Markdown", s -> sink = MarkdownWriter.write(HtmlReader.read(s)));
    out.put("writing text", s -> sink = TextWriter.write(HtmlReader.read(s)));
    out.put("writing .docx", s -> sink = docx(HtmlReader.read(s)));
    out.put("writing .odt", s -> sink = odt(HtmlReader.read(s)));
    return out;
  }

  private static void paste(IntakeSource material) {
    sink = Intake.read(material, PasteMode.CLEAN, Pictures.NONE, Destination.NEW);
  }

  private static void compare(String s) {
    int at = s.length() / 3;
    Document turned = HtmlReader.read(s.substring(at) + "x" + s.substring(0, at));
    sink = Comparison.of(content(HtmlReader.read(s)), content(turned));
  }

  private static Content content(Document body) {
    return Content.builder().title("A title").body(body).slug("a-title").build();
  }

  private static byte[] docx(Document d) {
    return DocxWriter.write("A title", "", d, a -> a.toString(), "en", Media.NONE);
  }

  private static byte[] odt(Document d) {
    return OdtWriter.write("A title", "", d, a -> a.toString(), "en", Media.NONE);
  }
}
