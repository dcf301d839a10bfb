package app.blenner.core.kind;

import app.blenner.core.item.Content;
import java.util.List;
import java.util.stream.Stream;

/** Where the page of an item shows its lead picture. */
public enum LeadPlace {
  /** Across the page, above title and text. */
  OVER("Over the text"),
  /** Beside title and summary. */
  BESIDE("Beside the title"),
  /** Not at all; what lists show has it. */
  TEASER("Only in the teaser");

  private final String label;

  LeadPlace(String label) {
    this.label = label;
  }

  /** What people call it, and what is kept. */
  public String label() {
    return label;
  }

  static List<String> words() {
    return Stream.of(values()).map(LeadPlace::label).toList();
  }

  /** Where an item has it. */
  public static LeadPlace of(Content content) {
    String said = StandardFields.textOf(content, StandardFields.LEAD_PLACE);
    return Stream.of(values()).filter(p -> p.label.equals(said)).findFirst().orElse(TEASER);
  }
}
