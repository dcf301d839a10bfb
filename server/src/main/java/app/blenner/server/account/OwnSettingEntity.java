package app.blenner.server.account;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

@Entity
@Table(name = "own_setting")
class OwnSettingEntity {
  /** The account and the name, with a stroke between. */
  @Id String id;

  long accountId;
  String name;

  /** The setting as JSON. */
  @Column(columnDefinition = "text")
  String written;
}
