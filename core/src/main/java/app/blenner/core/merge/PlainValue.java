package app.blenner.core.merge;

import app.blenner.core.document.Document;
import app.blenner.core.document.RunningText;
import app.blenner.core.item.Attachment;
import app.blenner.core.kind.Field;
import app.blenner.core.kind.FieldOutput;
import com.ibm.icu.text.ListFormatter;
import java.math.BigDecimal;
import java.text.NumberFormat;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** The value of a field as a few words in a line. */
final class PlainValue implements FieldOutput {
  private final Filling filling;
  private String words = "";

  private PlainValue(Filling filling) {
    this.filling = filling;
  }

  static String of(Field field, Filling filling) {
    Object value = field.tidyValue(filling.content().values().get(field.head().name()));
    if (value == null) {
      return "";
    }
    PlainValue plain = new PlainValue(filling);
    field.show(value, plain);
    return plain.words;
  }

  private Locale language() {
    return filling.language();
  }

  @Override
  public void writeLines(List<String> lines) {
    words = String.join(" ", lines);
  }

  @Override
  public void writeText(Document document) {
    words = String.join(" ", RunningText.of(document));
  }

  @Override
  public void writePictures(List<String> assets) {
    // A picture has no words of its own.
  }

  @Override
  public void writeLink(String address, String label) {
    words = label;
  }

  @Override
  public void writeNumber(BigDecimal number, String unit) {
    NumberFormat format = NumberFormat.getInstance(language());
    format.setMaximumFractionDigits(Math.max(0, number.scale()));
    words = format.format(number) + (unit.isEmpty() ? "" : "\u00a0" + unit);
  }

  @Override
  public void writeDate(LocalDate date) {
    words = DateForm.LONG.write(date, language());
  }

  @Override
  public void writeTime(LocalTime time) {
    words = time.toString();
  }

  @Override
  public void yesNo(boolean yes) {
    words =
        app.blenner.core.language.SiteWords.of(language().toLanguageTag()).get(yes ? "yes" : "no");
  }

  @Override
  public void writeList(List<String> things) {
    words = ListFormatter.getInstance(language()).format(things);
  }

  @Override
  public void writeItems(List<String> keys) {
    writeList(keys.stream().map(filling.titles()).filter(t -> !t.isEmpty()).toList());
  }

  @Override
  public void writeFacts(Map<String, String> facts) {
    words =
        facts.entrySet().stream()
            .map(f -> f.getKey() + ": " + f.getValue())
            .collect(Collectors.joining("; "));
  }

  @Override
  public void files(List<Attachment> files) {
    writeList(files.stream().map(Attachment::words).filter(w -> !w.isEmpty()).toList());
  }
}
