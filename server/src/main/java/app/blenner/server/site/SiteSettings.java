package app.blenner.server.site;

import app.blenner.server.change.ChangeBus;
import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;

/** The one row that holds the settings of the site, for the services that each look after a part of it. */
@Component
class SiteSettings {
  private static final int ONLY = 1;

  private final SettingRepository settings;
  private final EntityManager entities;
  private final ChangeBus changes;

  SiteSettings(SettingRepository settings, EntityManager entities, ChangeBus changes) {
    this.entities = entities;
    this.settings = settings;
    this.changes = changes;
  }

  /** The settings as they are; those of a new site where nothing was set yet. */
  SettingEntity get() {
    return settings.findById(ONLY).orElseGet(SiteSettings::ofNewSite);
  }

  /** Changes settings that readers see something of. */
  void change(Consumer<SettingEntity> change) {
    changeQuietly(change);
    changes.publish(new SiteChanged());
  }

  /** Changes settings that readers see nothing of. */
  void changeQuietly(Consumer<SettingEntity> change) {
    SettingEntity setting = get();
    change.accept(setting);
    settings.save(setting);
  }

  /** Lets nobody else change what only one may change at a time, until the transaction ends: how sections stand. */
  void hold() {
    if (!settings.existsById(ONLY)) {
      settings.save(ofNewSite());
    }
    entities.flush();
    entities.find(SettingEntity.class, ONLY, LockModeType.PESSIMISTIC_FORCE_INCREMENT);
  }

  static SettingEntity ofNewSite() {
    SettingEntity made = new SettingEntity();
    made.id = ONLY;
    made.name = "A new site";
    made.tagline = "";
    made.language = "en";
    return made;
  }
}
