package app.blenner.server.file;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Duration;
import java.time.Instant;

@Entity
@Table(name = "stored_file")
class StoredFileEntity {
  @Id String hash;
  String givenHash;
  String mediaType;
  long bytes;
  int width;
  int height;
  int orientation;
  int frames;
  long playsMillis;
  int pages;
  Instant keptAt;

  /** The number of who brought it; null where nobody knows, or the server did. */
  Long keptBy;

  StoredFile view() {
    return new StoredFile(
        hash,
        mediaType,
        bytes,
        width,
        height,
        orientation,
        frames,
        Duration.ofMillis(playsMillis),
        pages);
  }
}
