package app.blenner.core.document;

import java.util.stream.Stream;

/**
 * Program text or anything else whose white space matters.
 *
 * @param language short name of the language, or empty
 * @param text the text, lines ended by line feeds
 */
public record Code(String language, String text) implements Block {

  public Code {
    language = language != null && language.matches("[A-Za-z0-9+#.-]{1,30}") ? language : "";
    text = PlainText.legal(text);
  }

  @Override
  public <R> R accept(BlockVisitor<R> visitor) {
    return visitor.visitCode(this);
  }

  @Override
  public Stream<String> words() {
    return Stream.of(text);
  }
}
