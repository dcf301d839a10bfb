package app.blenner.core.message;

import app.blenner.core.document.Address;
import app.blenner.core.document.ContactForm;
import app.blenner.core.document.ContactForm.Field;
import app.blenner.core.document.ContactForm.Kind;
import app.blenner.core.document.PlainText;
import app.blenner.core.format.html.FormWriter;
import app.blenner.core.language.SiteWords;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What somebody filled into a form.
 *
 * @param answers the answers in the order of the form
 * @param problems what is wrong, by name of field; empty when nothing is
 * @param robot whether it was filled in by something that is not a person
 */
public record Submission(List<Answer> answers, Map<String, String> problems, boolean robot) {
  /** The name of the field that people never see. */
  public static final String TRAP = "website";

  /** Longest answer in one line, and longest message, in characters. */
  public static final int LONGEST_LINE = 300;

  public static final int LONGEST_MESSAGE = 10_000;

  /** One answer: what was asked, of which kind, and what was answered. */
  public record Answer(String name, String label, Kind kind, String text) {}

  public Submission {
    answers = List.copyOf(answers);
    problems = Map.copyOf(problems);
  }

  /** Reads what a form sent, by name of field. */
  public static Submission read(ContactForm form, Map<String, String> given, SiteWords words) {
    List<Answer> answers = new ArrayList<>();
    Map<String, String> problems = new LinkedHashMap<>();
    for (int i = 0; i < form.fields().size(); i++) {
      Field field = form.fields().get(i);
      String name = FormWriter.nameOf(field, i);
      String raw = PlainText.legal(given.getOrDefault(name, ""));
      boolean message = field.kind() == Kind.MESSAGE;
      String text = message ? raw.strip() : PlainText.toLine(raw);
      if (field.kind() == Kind.AGREEMENT) {
        text = text.isEmpty() ? "" : "yes";
      }
      String problem = problem(field, text, words);
      if (!problem.isEmpty()) {
        problems.put(name, problem);
      }
      answers.add(new Answer(name, field.label(), field.kind(), text));
    }
    if (problems.isEmpty() && answers.stream().allMatch(a -> a.text().isEmpty())) {
      problems.put(FormWriter.nameOf(form.fields().get(0), 0), words.get("problem.nothing"));
    }
    return new Submission(answers, problems, !given.getOrDefault(TRAP, "").isBlank());
  }

  private static String problem(Field field, String text, SiteWords words) {
    if (text.isEmpty()) {
      return !field.required()
          ? ""
          : field.kind() == Kind.AGREEMENT
              ? words.get("problem.agree")
              : words.get("problem.needed");
    }
    int most = field.kind() == Kind.MESSAGE ? LONGEST_MESSAGE : LONGEST_LINE;
    if (text.length() > most) {
      return words.get("problem.long", String.valueOf(most));
    }
    return switch (field.kind()) {
      case EMAIL ->
          Address.parse("mailto:" + text).isPresent() && text.matches("[^@]+@[^@]+\\.[^@.]+")
              ? ""
              : words.get("problem.mail");
      case PHONE -> text.matches("\\+?[0-9][0-9 ()./-]{3,30}") ? "" : words.get("problem.phone");
      case CHOICE -> field.choices().contains(text) ? "" : words.get("problem.choice");
      default -> "";
    };
  }

  /** The mail address of the visitor, where the form asks for one. */
  public String replyTo() {
    return answers.stream()
        .filter(a -> a.kind() == Kind.EMAIL && !a.text().isEmpty())
        .map(Answer::text)
        .findFirst()
        .orElse("");
  }
}
