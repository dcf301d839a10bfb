package app.blenner.core.item;

import app.blenner.core.document.Address;
import app.blenner.core.document.PlainText;
import java.util.List;

/**
 * A file that goes with an item.
 *
 * @param asset name of the asset
 * @param words what it is, for readers; its name where nobody said so
 */
public record Attachment(String asset, String words) {
  public Attachment {
    words = PlainText.toLine(words);
    words = words.isEmpty() ? asset : words;
  }

  /** Those that name an asset, each asset once, in their order. */
  static List<Attachment> tidyAll(List<Attachment> given) {
    return given.stream()
        .filter(a -> Address.isAssetName(a.asset))
        .filter(a -> given.stream().filter(b -> b.asset.equals(a.asset)).findFirst().get() == a)
        .toList();
  }
}
