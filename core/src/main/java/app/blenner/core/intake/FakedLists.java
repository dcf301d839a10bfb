package app.blenner.core.intake;

import app.blenner.core.format.html.StyleDeclarations;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.nodes.Comment;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;

/**
 * Lists that word processors put on the clipboard as paragraphs: the level is in the paragraph's
 * style, the sign or number is typed text that says it is only for show. Where no level is said, an
 * indent with a sign is taken for one.
 */
final class FakedLists implements CleaningStep {
  private static final Pattern SAID = Pattern.compile("(?i)mso-list:\\s*(l\\d+)\\s+level(\\d+)");

  private static final int LONGEST_MARKER = 60;

  /** A sign or number that is only for show. */
  private static final Pattern FOR_SHOW = Pattern.compile("(?i)mso-list:\\s*ignore");

  private static final Set<String> LINES = Set.of("p", "h1", "h2", "h3", "h4", "h5", "h6");

  /** A paragraph that is an item: at which level from 1, behind which marker. */
  private record Item(Element paragraph, String list, int level, ListMarker marker) {}

  @Override
  public void take(Element body, IntakeReport.Tally tally) {
    Set<Element> parents = new LinkedHashSet<>();
    DomWalk.elementsNamed(body, LINES).forEach(p -> parents.add(p.parent()));
    parents.forEach(FakedLists::within);
  }

  private static void within(Element parent) {
    List<Node> nodes = new ArrayList<>(parent.childNodes());
    List<List<Item>> runs = runsOf(nodes);
    if (runs.isEmpty()) {
      return;
    }
    // Taken out one by one, each paragraph would move all that follow it.
    parent.empty();
    Map<Node, Element> lists = new IdentityHashMap<>();
    Set<Node> items = Collections.newSetFromMap(new IdentityHashMap<>());
    for (List<Item> run : runs) {
      run.forEach(i -> items.add(i.paragraph()));
      build(run, lists);
    }
    for (Node node : nodes) {
      if (lists.containsKey(node)) {
        parent.appendChild(lists.get(node));
      }
      if (!items.contains(node)) {
        parent.appendChild(node);
      }
    }
  }

  /** The items that follow each other among nodes, as far as they make lists. */
  private static List<List<Item>> runsOf(List<Node> nodes) {
    List<List<Item>> runs = new ArrayList<>();
    List<Item> run = new ArrayList<>();
    for (int i = 0; i < nodes.size(); i++) {
      Node node = nodes.get(i);
      if (node instanceof Element e) {
        Optional<Item> item = itemOf(e);
        if (item.isPresent() && (run.isEmpty() || goesOn(run, item.get()))) {
          run.add(item.get());
        } else if (item.isPresent()) {
          end(run, runs);
          run = new ArrayList<>(List.of(item.get()));
        } else if (!run.isEmpty() && !isRoom(e, nodes, i)) {
          end(run, runs);
          run = new ArrayList<>();
        }
      } else if (node instanceof TextNode t && !t.isBlank()) {
        end(run, runs);
        run = new ArrayList<>();
      }
    }
    end(run, runs);
    return runs;
  }

  /** One line with a sign is not a list yet. */
  private static void end(List<Item> run, List<List<Item>> runs) {
    if (run.size() > 1 || (run.size() == 1 && !run.get(0).list().isEmpty())) {
      runs.add(run);
    }
  }

  /** A list whose level is said, and one that only looks so, are never one. */
  private static boolean goesOn(List<Item> run, Item next) {
    return run.get(0).list().isEmpty() == next.list().isEmpty();
  }

  /** Whether an element is an empty paragraph between two items, which parts nothing. */
  private static boolean isRoom(Element e, List<Node> nodes, int at) {
    if (!e.normalName().equals("p")
        || !BlankLines.isBlank(e)
        || !e.select("img, table, hr").isEmpty()) {
      return false;
    }
    for (int i = at + 1; i < nodes.size(); i++) {
      if (nodes.get(i) instanceof Element next) {
        return itemOf(next).isPresent();
      }
    }
    return false;
  }

  private static Optional<Item> itemOf(Element e) {
    String style = e.attributes().get("style");
    boolean heading = e.normalName().length() == 2 && e.normalName().charAt(0) == 'h';
    Matcher said = StyleDeclarations.mentions(style, "mso-list") ? SAID.matcher(style) : null;
    if (said != null && said.find()) {
      Element sign = signOf(e);
      String marker = sign == null ? wordsOf(betweenComments(e)) : sign.text();
      if (heading || (sign == null && marker.isEmpty())) {
        return Optional.empty(); // numbered headings stay headings; “level0” text has no sign
      }
      int level = Math.max(1, Integer.parseInt(said.group(2)));
      return Optional.of(
          new Item(
              e,
              said.group(1),
              level,
              ListMarker.alone(marker, StyleDeclarations.valueOf(e, "mso-level-number-format"))));
    }
    if (heading || !e.normalName().equals("p")) {
      return Optional.empty();
    }
    Optional<ListMarker> marker = ListMarker.of(beginningOf(e));
    if (marker.isEmpty() || !(marker.get().sure() || isHanging(e))) {
      return Optional.empty();
    }
    return Optional.of(new Item(e, "", 0, marker.get()));
  }

  private static Element signOf(Element within) {
    for (int i = 0; i < within.childNodeSize(); i++) {
      if (!(within.childNode(i) instanceof Element e)) {
        continue;
      }
      String style = e.attributes().get("style");
      if (StyleDeclarations.mentions(style, "list:") && FOR_SHOW.matcher(style).find()) {
        return e;
      }
      Element inner = signOf(e);
      if (inner != null) {
        return inner;
      }
    }
    return null;
  }

  /** The first characters of a paragraph, as many as the longest marker needs. */
  private static String beginningOf(Element p) {
    String first = firstText(p).stripLeading();
    if (first.length() > 8 && !ListMarker.mayBegin(first)) {
      return ""; // nearly all of them
    }
    StringBuilder out = new StringBuilder(LONGEST_MARKER);
    begin(p, out);
    return out.toString();
  }

  /** The first text of a paragraph that is more than white space; empty where there is none. */
  private static String firstText(Element e) {
    for (int i = 0; i < e.childNodeSize(); i++) {
      Node n = e.childNode(i);
      String text =
          n instanceof TextNode t ? t.getWholeText() : n instanceof Element x ? firstText(x) : "";
      if (!text.isBlank()) {
        return text;
      }
    }
    return "";
  }

  private static void begin(Element e, StringBuilder out) {
    for (int i = 0; i < e.childNodeSize() && out.length() < LONGEST_MARKER; i++) {
      Node n = e.childNode(i);
      if (n instanceof TextNode t) {
        String text = t.getWholeText();
        out.append(out.length() == 0 ? text.stripLeading() : text);
      } else if (n instanceof Element inner) {
        begin(inner, out);
      }
    }
  }

  /** A first line that begins left of the others leaves room for a sign. */
  private static boolean isHanging(Element p) {
    return StyleDeclarations.points(StyleDeclarations.valueOf(p, "text-indent")) < 0;
  }

  /** What stands where programs that know lists are told to look away. */
  private static List<Node> betweenComments(Element e) {
    List<Node> out = new ArrayList<>();
    boolean inside = false;
    for (Node n : e.childNodes()) {
      if (n instanceof Comment c) {
        String data = c.getData().toLowerCase(Locale.ROOT);
        inside = data.contains("supportlists") || (inside && !data.contains("endif"));
      } else if (inside) {
        out.add(n);
      }
    }
    return out;
  }

  private static String wordsOf(List<Node> nodes) {
    StringBuilder out = new StringBuilder();
    nodes.forEach(n -> out.append(n instanceof Element x ? x.text() : n.toString()));
    return out.toString().strip();
  }

  /**
   * Makes lists of items that follow each other.
   *
   * @param before takes the lists at the first level, each by the paragraph in whose place it comes
   */
  private static void build(List<Item> run, Map<Node, Element> before) {
    List<Item> items = run.get(0).list().isEmpty() ? byIndent(run) : run;
    // lists.get(l) is the list open at level l + 1.
    List<Element> lists = new ArrayList<>();
    // What the next number of each open list would be.
    List<Integer> next = new ArrayList<>();
    Element last = null;
    String inList = "";
    int counted = 0;
    for (Item item : items) {
      int level = Math.min(item.level(), lists.size() + 1);
      while (lists.size() > level) {
        lists.remove(lists.size() - 1);
        next.remove(next.size() - 1);
      }
      boolean other =
          lists.size() == level
              && !lists.get(level - 1).normalName().equals(item.marker().sign() ? "ul" : "ol");
      boolean anew =
          last != null
              && level == 1
              && item.marker().number() != counted + 1
              && !item.marker().sign()
              && !item.list().equals(inList);
      if (other || (anew && lists.size() == level)) {
        lists.remove(level - 1);
        next.remove(level - 1);
      }
      if (lists.size() < level) {
        Element list = list(item.marker());
        if (level == 1) {
          before.put(item.paragraph(), list);
        } else {
          last.appendChild(list);
        }
        lists.add(list);
        next.add(item.marker().number());
      }
      Element li = new Element("li");
      int number = item.marker().number();
      if (!item.marker().sign() && number != next.get(level - 1)) {
        li.attr("value", Integer.toString(number));
      }
      next.set(level - 1, number + 1);
      lists.get(level - 1).appendChild(li);
      strip(item);
      item.paragraph().attr("style", "");
      li.appendChild(item.paragraph());
      last = li;
      inList = level == 1 ? item.list() : inList;
      counted = level == 1 ? item.marker().number() : counted;
    }
  }

  private static Element list(ListMarker marker) {
    Element list = new Element(marker.sign() ? "ul" : "ol");
    if (!marker.sign() && !marker.type().equals("1")) {
      list.attr("type", marker.type());
    }
    if (!marker.sign() && marker.number() != 1) {
      list.attr("start", Integer.toString(marker.number()));
    }
    return list;
  }

  /** Levels by how far the paragraphs are set in. */
  private static List<Item> byIndent(List<Item> run) {
    TreeSet<Double> indents = new TreeSet<>();
    run.forEach(i -> indents.add(indentOf(i.paragraph())));
    List<Item> out = new ArrayList<>();
    for (Item i : run) {
      int level = indents.headSet(indentOf(i.paragraph()), true).size();
      out.add(new Item(i.paragraph(), "", level, i.marker()));
    }
    return out;
  }

  private static double indentOf(Element p) {
    return (double)
        Math.round(StyleDeclarations.points(StyleDeclarations.valueOf(p, "margin-left")));
  }

  /** Takes the sign out of the text. */
  private static void strip(Item item) {
    Element p = item.paragraph();
    if (item.list().isEmpty()) {
      String text = p.wholeText();
      cut(p, text.length() - text.stripLeading().length() + item.marker().length());
      return;
    }
    for (Element sign = signOf(p); sign != null; sign = signOf(p)) {
      sign.remove();
    }
    betweenComments(p).forEach(Node::remove);
  }

  /** Cuts characters off the front, through whatever elements they are in. */
  private static void cut(Element p, int characters) {
    int[] left = {characters};
    DomWalk.texts(
        p,
        t -> {
          int n = Math.min(left[0], t.getWholeText().length());
          if (n > 0) {
            t.text(t.getWholeText().substring(n));
            left[0] -= n;
          }
        });
  }
}
