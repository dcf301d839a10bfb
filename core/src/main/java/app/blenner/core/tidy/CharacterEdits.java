package app.blenner.core.tidy;

import app.blenner.core.document.BlockPath;
import app.blenner.core.document.CancellationToken;
import app.blenner.core.document.Document;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Inlines;
import app.blenner.core.tidy.Edits.Edit;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Predicate;

/** A rule about single characters, wherever there is running text. */
final class CharacterEdits {
  private CharacterEdits() {}

  /**
   * The text with characters changed where somebody agrees.
   *
   * @param edits what could be changed in a running text: its characters, and which are code
   */
  static Document mend(
      Document document, BiFunction<String, boolean[], List<Edit>> edits, CleanUpRule.Ask take) {
    return mend(document, Edits::isCode, edits, take);
  }

  /**
   * The text with characters changed where somebody agrees, but for pieces that are kept as they are.
   *
   * @param isKept whether a piece of running text is kept
   */
  static Document mend(
      Document document,
      Predicate<Inline> isKept,
      BiFunction<String, boolean[], List<Edit>> edits,
      CleanUpRule.Ask take) {
    return document.map(
        (path, block) -> block.mapContent(content -> mend(path, content, isKept, edits, take)));
  }

  private static List<Inline> mend(
      BlockPath path,
      List<Inline> content,
      Predicate<Inline> isKept,
      BiFunction<String, boolean[], List<Edit>> edits,
      CleanUpRule.Ask take) {
    String text = Inlines.textOf(content);
    List<Edit> chosen = new ArrayList<>();
    List<Edit> wanted = edits.apply(text, Edits.keptCharacters(content, isKept));
    if (wanted.isEmpty()) {
      return content;
    }
    Excerpt.Letters letters = new Excerpt.Letters(text);
    for (Edit edit : wanted) {
      CancellationToken.check();
      String before = Excerpt.around(text, edit.from(), edit.to());
      String after = Excerpt.around(text, edit.from(), edit.to(), edit.with());
      String words = letters.around(edit.from());
      if (take.take(new CleanUpSpot(path, edit.from(), edit.to(), words, before, after))) {
        chosen.add(edit);
      }
    }
    return chosen.isEmpty() ? content : Edits.apply(content, chosen);
  }
}
