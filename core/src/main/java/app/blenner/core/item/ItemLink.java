package app.blenner.core.item;

import app.blenner.core.document.Address;
import app.blenner.core.document.Block;
import app.blenner.core.document.BlockLinks;
import app.blenner.core.document.Document;
import app.blenner.core.document.ItemList;
import app.blenner.core.document.ItemReference;
import app.blenner.core.document.RelatedItems;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * That an item leads to another.
 *
 * @param target the key of that other
 * @param place by what
 */
public record ItemLink(String target, Place place) {

  /** By what an item can lead to another. */
  public enum Place {
    /** A link in its text. */
    LINK("a link"),
    /** A list of items in its text. */
    LIST("a list in its text"),
    /** A field of its own. */
    FIELD("a field");

    private final String label;

    Place(String label) {
      this.label = label;
    }

    /** Its name as people read it. */
    public String label() {
      return label;
    }
  }

  /** All items a text leads to, each place of each once. */
  public static Set<ItemLink> linksIn(Document body) {
    Set<ItemLink> out = new LinkedHashSet<>();
    body.each(block -> linksIn(block, out));
    return out;
  }

  private static void linksIn(Block block, Set<ItemLink> out) {
    if (block instanceof RelatedItems r) {
      list(r.items(), out);
    } else if (block instanceof ItemList l && l.source() instanceof ItemList.Picked picked) {
      list(picked.items(), out);
    }
    BlockLinks.of(block).forEach(l -> add(l.address(), Place.LINK, out));
  }

  private static void list(List<ItemReference> items, Set<ItemLink> out) {
    items.forEach(i -> add(i.item(), Place.LIST, out));
  }

  private static void add(Address address, Place place, Set<ItemLink> out) {
    if (address != null && address.kind() == Address.Kind.ITEM) {
      out.add(new ItemLink(address.itemKey(), place));
    }
  }
}
