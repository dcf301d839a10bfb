package app.blenner.core.kind;

import app.blenner.core.item.Content;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What can stand in the column beside the text of an item. */
public enum SidePart {
  /** The fields of the item's kind, as facts. */
  FACTS,
  /** {@code picture}, the name of an asset, with {@code words} below it. */
  PICTURE("picture", "words"),
  /** {@code text} that somebody said, and {@code from} whom. */
  QUOTE("text", "from"),
  /** {@code text} in paragraphs, with {@code title} above it. */
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
