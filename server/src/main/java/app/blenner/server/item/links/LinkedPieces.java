package app.blenner.server.item.links;

import app.blenner.core.document.Document;
import app.blenner.core.item.Content;
import app.blenner.core.piece.Pieces;
import app.blenner.server.account.AccountService;
import app.blenner.server.item.store.ItemRepository;
import app.blenner.server.item.store.ItemText;
import app.blenner.server.item.store.KeptOfText;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Where pieces that are kept once stand in the items. */
@Service
@Transactional
public class LinkedPieces implements KeptOfText {
  private static final int TOLD = 50;

  /**
   * Where a piece stands.
   *
   * @param items how many items link it
   * @param some the first of them
   */
  public record PieceUses(long items, List<UsingItem> some) {}

  /** An item that links a piece. */
  public record UsingItem(String key, String title) {}

  private final PieceUseRepository uses;
  private final ItemRepository items;
  private final List<SnippetSource> ready;

  LinkedPieces(PieceUseRepository uses, ItemRepository items, List<SnippetSource> ready) {
    this.uses = uses;
    this.items = items;
    this.ready = ready;
  }

  /** A content with what its pieces hold in their places. */
  public Content withPieces(Content content) {
    return Pieces.keysIn(content.body()).isEmpty()
        ? content
        : content.withBody(Pieces.fillIn(content.body(), this::pieceOf));
  }

  private Optional<Document> pieceOf(String key) {
    return ready.stream().flatMap(r -> r.findPiece(key).stream()).findFirst();
  }

  /** The keys of all pieces that can be linked. */
  public Set<String> keys() {
    return ready.stream().flatMap(r -> r.keys().stream()).collect(Collectors.toSet());
  }

  @Override
  public void written(ItemText text) {
    Set<String> now = Pieces.keysIn(text.content().body());
    Set<String> before =
        uses.findAllByItemKeyAndForReaders(text.itemKey(), text.forReaders()).stream()
            .map(u -> u.piece)
            .collect(Collectors.toCollection(HashSet::new));
    if (now.equals(before)) {
      return; // nearly every save
    }
    uses.forget(text.itemKey(), text.forReaders());
    uses.saveAll(entities(text, now));
  }

  @Override
  @Transactional(propagation = Propagation.SUPPORTS)
  public Collection<?> rowsOf(ItemText text) {
    return entities(text, Pieces.keysIn(text.content().body()));
  }

  private static List<PieceUseEntity> entities(ItemText text, Set<String> pieces) {
    List<PieceUseEntity> out = new ArrayList<>();
    for (String piece : pieces) {
      PieceUseEntity entity = new PieceUseEntity();
      entity.itemKey = text.itemKey();
      entity.forReaders = text.forReaders();
      entity.piece = piece;
      out.add(entity);
    }
    return out;
  }

  /** The keys of all items that link any piece, in their working copy or in what readers see. */
  @Transactional(readOnly = true)
  public List<String> itemsWithPieces() {
    return uses.itemsWithPieces();
  }

  @Override
  public void forgotten(String itemKey) {
    uses.forget(itemKey);
  }

  @Override
  public void hidden(String itemKey) {
    uses.forget(itemKey, true);
  }

  @Override
  public void clear() {
    uses.deleteAllInBatch();
  }

  /** Where a piece stands. */
  @Transactional(readOnly = true)
  public PieceUses of(String piece) {
    List<UsingItem> some =
        items.findAllById(uses.items(piece, Limit.of(TOLD))).stream()
            .map(i -> new UsingItem(i.itemKey, i.titleFor(AccountService.current())))
            .toList();
    return new PieceUses(uses.count(piece), some);
  }

  /** Has the items looked over again that link a piece: what can be found in them has changed. */
  public void noteChanged(String piece) {
    items.lookAnewAtLinking(piece);
  }
}
