package app.blenner.server.site;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

@Entity
@Table(name = "section")
class SectionEntity {
  @Id String slug;
  String name;
  String description;
  int place;

  /** As JSON. */
  @Lob String topics = "[]";
}
