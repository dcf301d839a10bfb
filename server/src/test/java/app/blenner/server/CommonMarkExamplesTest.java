package app.blenner.server;

import static org.testng.Assert.assertEquals;

import app.blenner.core.document.Document;
import app.blenner.core.document.RunningText;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.format.markdown.MarkdownReader;
import app.blenner.core.format.markdown.MarkdownWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/**
 * The example set of CommonMark 0.31.2, from the npm package commonmark-spec, through our reader. It
 * stands here and not with the core's tests because npm has fetched the set by now.
 */
public class CommonMarkExamplesTest {
  private record Example(int number, String section, String markdown, String html) {}

  private final List<Example> examples = new ArrayList<>();

  @BeforeClass
  public void load() throws IOException {
    String spec =
        Files.readString(Path.of("../web/node_modules/commonmark-spec/spec.txt"))
            .replaceFirst("(?s)<!-- END TESTS -->.*", "");
    Matcher m =
        Pattern.compile(
                "(?ms)^`{32} example\n(.*?)^\\.\n(.*?)^`{32}$|^#{1,6} *(.*?)$", Pattern.MULTILINE)
            .matcher(spec);
    String section = "";
    while (m.find()) {
      if (m.group(3) != null) {
        section = m.group(3);
      } else {
        examples.add(
            new Example(
                examples.size() + 1,
                section,
                m.group(1).replace('→', '\t'),
                m.group(2).replace('→', '\t')));
      }
    }
  }

  @Test
  public void theSetIsWhole() {
    assertEquals(examples.size(), 652);
  }

  /**
   * The reference result, read as any HTML is, is the text we read. Both are cleaned in the same way,
   * so raw HTML in an example, which is cleaned by design, does not set them apart.
   */
  @Test
  public void everyExampleIsReadAsTheReferenceReadsIt() {
    List<String> other = new ArrayList<>();
    for (Example e : examples) {
      // The reference ends the last line of code with a line feed; our text ends with the block.
      String reference = e.html().replace("\n</code></pre>", "</code></pre>");
      String wanted = HtmlWriter.write(HtmlReader.read(reference));
      String read = HtmlWriter.write(MarkdownReader.read(e.markdown()));
      if (!read.equals(wanted)) {
        other.add(e.number() + " (" + e.section() + "):\n" + wanted + "\n--\n" + read);
      }
    }
    System.out.println(
        "CommonMark examples that give the reference result: "
            + (examples.size() - other.size())
            + " of "
            + examples.size());
    assertEquals(other.stream().map(o -> o.substring(0, o.indexOf(' '))).toList(), DIFFERENT);
  }

  /**
   * In example 169 the code is raw HTML, whose last line feed is part of it; taking it off the
   * reference, as above, is what sets the two apart.
   */
  private static final List<String> DIFFERENT = List.of("169");

  @Test
  public void whatIsReadComesBackFromMarkdown() {
    for (Example e : examples) {
      Document read = MarkdownReader.read(e.markdown());
      assertEquals(
          HtmlWriter.write(MarkdownReader.read(MarkdownWriter.write(read))),
          HtmlWriter.write(read),
          "example " + e.number());
    }
  }

  @Test
  public void noVisibleWordOfAnExampleIsLost() {
    for (Example e : examples) {
      if (e.section().contains("HTML") || e.html().contains("<img")) {
        continue; // words inside tags are no words a reader sees
      }
      String seen = org.jsoup.Jsoup.parse(e.html()).text().replaceAll("[\\s\\u00A0]+", "");
      String kept =
          String.join("", RunningText.of(MarkdownReader.read(e.markdown())))
              .replaceAll("[\\s\\u00A0]+", "");
      assertEquals(kept, seen, "example " + e.number());
    }
  }
}
