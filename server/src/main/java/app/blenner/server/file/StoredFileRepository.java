package app.blenner.server.file;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface StoredFileRepository extends JpaRepository<StoredFileEntity, String> {
  List<StoredFileEntity> findAllByGivenHash(String givenHash);
}
