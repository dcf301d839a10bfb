package app.blenner.core.format.html;

import app.blenner.core.document.Address;
import app.blenner.core.document.ItemReference;
import java.util.List;
import java.util.function.Function;

/** A title with items below it, as lists of items have them in the stored form. */
final class TitledItems {
  private TitledItems() {}

  /** Writes them; nothing where there is neither. */
  static void write(
      HtmlOut out, String title, List<ItemReference> items, Function<Address, String> href) {
    if (!title.isEmpty()) {
      out.line();
      out.tag("p").text(title).close("p");
    }
    if (!items.isEmpty()) {
      out.line();
      out.tag("ul");
      for (ItemReference item : items) {
        out.line();
        out.tag("li").open("a").attribute("href", href.apply(item.item())).endOpen();
        out.text(item.label()).close("a");
        out.close("li");
      }
      out.line();
      out.close("ul");
    }
    if (!title.isEmpty() || !items.isEmpty()) {
      out.line();
    }
  }
}
