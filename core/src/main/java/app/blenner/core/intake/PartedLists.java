package app.blenner.core.intake;

import app.blenner.core.format.html.HtmlNumber;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.Map;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;

/**
 * A list that a program has written in parts: each stretch of one level by itself, its level said by lists around it that
 * have no items, and the next stretch of the first level going on by its number. The inner list goes into the item it
 * stands below, and what goes on joins what it goes on with.
 */
final class PartedLists implements CleaningStep {
  private static final String[] LISTS = {"ol", "ul"};

  @Override
  public boolean concerns(PageFeatures features) {
    return features.hasElement("ul", "ol");
  }

  @Override
  public void take(Element body, IntakeReport.Tally tally) {
    // Of each list that took an inner one, how many items it has by now.
    Map<Element, Integer> whole = new IdentityHashMap<>();
    for (Element list : DomWalk.elementsNamed(body, LISTS)) {
      Element before = before(list);
      if (before == null || !isList(before) || !list.hasParent()) {
        continue;
      }
      if (isInner(list)) {
        if (settle(before, list)) {
          whole.computeIfAbsent(before, PartedLists::itemsOf);
        }
      } else if (whole.containsKey(before) && goesOn(before, whole.get(before), list)) {
        whole.merge(before, itemsOf(list), Integer::sum);
        before.appendChildren(new ArrayList<>(list.childNodes()));
        list.remove();
      }
    }
  }

  private static boolean isList(Element e) {
    return e.normalName().equals("ol") || e.normalName().equals("ul");
  }

  /** What stands before a list, but for white space. */
  private static Element before(Element list) {
    Node node = list.previousSibling();
    while (node instanceof TextNode t && t.isBlank()) {
      node = node.previousSibling();
    }
    return node instanceof Element e ? e : null;
  }

  /** Whether there is nothing in a list but lists. */
  private static boolean isInner(Element list) {
    return list.firstElementChild() != null
        && isList(list.firstElementChild())
        && list.ownText().isBlank()
        && list.children().stream().allMatch(PartedLists::isList);
  }

  /** Puts the lists within one that has no items into the last item of the list before it; false where there is none. */
  private static boolean settle(Element list, Element inner) {
    Element item = list.lastElementChild();
    if (item == null || !item.normalName().equals("li")) {
      return false;
    }
    for (Element child : inner.children()) {
      Element last = item.lastElementChild();
      boolean deeper = last != null && isList(last);
      if (deeper && isInner(child)) {
        settle(last, child);
      } else if (deeper && last.normalName().equals(child.normalName())) {
        last.appendChildren(new ArrayList<>(child.childNodes()));
      } else {
        item.appendChild(child);
      }
    }
    inner.remove();
    return true;
  }

  private static int itemsOf(Element list) {
    return (int) list.children().stream().filter(e -> e.normalName().equals("li")).count();
  }

  /** Whether a list begins with the number after the last of another. */
  private static boolean goesOn(Element list, int items, Element next) {
    if (!list.normalName().equals(next.normalName())) {
      return false;
    }
    if (!list.normalName().equals("ol")) {
      return true;
    }
    int first = HtmlNumber.of(list.attr("start")).orElse(1);
    return HtmlNumber.of(next.attr("start")).orElse(1) == first + items;
  }
}
