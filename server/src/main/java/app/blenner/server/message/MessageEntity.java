package app.blenner.server.message;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;

@Entity
@Table(name = "message")
class MessageEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  @Version long revision;

  String itemKey;
  String itemTitle;
  Instant receivedAt;

  @Column(columnDefinition = "text")
  String answers;

  @Column(columnDefinition = "text")
  String letter;

  @Column(name = "is_read")
  boolean read;
}
