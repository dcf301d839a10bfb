package app.blenner.server.toolset;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** A toolset. */
@Entity
@Table(name = "toolset")
class ToolsetEntity {
  @Id String name;

  /** Not set where there is none yet: two who make one of the same name at once are told. */
  @Version Long revision;

  /** What people call it, in small letters, which only one has. */
  String labelKey;

  /** What {@link app.blenner.core.toolset.ToolsetData} makes of it, as JSON. */
  @Column(columnDefinition = "text")
  String written;
}
