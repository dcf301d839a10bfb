package app.blenner.server.item;

import app.blenner.core.document.Document;
import java.util.Collection;
import java.util.List;

/** Pieces of text that were made ready for others to begin with or to drop in. */
public interface ReadyMade {
  /** Those of these numbers that there are. */
  List<Document> pieces(Collection<Long> numbers);
}
