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
  void writeLines(List<String> lines);

  /** A formatted text. */
  void writeText(Document document);

  /** Pictures, by the names of their assets. */
  void writePictures(List<String> assets);

  /** A link. */
  void writeLink(String address, String words);

  /** A number with what it counts, which may be empty. */
  void writeNumber(BigDecimal number, String unit);

  /** A day. */
  void writeDate(LocalDate date);

  /** A time of day. */
  void writeTime(LocalTime time);

  /** Yes or no. */
  void yesNo(boolean yes);

  /** Things in a row, such as choices. */
  void writeList(List<String> things);

  /** Other items, by their keys. */
  void writeItems(List<String> keys);

  /** Names with values. */
  void writeFacts(Map<String, String> facts);

  /** Files to be fetched. */
  void files(List<Attachment> files);
}
