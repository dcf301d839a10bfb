package app.blenner.core.document;

/**
 * Another item of the site.
 *
 * @param item its address
 * @param label its title at the time it was picked, shown where the page is not rendered
 */
public record ItemReference(Address item, String label) {
  public ItemReference {
    if (item == null || item.kind() != Address.Kind.ITEM) {
      throw new IllegalArgumentException("not the address of an item: " + item);
    }
    label = PlainText.toLine(label);
  }
}
