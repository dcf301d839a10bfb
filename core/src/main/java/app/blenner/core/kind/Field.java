package app.blenner.core.kind;

import java.util.Map;
import java.util.Set;

/**
 * A field of a kind. A value is plain data, so that it outlives every change of the field: a text, a yes or no, a list, or
 * names with texts. A field reads what it finds there, and whatever is not a value of its type is as if it were not there.
 */
public sealed interface Field
    permits ChoiceField,
        ChoicesField,
        DateField,
        FactsField,
        FilesField,
        ItemsField,
        LineField,
        LinesField,
        LinkField,
        NamesField,
        NumberField,
        PictureField,
        PicturesField,
        RichTextField,
        SideField,
        TimeField,
        YesNoField {

  /** What every field has. */
  FieldProperties head();

  /** Its type. */
  FieldType type();

  /** What is set of it besides its head, as plain data, under the names that {@link FieldType#make} reads. */
  Map<String, Object> settings();

  /** The value in its one form; null where this is not a value of this field. */
  Object tidyValue(Object data);

  /**
   * What is wrong with a value in its one form, in a sentence.
   *
   * @return empty when nothing is
   */
  String problemWith(Object value);

  /** Shows a value in its one form to readers. */
  void show(Object value, FieldOutput out);

  /** The assets a value in its one form uses. */
  default Set<String> assetsOf(Object value) {
    return Set.of();
  }

  /** The keys of the items a value in its one form leads to. */
  default Set<String> itemsOf(Object value) {
    return Set.of();
  }
}
