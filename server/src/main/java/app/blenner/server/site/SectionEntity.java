package app.blenner.server.site;

import app.blenner.core.site.SectionList;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
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

  String parent = "";
  String step;
  String picture = "";

  @Enumerated(EnumType.STRING)
  SectionList.Order listOrder = SectionList.Order.NEWEST;

  /** As JSON. */
  @Column(columnDefinition = "text")
  String picked = "[]";

  int pageSize = SectionList.NEWEST.size();
  String composed = "";
  boolean listed = true;

  /** As JSON. */
  @Column(columnDefinition = "text")
  String publishers = "[]";

  /** Where its items went when it was given up; null for one that is there. */
  String goneTo;
}
