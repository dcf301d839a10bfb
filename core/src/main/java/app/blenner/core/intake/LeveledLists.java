package app.blenner.core.intake;

import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;

/**
 * Lists whose items stand one below the other and only say at which level they are: in one list, or each in a list, and
 * often a box, of its own. They become one list with lists inside.
 */
final class LeveledLists implements CleaningStep {
  private static final String[] LEVELS = {
    "aria-level", "data-aria-level", "data-level", "data-indent", "data-list-level"
  };
  private static final Pattern CLASS =
      Pattern.compile("(?:^|[\\s_-])(?:indent|level|lvl)[-_]?(\\d{1,2})(?:$|\\s)");

  @Override
  public boolean concerns(PageFeatures features) {
    return features.hasElement("ul", "ol");
  }

  @Override
  public void take(Element body, IntakeReport.Tally tally) {
    Set<Element> done = Collections.newSetFromMap(new IdentityHashMap<>());
    for (Element list : body.select("ul, ol")) {
      if (done.contains(list) || !list.hasParent() || !isLeveled(list)) {
        continue;
      }
      List<Element> run = run(list);
      done.addAll(run);
      nest(run);
    }
  }

  /** The level an item says it has, from whatever it counts from. */
  private static OptionalInt levelOf(Element li) {
    for (String name : LEVELS) {
      String said = li.attr(name);
      if (said.matches("\\d{1,2}")) {
        return OptionalInt.of(Integer.parseInt(said));
      }
    }
    Matcher named = CLASS.matcher(li.className());
    return named.find() ? OptionalInt.of(Integer.parseInt(named.group(1))) : OptionalInt.empty();
  }

  private static List<Element> itemsOf(Element list) {
    return list.children().stream().filter(e -> e.normalName().equals("li")).toList();
  }

  /** Whether the items of a list say levels and have no lists inside, which would say the same by being there. */
  private static boolean isLeveled(Element list) {
    List<Element> items = itemsOf(list);
    return !items.isEmpty()
        && items.size() == list.childrenSize()
        && items.stream().anyMatch(i -> levelOf(i).isPresent())
        && list.select("ul, ol").size() == 1;
  }

  /** The lists that follow each other with nothing between, each perhaps alone in boxes. */
  private static List<Element> run(Element list) {
    List<Element> out = new ArrayList<>(List.of(list));
    Element outer = outermost(list);
    for (Element next = next(outer); next != null; next = next(outermost(next))) {
      if (!isLeveled(next)) {
        break;
      }
      out.add(next);
    }
    return out;
  }

  /** The outermost box that holds nothing but the list. */
  private static Element outermost(Element list) {
    Element at = list;
    while (at.parent() != null
        && at.parent().normalName().equals("div")
        && at.parent().childrenSize() == 1
        && at.parent().ownText().isBlank()) {
      at = at.parent();
    }
    return at;
  }

  private static Element next(Element outer) {
    Node after = outer.nextSibling();
    while (after instanceof TextNode t && t.isBlank()) {
      after = after.nextSibling();
    }
    Element e = after instanceof Element x ? x : null;
    while (e != null
        && e.normalName().equals("div")
        && e.childrenSize() == 1
        && e.ownText().isBlank()) {
      e = e.child(0);
    }
    return e != null && e.normalName().matches("ul|ol") ? e : null;
  }

  private static void nest(List<Element> run) {
    int least =
        run.stream()
            .flatMap(l -> itemsOf(l).stream())
            .mapToInt(i -> levelOf(i).orElse(0))
            .min()
            .orElse(0);
    // open.get(n) is the list open at depth n, and said.get(n) the level its items say.
    List<Element> open = new ArrayList<>();
    List<Integer> said = new ArrayList<>();
    Element place = outermost(run.get(0));
    Element last = place;
    for (Element list : run) {
      for (Element li : itemsOf(list)) {
        int level = levelOf(li).orElse(least);
        while (said.size() > 1 && said.get(said.size() - 1) > level) {
          said.remove(said.size() - 1);
          open.remove(open.size() - 1);
        }
        int depth = said.size() - 1;
        boolean deeper = depth < 0 || level > said.get(depth);
        boolean other =
            depth >= 0
                && !deeper
                && !kindOf(open.get(depth), li).equals(open.get(depth).normalName());
        if (deeper || other) {
          Element made = like(list, li);
          if (other) {
            said.remove(depth);
            open.remove(depth);
          }
          if (open.isEmpty()) {
            last.after(made);
            last = made;
          } else {
            Element above = open.get(open.size() - 1).lastElementChild();
            above.appendChild(made);
          }
          open.add(made);
          said.add(level);
        }
        open.get(open.size() - 1).appendChild(li);
      }
    }
    for (Element list : run) {
      outermost(list).remove();
    }
  }

  /** Whether an item wants a list with numbers: one list may hold both kinds, told apart by their items. */
  private static String kindOf(Element in, Element li) {
    Element of = li.parent() == null ? in : li.parent();
    String said = li.attr("data-list").toLowerCase(java.util.Locale.ROOT);
    return said.equals("ordered") ? "ol" : said.equals("bullet") ? "ul" : of.normalName();
  }

  private static Element like(Element list, Element li) {
    Element made = new Element(kindOf(list, li));
    for (String name : new String[] {"type", "start", "style", "class", "dir", "reversed"}) {
      if (list.hasAttr(name)) {
        made.attr(name, list.attr(name));
      }
    }
    return made;
  }
}
