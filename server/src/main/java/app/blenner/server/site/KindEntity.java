package app.blenner.server.site;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** A kind of item. */
@Entity
@Table(name = "kind")
class KindEntity {
  @Id String name;

  /** Not set where there is none yet: two who make one of the same name at once are told. */
  @Version Long revision;

  int place;

  /** What {@link app.blenner.core.kind.Kinds} makes of it, as JSON. */
  @Column(columnDefinition = "text")
  String written;
}
