package app.blenner.server.file;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Duration;

@Entity
@Table(name = "picture_look")
class PictureLookEntity {
  @Id String hash;
  int version;
  long movesMillis;
  boolean words;

  PictureInspection view() {
    return new PictureInspection(Duration.ofMillis(movesMillis), words);
  }
}
