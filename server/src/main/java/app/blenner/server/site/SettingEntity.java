package app.blenner.server.site;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** The one row that says what the site is called. */
@Entity
@Table(name = "site_setting")
class SettingEntity {
  @Id int id;

  @Version long revision;

  String name;
  String tagline;
  String language;

  @Column(columnDefinition = "text")
  String house = "";

  @Column(columnDefinition = "text")
  String embedHosts = "";

  @Column(columnDefinition = "text")
  String referenceLinks = "";

  @Column(columnDefinition = "text")
  String mergeFields = "";

  /** What the site asks of its items, as JSON; empty where it has set nothing. */
  @Column(columnDefinition = "text")
  String rules = "";

  String contactAddress = "";

  /** Where readers find the site; empty while nobody has said. */
  String address = "";

  @Column(columnDefinition = "text")
  String fetchHosts = "*";

  /** As JSON; empty as long as nobody has made one. */
  @Column(columnDefinition = "text")
  String menus = "";

  /** Key of the item that is on the front page, or empty. */
  String front = "";

  boolean frontListed = true;
}
