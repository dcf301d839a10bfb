package app.blenner.core.item;

import app.blenner.core.document.Address;
import app.blenner.core.document.Document;
import app.blenner.core.document.PlainText;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * What people write in an item: the state of a working copy, or of what is live.
 *
 * @param title the headline
 * @param summary the short text that stands first and makes the teaser
 * @param body the text
 * @param section short name of the section, or empty
 * @param keywords free words, in the order they were given
 * @param slug last part of the address, or empty until there is a title
 * @param leadPicture name of the asset that stands for the item, or empty
 */
public record Content(
    String title,
    String summary,
    Document body,
    String section,
    List<String> keywords,
    String slug,
    String leadPicture) {

  /** Nothing written yet. */
  public static final Content EMPTY = new Content("", "", Document.EMPTY, "", List.of(), "", "");

  /** Most characters of a summary. Common practice. */
  public static final int SUMMARY_LIMIT = 250;

  public Content {
    title = PlainText.line(title);
    summary = PlainText.line(summary);
    keywords = tidyKeywords(keywords);
    leadPicture = Address.isAssetName(leadPicture) ? leadPicture : "";
  }

  private static List<String> tidyKeywords(List<String> given) {
    Set<String> seen = new LinkedHashSet<>();
    List<String> out = new ArrayList<>();
    for (String keyword : given) {
      String line = PlainText.line(keyword).replace(",", "");
      if (!line.isEmpty() && seen.add(line.toLowerCase(Locale.ROOT))) {
        out.add(line);
      }
    }
    return List.copyOf(out);
  }

  /** The same with another text. */
  public Content withBody(Document other) {
    return new Content(title, summary, other, section, keywords, slug, leadPicture);
  }

  /** The same with another title. */
  public Content withTitle(String other) {
    return new Content(other, summary, body, section, keywords, slug, leadPicture);
  }

  /** The same with another slug. */
  public Content withSlug(String other) {
    return new Content(title, summary, body, section, keywords, other, leadPicture);
  }
}
