package app.blenner.core.format.html;

import app.blenner.core.document.ContactForm;
import app.blenner.core.document.ContactForm.Field;
import java.util.List;
import java.util.Locale;

/** Writes a contact form. A field's name is its kind and its number. */
public final class FormWriter {
  private final HtmlOut out;

  FormWriter(HtmlOut out) {
    this.out = out;
  }

  void write(ContactForm form) {
    out.open("form").attribute("class", "contact-form").attribute("method", "post").endOpen();
    List<Field> fields = form.fields();
    for (int i = 0; i < fields.size(); i++) {
      out.line();
      out.tag("p").tag("label");
      field(fields.get(i), nameOf(fields.get(i), i));
      out.close("label");
      out.close("p");
    }
    out.line();
    out.tag("p").tag("button").text(form.button()).close("button");
    out.close("p");
    out.line();
    out.close("form");
  }

  /** The name of a field, with its place counted from 0. */
  public static String nameOf(Field field, int index) {
    return field.kind().name().toLowerCase(Locale.ROOT) + "-" + (index + 1);
  }

  private void field(Field field, String name) {
    out.text(field.label()).text(" ");
    switch (field.kind()) {
      case NAME, EMAIL, PHONE, LINE, AGREEMENT ->
          input(inputType(field.kind()), name, autocomplete(field.kind()), field.required());
      case MESSAGE -> {
        out.open("textarea").attribute("name", name);
        required(field.required());
        out.endOpen().close("textarea");
      }
      case CHOICE -> {
        out.open("select").attribute("name", name);
        required(field.required());
        out.endOpen();
        // A select that must be answered begins with an option that is not an answer.
        out.open("option").attribute("value", "").endOpen().close("option");
        field.choices().forEach(c -> out.tag("option").text(c).close("option"));
        out.close("select");
      }
    }
  }

  /** The type of the input a kind of field is answered in. */
  public static String inputType(ContactForm.Kind kind) {
    return switch (kind) {
      case EMAIL -> "email";
      case PHONE -> "tel";
      case AGREEMENT -> "checkbox";
      default -> "text";
    };
  }

  /** What a browser may fill in, by the autofill names of the HTML Living Standard; or empty. */
  public static String autocomplete(ContactForm.Kind kind) {
    return switch (kind) {
      case NAME -> "name";
      case EMAIL -> "email";
      case PHONE -> "tel";
      default -> "";
    };
  }

  private void input(String type, String name, String autocomplete, boolean required) {
    out.open("input").attribute("type", type).attribute("name", name);
    out.attributeIf("autocomplete", autocomplete);
    required(required);
    out.endOpen();
  }

  private void required(boolean required) {
    if (required) {
      out.attribute("required", "");
    }
  }
}
