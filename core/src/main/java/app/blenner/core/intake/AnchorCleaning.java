package app.blenner.core.intake;

import app.blenner.core.language.Slug;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jsoup.nodes.Element;

/**
 * Places of a foreign text that its own links lead to. A heading gets the name itself, any other block a jump target
 * before it. Names that programs made get one that people can read; a link to a place that did not come along gives way to its
 * words, and that is told.
 */
final class AnchorCleaning implements CleaningStep {
  private static final String HEADINGS = "h1, h2, h3, h4, h5, h6";
  private static final String BLOCKS =
      HEADINGS + ", p, li, table, blockquote, figure, pre, div, section, td, th";

  private final Set<String> taken = new HashSet<>();

  /**
   * @param namesInUse names of places that are there already
   */
  AnchorCleaning(Set<String> namesInUse) {
    taken.addAll(namesInUse);
  }

  @Override
  public boolean concerns(PageFeatures features) {
    return features.hasElement("a") || features.hasAttribute("id");
  }

  @Override
  public void take(Element body, IntakeReport.Tally tally) {
    List<Element> links =
        DomWalk.elementsNamed(body, "a").stream()
            .filter(a -> a.attributes().get("href").startsWith("#"))
            .toList();
    Map<String, Element> places = links.isEmpty() ? Map.of() : placesOf(body);
    Map<String, String> names = new HashMap<>();
    if (!links.isEmpty()) {
      body.select("div.jump-target[id]").forEach(t -> names.put(t.id(), t.id()));
    }
    Set<Element> kept = new HashSet<>();
    int nowhere = 0;
    for (Element a : links) {
      String name = decoded(a.attr("href").substring(1));
      Element place = places.get(name);
      if (name.isEmpty() || (place == null && !names.containsKey(name))) {
        a.removeAttr("href");
        nowhere += a.hasText() ? 1 : 0;
        continue;
      }
      String target = names.computeIfAbsent(name, n -> markOf(place, n, kept));
      a.attr("href", "#" + target);
    }
    // A name that nothing leads to says nothing here, unless a person may have chosen it.
    for (Element h : DomWalk.elementsNamed(body, "h1", "h2", "h3", "h4", "h5", "h6")) {
      if (!kept.contains(h) && !h.id().isEmpty() && isMadeUp(h.id())) {
        h.removeAttr("id");
      } else if (!kept.contains(h) && !h.id().isEmpty()) {
        taken.add(h.id());
      }
    }
    tally.dropped(IntakeReport.Dropped.LINK, nowhere);
  }

  static String decoded(String name) {
    try {
      return java.net.URLDecoder.decode(
          name.replace("+", "%2B"), java.nio.charset.StandardCharsets.UTF_8);
    } catch (IllegalArgumentException e) {
      return name;
    }
  }

  /** The elements a link of the page can lead to, by their names. */
  static Map<String, Element> placesOf(Element body) {
    Map<String, Element> out = new HashMap<>();
    for (Element e : body.select("[id], a[name]")) {
      if (!e.id().isEmpty()) {
        out.putIfAbsent(e.id(), e);
      }
      if (e.hasAttr("name")) {
        out.putIfAbsent(e.attr("name"), e);
      }
    }
    return out;
  }

  /** Names that programs give to places of their own. */
  private static boolean isMadeUp(String name) {
    return name.toLowerCase(Locale.ROOT)
        .matches("_(toc|ref|hlk|goback).*|[a-z]?[0-9a-f-]{16,}|__.*|.*guid.*");
  }

  /** Makes an element a place with a name, and gives the name. */
  private String markOf(Element place, String name, Set<Element> kept) {
    if (place.hasClass("jump-target")) {
      return place.id();
    }
    Element block = place.is(BLOCKS) ? place : place.closest(BLOCKS);
    Element heading = block == null ? null : block.closest(HEADINGS);
    if (heading != null) {
      String own = kept.contains(heading) ? heading.id() : free(readable(name, heading.text()));
      kept.add(heading);
      heading.id(own);
      return own;
    }
    Element at = block == null ? place : block;
    String own = free(readable(name, ""));
    Element target = new Element("div").addClass("jump-target").id(own);
    if (at.normalName().matches("li|td|th") || at.normalName().equals("body")) {
      at.prependChild(target);
    } else {
      at.before(target);
    }
    return own;
  }

  private static String readable(String name, String words) {
    boolean bad = isMadeUp(name) || !name.matches("[A-Za-z][\\w.-]*");
    String slug = bad ? Slug.of(words.isBlank() ? name.replaceFirst("^_+", "") : words) : name;
    return slug.isEmpty() || !Character.isLetter(slug.charAt(0)) ? "place" : slug;
  }

  private String free(String wanted) {
    String name = wanted;
    for (int n = 2; !taken.add(name); n++) {
      name = wanted + "-" + n;
    }
    return name;
  }
}
