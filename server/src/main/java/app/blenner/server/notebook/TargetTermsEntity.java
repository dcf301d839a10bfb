package app.blenner.server.notebook;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** The words and phrases an item is to use, a line each. */
@Entity
@Table(name = "target_terms")
class TargetTermsEntity {
  @Id String itemKey;

  /** Not set where there is none yet: two who make the first one at once are not to overwrite each other. */
  @Version Long revision;

  @Column(columnDefinition = "text")
  String terms = "";
}
