package app.blenner.core.format.html;

import app.blenner.core.document.PlainText;
import org.jsoup.nodes.Element;

/** The words of an element as one line; unlike jsoup's own, it keeps no-break spaces. */
final class ElementText {
  private ElementText() {}

  static String of(Element element) {
    return PlainText.toLine(element.wholeText());
  }
}
