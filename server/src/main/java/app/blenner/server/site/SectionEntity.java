package app.blenner.server.site;

import app.blenner.core.site.Section;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

@Entity
@Table(name = "section")
class SectionEntity {
  @Id String slug;
  String name;
  String description;
  int place;

  Section toSection() {
    return new Section(slug, name, description);
  }
}
