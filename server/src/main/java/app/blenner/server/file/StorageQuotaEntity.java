package app.blenner.server.file;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** The one row that says how much may be kept. */
@Entity
@Table(name = "storage_quota")
class StorageQuotaEntity {
  static final int ONLY = 1;

  @Id int id = ONLY;

  @Version long revision;

  long siteBytes;
  long personBytes;
}
