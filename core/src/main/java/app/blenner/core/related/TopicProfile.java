package app.blenner.core.related;

import app.blenner.core.item.Content;
import app.blenner.core.item.ItemLink;
import app.blenner.core.terms.Terms;
import app.blenner.core.terms.WordForms;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * What an item is about, so far as another can be held against it.
 *
 * @param key its lasting key
 * @param language the language it is written in, without its country
 * @param section short name of its section, or empty; topics are topics of it
 * @param topics short names of its topics
 * @param keywords its keywords in small letters
 * @param terms the words it speaks of most, in the form it uses most, by their stems
 * @param links keys of the items it links to
 */
public record TopicProfile(
    String key,
    String language,
    String section,
    Set<String> topics,
    Set<String> keywords,
    Map<String, String> terms,
    Set<String> links) {

  /** A word that is used once says little of what a text is about. */
  private static final int LEAST_USES = 2;

  /**
   * The subject of an item.
   *
   * @param siteLanguage the language of items that say none
   */
  public static TopicProfile of(String key, Content content, String siteLanguage) {
    String tag = content.languageOn(siteLanguage);
    WordForms forms = new WordForms(tag);
    Map<String, String> terms = new LinkedHashMap<>();
    for (Terms.Use use : Terms.of(content.body(), List.of(), tag).densestWords()) {
      if (use.count() >= LEAST_USES) {
        terms.putIfAbsent(
            forms.stem(use.term()), use.term().toLowerCase(Locale.forLanguageTag(tag)));
      }
    }
    Set<String> keywords = new LinkedHashSet<>();
    content.keywords().forEach(k -> keywords.add(k.toLowerCase(Locale.ROOT)));
    Set<String> links = new LinkedHashSet<>();
    for (ItemLink link : ItemLink.linksIn(content.body())) {
      if (link.place() == ItemLink.Place.LINK) {
        links.add(link.target());
      }
    }
    return new TopicProfile(
        key,
        Locale.forLanguageTag(tag).getLanguage(),
        content.section(),
        new LinkedHashSet<>(content.topics()),
        keywords,
        terms,
        links);
  }
}
