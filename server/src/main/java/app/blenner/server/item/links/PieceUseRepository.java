package app.blenner.server.item.links;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface PieceUseRepository extends JpaRepository<PieceUseEntity, PieceUseEntity.Key> {
  List<PieceUseEntity> findAllByItemKeyAndForReaders(String itemKey, boolean forReaders);

  @Modifying
  @Query("delete from PieceUseEntity u where u.itemKey = :itemKey")
  void forget(String itemKey);

  @Modifying
  @Query("delete from PieceUseEntity u where u.itemKey = :itemKey and u.forReaders = :forReaders")
  void forget(String itemKey, boolean forReaders);

  @Query(
      "select distinct u.itemKey from PieceUseEntity u where u.piece = :piece order by u.itemKey")
  List<String> items(String piece, Limit limit);

  @Query("select distinct u.itemKey from PieceUseEntity u order by u.itemKey")
  List<String> itemsWithPieces();

  @Query("select count(distinct u.itemKey) from PieceUseEntity u where u.piece = :piece")
  long count(String piece);
}
