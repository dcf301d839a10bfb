package app.blenner.server.item.links;

import app.blenner.core.item.Content;
import app.blenner.core.kind.Kind;
import app.blenner.server.item.store.ItemText;
import app.blenner.server.item.store.KeptOfText;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** The one place that tells what is kept of texts when one is written, hidden from readers or forgotten. */
@Component
public class ItemTexts {
  private final List<KeptOfText> kept;
  private final LinkedPieces pieces;

  ItemTexts(List<KeptOfText> kept, LinkedPieces pieces) {
    this.kept = kept;
    this.pieces = pieces;
  }

  /** A text was written: the working copy, or what readers see. */
  public void written(String itemKey, boolean forReaders, Kind kind, Content content) {
    ItemText text = new ItemText(itemKey, forReaders, kind, content, pieces.withPieces(content));
    kept.forEach(k -> k.written(text));
  }

  /** Readers see nothing of an item any more. */
  public void hidden(String itemKey) {
    kept.forEach(k -> k.hidden(itemKey));
  }

  /** An item goes. */
  public void forgotten(String itemKey) {
    kept.forEach(k -> k.forgotten(itemKey));
  }

  /** All items go. */
  public void clear() {
    kept.forEach(KeptOfText::clear);
  }

  /** The rows of a text of which nothing is kept yet. */
  public List<Object> rowsOf(ItemText text) {
    List<Object> out = new ArrayList<>();
    kept.forEach(k -> out.addAll(k.rowsOf(text)));
    return out;
  }
}
