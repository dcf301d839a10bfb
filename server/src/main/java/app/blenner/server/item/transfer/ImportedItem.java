package app.blenner.server.item.transfer;

import app.blenner.core.archive.PackedItem;
import app.blenner.core.document.Address;
import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.core.rule.AssetFacts;
import app.blenner.server.account.Account;
import app.blenner.server.find.FoundItem;
import app.blenner.server.version.Versions;
import java.util.Collection;
import java.util.List;
import java.util.Map;

/**
 * An item that is brought in, as rows to be written.
 *
 * @param versions its states, each once
 * @param rows all else of it but for where it leads elsewhere
 * @param elsewhere the places elsewhere that it leads to
 * @param found the item as it is looked for
 */
record ImportedItem(
    PackedItem packed,
    List<Versions.Unkept> versions,
    List<Object> rows,
    Collection<Address> elsewhere,
    List<FoundItem> found) {

  /**
   * An item before it is worked out.
   *
   * @param addresses the rows of its addresses
   * @param whole its working copy with what its pieces hold
   * @param wholeLive what is or was live of it with what its pieces hold; null where nothing ever was
   * @param facts what is known of the assets it uses
   */
  record Given(
      PackedItem packed,
      Account owner,
      Kind kind,
      Collection<?> addresses,
      Content whole,
      Content wholeLive,
      Map<String, AssetFacts> facts) {}
}
