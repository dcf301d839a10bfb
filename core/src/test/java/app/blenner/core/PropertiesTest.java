package app.blenner.core;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.Address;
import app.blenner.core.document.Document;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.PlainText;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.format.markdown.MarkdownReader;
import app.blenner.core.format.markdown.MarkdownWriter;
import app.blenner.core.format.text.TextReader;
import app.blenner.core.language.Slug;
import app.blenner.core.version.Differences;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.JqwikException;
import net.jqwik.api.Tuple;
import net.jqwik.api.arbitraries.StringArbitrary;
import net.jqwik.api.sessions.JqwikSession;
import org.testng.annotations.Test;

/** What has to hold of every text and every list, asked of some that jqwik makes up. */
public class PropertiesTest {
  private static final int TRIES = 1_500;

  /** Anything a browser can send: all of Unicode, halves of characters and signs that steer, and what looks like markup. */
  private static final Arbitrary<String> TEXTS =
      Arbitraries.oneOf(
          Arbitraries.strings().all().ofMaxLength(60),
          strings().ofMaxLength(60),
          Arbitraries.of(
                  "<b>", "&amp;", "*", "_", "`", "](", "\\", "#", "- ", "1. ", "|", "\n", " ")
              .list()
              .ofMaxSize(20)
              .map(parts -> String.join("x", parts)));

  private static StringArbitrary strings() {
    return Arbitraries.strings().ascii();
  }

  private static <T> void holds(Arbitrary<T> of, Consumer<T> what) {
    JqwikSession.run(
        () ->
            of.sampleStream()
                .limit(TRIES)
                .forEach(
                    sample -> {
                      try {
                        what.accept(sample);
                      } catch (AssertionError | RuntimeException e) {
                        throw new AssertionError("with " + told(sample), e);
                      }
                    }));
  }

  /** A sample with what cannot be seen in it written out. */
  private static String told(Object sample) {
    StringBuilder out = new StringBuilder();
    sample
        .toString()
        .chars()
        .forEach(c -> out.append(c > ' ' && c < 127 ? (char) c : "\\u%04x".formatted(c)));
    return out.toString();
  }

  /** The source of a sample has to be there, or no property would have been asked for anything. */
  @Test
  public void aPropertyThatDoesNotHoldIsFound() {
    boolean found = false;
    try {
      holds(TEXTS, text -> assertTrue(text.length() < 15));
    } catch (AssertionError | JqwikException e) {
      found = true;
    }
    assertTrue(found);
  }

  @Test
  public void theStretchesTurnOneListIntoTheOther() {
    Arbitrary<List<Integer>> lists = Arbitraries.integers().between(0, 9).list().ofMaxSize(80);
    holds(
        lists.tuple2(),
        (Tuple.Tuple2<List<Integer>, List<Integer>> two) -> {
          List<Integer> made = new ArrayList<>();
          int at = 0;
          for (Differences.Stretch s : Differences.of(two.get1(), two.get2())) {
            made.addAll(two.get1().subList(at, s.from()));
            made.addAll(two.get2().subList(s.otherFrom(), s.otherTo()));
            at = s.to();
          }
          made.addAll(two.get1().subList(at, two.get1().size()));
          assertEquals(made, two.get2());
        });
  }

  @Test
  public void everyTitleMakesAnAddressThatIsLegalAndStaysAsItIs() {
    holds(
        TEXTS,
        title -> {
          String slug = Slug.of(title);
          assertTrue(slug.isEmpty() || Slug.isLegal(slug), slug);
          assertEquals(Slug.of(slug), slug);
          if (!slug.isEmpty()) {
            String free = Slug.firstFree(slug, Set.of(slug)::contains);
            assertFalse(free.equals(slug));
            assertTrue(Slug.isLegal(free), free);
          }
        });
  }

  @Test
  public void plainTextIsCleanedOnceAndForAll() {
    holds(
        TEXTS,
        text -> {
          assertEquals(PlainText.legal(PlainText.legal(text)), PlainText.legal(text));
          assertEquals(PlainText.toLine(PlainText.toLine(text)), PlainText.toLine(text));
        });
  }

  @Test
  public void anAddressIsReadAsItIsWritten() {
    holds(
        TEXTS,
        given ->
            Address.parse(given)
                .ifPresent(a -> assertEquals(Address.parse(a.value()).orElseThrow(), a)));
  }

  @Test
  public void whatIsWrittenAsHtmlIsReadAsItWas() {
    holds(
        TEXTS,
        text -> {
          String html = HtmlWriter.write(HtmlReader.read(text));
          assertEquals(HtmlWriter.write(HtmlReader.read(html)), html);
        });
  }

  @Test
  public void noWordOfALineIsLostAsHtmlOrMarkdown() {
    holds(
        TEXTS.map(PlainText::toLine).filter(line -> !line.isBlank()),
        line -> {
          Document document = new Document(List.of(Paragraph.of(line)));
          assertEquals(words(HtmlReader.read(HtmlWriter.write(document))), words(document));
          assertEquals(words(MarkdownReader.read(MarkdownWriter.write(document))), words(document));
        });
  }

  /** Space at the ends of lines is nothing to read. */
  @Test
  public void everyLetterOfAPlainTextIsThereAfterwards() {
    holds(
        TEXTS,
        text ->
            assertEquals(
                withoutSpace(words(TextReader.paragraphs(text))),
                withoutSpace(PlainText.legal(text))));
  }

  private static String withoutSpace(String text) {
    return text.replaceAll("[\\s\\p{Z}]", "");
  }

  private static String words(Document document) {
    return PlainText.toLine(
        String.join(" ", document.blocks().stream().flatMap(b -> b.words()).toList()));
  }
}
