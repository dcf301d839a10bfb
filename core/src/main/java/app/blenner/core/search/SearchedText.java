package app.blenner.core.search;

import app.blenner.core.document.RunningText;
import app.blenner.core.format.html.HtmlReader;
import app.blenner.core.item.Content;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What somebody who looks for words of an item looks in: all that readers read, and nothing of its markup. */
public final class SearchedText {
  private SearchedText() {}

  /** The title, the summary and the words of the text in small letters, a line each. */
  public static String of(Content content) {
    List<String> pieces = new ArrayList<>();
    pieces.add(content.title());
    pieces.add(content.summary());
    pieces.add(wordsOf(content));
    return String.join("\n", pieces).toLowerCase(Locale.ROOT);
  }

  /** The words of the text and of the fields, a line each, without title and summary. */
  public static String wordsOf(Content content) {
    List<String> pieces = new ArrayList<>(RunningText.of(content.body()));
    content.values().values().forEach(value -> own(value, pieces));
    return String.join("\n", pieces);
  }

  private static void own(Object value, List<String> pieces) {
    if (value instanceof List<?> list) {
      list.forEach(one -> own(one, pieces));
    } else if (value instanceof Map<?, ?> map) {
      map.values().forEach(one -> own(one, pieces));
    } else if (value instanceof String text) {
      // A formatted text is one in markup.
      if (text.startsWith("<")) {
        pieces.addAll(RunningText.of(HtmlReader.read(text)));
      } else {
        pieces.add(text);
      }
    }
  }
}
