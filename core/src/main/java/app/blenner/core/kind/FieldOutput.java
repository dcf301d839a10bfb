package app.blenner.core.kind;

import app.blenner.core.document.Document;
import app.blenner.core.item.Attachment;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;

/** What takes the value of a field to readers, by what it is and not by how it looks. */
public interface FieldOutput {
  /** One or several lines of plain text. */
  void lines(List<String> lines);

  /** A formatted text. */
  void text(Document document);

  /** Pictures, by the names of their assets. */
  void pictures(List<String> assets);

  /** A link. */
  void link(String address, String words);

  /** A number with what it counts, which may be empty. */
  void number(BigDecimal number, String unit);

  /** A day. */
  void date(LocalDate date);

  /** A time of day. */
  void time(LocalTime time);

  /** Yes or no. */
  void yesNo(boolean yes);

  /** Things in a row, such as choices. */
  void list(List<String> things);

  /** Other items, by their keys. */
  void items(List<String> keys);

  /** Names with values. */
  void facts(Map<String, String> facts);

  /** Files to be fetched. */
  void files(List<Attachment> files);
}
