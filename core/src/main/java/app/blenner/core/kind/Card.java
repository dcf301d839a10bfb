package app.blenner.core.kind;

import app.blenner.core.document.PlainText;
import java.util.List;

/**
 * Fields that belong together, as people see them beside the sheet.
 *
 * @param label what it is called
 * @param fields its fields, in their order
 */
public record Card(String label, List<Field> fields) {
  public Card {
    label = PlainText.toLine(label);
    fields = List.copyOf(fields);
  }
}
