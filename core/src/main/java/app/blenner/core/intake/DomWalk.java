package app.blenner.core.intake;

import app.blenner.core.document.CancellationToken;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;

/**
 * Walks through a page, for steps that ask for no more than a name: cheaper than a selector. They go
 * down by recursion, since the parser lets no page become deeper than 512 elements; what a walk calls
 * must neither add nor remove nodes.
 */
final class DomWalk {
  /** Fewer nodes are taken out sooner one by one. */
  private static final int FEW = 8;

  private DomWalk() {}

  /** Calls back for every element within another, in order. */
  static void visitElements(Element within, Consumer<Element> visit) {
    for (int i = 0; i < within.childNodeSize(); i++) {
      if (within.childNode(i) instanceof Element e) {
        CancellationToken.check();
        visit.accept(e);
        visitElements(e, visit);
      }
    }
  }

  /** Calls back for every piece of text within an element, in order. */
  static void texts(Element within, Consumer<TextNode> visit) {
    for (int i = 0; i < within.childNodeSize(); i++) {
      Node node = within.childNode(i);
      if (node instanceof TextNode t) {
        visit.accept(t);
      } else if (node instanceof Element e) {
        texts(e, visit);
      }
    }
  }

  /**
   * Takes nodes out of their elements. One by one, each would move all that follow it: of a text with a hundred thousand
   * lines that is far too much.
   */
  static void remove(Collection<? extends Node> nodes) {
    if (nodes.size() < FEW) {
      nodes.forEach(Node::remove);
      return;
    }
    Set<Node> gone = Collections.newSetFromMap(new IdentityHashMap<>());
    Set<Element> parents = Collections.newSetFromMap(new IdentityHashMap<>());
    gone.addAll(nodes);
    for (Node node : nodes) {
      if (node.parent() instanceof Element parent) {
        parents.add(parent);
      }
    }
    for (Element parent : parents) {
      List<Node> rest = new ArrayList<>(parent.childNodes());
      rest.removeIf(gone::contains);
      parent.empty();
      parent.appendChildren(rest);
    }
  }

  /** Takes elements away and leaves what is in them. As with {@link #remove}, all at once. */
  static void unwrap(Collection<Element> elements) {
    Set<Node> opened = Collections.newSetFromMap(new IdentityHashMap<>());
    Set<Element> parents = Collections.newSetFromMap(new IdentityHashMap<>());
    opened.addAll(elements);
    for (Element e : elements) {
      if (e.parent() != null && !opened.contains(e.parent())) {
        parents.add(e.parent());
      }
    }
    for (Element parent : parents) {
      List<Node> children = new ArrayList<>();
      parent.childNodes().forEach(n -> inside(n, opened, children));
      parent.empty();
      parent.appendChildren(children);
    }
  }

  private static void inside(Node node, Set<Node> opened, List<Node> out) {
    if (opened.contains(node)) {
      List<Node> within = new ArrayList<>(node.childNodes());
      ((Element) node).empty();
      within.forEach(n -> inside(n, opened, out));
    } else {
      out.add(node);
    }
  }

  /** The elements of these many names within a page, in order. */
  static List<Element> elementsNamed(Element body, Set<String> names) {
    List<Element> out = new ArrayList<>();
    visitElements(
        body,
        e -> {
          if (names.contains(e.normalName())) {
            out.add(e);
          }
        });
    return out;
  }

  /** The elements of these few names within a page, in order. */
  static List<Element> elementsNamed(Element body, String... names) {
    List<Element> out = new ArrayList<>();
    visitElements(
        body,
        e -> {
          // A few short names are told apart sooner than any of them is hashed.
          String own = e.normalName();
          for (String name : names) {
            if (own.equals(name)) {
              out.add(e);
              return;
            }
          }
        });
    return out;
  }
}
