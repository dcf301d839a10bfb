package app.blenner.core.intake;

import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import org.jsoup.nodes.Attributes;
import org.jsoup.nodes.Element;

/**
 * What occurs anywhere in a page: looked at once, so that a step is spared a page without the habit it
 * knows. Programs repeat a few classes and styles hundreds of times; each is kept once.
 */
final class PageFeatures {
  private static final String[] NOTED = {"class", "style", "id", "role"};

  private final Set<String> elements = new HashSet<>();
  private final Set<String> attributes = new HashSet<>();
  private final Set<String> values = new HashSet<>();

  PageFeatures(Element body) {
    DomWalk.visitElements(
        body,
        e -> {
          elements.add(e.normalName());
          if (e.attributesSize() > 0) {
            attributes(e);
          }
        });
  }

  private void attributes(Element e) {
    // The parser has made all names small, so that they need not be compared in every case.
    Attributes all = e.attributes();
    for (String name : NOTED) {
      String value = all.get(name);
      if (!value.isEmpty()) {
        attributes.add(name);
        values.add(value);
      }
    }
    if (all.hasKey("dir")) {
      attributes.add("dir");
    }
    if (all.hasKey("hidden")) {
      attributes.add("hidden");
    }
    String href = e.normalName().equals("a") ? all.get("href") : "";
    int hash = href.indexOf('#');
    if (hash >= 0) {
      values.add(href.substring(hash, Math.min(href.length(), hash + 5)));
    }
  }

  /** Whether one of these elements occurs. */
  boolean hasElement(String... names) {
    for (String name : names) {
      if (elements.contains(name)) {
        return true;
      }
    }
    return false;
  }

  /** Whether an element has one of these: class, style, id, role, dir, hidden. */
  boolean hasAttribute(String... names) {
    for (String name : names) {
      if (attributes.contains(name)) {
        return true;
      }
    }
    return false;
  }

  /**
   * Whether one of these words stands within a class, a style, an id, a role or the beginning of a
   * link to a place of the page, in whatever case.
   */
  boolean hasWord(String... words) {
    for (String value : values) {
      String small = value.toLowerCase(Locale.ROOT);
      for (String word : words) {
        if (small.contains(word)) {
          return true;
        }
      }
    }
    return false;
  }
}
