package app.blenner.server.item.links;

import app.blenner.core.document.Document;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Pieces of text that were made ready for others to begin with or to drop in. */
public interface SnippetSource {
  /** Those of these numbers that there are. */
  List<Document> piecesOf(Collection<Long> numbers);

  /** What a piece holds that is linked by this key. */
  Optional<Document> findPiece(String key);

  /** The keys of all that can be linked. */
  Set<String> keys();
}
