package app.blenner.core.site;

import app.blenner.core.document.ContactForm;
import app.blenner.core.document.ContactForm.Field;
import app.blenner.core.format.html.FormWriter;
import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.language.SiteWords;
import app.blenner.core.message.Submission;
import java.util.List;
import java.util.Map;

/** The steps of a contact form on the public site, without any script. */
public final class FormPage {
  private FormPage() {}

  /**
   * The form to be filled in.
   *
   * @param form what it asks
   * @param action where it is sent
   * @param answers what was answered already, by name of field
   * @param problems what is wrong with an answer, by name of field
   * @param words the words of the language its page is in
   */
  public static String renderForm(
      ContactForm form,
      String action,
      Map<String, String> answers,
      Map<String, String> problems,
      SiteWords words) {
    HtmlOut out = new HtmlOut();
    out.open("form").attribute("class", "contact-form").attribute("method", "post");
    out.attribute("action", action).endOpen();
    if (!problems.isEmpty()) {
      out.open("p").attribute("class", "problem").attribute("role", "alert").endOpen();
      out.text(words.get("form.problems")).close("p");
    }
    List<Field> fields = form.fields();
    for (int i = 0; i < fields.size(); i++) {
      Field field = fields.get(i);
      String name = FormWriter.nameOf(field, i);
      out.tag("p").tag("label").text(field.label());
      out.text(field.required() ? " " + words.get("form.needed") + " " : " ");
      control(out, field, name, answers.getOrDefault(name, ""), problems.containsKey(name), words);
      out.close("label");
      if (problems.containsKey(name)) {
        out.open("span").attribute("class", "problem").attribute("id", "about-" + name).endOpen();
        out.text(problems.get(name)).close("span");
      }
      out.close("p");
    }
    // People never see this one; what fills it in is not a person.
    out.open("p").attribute("hidden", "").endOpen().tag("label").text(words.get("form.trap") + " ");
    out.open("input").attribute("type", "text").attribute("name", Submission.TRAP);
    out.attribute("autocomplete", "off").attribute("tabindex", "-1").endOpen();
    out.close("label");
    out.close("p");
    out.tag("p").tag("button").text(form.button()).close("button");
    out.close("p");
    out.close("form");
    return out.toString();
  }

  private static void control(
      HtmlOut out, Field field, String name, String answer, boolean wrong, SiteWords words) {
    switch (field.kind()) {
      case MESSAGE -> {
        open(out.open("textarea"), field, name, wrong);
        out.attribute("rows", "6").endOpen().text("\n" + answer).close("textarea");
      }
      case CHOICE -> {
        open(out.open("select"), field, name, wrong);
        out.endOpen().open("option").attribute("value", "").endOpen();
        out.text(words.get("form.choose")).close("option");
        for (String choice : field.choices()) {
          out.open("option");
          if (choice.equals(answer)) {
            out.attribute("selected", "");
          }
          out.endOpen().text(choice).close("option");
        }
        out.close("select");
      }
      case AGREEMENT -> {
        open(out.open("input").attribute("type", "checkbox"), field, name, wrong);
        if (!answer.isEmpty()) {
          out.attribute("checked", "");
        }
        out.attribute("value", "yes").endOpen();
      }
      default -> {
        String type = FormWriter.inputType(field.kind());
        open(out.open("input").attribute("type", type), field, name, wrong);
        out.attributeIf("autocomplete", FormWriter.autocomplete(field.kind()));
        out.attributeIf("value", answer).endOpen();
      }
    }
  }

  private static void open(HtmlOut out, Field field, String name, boolean wrong) {
    out.attribute("name", name);
    if (field.required()) {
      out.attribute("required", "");
    }
    if (wrong) {
      out.attribute("aria-invalid", "true").attribute("aria-describedby", "about-" + name);
    }
  }

  /**
   * The message once more before it goes, which a person looks over and a robot does not expect.
   *
   * @param answers label and answer of each field
   * @param action where it is sent
   * @param hidden what goes along unseen, by name
   */
  public static String lookOver(
      List<Submission.Answer> answers, String action, Map<String, String> hidden, SiteWords words) {
    HtmlOut out = new HtmlOut();
    out.tag("p").text(words.get("form.check")).close("p");
    out.tag("dl");
    for (Submission.Answer a : answers) {
      out.tag("dt").text(a.label()).close("dt");
      out.tag("dd").text(a.text().isEmpty() ? words.get("form.empty") : a.text()).close("dd");
    }
    out.close("dl");
    out.open("form").attribute("class", "contact-form").attribute("method", "post");
    out.attribute("action", action).endOpen();
    hidden.forEach(
        (name, value) -> {
          out.open("input").attribute("type", "hidden").attribute("name", name);
          out.attribute("value", value).endOpen();
        });
    out.tag("p").tag("button").text(words.get("form.send")).close("button");
    out.close("p");
    out.close("form");
    return out.toString();
  }

  /** What stands where a message has gone out. */
  public static String thanks(SiteWords words) {
    return new HtmlOut().tag("p").text(words.get("form.thanks")) + "</p>";
  }
}
