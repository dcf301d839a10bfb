package app.blenner.server.outline;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface OutlineRepository extends JpaRepository<OutlineEntity, Long> {
  List<OutlineEntity> findAllByOrderByName();

  /** Those in whose text as it is kept some words stand. */
  List<OutlineEntity> findAllByBodyContainingOrderByName(String words);

  Optional<OutlineEntity> findByPieceKeyAndSnippetTrue(String pieceKey);

  @Query("select o.pieceKey from OutlineEntity o where o.snippet = true")
  List<String> pieceKeys();
}
