package app.blenner.core.format.html;

import app.blenner.core.document.Inline;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Text;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;

/**
 * Writes running text. Marks nest by their rank, and an element stays open as long as the runs that
 * follow share it, so that a run of marks gives the fewest elements and always the same ones.
 */
final class InlineWriter {
  private static final Set<String> GENERIC =
      Set.of("serif", "sans-serif", "monospace", "cursive", "fantasy", "system-ui");

  private final HtmlOut out;
  private final Consumer<Mark.Link> openLink;
  private final Consumer<Mark.Link> closeLink;

  InlineWriter(HtmlOut out, Consumer<Mark.Link> openLink, Consumer<Mark.Link> closeLink) {
    this.out = out;
    this.openLink = openLink;
    this.closeLink = closeLink;
  }

  void write(List<Inline> content) {
    List<Mark> open = new ArrayList<>();
    for (Inline inline : content) {
      List<Mark> wanted = inline.marks().all();
      int shared = 0;
      while (shared < open.size()
          && shared < wanted.size()
          && open.get(shared).equals(wanted.get(shared))) {
        shared++;
      }
      closeTo(open, shared);
      for (Mark mark : wanted.subList(shared, wanted.size())) {
        open(mark);
        open.add(mark);
      }
      if (inline instanceof Text text) {
        out.text(text.text());
      } else {
        out.tag("br");
      }
    }
    closeTo(open, 0);
  }

  private void closeTo(List<Mark> open, int size) {
    while (open.size() > size) {
      Mark mark = open.remove(open.size() - 1);
      if (mark instanceof Mark.Link link) {
        closeLink.accept(link);
      } else {
        out.close(elementOf(mark));
      }
    }
  }

  private static String elementOf(Mark mark) {
    if (mark instanceof Mark.Plain plain) {
      return plain.element();
    }
    return switch (((Mark.Valued) mark).kind()) {
      case MERGE_FIELD -> "data";
      case ABBREVIATION -> "abbr";
      case HIGHLIGHT -> "mark";
      default -> "span";
    };
  }

  private void open(Mark mark) {
    if (mark instanceof Mark.Link link) {
      openLink.accept(link);
      return;
    }
    out.open(elementOf(mark));
    if (mark instanceof Mark.Valued valued) {
      String value = valued.value();
      switch (valued.kind()) {
        case MERGE_FIELD -> out.attribute("value", value);
        case LANGUAGE -> out.attribute("lang", value);
        case ABBREVIATION -> out.attribute("title", value);
        case STYLE -> out.attribute("class", "style-" + value);
        case FONT -> out.attribute("style", "font-family: " + familyOf(value));
        case SIZE -> out.attribute("style", "font-size: " + value);
        case COLOUR -> out.attribute("style", "color: " + value);
        case HIGHLIGHT ->
            out.attributeIf("style", value.isEmpty() ? "" : "background-color: " + value);
      }
    }
    out.endOpen();
  }

  private static String familyOf(String name) {
    return GENERIC.contains(name) ? name : "'" + name + "'";
  }
}
