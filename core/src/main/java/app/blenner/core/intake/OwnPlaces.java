package app.blenner.core.intake;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jsoup.nodes.Element;

/**
 * Links to places of the very page a text was copied from. A browser makes every address on its clipboard absolute, so
 * that a link to a note two lines below names the page it was on; where most places that an address names came along, it
 * is that page, and the link stays within the text.
 */
final class OwnPlaces implements CleaningStep {
  @Override
  public boolean concerns(PageFeatures features) {
    return features.hasElement("a");
  }

  @Override
  public void take(Element body, IntakeReport.Tally tally) {
    Map<String, List<Element>> pages =
        DomWalk.elementsNamed(body, "a").stream()
            .filter(a -> isPlace(a.attributes().get("href")))
            .collect(Collectors.groupingBy(a -> pageOf(a.attributes().get("href"))));
    if (pages.isEmpty()) {
      return;
    }
    Set<String> names = AnchorCleaning.placesOf(body).keySet();
    for (List<Element> links : pages.values()) {
      Map<Element, String> here = new HashMap<>();
      for (Element a : links) {
        String name = a.attr("href").substring(a.attr("href").indexOf('#') + 1);
        if (names.contains(AnchorCleaning.decoded(name))) {
          here.put(a, name);
        }
      }
      if (here.size() * 2 >= links.size()) {
        here.forEach((a, name) -> a.attr("href", "#" + name));
      }
    }
  }

  private static boolean isPlace(String href) {
    return href.indexOf('#') > 0 && href.indexOf('#') < href.length() - 1;
  }

  private static String pageOf(String href) {
    return href.substring(0, href.indexOf('#'));
  }
}
