package app.blenner.core.intake;

import app.blenner.core.format.html.HtmlNumber;
import java.util.ArrayList;
import java.util.List;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;

/**
 * A table within an item of a list: on a page of its own width nobody can read it. It comes to stand behind the item, the
 * list goes on below with the next number, and that is told.
 */
final class ListTables implements CleaningStep {
  @Override
  public boolean concerns(PageFeatures features) {
    return features.hasElement("table") && features.hasElement("ul", "ol");
  }

  @Override
  public void take(Element body, IntakeReport.Tally tally) {
    int moved = 0;
    List<Element> tables = new ArrayList<>(body.select("li table"));
    for (Element table : tables) {
      if (table.parents().stream().anyMatch(p -> p.normalName().equals("table"))) {
        continue; // it goes where the one around it goes
      }
      while (table.closest("li") != null) {
        part(table);
      }
      moved++;
    }
    if (moved > 0) {
      tally.note(
          moved == 1
              ? "A table in an item of a list stands below that item now."
              : moved + " tables in items of lists stand below those items now.");
    }
  }

  /** Takes the table out of the innermost list it is in, and parts the list there. */
  private static void part(Element table) {
    Element item = table.closest("li");
    Element list = item.parent();
    if (list == null || !list.normalName().matches("ul|ol|menu|dir")) {
      item.tagName("div");
      return;
    }
    Element rest = list.shallowClone();
    rest.removeAttr("id");
    Element restItem = new Element("li");
    // What follows the table in its item follows it on the page.
    Node at = table;
    Node below = at;
    while (below.parent() != item) {
      below = below.parent();
    }
    Node after = below.nextSibling();
    while (after != null) {
      Node next = after.nextSibling();
      restItem.appendChild(after);
      after = next;
    }
    table.remove();
    int number = numberOf(list, item);
    Element sibling = item.nextElementSibling();
    while (sibling != null) {
      Element next = sibling.nextElementSibling();
      rest.appendChild(sibling);
      sibling = next;
    }
    list.after(table);
    Node last = table;
    for (Node node : new ArrayList<>(restItem.childNodes())) {
      last.after(node);
      last = node;
    }
    if (rest.childrenSize() > 0) {
      if (list.normalName().equals("ol") && !rest.child(0).hasAttr("value")) {
        rest.attr("start", Integer.toString(number + (list.hasAttr("reversed") ? -1 : 1)));
      }
      last.after(rest);
    }
    if (!item.hasText() && item.select("img").isEmpty()) {
      item.remove();
    }
    if (list.childrenSize() == 0) {
      list.remove();
    }
  }

  private static int numberOf(Element list, Element item) {
    List<Element> items =
        list.children().stream().filter(e -> e.normalName().equals("li")).toList();
    boolean reversed = list.hasAttr("reversed");
    int number = HtmlNumber.of(list.attr("start")).orElse(reversed ? items.size() : 1);
    for (Element li : items) {
      number = HtmlNumber.of(li.attr("value")).orElse(number);
      if (li == item) {
        return number;
      }
      number += reversed ? -1 : 1;
    }
    return number;
  }
}
