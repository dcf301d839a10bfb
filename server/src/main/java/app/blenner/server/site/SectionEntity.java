package app.blenner.server.site;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

@Entity
@Table(name = "section")
class SectionEntity {
  @Id String slug;

  /** Not set where there is none yet: of two who add one at once the second is told. */
  @Version Long revision;

  String name;
  String description;
  int place;

  /** As JSON. */
  @Column(columnDefinition = "text")
  String topics = "[]";
}
