package app.blenner.core.document;

import java.util.List;
import java.util.stream.Stream;

/**
 * A form through which a reader writes to the site's people.
 *
 * @param fields what is asked, in order
 * @param button what the button says
 */
public record ContactForm(List<Field> fields, String button) implements Block {

  /** Kinds of field. */
  public enum Kind {
    NAME,
    EMAIL,
    PHONE,
    LINE,
    MESSAGE,
    CHOICE,
    AGREEMENT
  }

  /**
   * One field.
   *
   * @param kind what is asked for
   * @param label the question
   * @param required whether an answer is needed
   * @param choices the answers to choose from, for a choice
   */
  public record Field(Kind kind, String label, boolean required, List<String> choices) {
    public Field {
      label = PlainText.toLine(label);
      choices =
          kind == Kind.CHOICE
              ? choices.stream().map(PlainText::toLine).filter(c -> !c.isEmpty()).toList()
              : List.of();
    }
  }

  public ContactForm {
    fields = List.copyOf(fields);
    button = PlainText.toLine(button);
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitContactForm(this);
  }

  @Override
  public Stream<String> words() {
    return Stream.concat(fields.stream().map(f -> f.label()), Stream.of(button));
  }
}
