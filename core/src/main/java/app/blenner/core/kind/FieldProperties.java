package app.blenner.core.kind;

import app.blenner.core.document.PlainText;

/**
 * What every field has, whatever its type.
 *
 * @param name its lasting short name, under which values are kept
 * @param label what people read beside it, on the bench and on the page
 * @param help a sentence that says what belongs there, or empty
 * @param required whether an item without it is not finished
 * @param place where readers see it
 */
public record FieldProperties(
    String name, String label, String help, boolean required, Place place) {
  /** Most characters of a label. */
  public static final int LABEL_LIMIT = 100;

  /** Most characters of a help. */
  public static final int HELP_LIMIT = 500;

  /** Where readers see a field. */
  public enum Place {
    /** Between the summary and the text. */
    BEFORE("before the text"),
    /** Behind the text. */
    BEHIND("behind the text"),
    /** Nowhere: it is for those who work on the site. */
    NOWHERE("not at all");

    private final String label;

    Place(String label) {
      this.label = label;
    }

    /** Where that is, in words. */
    public String label() {
      return label;
    }
  }

  public FieldProperties {
    label = PlainText.toLine(label);
    help = PlainText.toLine(help);
  }

  /** A field that is seen behind the text and may be left out. */
  public static FieldProperties of(String name, String label) {
    return new FieldProperties(name, label, "", false, Place.BEHIND);
  }
}
