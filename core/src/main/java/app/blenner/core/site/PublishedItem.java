package app.blenner.core.site;

import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.kind.StandardFields;
import java.time.Instant;
import java.util.List;

/**
 * An item as it goes to readers.
 *
 * @param key its lasting key
 * @param kind its kind
 * @param content what is written in it
 * @param author the name under it
 * @param firstLive when readers first saw it; null for a proof of what was never live
 * @param updated when readers first saw this text of it; null likewise
 * @param under the address of its section's page, or empty where it is in none
 */
public record PublishedItem(
    String key,
    Kind kind,
    Content content,
    String author,
    Instant firstLive,
    Instant updated,
    String under) {

  /** One in no section, or in one at the top that was never moved. */
  public PublishedItem(
      String key, Kind kind, Content content, String author, Instant firstLive, Instant updated) {
    this(
        key,
        kind,
        content,
        author,
        firstLive,
        updated,
        content.section().isEmpty() ? "" : "/" + content.section());
  }

  /** The names of those it is of, one by one. */
  public List<String> authors() {
    List<String> authors = StandardFields.texts(content, StandardFields.AUTHORS);
    return authors.isEmpty() ? List.of(author) : authors;
  }

  /** Its address on the site. */
  public String path() {
    return under + "/" + content.slug();
  }
}
