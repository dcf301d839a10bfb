package app.blenner.core.rule;

import app.blenner.core.document.Inline;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.Mark;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A link in running text: neighbours that lead to one place are one link, whatever else they wear.
 *
 * @param place the block in whose running text it stands
 * @param link where it leads
 * @param text its words
 * @param from its first character within the block's text
 * @param first its first piece of the running text
 * @param end the piece after its last
 */
public record LinkRun(Place place, Mark.Link link, String text, int from, int first, int end) {

  /** The character after its last. */
  public int to() {
    return from + text.length();
  }

  /** The links of a block's own running text. */
  public static List<LinkRun> of(Place place) {
    List<Inline> content = place.block().content();
    List<LinkRun> out = new ArrayList<>();
    int offset = 0;
    int i = 0;
    while (i < content.size()) {
      Optional<Mark.Link> link = content.get(i).marks().link();
      int end = i + 1;
      while (link.isPresent()
          && end < content.size()
          && content.get(end).marks().link().equals(link)) {
        end++;
      }
      String text = Inlines.textOf(content.subList(i, end));
      if (link.isPresent()) {
        out.add(new LinkRun(place, link.get(), text, offset, i, end));
      }
      offset += text.length();
      i = end;
    }
    return out;
  }
}
