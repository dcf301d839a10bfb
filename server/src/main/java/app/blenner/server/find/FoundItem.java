package app.blenner.server.find;

import java.time.Instant;
import java.util.List;
import org.hibernate.search.mapper.pojo.bridge.mapping.annotation.TypeBinderRef;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.DocumentId;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.Indexed;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.SearchEntity;
import org.hibernate.search.mapper.pojo.mapping.definition.annotation.TypeBinding;

/** An item as it is looked for: its working copy, or what readers see of it. */
@SearchEntity
@Indexed(index = "item")
@TypeBinding(binder = @TypeBinderRef(type = ItemBinder.class))
public final class FoundItem {
  /** Tells what readers see from the working copy, which has the key alone. */
  private static final String READERS = "!live";

  private final String key;
  private final boolean forReaders;
  private final Texts texts;
  private final Standing standing;
  private final long stamp;

  /**
   * What is written in it.
   *
   * @param language its BCP 47 tag, or that of the site
   * @param words all words of the text and of its fields, without markup
   * @param headings the words of the headings
   */
  public record Texts(
      String language,
      String title,
      String summary,
      List<String> headings,
      List<String> keywords,
      String words) {}

  /**
   * What it is, and how it stands.
   *
   * @param topics short names of topics of its section
   * @param forEditors whether it waits for an editor
   * @param forOwner whether it was given back to whom it belongs
   * @param mustFix whether something must be mended before it can go live
   * @param rules the ids of rules that find something in it
   * @param at when it was last changed, or first live
   */
  public record Standing(
      String kind,
      String stage,
      String section,
      List<String> topics,
      List<String> authors,
      long owner,
      boolean forEditors,
      boolean forOwner,
      boolean mustFix,
      List<String> rules,
      Instant at) {}

  /**
   * @param stamp another number whenever something else is to be found of the item
   */
  public FoundItem(String key, boolean forReaders, Texts texts, Standing standing, long stamp) {
    this.stamp = stamp;
    this.key = key;
    this.forReaders = forReaders;
    this.texts = texts;
    this.standing = standing;
  }

  /** What the index calls it. */
  @DocumentId
  public String getId() {
    return idOf(key, forReaders);
  }

  static String idOf(String key, boolean forReaders) {
    return forReaders ? key + READERS : key;
  }

  /** The key of the item the index calls so. */
  static String key(String id) {
    return id.endsWith(READERS) ? id.substring(0, id.length() - READERS.length()) : id;
  }

  long stamp() {
    return stamp;
  }

  boolean isForReaders() {
    return forReaders;
  }

  Texts texts() {
    return texts;
  }

  Standing standing() {
    return standing;
  }
}
