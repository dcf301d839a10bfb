package app.blenner.server.notebook;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

/** The words and phrases an item is to use, a line each. */
@Entity
@Table(name = "target_terms")
class TargetTermsEntity {
  @Id String itemKey;

  @Lob String terms = "";
}
