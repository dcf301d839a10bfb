package app.blenner.core.kind;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * A number. Its value is a text, as {@link BigDecimal#toPlainString} writes it.
 *
 * @param head what every field has
 * @param unit what it counts, or empty
 * @param least the least it may be, or null
 * @param most the most it may be, or null
 */
public record NumberField(FieldProperties head, String unit, BigDecimal least, BigDecimal most)
    implements Field {
  /** As people write one, with a point or a comma and at most forty digits, so that none is dear to reckon with. */
  private static final Pattern FORM = Pattern.compile("[+-]?\\d{1,20}(?:[.,]\\d{1,20})?");

  @Override
  public FieldType type() {
    return FieldType.NUMBER;
  }

  @Override
  public Map<String, Object> settings() {
    return numbers();
  }

  @Override
  public Object tidyValue(Object data) {
    String text = FieldData.toLine(data).replace('\u2212', '-');
    if (!FORM.matcher(text).matches()) {
      return null;
    }
    BigDecimal number = new BigDecimal(text.replace(',', '.'));
    return number.signum() == 0 ? "0" : number.stripTrailingZeros().toPlainString();
  }

  @Override
  public String problemWith(Object value) {
    BigDecimal number = new BigDecimal((String) value);
    if (least != null && number.compareTo(least) < 0) {
      return head.label() + " is at least " + least.toPlainString() + ".";
    }
    if (most != null && number.compareTo(most) > 0) {
      return head.label() + " is at most " + most.toPlainString() + ".";
    }
    return "";
  }

  @Override
  public void show(Object value, FieldOutput out) {
    out.writeNumber(new BigDecimal((String) value), unit);
  }

  private Map<String, Object> numbers() {
    Map<String, Object> out = new LinkedHashMap<>();
    out.put("unit", unit);
    out.put("least", least == null ? "" : least.toPlainString());
    out.put("most", most == null ? "" : most.toPlainString());
    return out;
  }
}
