package app.blenner.core.preflight;

import app.blenner.core.document.Heading;
import app.blenner.core.item.Content;
import java.util.ArrayList;
import java.util.List;

/** Heading levels go down one at a time. The page's title is level 1. */
public final class HeadingSkipped implements Rule {
  @Override
  public String id() {
    return "heading-skipped";
  }

  @Override
  public String why() {
    return "Screen readers and search engines read the levels as the outline of the page.";
  }

  @Override
  public String reference() {
    return "WCAG 2.2, success criterion 1.3.1 Info and Relationships; technique G141";
  }

  @Override
  public String need(int count) {
    return count == 1 ? "a heading of another level" : count + " headings of another level";
  }

  @Override
  public List<Finding> check(Content content) {
    List<Finding> found = new ArrayList<>();
    int[] before = {1};
    content
        .body()
        .walk(
            (path, block) -> {
              if (block instanceof Heading h) {
                int wanted = before[0] + 1;
                if (h.level() > wanted) {
                  String message =
                      before[0] == 1
                          ? "The first heading is level "
                              + h.level()
                              + "; the outline begins with 2."
                          : "Heading "
                              + h.level()
                              + " follows heading "
                              + before[0]
                              + "; a level is skipped.";
                  Fix fix =
                      Fix.make(
                          "Make it heading " + wanted,
                          c ->
                              c.withBody(
                                  c.body().change(path, b -> ((Heading) b).atLevel(wanted))));
                  found.add(Finding.onBlock(this, Level.ADVISED, message, path, List.of(fix)));
                }
                before[0] = h.level();
              }
            });
    return found;
  }
}
