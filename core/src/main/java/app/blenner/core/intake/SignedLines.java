package app.blenner.core.intake;

import app.blenner.core.document.PlainText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jsoup.nodes.Element;

/**
 * Plain text with lists in it, as the viewer of a PDF copies them: a sign, a space, the item. A sign
 * may stand alone on a line above its item. What comes of it is HTML in which each item is a paragraph
 * with its sign, for {@link FakedLists} to make a list of.
 */
final class SignedLines {
  /** A sign that begins an item and nothing else, alone on its line. */
  private static final Pattern LONELY =
      Pattern.compile("(?m)^[ \\t]*([" + ListMarker.SIGNS + "])[ \\t]*\\n\\s*(?=\\S)");

  private static final Pattern SIGN =
      Pattern.compile("^[" + ListMarker.SIGNS + "][ \\t\\u00A0]*\\S.*");

  private SignedLines() {}

  /** The text as HTML; empty where no two lines begin with a sign. */
  static Optional<Element> read(String given) {
    String text = LONELY.matcher(PlainText.legal(given)).replaceAll("$1 ");
    if (text.lines().filter(l -> SIGN.matcher(l.strip()).matches()).count() < 2) {
      return Optional.empty();
    }
    Element body = new Element("body");
    List<String> signs = new ArrayList<>();
    Element open = null;
    for (String line : (Iterable<String>) text.lines()::iterator) {
      String bare = line.strip();
      if (bare.isEmpty()) {
        open = null;
        continue;
      }
      boolean item = SIGN.matcher(bare).matches();
      boolean goesOn =
          open != null && !item && (!isItem(open) || Character.isLowerCase(bare.charAt(0)));
      if (goesOn) {
        if (!isItem(open)) {
          open.appendElement("br");
        } else {
          open.appendText(" ");
        }
        open.appendText(bare);
        continue;
      }
      open = body.appendElement("p").appendText(bare);
      if (item) {
        open.attr("style", "margin-left: " + depthOf(line, bare.charAt(0), signs) + "pt");
      }
    }
    return Optional.of(body);
  }

  private static boolean isItem(Element p) {
    return p.hasAttr("style");
  }

  /** How far an item is set in: by its spaces where it has some, else by the order of the signs. */
  private static int depthOf(String line, char sign, List<String> signs) {
    int spaces = line.length() - line.stripLeading().length();
    if (!signs.contains(String.valueOf(sign))) {
      signs.add(String.valueOf(sign));
    }
    return spaces > 0 ? spaces * 10 : signs.indexOf(String.valueOf(sign)) * 10;
  }
}
