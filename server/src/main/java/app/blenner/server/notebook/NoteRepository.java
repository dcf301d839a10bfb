package app.blenner.server.notebook;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface NoteRepository extends JpaRepository<NoteEntity, Long> {
  List<NoteEntity> findAllByItemKeyOrderByPlace(String itemKey);

  void deleteAllByItemKey(String itemKey);
}
