package app.blenner.server.page;

import app.blenner.core.format.html.HtmlOut;
import app.blenner.core.merge.MergeFields;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The place on a page where a signed-in reader's name goes; everybody else reads what is there. */
final class ReaderName {
  private static final String OPENED = "<data value=\"" + MergeFields.READER + "\">";
  private static final Pattern PLACE =
      Pattern.compile(Pattern.quote(OPENED) + "((?:<[^>]*>)*)[^<]*");

  private ReaderName() {}

  /** Whether a page has such a place. */
  static boolean isIn(String html) {
    return html.contains(OPENED);
  }

  /** A page with somebody's name. */
  static String putInto(String html, String name) {
    if (!isIn(html)) {
      return html;
    }
    HtmlOut written = new HtmlOut();
    written.text(name);
    return PLACE
        .matcher(html)
        .replaceAll(m -> Matcher.quoteReplacement(OPENED + m.group(1) + written));
  }
}
