package app.blenner.server.message;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;

@Entity
@Table(name = "message")
class MessageEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  Long id;

  String itemKey;
  String itemTitle;
  Instant receivedAt;
  @Lob String answers;
  @Lob String letter;

  @Column(name = "is_read")
  boolean read;
}
