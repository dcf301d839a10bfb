package app.blenner.core.preflight;

import app.blenner.core.document.Picture;
import app.blenner.core.item.Content;
import java.util.ArrayList;
import java.util.List;

/** Somebody has decided about every picture that lies on another site. */
public final class PictureElsewhere implements Rule {
  @Override
  public String id() {
    return "picture-elsewhere";
  }

  @Override
  public String why() {
    return "A picture on another site can change or vanish there, and that site learns who reads this page. Until you"
        + " decide, readers get a link to it.";
  }

  @Override
  public String reference() {
    return "Common practice; General Data Protection Regulation, article 25";
  }

  @Override
  public String need(int count) {
    return "a decision about "
        + (count == 1 ? "one picture on another site" : count + " pictures on other sites");
  }

  @Override
  public List<Finding> check(Content content) {
    List<Finding> found = new ArrayList<>();
    content
        .body()
        .walk(
            (path, block) -> {
              if (block instanceof Picture p && p.pending()) {
                found.add(
                    Finding.onBlock(
                        this,
                        Level.MUST_FIX,
                        "This picture lies on "
                            + p.source().host()
                            + ", and nobody has decided about it.",
                        path,
                        List.of(
                            Fix.ask("Take it into Assets", "elsewhere"),
                            Fix.make(
                                "Keep it there",
                                c ->
                                    c.withBody(
                                        c.body()
                                            .change(
                                                path, b -> ((Picture) b).withPending(false)))))));
              }
            });
    return found;
  }
}
