package app.blenner.core.preflight;

import app.blenner.core.document.Block;
import app.blenner.core.document.BlockPath;
import app.blenner.core.document.ButtonLink;
import app.blenner.core.document.Inline;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.Mark;
import app.blenner.core.document.Picture;
import app.blenner.core.item.Content;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Every link has words, or a picture with alternative text, to say where it goes. */
public final class EmptyLinkText implements Rule {
  @Override
  public String id() {
    return "empty-link-text";
  }

  @Override
  public String why() {
    return "A link without words cannot be seen, and a screen reader has nothing to say for it.";
  }

  @Override
  public String reference() {
    return "WCAG 2.2, success criteria 2.4.4 Link Purpose and 4.1.2; failure F89";
  }

  @Override
  public String need(int count) {
    return "words for " + (count == 1 ? "one link" : count + " links");
  }

  @Override
  public List<Finding> check(Content content) {
    List<Finding> found = new ArrayList<>();
    content.body().walk((path, block) -> check(path, block, found));
    return found;
  }

  private void check(BlockPath path, Block block, List<Finding> found) {
    if (block instanceof Picture p) {
      // While nobody has said what the picture shows, that is the finding to mend first.
      if (p.link() != null && p.alternative() != null && saysNothing(p.alternative())) {
        found.add(
            Finding.onBlock(
                this,
                Level.MUST_FIX,
                "This picture is a link, but says nothing of where it goes.",
                path,
                List.of(Fix.ask("Write alternative text", "alternative"))));
      }
    } else if (block instanceof ButtonLink b && saysNothing(b.label())) {
      found.add(
          Finding.onBlock(this, Level.MUST_FIX, "This button has no words.", path, List.of()));
    }
    running(path, block.content(), found);
  }

  private void running(BlockPath path, List<Inline> content, List<Finding> found) {
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
      String text = Inlines.text(content.subList(i, end));
      if (link.isPresent() && saysNothing(text)) {
        int first = i;
        int last = end;
        found.add(
            new Finding(
                id(),
                Level.MUST_FIX,
                "A link here has no words.",
                why(),
                "body",
                path,
                offset,
                offset + text.length(),
                List.of(Fix.make("Remove the link", c -> unlinked(c, path, first, last)))));
      }
      offset += text.length();
      i = end;
    }
  }

  /** The content without the link on some pieces of a block's running text, and on no others. */
  private static Content unlinked(Content content, BlockPath path, int first, int last) {
    return content.withBody(
        content
            .body()
            .change(path, block -> block.mapContent(inlines -> unlinked(inlines, first, last))));
  }

  private static List<Inline> unlinked(List<Inline> content, int first, int last) {
    List<Inline> out = new ArrayList<>(content);
    for (int i = first; i < Math.min(last, out.size()); i++) {
      Inline inline = out.get(i);
      out.set(i, inline.withMarks(inline.marks().without(Mark.Link.class::isInstance)));
    }
    return out;
  }

  /** Whether there is no character to be seen or heard. */
  static boolean saysNothing(String text) {
    return text.codePoints()
        .allMatch(
            c ->
                Character.isWhitespace(c)
                    || Character.isSpaceChar(c)
                    || Character.getType(c) == Character.FORMAT);
  }
}
