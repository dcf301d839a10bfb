package app.blenner.server.site;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

/** The one row that says what the site is called. */
@Entity
@Table(name = "site_setting")
class SettingEntity {
  @Id int id;
  String name;
  String tagline;
  String language;

  @Lob String house = "";

  @Lob String embedHosts = "";

  String contactAddress = "";

  @Lob String fetchHosts = "*";
}
