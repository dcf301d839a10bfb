package app.blenner.server.item;

import app.blenner.core.document.Document;
import java.util.List;

/** Pieces of text that were made ready for others to begin with or to drop in. */
public interface ReadyMade {
  /** Those for items of a kind. */
  List<Document> pieces(String kind);
}
