package app.blenner.server.outside;

import app.blenner.core.outside.LinkAnswer;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A place elsewhere that items lead to, and how it answered. */
@Entity
@Table(name = "outside_link")
class OutsideLinkEntity {
  /** The SHA-256 of its address. */
  @Id String id;

  String address;
  String host;

  /** When it is to be asked next. */
  Instant askAt;

  /** When it was asked last, or null. */
  Instant askedAt;

  /** What is believed of it; null while it has not been asked. */
  @Enumerated(EnumType.STRING)
  LinkAnswer.Verdict verdict;

  String said = "";
  String leadsTo = "";
  boolean secure;

  /** How many rounds in a row gave nothing sure. */
  int failures;

  LinkAnswer answer() {
    return new LinkAnswer(verdict, said, leadsTo, secure, askedAt);
  }
}
