package app.blenner.core.site;

import app.blenner.core.item.Content;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Set;

/** The names of the places at which live items are listed: everything, a section, a topic, a keyword. */
public final class ListPlace {
  /** Every live item. */
  public static final String EVERYTHING = "";

  /** A name has at most so many characters of a keyword; those that are the same so far stand together. */
  private static final int LONGEST = 200;

  private ListPlace() {}

  /** The place of a section; that of everything, without one. */
  public static String ofSection(String section) {
    return section.isEmpty() ? EVERYTHING : "s:" + section;
  }

  /** The place of a topic of a section; that of its items without a topic, without one. */
  public static String ofTopic(String section, String topic) {
    return "t:" + section + "/" + topic;
  }

  /** The place of a keyword, however it is written. */
  public static String ofKeyword(String keyword) {
    String word = keyword.toLowerCase(Locale.ROOT);
    return "k:" + word.substring(0, Math.min(LONGEST, word.length()));
  }

  /**
   * All places at which an item with this content is listed while it is live: also in the sections its section is a part of.
   *
   * @param tree the sections of the site
   */
  public static Set<String> of(Content content, SectionTree tree) {
    Set<String> out = new LinkedHashSet<>();
    out.add(EVERYTHING);
    out.add(ofSection(content.section()));
    tree.way(content.section()).forEach(s -> out.add(ofSection(s.slug())));
    content.topics().forEach(t -> out.add(ofTopic(content.section(), t)));
    if (content.topics().isEmpty() && !content.section().isEmpty()) {
      out.add(ofTopic(content.section(), ""));
    }
    content.keywords().forEach(k -> out.add(ofKeyword(k)));
    return out;
  }
}
