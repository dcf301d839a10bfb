package app.blenner.core.archive;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import app.blenner.core.document.Document;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.item.Attachment;
import app.blenner.core.item.Content;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is written of a content is read as the same content, and the same content is always written in the same letters. */
public class ContentFileTest {

  /** Words that mean something in YAML 1.1 (its types, indicators and line breaks), beside ordinary ones. */
  private static final List<String> WORDS =
      List.of(
          "night",
          "Ü",
          "夜",
          "🌙",
          "ليلة",
          "yes",
          "no",
          "null",
          "~",
          "0x1F",
          "012",
          "1e3",
          "12:30:45",
          "2026-11-26",
          "- a",
          "a: b",
          "# no",
          "'",
          "\"",
          "\\",
          "{x",
          "[y]",
          "&a",
          "*a",
          "!tag",
          "|",
          ">",
          "%",
          "@",
          "`",
          "---",
          "...",
          "<<",
          "=",
          ",",
          "é\u0301",
          "\u00a0",
          "\u2028",
          "\u200d");

  private static String words(Random random, int most) {
    return Stream.generate(() -> WORDS.get(random.nextInt(WORDS.size())))
        .limit(random.nextInt(most + 1))
        .reduce("", (a, b) -> a.isEmpty() ? b : a + (random.nextBoolean() ? " " : "") + b);
  }

  private static Content content(Random random) {
    Document body =
        HtmlReader.read(
            "<p>"
                + words(random, 6).replace("&", "&amp;").replace("<", "&lt;")
                + "</p>\n<!-- live -->\n<pre><code>---\na: b\n---\n</code></pre>");
    return Content.builder()
        .title(words(random, 5))
        .summary(words(random, 9))
        .body(body)
        .section(random.nextBoolean() ? "visit" : "")
        .topics(random.nextBoolean() ? List.of("moon", "on", "2026") : List.of())
        .keywords(Stream.generate(() -> words(random, 2)).limit(random.nextInt(4)).toList())
        .slug(random.nextBoolean() ? "a-slug" : "")
        .leadPicture(random.nextBoolean() ? "red-torch.jpg" : "")
        .language(random.nextBoolean() ? "cy" : "")
        .attachments(
            random.nextBoolean() ? List.of(new Attachment("map.pdf", words(random, 3))) : List.of())
        .build();
  }

  @DataProvider
  Object[][] seeds() {
    return Stream.iterate(1, i -> i + 1)
        .limit(40)
        .map(i -> new Object[] {i})
        .toArray(Object[][]::new);
  }

  @Test(dataProvider = "seeds")
  public void whatIsWrittenIsReadAsTheSame(int seed) {
    Random random = new Random(seed);
    for (int i = 0; i < 25; i++) {
      Content content = content(random);
      String written = ContentFile.write(content);
      Content read = ContentFile.read(written);
      assertEquals(read, content, written);
      assertEquals(ContentFile.write(read), written);
    }
  }

  @Test
  public void nothingWrittenIsWrittenToo() {
    assertEquals(ContentFile.read(ContentFile.write(Content.EMPTY)), Content.EMPTY);
  }

  @Test
  public void whatIsNoContentIsToldInWords() {
    assertEquals(
        expectThrows(IllegalArgumentException.class, () -> ContentFile.read("<p>x</p>"))
            .getMessage(),
        "content has no fields in front.");
  }
}
