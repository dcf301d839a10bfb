package app.blenner.core.preflight;

import app.blenner.core.item.Content;
import java.util.List;

/** An item has a title. */
public final class TitleRequired implements Rule {
  @Override
  public String id() {
    return "title-required";
  }

  @Override
  public String why() {
    return "Readers find a page by its title, and its address is made from it.";
  }

  @Override
  public String reference() {
    return "WCAG 2.2, success criterion 2.4.2 Page Titled";
  }

  @Override
  public String need(int count) {
    return "a title";
  }

  @Override
  public List<Finding> check(Content content) {
    return content.title().isEmpty()
        ? List.of(
            Finding.onField(
                this,
                Level.MUST_FIX,
                "The item has no title.",
                "title",
                List.of(Fix.ask("Write one", "title"))))
        : List.of();
  }
}
