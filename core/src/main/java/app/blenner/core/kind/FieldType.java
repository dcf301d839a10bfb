package app.blenner.core.kind;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** The types of field there are. */
public enum FieldType {
  LINE("One line"),
  LINES("Several lines"),
  RICH_TEXT("Formatted text"),
  PICTURE("Picture"),
  PICTURES("Pictures"),
  LINK("Link"),
  NUMBER("Number"),
  DATE("Date"),
  TIME("Time of day"),
  YES_NO("Yes or no"),
  CHOICE("One choice"),
  CHOICES("Several choices"),
  NAMES("Names"),
  ITEMS("Other items"),
  FACTS("Facts"),
  FILES("Files"),
  SIDE("Side column");

  private static final int LINE_LIMIT = 300;
  private static final int LINES_LIMIT = 8_000;
  private static final int MANY = 50;
  private static final int MOST_CHARACTERS = 100_000;
  private static final int MOST_THINGS = 200;

  private final String label;

  FieldType(String label) {
    this.label = label;
  }

  /** What people call it. */
  public String label() {
    return label;
  }

  /** Whether a kind can have fields of it. */
  public boolean isForKinds() {
    return this != SIDE;
  }

  /** Its name in files. */
  public String word() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** The type with this name in files. */
  public static Optional<FieldType> of(String word) {
    for (FieldType type : values()) {
      if (type.word().equals(word)) {
        return Optional.of(type);
      }
    }
    return Optional.empty();
  }

  /**
   * A field of this type.
   *
   * @param settings what is set of it besides its head; what is left out or makes no sense is as a new field has it
   */
  public Field make(FieldProperties head, Map<String, ?> settings) {
    return switch (this) {
      case LINE -> new LineField(head, mostOf(settings, LINE_LIMIT, MOST_CHARACTERS));
      case LINES -> new LinesField(head, mostOf(settings, LINES_LIMIT, MOST_CHARACTERS));
      case RICH_TEXT -> new RichTextField(head);
      case PICTURE -> new PictureField(head);
      case PICTURES -> new PicturesField(head, mostOf(settings, MANY, MOST_THINGS));
      case LINK -> new LinkField(head);
      case NUMBER ->
          new NumberField(
              head,
              FieldData.toLine(settings.get("unit")),
              number(settings.get("least")),
              number(settings.get("most")));
      case DATE -> new DateField(head);
      case TIME -> new TimeField(head);
      case YES_NO -> new YesNoField(head);
      case CHOICE -> new ChoiceField(head, choicesOf(settings));
      case CHOICES -> new ChoicesField(head, choicesOf(settings));
      case NAMES -> new NamesField(head, mostOf(settings, MANY, MOST_THINGS));
      case ITEMS -> new ItemsField(head, mostOf(settings, MANY, MOST_THINGS));
      case FACTS -> new FactsField(head, mostOf(settings, MANY, MOST_THINGS));
      case FILES -> new FilesField(head, mostOf(settings, MANY, MOST_THINGS));
      case SIDE -> new SideField(head);
    };
  }

  private static int mostOf(Map<String, ?> settings, int otherwise, int limit) {
    BigDecimal given = number(settings.get("most"));
    return given == null || given.signum() <= 0
        ? otherwise
        : given.min(BigDecimal.valueOf(limit)).intValue();
  }

  private static BigDecimal number(Object data) {
    Object tidy = new NumberField(FieldProperties.of("x", "x"), "", null, null).tidyValue(data);
    return tidy == null ? null : new BigDecimal((String) tidy);
  }

  private static List<String> choicesOf(Map<String, ?> settings) {
    return FieldData.toWords(settings.get("choices")).stream().distinct().toList();
  }
}
