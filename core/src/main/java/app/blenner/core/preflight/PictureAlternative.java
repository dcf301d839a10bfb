package app.blenner.core.preflight;

import app.blenner.core.document.Picture;
import app.blenner.core.item.Content;
import java.util.ArrayList;
import java.util.List;

/** Somebody has said of every picture what it shows, or that it is decorative. */
public final class PictureAlternative implements Rule {
  @Override
  public String id() {
    return "picture-alternative";
  }

  @Override
  public String why() {
    return "People who cannot see it hear only “picture”.";
  }

  @Override
  public String reference() {
    return "WCAG 2.2, success criterion 1.1.1 Non-text Content; techniques H37 and H67";
  }

  @Override
  public String need(int count) {
    return "alternative text on " + (count == 1 ? "one picture" : count + " pictures");
  }

  @Override
  public List<Finding> check(Content content) {
    List<Finding> found = new ArrayList<>();
    content
        .body()
        .walk(
            (path, block) -> {
              if (block instanceof Picture p && p.alternative() == null) {
                Fix decorative =
                    Fix.make(
                        "It is decorative",
                        c ->
                            c.withBody(
                                c.body().change(path, b -> ((Picture) b).withAlternative(""))));
                found.add(
                    Finding.onBlock(
                        this,
                        Level.MUST_FIX,
                        "This picture has no alternative text.",
                        path,
                        p.link() == null
                            ? List.of(Fix.ask("Write it", "alternative"), decorative)
                            : List.of(Fix.ask("Write it", "alternative"))));
              }
            });
    return found;
  }
}
