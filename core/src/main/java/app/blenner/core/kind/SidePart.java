package app.blenner.core.kind;

import app.blenner.core.document.Block;
import app.blenner.core.document.Document;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.PlainText;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.format.html.HtmlWriter;
import app.blenner.core.item.Content;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** What can stand in the column beside the text of an item. */
public enum SidePart {
  /** The fields of the item's kind, as facts. */
  FACTS,
  /** {@code picture}, the name of an asset, with {@code words} below it. */
  PICTURE("picture", "words"),
  /** {@code text} that somebody said, and {@code from} whom. */
  QUOTE("text", "from"),
  /** {@code text} as HTML in the form in which bodies are kept, with {@code title} above it. */
  TEXT("title", "text"),
  /** The related items. */
  RELATED;

  private final List<String> needs;

  SidePart(String... needs) {
    this.needs = List.of(needs);
  }

  /** Its name in files. */
  public String word() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** The names of what it needs. */
  public List<String> needs() {
    return needs;
  }

  /** Whether something it needs is a formatted text. */
  public boolean isFormatted(String need) {
    return this == TEXT && need.equals("text");
  }

  /** A formatted text in its one form. What was kept before there was formatting is lines, each a paragraph. */
  static String tidyText(String given) {
    if (given.stripLeading().startsWith("<")) {
      return HtmlWriter.write(HtmlReader.read(given));
    }
    List<Block> lines =
        given
            .lines()
            .filter(line -> !line.isBlank())
            .<Block>map(line -> Paragraph.of(PlainText.toLine(line)))
            .toList();
    return HtmlWriter.write(new Document(lines));
  }

  /** The paragraphs that a part says, without their formatting. */
  public static List<String> paragraphsIn(Map<String, String> part) {
    List<String> out = new ArrayList<>();
    textIn(part)
        .ifPresentOrElse(
            text -> text.each(block -> add(out, Inlines.textOf(block.content()))),
            () -> part.getOrDefault("text", "").lines().forEach(line -> add(out, line)));
    return out;
  }

  private static void add(List<String> out, String words) {
    if (!words.isBlank()) {
      out.add(words.strip());
    }
  }

  /** The formatted text of a part, where it has one. */
  public static Optional<Document> textIn(Map<String, String> part) {
    return TEXT.word().equals(part.get("part")) && part.containsKey("text")
        ? Optional.of(HtmlReader.read(tidyText(part.get("text"))))
        : Optional.empty();
  }

  /** The part with this name in files; null where there is none. */
  public static SidePart of(String word) {
    for (SidePart part : values()) {
      if (part.word().equals(word)) {
        return part;
      }
    }
    return null;
  }

  /** The parts of an item's column in their order, with what each needs. */
  public static List<Map<String, String>> partsIn(Content content) {
    return StandardFields.valueOf(content, StandardFields.SIDE)
        .map(FieldData::<List<Map<String, String>>>as)
        .orElse(List.of());
  }

  /** Whether an item's column has a part of this sort. */
  public boolean isIn(Content content) {
    return partsIn(content).stream().anyMatch(p -> p.get("part").equals(word()));
  }
}
