package app.blenner.server.file;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;

@Entity
@Table(name = "rendition")
class RenditionEntity {

  /** Which file it is made of, and how. */
  @Embeddable
  record Key(String source, String operation) implements Serializable {}

  @EmbeddedId Key key;
  String hash;
  String mediaType;
  long bytes;
  int width;
  int height;
  Instant madeAt;
}
